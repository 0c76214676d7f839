/**
 * The call sheet beside the board: the drill in words, to be read, clicked and changed; and the set-out sheet in its
 * place. Never a word of its own: those are the core's.
 */
package wildchalk.desktop.board.sheet;
