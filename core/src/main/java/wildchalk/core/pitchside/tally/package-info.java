/** What was counted for whom, and what it is worth. Worked out of what was done; never kept beside it. */
package wildchalk.core.pitchside.tally;
