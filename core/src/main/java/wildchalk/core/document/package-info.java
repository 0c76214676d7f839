/**
 * Whatever is kept and edited as a whole: what such a document has, what an edit of one is, and what was done to it.
 * Never knows what is in one.
 */
package wildchalk.core.document;
