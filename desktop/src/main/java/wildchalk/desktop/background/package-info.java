/** Work done beside the window's thread, and told there when it is done or went wrong. Never touches what is shown. */
package wildchalk.desktop.background;
