/** The typefaces that ship with the program, for screen and paper alike. Never lays out text. */
package wildchalk.handout.type;
