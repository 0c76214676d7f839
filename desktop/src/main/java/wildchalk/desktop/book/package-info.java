/** The Book: every drill as a card. Never edits what is inside a drill. */
package wildchalk.desktop.book;
