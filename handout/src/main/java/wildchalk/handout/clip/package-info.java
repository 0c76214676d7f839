/**
 * Moving pictures: what is shown when (a reel), how a frame is painted, and the files that phones play. Never decides
 * what happens in a drill.
 */
package wildchalk.handout.clip;
