/**
 * The board as it is painted: its layers, nearer and farther, and the corner where a card lies. Never what a hand does
 * with it.
 */
package wildchalk.desktop.board.canvas;
