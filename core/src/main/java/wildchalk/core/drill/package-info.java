/**
 * What a drill is: pieces, actions and cues on a ladder of stages, as immutable values. Never works out times, never
 * paints, and knows of no file.
 */
package wildchalk.core.drill;
