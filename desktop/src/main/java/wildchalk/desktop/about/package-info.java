/**
 * What the program is, what others made of it, and where it keeps things. Says nothing of what a coach has drawn, and
 * never changes anything by itself.
 */
package wildchalk.desktop.about;
