package wildchalk.storage.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.networknt.schema.ValidationMessage;
import java.util.ArrayList;
import java.util.List;

/** Says in plain words how a value breaks the schema. */
final class SchemaWords {

    private SchemaWords() {}

    static String plain(ValidationMessage message, JsonNode value) {
        JsonNode rule = message.getSchemaNode();
        return switch (message.getType()) {
            case "enum" -> shown(value) + " is not known here; it can be " + options(rule);
            case "const" -> shown(value) + " is not right; it should be " + rule;
            case "required" -> "\"" + message.getProperty() + "\" is missing; add it";
            case "additionalProperties" -> "\"" + message.getProperty() + "\" does not belong here; take it out";
            case "type" -> shown(value) + " should be " + type(rule.asText());
            case "minimum", "maximum" -> shown(value) + " is out of range; the "
                    + (message.getType().equals("minimum") ? "least" : "most") + " is " + rule.asText();
            case "exclusiveMinimum" -> shown(value) + " is out of range; it should be more than " + rule.asText();
            case "minItems" -> "there should be at least " + rule.asText() + " here";
            case "maxItems", "maxLength" -> "there is too much here; the most is " + rule.asText();
            case "minLength", "pattern" -> shown(value) + " is no id; use letters, digits, dots and dashes";
            default -> message.getMessage();
        };
    }

    private static String options(JsonNode rule) {
        List<String> options = new ArrayList<>();
        rule.forEach(option -> options.add(option.asText()));
        return String.join(", ", options);
    }

    private static String shown(JsonNode value) {
        String text = value.toString();
        return text.length() > 40 ? text.substring(0, 40) + "…" : text;
    }

    private static String type(String type) {
        return switch (type) {
            case "array" -> "a list in [ ]";
            case "object" -> "an object in { }";
            case "string" -> "a text in quotes";
            case "integer" -> "a whole number";
            case "boolean" -> "true or false";
            default -> "a " + type;
        };
    }
}
