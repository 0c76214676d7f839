/**
 * The reaction strip under the board: who does what when, and its hand. Never how times come about: that is the
 * rehearsal's.
 */
package wildchalk.desktop.board.strip;
