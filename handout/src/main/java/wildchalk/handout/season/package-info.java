/** The report of a season: a page a month, with pictures and figures. Never the sums, and never what was noted. */
package wildchalk.handout.season;
