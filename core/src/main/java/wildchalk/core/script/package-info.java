/**
 * The drill in words: numbered sentences by beats, each phrase knowing what it is about, so that picture and text can
 * light each other up. Never works out times and never lays out text.
 */
package wildchalk.core.script;
