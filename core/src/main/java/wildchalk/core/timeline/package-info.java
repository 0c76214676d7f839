/**
 * What came of a rehearsal: who is where when, what happens and what does not. Everything that paints, tells or
 * measures begins with a {@link wildchalk.core.timeline.Play}. Never works anything out that would change what happens.
 */
package wildchalk.core.timeline;
