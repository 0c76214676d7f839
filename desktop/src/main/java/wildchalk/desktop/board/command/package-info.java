/**
 * The one list of what a hand can do on the Board: its name, its keys and what the help card says of it. Keys, the find
 * card and the help card all ask it. Never knows how something is done.
 */
package wildchalk.desktop.board.command;
