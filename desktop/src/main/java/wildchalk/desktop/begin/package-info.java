/**
 * Where drills begin: on a surface that is chosen by looking, with people set down on it, from a starter, or from one
 * that is there. Makes a drill and hands it over; keeps none itself.
 */
package wildchalk.desktop.begin;
