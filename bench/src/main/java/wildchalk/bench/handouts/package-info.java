/** How long hand-outs take to make. Never part of the program. */
package wildchalk.bench.handouts;
