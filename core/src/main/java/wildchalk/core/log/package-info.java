/**
 * Evenings as they were: what was done, for how long, by whom and with what result, and what it adds up to. People are
 * in it by ids that only a squad knows. Never: how it is drawn, files, and the clock.
 */
package wildchalk.core.log;
