package wildchalk.core.check.rep;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Supplier;
import wildchalk.core.check.Finding;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Drill;
import wildchalk.core.geometry.Vec;

/**
 * Something found in a drill.
 *
 * @param finding what; it has no mends until they were tried
 * @param scene where and when it is to be seen
 * @param sure how sure it is
 * @param advice what to do, in a sentence; may be empty
 * @param mayMend what may mend it, likeliest first: thought of only when somebody asks, as most are never asked
 */
public record Spotted(
        Finding<Drill> finding,
        Scene scene,
        Sure sure,
        String advice,
        List<Supplier<List<Finding.Mend<Drill>>>> mayMend) {

    public Spotted {
        mayMend = List.copyOf(mayMend);
    }

    /** How sure something is. */
    public enum Sure {
        CERTAIN,
        LIKELY,
        /** Only somebody who is there can say: have a look. */
        LOOK
    }

    /**
     * Where something is to be seen.
     *
     * @param rung id of the rung; empty for the drill as a whole
     * @param way which way the reads go there
     * @param at metres on the surface; empty for no place
     * @param metres how near it is, or how far; empty where no distance is meant
     */
    public record Scene(Optional<String> rung, Choices way, Optional<Vec> at, OptionalDouble metres) {

        /** The drill as a whole. */
        public static final Scene DRILL =
                new Scene(Optional.empty(), Choices.NONE, Optional.empty(), OptionalDouble.empty());
    }

    /** Something about a drill as a whole. */
    public static Spotted of(String check, Finding.Weight weight, String words, String advice) {
        return new Spotted(
                new Finding<>(check, weight, words, List.of(), Optional.empty(), List.of()),
                Scene.DRILL,
                Sure.CERTAIN,
                advice,
                List.of());
    }

    /** The same, seen in a rep. */
    public Spotted in(Rep rep) {
        return new Spotted(
                finding,
                new Scene(Optional.of(rep.stage().id()), rep.way(), scene.at(), scene.metres()),
                sure,
                advice,
                mayMend);
    }

    /** The same at a moment, seconds after the whistle. */
    public Spotted when(double t) {
        return with(finding.where(), Optional.of(new Finding.Span(t, t)), finding.mends());
    }

    /** The same about those, by id. */
    public Spotted about(List<String> ids) {
        return with(ids, finding.span(), finding.mends());
    }

    /** The same at a place, metres on the surface. */
    public Spotted at(Vec place) {
        return new Spotted(
                finding,
                new Scene(scene.rung(), scene.way(), Optional.of(place), scene.metres()),
                sure,
                advice,
                mayMend);
    }

    /** The same so near or so far, metres. */
    public Spotted metres(double metres) {
        return new Spotted(
                finding,
                new Scene(scene.rung(), scene.way(), scene.at(), OptionalDouble.of(metres)),
                sure,
                advice,
                mayMend);
    }

    /** The same, as sure as that. */
    public Spotted as(Sure other) {
        return new Spotted(finding, scene, other, advice, mayMend);
    }

    /** The same with more that may mend it, after what is there. */
    public Spotted mending(Supplier<List<Finding.Mend<Drill>>> more) {
        List<Supplier<List<Finding.Mend<Drill>>>> all = new ArrayList<>(mayMend);
        all.add(more);
        return new Spotted(finding, scene, sure, advice, all);
    }

    /** All that may mend it; whether any does has to be tried. */
    public List<Finding.Mend<Drill>> proposals() {
        return mayMend.stream().flatMap(m -> m.get().stream()).toList();
    }

    /** The same with only that to mend it. */
    public Spotted mendedBy(List<Finding.Mend<Drill>> only) {
        return with(finding.where(), finding.span(), only);
    }

    private Spotted with(List<String> where, Optional<Finding.Span> span, List<Finding.Mend<Drill>> mends) {
        return new Spotted(
                new Finding<>(finding.check(), finding.weight(), finding.words(), where, span, mends),
                scene,
                sure,
                advice,
                mayMend);
    }

    /** The moment, seconds after the whistle; empty for what is always so. */
    public OptionalDouble t() {
        return finding.span().isPresent()
                ? OptionalDouble.of(finding.span().get().from())
                : OptionalDouble.empty();
    }

    /** The word of the check. */
    public String check() {
        return finding.check();
    }

    /** How bad it is. */
    public Finding.Weight weight() {
        return finding.weight();
    }

    /** Ids of what it is about. */
    public List<String> who() {
        return finding.where();
    }

    /** Whether another is the same thing, seen on another rung or another way. */
    public boolean isSameAs(Spotted other) {
        return check().equals(other.check()) && who().equals(other.who());
    }
}
