/** The ladder at the side of the board: its rungs, their pictures and what can be done with them. */
package wildchalk.desktop.board.ladder;
