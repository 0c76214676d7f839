/** What the computer itself says and sounds. Never when, and never what it means. */
package wildchalk.desktop.sound;
