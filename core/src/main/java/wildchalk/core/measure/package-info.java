/** Lengths and times in a coach's units and words. Never works out a position. */
package wildchalk.core.measure;
