/**
 * What is known of a drill at a glance, and choosing among thousands by it: filters, order, likeness, and the texts
 * that a search goes through. Never reads files and never searches texts itself.
 */
package wildchalk.core.catalogue;
