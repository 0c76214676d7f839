/**
 * The rules of a rung in phrases, each with all that could be said instead: what whoever lists them needs. Never what a
 * rule does, which the rehearsal knows, nor any interface.
 */
package wildchalk.core.ruling;
