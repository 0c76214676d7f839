/** The Java2D brush: paints a scene wherever Java2D can draw. Never decides what is in the picture. */
package wildchalk.handout.paint;
