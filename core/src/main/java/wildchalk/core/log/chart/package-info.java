/**
 * How what the log adds up to is drawn and set in tables: marks with words, in dots from the top left, and rows of
 * figures. Screen, page and file only paint and write it. Never: sums, colours, windows.
 */
package wildchalk.core.log.chart;
