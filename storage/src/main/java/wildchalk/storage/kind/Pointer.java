package wildchalk.storage.kind;

/**
 * One version of a document that another names.
 *
 * @param kind the word of its kind
 * @param version its number among the versions of that document
 */
public record Pointer(String kind, String id, long version) {}
