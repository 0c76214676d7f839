/**
 * The coach's collection: one SQLite file. Every edit is one transaction. What goes wrong is told in a coach's words.
 * Never shows anything and never decides when to keep something.
 */
package wildchalk.storage.book;
