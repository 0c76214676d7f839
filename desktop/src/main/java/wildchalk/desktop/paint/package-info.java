/** The screen brush: paints a scene on a canvas. Never decides what is in the picture. */
package wildchalk.desktop.paint;
