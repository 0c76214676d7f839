/** Files that go out of the program and come in, off the window's thread. Never decides what is in them. */
package wildchalk.desktop.exchange;
