/**
 * What entries of the log add up to: evenings, weeks, drills, people, pairs, and how what is measured goes over time.
 * Figures of the work that somebody did are worked out of the drills and not measured. Never: names, words and
 * questions, and what time it is.
 */
package wildchalk.core.log.season;
