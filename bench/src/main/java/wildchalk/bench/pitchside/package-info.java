/**
 * A practice that is run for real: how exact its clock is, how soon it is heard, what it costs, and what a kill loses.
 */
package wildchalk.bench.pitchside;
