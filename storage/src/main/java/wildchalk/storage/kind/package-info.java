/**
 * Kinds of documents: how each is written, read and compared. Whatever is kept, saved from damage, bundled or taken in
 * is so by its kind, so that a new one is a class here and a line in the list. Never knows where documents are kept.
 */
package wildchalk.storage.kind;
