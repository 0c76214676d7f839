/** What is wanted of a hand-out, the drill worked out for it, and how a file is put where it belongs. Never paints. */
package wildchalk.handout.order;
