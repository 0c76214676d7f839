/** Counts the frames of the real window under load. Never part of the program. */
package wildchalk.bench.frames;
