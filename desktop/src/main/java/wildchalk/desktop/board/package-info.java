/**
 * The Board: call sheet, board, tray, strip and ladder, three views of one drill that always agree because all of them
 * show one {@link wildchalk.desktop.board.state.BoardState}. Never works out times itself.
 */
package wildchalk.desktop.board;
