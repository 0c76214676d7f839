/**
 * An evening: its slot, who is there, what there is to set out, and blocks one after another; what comes between them,
 * and how it fits. Roles and counts, never people by name.
 */
package wildchalk.core.practice;
