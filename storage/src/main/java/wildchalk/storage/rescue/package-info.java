/**
 * Saves what can be saved of a damaged book: its pages are read one by one, whatever the tree they hang on looks like,
 * every row is tried against its check sum, and what is missing comes from the newest good copy. Never changes the
 * damaged file.
 */
package wildchalk.storage.rescue;
