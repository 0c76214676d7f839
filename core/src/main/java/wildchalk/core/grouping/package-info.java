/**
 * Dividing people into groups: what is wanted, how good a division is, the best there is, and why what was wished for
 * cannot be had. Never who they are beyond what counts for it: they are ids with a strength, positions and a side.
 */
package wildchalk.core.grouping;
