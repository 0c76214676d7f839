/**
 * How a rung is told in pictures of a few beats each, as a coach would rub the board clean in between. Never paints,
 * and says nothing that the script does not say.
 */
package wildchalk.core.phase;
