/** What counts in a game, and what it is worth, as it is said. Never what was counted. */
package wildchalk.core.score;
