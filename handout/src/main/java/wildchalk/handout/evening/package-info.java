/** An evening on paper and on phones: run sheet, page, calendar, lists. Never works out what stands on them. */
package wildchalk.handout.evening;
