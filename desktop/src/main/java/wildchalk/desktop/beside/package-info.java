/** Work done beside the window's thread, and told there when it is done. Never touches what is shown. */
package wildchalk.desktop.beside;

