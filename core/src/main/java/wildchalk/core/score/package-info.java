/** What counts in a game, what it is worth, and what else is said aloud, as a coach says it. Never what was counted. */
package wildchalk.core.score;
