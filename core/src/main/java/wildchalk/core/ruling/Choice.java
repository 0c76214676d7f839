package wildchalk.core.ruling;

import wildchalk.core.document.Edit;
import wildchalk.core.drill.Drill;

/**
 * Something that could be said.
 *
 * @param taken whether it is said now
 */
public record Choice(String words, boolean taken, Edit<Drill> edit) {}
