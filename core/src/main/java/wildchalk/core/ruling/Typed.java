package wildchalk.core.ruling;

import java.util.function.Function;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Drill;

/**
 * Words of the coach's own in a rule.
 *
 * @param key what they are, for whoever looks for the field
 * @param words what they are, as it stands beside them
 * @param now as they are; may be empty
 * @param edit what puts others in their place
 */
public record Typed(String key, String words, String now, Function<String, Edit<Drill>> edit) {}
