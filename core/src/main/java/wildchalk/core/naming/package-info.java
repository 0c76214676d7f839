/** What pieces are called where they are listed, pointed at or undone. Never writes the script. */
package wildchalk.core.naming;
