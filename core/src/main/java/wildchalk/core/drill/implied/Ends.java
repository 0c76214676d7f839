package wildchalk.core.drill.implied;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.End;
import wildchalk.core.surface.Surface;

/**
 * Which end each team attacks: what was said, else what follows from where they shoot, from where the others shoot,
 * from where their keeper stands, or from the halves in which two teams begin. Words, marking, decisions and the arrows
 * on the board ask here.
 */
public record Ends(Stage stage, Surface surface) {

    /** Teams that begin farther than this share of the length from half-way begin in a half of their own; assumed. */
    private static final double HALF = 0.1;

    /** Why a team is taken to attack an end. */
    public enum Why {
        /** The coach says so. */
        SAID,
        /** They shoot there, and only there. */
        THEY_SHOOT,
        /** The others shoot at the other goal, and only there. */
        OTHERS_SHOOT,
        /** Their keeper stands in the other goal. */
        KEEPER,
        /** They begin in the other half, and the others in theirs. */
        BEGIN
    }

    /**
     * An end that a team attacks.
     *
     * @param why how that is known
     */
    public record Known(End end, Why why) {}

    /** Whether there is a goal at each end, so that there is something to know. */
    public boolean areTwo() {
        return goal(End.GOAL).isPresent() && goal(End.OWN_GOAL).isPresent();
    }

    /** The goal at an end: the one that the surface names, else the farthest out; empty where there is none. */
    public Optional<Vec> goal(End end) {
        return surface.targets().stream()
                .map(Surface.Target::at)
                .filter(at -> End.of(at.x()) == end && Math.abs(at.x()) > 1e-6)
                .max(Comparator.comparingDouble(at -> Math.abs(at.x()) - Math.abs(at.y()) / 100));
    }

    /** The teams of the players on the surface, in the order of their colours; a line-up plays with everybody. */
    public List<Bib> teams() {
        return stage.people().stream()
                .filter(Piece.Player.class::isInstance)
                .map(Piece.Person::bib)
                .distinct()
                .sorted()
                .toList();
    }

    /** The team of a player or a keeper; empty for who belongs to none. */
    public Optional<Bib> team(String who) {
        return stage.person(who)
                .filter(p -> p.isOnATeam() && !(p instanceof Piece.LineUp))
                .map(Piece.Person::bib);
    }

    /** What a team attacks from the start; empty where there are not two goals, or nothing tells. */
    public Optional<Known> atStart(Bib team) {
        return areTwo() ? said(team).or(() -> guessed(team)) : Optional.empty();
    }

    /**
     * What a team attacks at a time.
     *
     * @param moments when something comes, seconds; empty when it never does
     * @param t seconds after the whistle
     */
    public Optional<Known> at(Bib team, Function<Cue, OptionalDouble> moments, double t) {
        Optional<End> changed = changes(team).stream()
                .filter(a -> moments.apply(a.from().orElseThrow()).orElse(Double.MAX_VALUE) <= t + 1e-9)
                .max(Comparator.comparingDouble(
                        a -> moments.apply(a.from().orElseThrow()).orElseThrow()))
                .map(Instruction.Attacks::end);
        return areTwo() && changed.isPresent() ? changed.map(e -> new Known(e, Why.SAID)) : atStart(team);
    }

    /** What is said of the end that a team attacks from the start; empty when nothing is. */
    public Optional<Instruction.Attacks> saidOf(Bib team) {
        return stage.instructions(Instruction.Attacks.class).stream()
                .filter(a -> a.team() == team && a.from().isEmpty())
                .findFirst();
    }

    /** The changes of ends of a team. */
    public List<Instruction.Attacks> changes(Bib team) {
        return stage.instructions(Instruction.Attacks.class).stream()
                .filter(a -> a.team() == team && a.from().isPresent())
                .toList();
    }

    private Optional<Known> said(Bib team) {
        return saidOf(team)
                .map(Instruction.Attacks::end)
                .or(() -> theOthers(team))
                .map(e -> new Known(e, Why.SAID));
    }

    /** What follows from the drill when nothing is said. */
    private Optional<Known> guessed(Bib team) {
        return only(shotAt(team))
                .map(e -> new Known(e, Why.THEY_SHOOT))
                .or(() -> only(shotAtByOthers(team)).map(e -> new Known(e.other(), Why.OTHERS_SHOOT)))
                .or(() -> keeper(team).map(e -> new Known(e.other(), Why.KEEPER)))
                .or(() -> begin(team).map(e -> new Known(e.other(), Why.BEGIN)));
    }

    /** Of two teams one goes the other way than was said of the other. */
    private Optional<End> theOthers(Bib team) {
        List<Bib> others = teams().stream().filter(b -> b != team).toList();
        return others.size() == 1 ? saidOf(others.get(0)).map(a -> a.end().other()) : Optional.empty();
    }

    private static Optional<End> only(Set<End> ends) {
        return ends.size() == 1 ? ends.stream().findFirst() : Optional.empty();
    }

    private Set<End> shotAt(Bib team) {
        return ends(a -> team(a.who()).filter(b -> b == team).isPresent());
    }

    private Set<End> shotAtByOthers(Bib team) {
        return ends(a -> team(a.who()).filter(b -> b != team).isPresent());
    }

    private Set<End> ends(Predicate<Action.Shot> by) {
        return stage.actions().stream()
                .filter(Action.Shot.class::isInstance)
                .map(Action.Shot.class::cast)
                .filter(by)
                .flatMap(s -> target(s.to()).stream())
                .map(t -> End.of(t.at().x()))
                .collect(Collectors.toSet());
    }

    private Optional<Surface.Target> target(Spot spot) {
        return spot instanceof Spot.AtTarget t ? surface.target(t.target()) : Optional.empty();
    }

    private Optional<End> keeper(Bib team) {
        return stage.people().stream()
                .filter(p -> p instanceof Piece.Goalkeeper k && k.bib() == team)
                .findFirst()
                .map(p -> End.of(p.at().x()));
    }

    private Optional<End> begin(Bib team) {
        List<Bib> all = teams();
        if (all.size() != 2) {
            return Optional.empty();
        }
        double own = middle(team);
        double others = middle(all.get(0) == team ? all.get(1) : all.get(0));
        double far = HALF * surface.length();
        return Math.abs(own) > far && Math.abs(others) > far && own * others < 0
                ? Optional.of(End.of(own))
                : Optional.empty();
    }

    private double middle(Bib team) {
        return stage.people().stream()
                .filter(p -> p.isOnATeam() && p.bib() == team)
                .mapToDouble(p -> p.at().x())
                .average()
                .orElse(0);
    }
}
