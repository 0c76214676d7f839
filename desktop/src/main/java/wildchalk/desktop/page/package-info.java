/**
 * What the window knows of its pages: that they open, close, take keys, can be undone and handed out; and what they may
 * ask of it. Never which pages there are.
 */
package wildchalk.desktop.page;
