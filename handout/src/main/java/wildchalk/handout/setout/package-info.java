/** The set-out sheet as pages to print. Never works out a measurement. */
package wildchalk.handout.setout;
