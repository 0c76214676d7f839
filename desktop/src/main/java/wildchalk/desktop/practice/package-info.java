/**
 * The page of a practice: the column of time, what can be put into it, what is found of it. Never what is worked out
 * and never the book.
 */
package wildchalk.desktop.practice;
