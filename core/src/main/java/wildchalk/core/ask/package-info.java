/**
 * What a coach asks and shows on a frozen board: what somebody sees, which lanes are open, how wide a gap is, who is
 * sooner where, how many there are on each side of the ball. It reads a timeline; it never changes a drill and paints
 * nothing.
 */
package wildchalk.core.ask;
