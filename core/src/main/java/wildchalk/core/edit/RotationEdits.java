package wildchalk.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.BiFunction;
import java.util.function.Predicate;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.When;
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
    public static Edit<Drill> starts(String rung, When when) {
        return said("next.starts", rung, Rotation.Starts.class::isInstance, (id, s) -> new Rotation.Starts(id, when));
    }

    /**
     * Says which sides are played.
     *
     * @param turn how long one side is played, where they are taken in turn; empty for a rep
     */
    public static Edit<Drill> sides(String rung, Rotation.Taken taken, Optional<Rotation.Turn> turn) {
        return said(
                "next.sides", rung, Rotation.Sides.class::isInstance, (id, s) -> new Rotation.Sides(id, taken, turn));
    }

    /** Says when a rep is over; of what was said of it nothing stays. */
    public static Edit<Drill> over(String rung, Cue moment) {
        return said("next.over", rung, Rotation.Over.class::isInstance, (id, s) -> new Rotation.Over(id, moment));
    }

    /** Takes back what is said of when a rep is over: it is when all is done. */
    public static Edit<Drill> overWhenDone(String rung) {
        return StageEdit.of(BOOK.say("next.over"), rung, s -> without(s, Rotation.Over.class::isInstance));
    }

    /**
     * Says how often each option of a read is taken.
     *
     * @param shares by id of the option, over 0; empty for all alike
     * @param seed what lots are drawn from; empty to take turns
     */
    public static Edit<Drill> shares(String rung, String read, Map<String, Integer> shares, OptionalLong seed) {
        return said(
                "next.shares",
                rung,
                r -> r instanceof Rotation.Shares s && s.read().equals(read),
                (id, s) -> new Rotation.Shares(id, read, shares, seed));
    }

    /** Takes back what is said of how often options are taken: each in turn. */
    public static Edit<Drill> evenShares(String rung, String read) {
        return StageEdit.of(
                BOOK.say("next.shares"),
                rung,
                s -> without(s, r -> r instanceof Rotation.Shares x && x.read().equals(read)));
    }

    /**
     * Lets a stretch happen again and again.
     *
     * @param actions ids of those that are drawn
     * @param round ids of whom or what it moves on along; of a line-up alone, it steps up
     */
    public static Edit<Drill> repeats(String rung, List<String> actions, Rotation.Often often, List<String> round) {
        return said(
                "next.repeats",
                rung,
                r -> r instanceof Rotation.Repeats x && x.actions().stream().anyMatch(actions::contains),
                (id, s) -> new Rotation.Repeats(id, actions, often, round));
    }

    /** Lets what an instruction says of repeating happen once. */
    public static Edit<Drill> once(String rung, String id) {
        return StageEdit.of(BOOK.say("next.repeats"), rung, s -> without(s, r -> r.id().equals(id)));
    }

    /** Lets a line step up: the next one is in front from an action on, or no longer. */
    public static Edit<Drill> stepsUp(String rung, String line, String action, boolean steps) {
        return StageEdit.making(BOOK.say("next.steps.up"), rung, (s, ids) -> {
            Optional<Rotation.StepsUp> known = s.instructions(Rotation.StepsUp.class).stream()
                    .filter(x -> x.line().equals(line))
                    .findFirst();
            List<String> actions =
                    new ArrayList<>(known.map(Rotation.StepsUp::actions).orElse(List.of()));
            actions.remove(action);
            if (steps) {
                actions.add(action);
            }
            String id = known.map(Rotation::id).orElseGet(() -> ids.take("w"));
            return actions.isEmpty()
                    ? without(s, r -> r.id().equals(id))
                    : s.saying(new Rotation.StepsUp(id, line, actions));
        });
    }

    private static Stage without(Stage stage, Predicate<Rotation> gone) {
        return stage.withInstructions(stage.instructions().stream()
                .filter(i -> !(i instanceof Rotation r && gone.test(r)))
                .toList());
    }

    /** Says who fetches balls. */
    public static Edit<Drill> fetches(String rung, Rotation.Fetcher by) {
        return said("next.fetches", rung, Rotation.Fetches.class::isInstance, (id, s) -> new Rotation.Fetches(id, by));
    }

    /** Says who fits a role; nothing any more for no words. */
    public static Edit<Drill> fits(String rung, String who, String words) {
        if (words.isBlank()) {
            return StageEdit.of(
                    BOOK.say("next.fits"),
                    rung,
                    s -> without(s, r -> r instanceof Rotation.Fits f && f.who().equals(who)));
        }
        return said(
                "next.fits",
                rung,
                r -> r instanceof Rotation.Fits f && f.who().equals(who),
                (id, s) -> new Rotation.Fits(id, who, words.strip()));
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
