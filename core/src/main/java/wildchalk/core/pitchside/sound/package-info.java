/** What signals sound like, as numbers. Never what plays them. */
package wildchalk.core.pitchside.sound;
