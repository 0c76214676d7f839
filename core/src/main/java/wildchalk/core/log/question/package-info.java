/**
 * Questions of a coach in words, answered from the log: one small class each, found through one list. Never: the sums
 * themselves, and how an answer is drawn.
 */
package wildchalk.core.log.question;
