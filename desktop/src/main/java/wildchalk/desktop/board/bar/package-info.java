/**
 * Bars of buttons round the board: the ledge, the controls, the chips, the foot of the window, and words that lie over
 * it. Never what the board paints.
 */
package wildchalk.desktop.board.bar;
