/**
 * The first minute, in the real window: what to do, one thing after the other, each waiting for the hand. It watches
 * the board and never does anything on it; nothing of it is in the book unless the coach keeps it.
 */
package wildchalk.desktop.showme;
