package wildchalk.core.document;

import java.util.function.UnaryOperator;

/**
 * One gesture.
 *
 * @param name as it stands in the list of what can be undone ("Move cone")
 * @param change what it does
 */
public record Edit<T extends Document<T>>(String name, UnaryOperator<T> change) {

    /** The document after it, {@linkplain Document#following following} what was before. */
    public T apply(T document) {
        return change.apply(document).following(document);
    }
}
