/** The Hand out page: what is wanted, how it will look, and how far it is. Never makes a hand-out itself. */
package wildchalk.desktop.handout;
