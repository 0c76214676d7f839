/**
 * What a stroke of chalk means: from points drawn by hand to an action with its cue. Never handles mouse or keys and
 * never changes a drill itself.
 */
package wildchalk.core.stroke;
