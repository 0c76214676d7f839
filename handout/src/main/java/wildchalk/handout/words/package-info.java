/** A drill as plain text, for a message. Never lays anything out. */
package wildchalk.handout.words;
