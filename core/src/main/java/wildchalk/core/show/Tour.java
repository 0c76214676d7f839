package wildchalk.core.show;

import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Instruction.Freeze;
import wildchalk.core.drill.Instruction.Read;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Reads;
import wildchalk.core.drill.Rung;
import wildchalk.core.drill.Stage;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.rehearsal.Timeline;
import wildchalk.core.show.Stop.Kind;

/** Where a showing of a drill stands: on which rung, which way reads go, at which stop. Immutable; each step gives another. */
public final class Tour {

    private final Drill drill;
    private final int rung;
    private final Choices choices;
    private final Stage stage;
    private final Timeline timeline;
    private final List<Stop> stops;
    private final int at;

    private Tour(Drill drill, int rung, Choices choices, int at) {
        this.drill = drill;
        this.rung = rung;
        this.choices = choices;
        this.stage = Ladder.build(drill, drill.ladder().get(rung).id());
        this.timeline = Rehearsal.of(stage, drill.surface(), choices);
        this.stops = Stop.of(stage, timeline, timeline.settled(choices));
        this.at = Math.max(0, Math.min(at, stops.size() - 1));
    }

    private Tour(Tour same, int at) {
        this.drill = same.drill;
        this.rung = same.rung;
        this.choices = same.choices;
        this.stage = same.stage;
        this.timeline = same.timeline;
        this.stops = same.stops;
        this.at = at;
    }

    /** A showing that begins at the start of a rung; of the lowest where there is none of that id. */
    public static Tour of(Drill drill, String rung) {
        return new Tour(drill, Math.max(0, drill.ladder().stream().map(Rung::id).toList().indexOf(rung)), Choices.NONE, 0);
    }

    /** What was chosen by hand. */
    public Choices choices() {
        return choices;
    }

    public Drill drill() {
        return drill;
    }

    public Rung rung() {
        return drill.ladder().get(rung);
    }

    public Stage stage() {
        return stage;
    }

    public Timeline timeline() {
        return timeline;
    }

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
        return at + 1 < stops.size() ? new Tour(this, at + 1) : rung + 1 < drill.ladder().size() ? climb(1) : this;
    }

    /** The stop before this one; before the first of a rung the end of the one below. */
    public Tour back() {
        return at > 0 ? new Tour(this, at - 1) : rung > 0 ? new Tour(drill, rung - 1, Choices.NONE, Integer.MAX_VALUE) : this;
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
                return Reads.of(stage).stream().filter(r -> r.id().equals(id)).findFirst();
            }
        }
        return Optional.empty();
    }

    /** The question that is asked or answered here. */
    public Optional<Freeze> freeze() {
        return stop().kind() != Kind.QUESTION && stop().kind() != Kind.ANSWER ? Optional.empty()
                : stage.said(Freeze.class).stream().filter(f -> f.id().equals(stop().about())).findFirst();
    }

    /**
     * The same at the read that is decided here, or was last, going another way.
     *
     * @param n of the option, from 1
     * @return empty when nothing was decided yet, or there is no such option
     */
    public Optional<Tour> choose(int n) {
        return fork().filter(r -> n >= 1 && n <= r.options().size()).map(r -> {
            Tour other = new Tour(drill, rung, choices.with(r.id(), r.options().get(n - 1).id()), 0);
            int there = 0;
            while (there + 1 < other.stops.size() && !other.stops.get(there).about().equals(r.id())) {
                there++;
            }
            return new Tour(other, there);
        });
    }
}
