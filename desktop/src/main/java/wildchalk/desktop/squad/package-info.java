/**
 * The Squad page: who belongs to it, who is there, and into which groups they go. Never how groups are found, and never
 * what a drill makes of them.
 */
package wildchalk.desktop.squad;
