/**
 * What happens to books in the wild, made to happen often: programs that are killed, files that are damaged, drill
 * files that are garbled. Never touches a coach's own book.
 */
package wildchalk.bench.hardship;
