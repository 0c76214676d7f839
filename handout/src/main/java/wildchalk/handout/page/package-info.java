/**
 * The page: one HTML file that plays a drill wherever there is a browser, and fetches nothing. Never decides what
 * happens in a drill.
 */
package wildchalk.handout.page;
