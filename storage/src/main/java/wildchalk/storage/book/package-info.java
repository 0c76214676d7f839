/**
 * The coach's collection: one SQLite file (docs/format/book.md), with its old versions, its copies and its search.
 * Every edit is one transaction. What goes wrong is told in a coach's words. Never shows anything, never decides when
 * to keep something, and never repairs: a damaged file is left alone.
 */
package wildchalk.storage.book;
