/**
 * The set-out sheet: where each piece of gear goes, measured from what can be found on the ground, in the order of a
 * short walk. Never places anything itself.
 */
package wildchalk.core.setout;
