/** What a hand-out will look like, made by whatever makes it. Never keeps a file. */
package wildchalk.handout.preview;
