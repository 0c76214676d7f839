package wildchalk.core.edit;

import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Predicate;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Stage;
import wildchalk.core.wording.Wordbook;

/** Edits of what is said between reps: each takes the place of what was said of the same before. */
public final class RotationEdits {

    private static final Wordbook BOOK = Wordbook.beside(RotationEdits.class, "Ways");

    private RotationEdits() {}

    /**
     * Says where whoever has a role goes next.
     *
     * @param who id of the person whose role it is
     * @param after how long they have it first; empty for one rep
     */
    public static Edit<Drill> goes(String rung, String who, Rotation.To to, Optional<Rotation.Stay> after) {
        return said(
                "next.goes",
                rung,
                r -> r instanceof Rotation.Goes g && g.who().equals(who),
                (id, stage) -> new Rotation.Goes(id, who, to, after));
    }

    /** Says when the next rep begins. */
    public static Edit<Drill> starts(String rung, Rotation.When when) {
        return said("next.starts", rung, Rotation.Starts.class::isInstance, (id, s) -> new Rotation.Starts(id, when));
    }

    /** Says which sides are played. */
    public static Edit<Drill> sides(String rung, Rotation.Taken taken) {
        return said("next.sides", rung, Rotation.Sides.class::isInstance, (id, s) -> new Rotation.Sides(id, taken));
    }

    /** Says who fetches balls. */
    public static Edit<Drill> fetches(String rung, Rotation.Fetcher by) {
        return said("next.fetches", rung, Rotation.Fetches.class::isInstance, (id, s) -> new Rotation.Fetches(id, by));
    }

    /** Takes back what is said of where somebody goes: it is guessed again. */
    public static Edit<Drill> unsaid(String rung, String who) {
        return StageEdit.of(
                BOOK.say("next.unsaid"),
                rung,
                s -> s.withInstructions(s.instructions().stream()
                        .filter(i -> !(i instanceof Rotation.Goes g && g.who().equals(who)))
                        .toList()));
    }

    private static Edit<Drill> said(
            String name, String rung, Predicate<Rotation> same, BiFunction<String, Stage, Rotation> make) {
        return StageEdit.making(BOOK.say(name), rung, (s, ids) -> {
            Optional<String> known = s.instructions(Rotation.class).stream()
                    .filter(same)
                    .map(Rotation::id)
                    .findFirst();
            return s.saying(make.apply(known.orElseGet(() -> ids.take("w")), s));
        });
    }
}
