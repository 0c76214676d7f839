/**
 * What checks look at: every rung of a drill on every way through its reads, with everybody's places read off, balls in
 * flight and those who stand in line; and what they say of it ({@link wildchalk.core.check.rep.Spotted}). Never a rule
 * of what is good or bad.
 */
package wildchalk.core.check.rep;
