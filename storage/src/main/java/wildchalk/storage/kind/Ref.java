package wildchalk.storage.kind;

/**
 * Which document is meant.
 *
 * @param kind the word of its kind
 * @param id unique among those of its kind
 */
public record Ref(String kind, String id) {}
