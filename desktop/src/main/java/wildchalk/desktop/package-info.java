/** The JavaFX application: how it starts and where its book is. Never computes what a drill does. */
package wildchalk.desktop;
