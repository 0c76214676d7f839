package wildchalk.core.otherwise;

import java.util.List;
import java.util.function.Function;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Drill;
import wildchalk.core.edit.ActionEdits;
import wildchalk.core.wording.Wordbook;

/**
 * Makes groups of ways of which one is taken.
 *
 * @param rung id of the rung that is changed
 */
record Choosing(String rung) {

    /** The words of all that could be otherwise. */
    static final Wordbook BOOK = Wordbook.beside(Choosing.class, "Ways");

    /** Distances that are offered, metres. */
    static final List<Double> METRES = List.of(0.6, 1.0, 1.5, 2.0, 3.0, 4.0, 5.0, 8.0);

    /** How long something can take, seconds. */
    static final List<Double> SECONDS = List.of(0.0, 0.2, 0.4, 0.8, 1.0, 1.5, 2.0, 3.0, 4.0, 6.0);

    /** What one of several is called: "gait.run". */
    static String say(String about, Enum<?> each) {
        return BOOK.say(about + "." + Wordbook.key(each));
    }

    /** A group of all that are given; the words of the group are {@code about}. */
    <T> LineWays.Group of(String about, List<T> all, T now, Function<T, String> words, Function<T, Action> changed) {
        return new LineWays.Group(
                BOOK.say(about),
                all.stream()
                        .map(t ->
                                new LineWays.Way(words.apply(t), t.equals(now), let(words.apply(t), changed.apply(t))))
                        .toList());
    }

    /** Lets an action be otherwise. */
    Edit<Drill> let(String words, Action changed) {
        return ActionEdits.change(rung, BOOK.say("let", words), changed);
    }
}
