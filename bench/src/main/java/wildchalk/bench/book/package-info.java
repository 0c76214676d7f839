/**
 * A book of ten thousand drills: how soon it is there, how fast it is searched and turned over, what it takes. Never a
 * coach's own book.
 */
package wildchalk.bench.book;
