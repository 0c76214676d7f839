/**
 * What a moment of a drill looks like: an ordered list of a few kinds of shapes in metres with named inks, the same for
 * screen and paper. Never counts pixels and knows no toolkit; brushes elsewhere paint it.
 */
package wildchalk.core.scene;
