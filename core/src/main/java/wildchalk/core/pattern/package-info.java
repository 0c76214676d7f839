/** Many pieces put down at once in a figure: lines, boxes, circles, rows. Never knows a window. */
package wildchalk.core.pattern;
