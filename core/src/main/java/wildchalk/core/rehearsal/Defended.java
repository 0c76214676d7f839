package wildchalk.core.rehearsal;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.BiFunction;
import java.util.function.DoubleFunction;
import java.util.function.Function;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.implied.Ends;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.End;
import wildchalk.core.surface.Surface;

/**
 * Which goal somebody looks after who marks another: the one across from what was said that their team attacks, else
 * the one where their own keeper is at that moment, else the one that the other's team attacks ({@link Ends}).
 */
final class Defended {

    private static final String GOAL = "goal";

    private final Stage stage;
    private final Ends ends;
    private final List<Vec> goals;
    private final BiFunction<String, Double, Vec> at;
    private final Function<Cue, OptionalDouble> moments;
    private final Vec usual;

    /**
     * @param at where a person is at a time
     * @param moments when something has come, seconds; empty for what has not yet
     */
    Defended(Stage stage, Surface surface, BiFunction<String, Double, Vec> at, Function<Cue, OptionalDouble> moments) {
        this.stage = stage;
        this.ends = new Ends(stage, surface);
        this.at = at;
        this.moments = moments;
        goals = surface.targets().stream().map(Surface.Target::at).toList();
        usual = surface.target(GOAL).map(Surface.Target::at).orElse(new Vec(surface.length() / 2, 0));
    }

    /** The goal that is looked after, by time, seconds. */
    DoubleFunction<Vec> by(Shadow shadow) {
        boolean there = shadow.side() == Shadow.Side.OTHER_GOAL;
        DoubleFunction<Vec> theirs = theirs(shadow);
        return there ? t -> other(theirs.apply(t)) : theirs;
    }

    private DoubleFunction<Vec> theirs(Shadow shadow) {
        Optional<Bib> team = ends.team(shadow.who());
        Optional<Bib> others = ends.team(shadow.whom()).filter(b -> !team.equals(Optional.of(b)));
        if (team.isPresent() && isSaid(team.get())) {
            return t -> ends.at(team.get(), moments, t)
                    .map(k -> goal(k.end().other()))
                    .orElse(usual);
        }
        Optional<String> keeper = keeper(team);
        if (keeper.isPresent()) {
            return t -> nearest(at.apply(keeper.get(), t));
        }
        if (others.isPresent() && isSaid(others.get())) {
            return t ->
                    ends.at(others.get(), moments, t).map(k -> goal(k.end())).orElse(usual);
        }
        Vec goal = others.flatMap(ends::atStart)
                .filter(k -> k.why() == Ends.Why.THEY_SHOOT)
                .map(Ends.Known::end)
                .or(() -> team.flatMap(ends::atStart).map(k -> k.end().other()))
                .map(this::goal)
                .orElse(usual);
        return t -> goal;
    }

    private boolean isSaid(Bib team) {
        return ends.saidOf(team).isPresent() || !ends.changes(team).isEmpty();
    }

    private Vec goal(End end) {
        return ends.goal(end).orElse(usual);
    }

    private Vec nearest(Vec place) {
        return place.distance(goals.get(0)) <= place.distance(goals.get(1)) ? goals.get(0) : goals.get(1);
    }

    private Vec other(Vec goal) {
        return goals.stream().filter(g -> g.distance(goal) > 1e-6).findFirst().orElse(new Vec(-goal.x(), -goal.y()));
    }

    /** Their own keeper, where there are two goals between which one could change. */
    private Optional<String> keeper(Optional<Bib> team) {
        return goals.size() != 2
                ? Optional.empty()
                : team.flatMap(b -> stage.people().stream()
                        .filter(p -> p instanceof Piece.Goalkeeper k && k.bib() == b)
                        .map(Piece::id)
                        .findFirst());
    }
}
