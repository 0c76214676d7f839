/**
 * The cards that lie in the corner of the board, and what lies beside a chosen line: what can be said of one thing, in
 * words and numbers. Never what moves with the mouse.
 */
package wildchalk.desktop.board.card;
