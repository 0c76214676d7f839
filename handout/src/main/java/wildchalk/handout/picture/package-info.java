/** Pictures to hand out: one moment of a drill with its title and line key. Never touches a book. */
package wildchalk.handout.picture;
