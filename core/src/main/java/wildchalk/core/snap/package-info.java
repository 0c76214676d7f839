/**
 * Where a hand means when it is near something: landmarks, lines, gear, round distances and angles, the grid; always
 * with the reason in words. Never moves a piece.
 */
package wildchalk.core.snap;
