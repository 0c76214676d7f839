package wildchalk.core.document;

/**
 * A value that is kept, edited and handed out as a whole, like a drill.
 *
 * @param <T> itself
 */
public interface Document<T extends Document<T>> {

    /** Short and stable; unique among those of its kind in a book. */
    String id();

    /** What a coach calls it. */
    String title();

    /** How it is listed among others, and named when it was lost: with a day where titles come again. */
    default String listed() {
        return title();
    }

    /** The same under another id. */
    T withId(String newId);

    /** The same called otherwise. */
    T withTitle(String newTitle);

    /**
     * The same as what becomes of another state of it: what may never come twice, such as ids that were given out,
     * stays taken. Where there is nothing of the kind, the same.
     */
    T following(T before);

    /** Whether there is no difference that a coach could see. */
    boolean isLike(T other);
}
