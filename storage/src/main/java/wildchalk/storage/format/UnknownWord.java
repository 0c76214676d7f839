package wildchalk.storage.format;

import com.fasterxml.jackson.databind.JsonNode;

/**
 * A word that no table has, in a text that fits the schema all the same: it is refused with its place, never read as
 * another.
 */
final class UnknownWord extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final transient JsonNode object;
    private final String key;

    /**
     * @param object that has it
     * @param key under which it stands
     * @param known what could stand there
     */
    UnknownWord(JsonNode object, String key, String known) {
        super("\"" + object.path(key).asText() + "\" is not known here; it can be " + known);
        this.object = object;
        this.key = key;
    }

    /** The object that has the word: the very same, not one that is alike. */
    JsonNode object() {
        return object;
    }

    String key() {
        return key;
    }
}
