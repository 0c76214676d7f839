/**
 * What a board knows: the document, what of it is shown, the moment, the way through it, how it is looked at, what is
 * chosen and in the hand. Never a control or a canvas, and never a rule of the game: those are the core's.
 */
package wildchalk.desktop.board.state;
