package wildchalk.core.rehearsal;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.DoubleFunction;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Action.Shadow;
import wildchalk.core.drill.Bib;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Surface;

/**
 * Which goal somebody looks after who marks another: the one that is said, else the one that follows from who shoots
 * where and where their own keeper stands. When a keeper changes ends, so does their team.
 */
final class Ends {

    private static final String GOAL = "goal";

    private final Stage stage;
    private final Surface surface;
    private final List<Vec> goals;
    private final BiFunction<String, Double, Vec> at;
    private final Vec usual;

    /** @param at where a person is at a time */
    Ends(Stage stage, Surface surface, BiFunction<String, Double, Vec> at) {
        this.stage = stage;
        this.surface = surface;
        this.at = at;
        goals = surface.targets().stream().map(Surface.Target::at).toList();
        usual = surface.target(GOAL).map(Surface.Target::at).orElse(new Vec(surface.length() / 2, 0));
    }

    /** The goal that is looked after, by time, seconds. */
    DoubleFunction<Vec> defended(Shadow shadow) {
        boolean there = shadow.side() == Shadow.Side.OTHER_GOAL;
        Optional<String> keeper = keeper(shadow);
        if (keeper.isPresent()) {
            return t -> {
                Vec theirs = nearest(at.apply(keeper.get(), t));
                return there ? other(theirs) : theirs;
            };
        }
        Vec theirs = byShots(shadow).orElse(usual);
        Vec goal = there ? other(theirs) : theirs;
        return t -> goal;
    }

    private Vec nearest(Vec place) {
        return place.distance(goals.get(0)) <= place.distance(goals.get(1)) ? goals.get(0) : goals.get(1);
    }

    private Vec other(Vec goal) {
        return goals.stream().filter(g -> g.distance(goal) > 1e-6).findFirst().orElse(new Vec(-goal.x(), -goal.y()));
    }

    /** Their own keeper, where there are two goals between which one could change. */
    private Optional<String> keeper(Shadow shadow) {
        return goals.size() != 2
                ? Optional.empty()
                : bib(shadow.who()).flatMap(b -> stage.people().stream()
                        .filter(p -> p instanceof Piece.Goalkeeper k && k.bib() == b)
                        .map(Piece::id)
                        .findFirst());
    }

    private Optional<Vec> byShots(Shadow shadow) {
        Optional<Vec> theirs = only(shotAt(shadow.whom()));
        return theirs.or(() -> only(shotAt(shadow.who())).map(this::other));
    }

    private Optional<Vec> only(Set<String> targets) {
        return targets.size() == 1
                ? surface.target(targets.iterator().next()).map(Surface.Target::at)
                : Optional.empty();
    }

    /** What those who wear the same as somebody shoot at. */
    private Set<String> shotAt(String who) {
        Set<String> targets = new HashSet<>();
        Optional<Bib> bib = bib(who);
        for (Action action : stage.actions()) {
            if (action instanceof Action.Shot s
                    && s.to() instanceof Spot.AtTarget target
                    && bib.isPresent()
                    && bib.equals(bib(s.who()))) {
                targets.add(target.target());
            }
        }
        return targets;
    }

    private Optional<Bib> bib(String who) {
        return stage.person(who).filter(Piece.Player.class::isInstance).map(p -> ((Piece.Player) p).bib());
    }
}
