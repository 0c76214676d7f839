/**
 * Running a practice by the clock, as a pure machine: what is on, what was done, and what time makes of it. The time is
 * given to it; it never reads a clock, makes a sound or writes a file.
 */
package wildchalk.core.pitchside;
