/** Benchmarks of what must be quick. Never part of the program. */
package wildchalk.bench;
