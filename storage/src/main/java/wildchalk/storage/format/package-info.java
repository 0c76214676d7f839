/**
 * Drills as open JSON files: reading, checking against the published schema, writing. What is refused is refused with
 * one plain line. Never touches a book.
 */
package wildchalk.storage.format;
