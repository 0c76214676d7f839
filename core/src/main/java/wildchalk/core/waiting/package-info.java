/**
 * What would cut the waiting in a drill: changes of many kinds, each tried out by playing the drill with it, with what
 * it saves and what it costs. Begin with {@link wildchalk.core.waiting.Helps}. Never a rule of thumb in place of a
 * trial: what is offered was played.
 */
package wildchalk.core.waiting;
