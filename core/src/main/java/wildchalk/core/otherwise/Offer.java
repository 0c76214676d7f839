package wildchalk.core.otherwise;

import wildchalk.core.document.Edit;
import wildchalk.core.drill.Drill;

/**
 * Something that could be drawn besides, by name.
 *
 * @param words as they are looked for: "Tackle 9"
 */
public record Offer(String words, Edit<Drill> edit) {}
