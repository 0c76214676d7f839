/**
 * The search for divisions of many people: what the solver is given, and how long it looks. Never what makes a division
 * good: that is the judge's.
 */
package wildchalk.core.grouping.search;
