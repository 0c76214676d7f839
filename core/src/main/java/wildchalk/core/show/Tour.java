package wildchalk.core.show;

import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Instruction.Freeze;
import wildchalk.core.drill.Instruction.Read;
import wildchalk.core.drill.Reads;
import wildchalk.core.drill.Rung;
import wildchalk.core.drill.Stage;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.show.Stop.Kind;
import wildchalk.core.timeline.Timeline;

/**
 * Where a showing of a drill stands: on which rung, which way reads go, at which stop. Immutable; each step gives
 * another.
 */
public final class Tour {

    private final Drill drill;
    private final int rung;
    private final RunThrough through;
    private final List<Stop> stops;
    private final int at;

    private Tour(Drill drill, int rung, Choices choices, int at) {
        this.drill = drill;
        this.rung = rung;
        this.through = RunThrough.of(drill, drill.ladder().get(rung).id(), choices);
        this.stops = Stop.of(stage(), timeline(), timeline().settled(choices));
        this.at = Math.max(0, Math.min(at, stops.size() - 1));
    }

    private Tour(Tour same, int at) {
        this.drill = same.drill;
        this.rung = same.rung;
        this.through = same.through;
        this.stops = same.stops;
        this.at = at;
    }

    /** A showing that begins at the start of a rung; of the lowest where there is none of that id. */
    public static Tour of(Drill drill, String rung) {
        return new Tour(
                drill,
                Math.max(0, drill.ladder().stream().map(Rung::id).toList().indexOf(rung)),
                Choices.NONE,
                0);
    }

    /** What was chosen by hand. */
    public Choices choices() {
        return through.choices();
    }

    /** The rung that is shown, worked out. */
    public RunThrough through() {
        return through;
    }

    /** What is shown. */
    public Drill drill() {
        return drill;
    }

    /** The rung that is shown. */
    public Rung rung() {
        return drill.ladder().get(rung);
    }

    /** The rung that is shown, built. */
    public Stage stage() {
        return through.stage();
    }

    /** The rung that is shown, rehearsed the way that was chosen. */
    public Timeline timeline() {
        return through.timeline();
    }

    /** Where the showing stands. */
    public Stop stop() {
        return stops.get(at);
    }

    /** The stop after this one on the same rung; empty at the end of the rung. */
    public Optional<Stop> after() {
        return at + 1 < stops.size() ? Optional.of(stops.get(at + 1)) : Optional.empty();
    }

    /** When the stop before this one was: from there what led here is shown again. */
    public double before() {
        double before = stop().t();
        for (int i = at; i > 0 && before >= stop().t(); i--) {
            before = stops.get(i - 1).t();
        }
        return before;
    }

    /** Whether nothing comes after this stop. */
    public boolean isLast() {
        return at + 1 >= stops.size() && rung + 1 >= drill.ladder().size();
    }

    /** The next stop; after the last of a rung the start of the next rung; at the very end the same. */
    public Tour next() {
        if (at + 1 < stops.size()) {
            return new Tour(this, at + 1);
        }
        if (rung + 1 < drill.ladder().size()) {
            return climb(1);
        }
        return this;
    }

    /** The stop before this one; before the first of a rung the end of the one below. */
    public Tour back() {
        if (at > 0) {
            return new Tour(this, at - 1);
        }
        if (rung > 0) {
            return new Tour(drill, rung - 1, Choices.NONE, Integer.MAX_VALUE);
        }
        return this;
    }

    /** The start of another rung, so many higher; lower when negative. */
    public Tour climb(int by) {
        return new Tour(drill, Math.max(0, Math.min(drill.ladder().size() - 1, rung + by)), Choices.NONE, 0);
    }

    /** The start of this rung, with reads as nobody chose. */
    public Tour restart() {
        return new Tour(drill, rung, Choices.NONE, 0);
    }

    /** The read that somebody decides here, or last decided on this rung. */
    public Optional<Read> fork() {
        for (int i = at; i >= 0; i--) {
            if (stops.get(i).kind() == Kind.FORK) {
                String id = stops.get(i).about();
                return Reads.of(stage()).stream().filter(r -> r.id().equals(id)).findFirst();
            }
        }
        return Optional.empty();
    }

    /** The question that is asked or answered here. */
    public Optional<Freeze> freeze() {
        return stop().kind() != Kind.QUESTION && stop().kind() != Kind.ANSWER
                ? Optional.empty()
                : stage().instructions(Freeze.class).stream()
                        .filter(f -> f.id().equals(stop().about()))
                        .findFirst();
    }

    /**
     * The same at the read that is decided here, or was last, going another way.
     *
     * @param n of the option, from 1
     * @return empty when nothing was decided yet, or there is no such option
     */
    public Optional<Tour> choose(int n) {
        return fork().filter(r -> n >= 1 && n <= r.options().size()).map(r -> {
            Tour other = new Tour(
                    drill, rung, choices().with(r.id(), r.options().get(n - 1).id()), 0);
            int there = 0;
            while (there + 1 < other.stops.size()
                    && !other.stops.get(there).about().equals(r.id())) {
                there++;
            }
            return new Tour(other, there);
        });
    }
}
