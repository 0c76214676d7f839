/** How long the log of five seasons takes. */
package wildchalk.bench.log;
