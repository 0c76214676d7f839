/**
 * How a drill is shown to people: where it stops, what a key goes on to. It knows no window, and it changes no drill.
 */
package wildchalk.core.show;
