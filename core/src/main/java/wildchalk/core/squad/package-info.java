/**
 * The people of a team: who belongs to it, what a coach knows of each, and who is there on an evening. Never how they
 * are divided, and never anything about anybody that a coach does not need: no birth date, no address.
 */
package wildchalk.core.squad;
