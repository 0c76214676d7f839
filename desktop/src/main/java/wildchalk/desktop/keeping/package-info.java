/** Keeps every edit as it is made, off the window's thread, and says when it is kept. Never decides what an edit is. */
package wildchalk.desktop.keeping;
