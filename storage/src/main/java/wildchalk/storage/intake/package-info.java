/**
 * Takes drill files and bundles into a book: reads them, compares them with what is there, and says what is new, the
 * same, changed, or not sound and why. Never changes the book.
 */
package wildchalk.storage.intake;
