/**
 * Lists of groups: for the wall, for reading aloud, as a picture and as a table. Never what a coach thinks of anybody.
 */
package wildchalk.handout.groups;
