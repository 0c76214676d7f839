/** What the window says to the coach. Never asks anything. */
package wildchalk.desktop.message;
