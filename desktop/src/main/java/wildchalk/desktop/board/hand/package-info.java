/**
 * What the mouse, and the keyboard in its place, do on the board between pressing and letting go: a grip for each.
 * Never a card that asks for words, never a key that is no hand's.
 */
package wildchalk.desktop.board.hand;
