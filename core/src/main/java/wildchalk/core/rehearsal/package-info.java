/**
 * Working a stage out: cues become times, times become positions. Pure, deterministic and total: any stage gives a
 * timeline with its problems beside it, never an exception. Never paints and never changes a drill.
 */
package wildchalk.core.rehearsal;
