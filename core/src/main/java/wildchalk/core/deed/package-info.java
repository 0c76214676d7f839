/** What each sport calls what its people do, out of a file. Never decides what is done. */
package wildchalk.core.deed;
