/** Several documents in one file, with what they need: written, and read with suspicion. Never touches a book. */
package wildchalk.storage.bundle;
