/** Shows a drill to people, on the whole screen and on a projector: it is steered by keys and changes nothing. */
package wildchalk.desktop.show;
