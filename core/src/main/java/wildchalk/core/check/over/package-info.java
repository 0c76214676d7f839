/**
 * A drill looked over by all checks: what they find, each thing once and the worst first, without what was left for a
 * reason, and which mends hold when they are tried. Begin with {@link wildchalk.core.check.over.LookOver}.
 */
package wildchalk.core.check.over;
