/**
 * How what is drawn could be otherwise, and what could be drawn besides: each by its words, with the edit that makes it
 * so. Never works out a rep, and knows no window.
 */
package wildchalk.core.otherwise;
