/** The card: a drill on a page or two, to print and to run it from. Never works out what is said or measured. */
package wildchalk.handout.card;
