/**
 * Running a practice by the clock, on the whole screen: the clock, what is on and what comes, what is called and
 * counted. Time and what is done go into the run, nothing else changes it; never works out what comes of them.
 */
package wildchalk.desktop.pitchside;
