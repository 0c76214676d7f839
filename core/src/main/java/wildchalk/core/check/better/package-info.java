/**
 * What could be better in a drill, one small class each: one side only, somebody who never has the ball, waiting, words
 * that are too long. Begin with {@link wildchalk.core.check.better.BetterChecks}. Never what could hurt or cannot
 * happen.
 */
package wildchalk.core.check.better;
