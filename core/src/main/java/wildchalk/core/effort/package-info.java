/**
 * Who people are, how hard they go and how much of it, and the figures of movement that follow from it. Never knows a
 * drill, nor works anything out.
 */
package wildchalk.core.effort;
