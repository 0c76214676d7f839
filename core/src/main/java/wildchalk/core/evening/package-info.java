/**
 * An evening as it is handed on: what stands on a run sheet, in a message and on the list for whoever loads the car.
 * Never: how it is drawn or printed, and what is known of people beyond the names that were asked for.
 */
package wildchalk.core.evening;
