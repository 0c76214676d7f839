package wildchalk.core.edit;

import java.util.ArrayList;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import wildchalk.core.colour.Bib;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.FreeIds;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.drill.Whom;
import wildchalk.core.effort.Effort.Intensity;
import wildchalk.core.geometry.Vec;
import wildchalk.core.naming.EffortWords;
import wildchalk.core.rehearsal.Places;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.Timeline;

/** What coaches do to a drill to make another one of it, ready to be chosen. */
public final class ReadyChanges {

    /** How far behind whom they chase somebody starts, metres; assumed. */
    private static final double BEHIND = 3;
    /** How near is caught, metres; assumed. */
    private static final double CAUGHT = 1;
    /** How far beside the shooter's place a coach with a second ball stands, metres; assumed. */
    private static final double ASIDE = 6;
    /** How far beside whom they support somebody runs, metres; assumed. */
    private static final double BESIDE = 6;

    private static final double SMALLER = 0.8;
    private static final String FROM_BEHIND =
            "A chaser comes from behind: agree before the first go what contact the rules of the sport and "
                    + "the age group allow, and begin without any.";
    private static final String TWO_BALLS =
            "A second ball comes while others still move: clear loose balls first, and nobody turns their back on it.";

    private ReadyChanges() {}

    /**
     * A change that can be made.
     *
     * @param words as they stand in a menu: "Add a chaser"
     */
    public record Change(String words, Edit<Drill> edit) {}

    /** Those that mean something for a stage. */
    public static List<Change> of(String rung, Stage stage, Timeline timeline, Surface surface) {
        List<Change> changes = new ArrayList<>();
        chaser(rung, stage, surface).map(c -> warned(c, FROM_BEHIND)).ifPresent(changes::add);
        attacker(rung, stage, surface).ifPresent(changes::add);
        defender(stage)
                .ifPresent(d -> changes.add(
                        new Change("Take a defender away", PieceEdits.remove(rung, stage, List.of(d.id())))));
        secondBall(rung, stage, timeline, surface)
                .map(c -> warned(c, TWO_BALLS))
                .ifPresent(changes::add);
        if (stage.instructions(Limit.Count.class).stream()
                        .noneMatch(l -> l.counted() == Limit.Counted.TOUCHES && l.whom() instanceof Whom.Everybody)
                && !stage.balls().isEmpty()) {
            changes.add(making(
                    "Two touches at most",
                    rung,
                    (s, ids) ->
                            s.saying(Limit.Count.atMost(ids.take("l"), Limit.Counted.TOUCHES, 2, Whom.everybody()))));
        }
        if (stage.instructions(Limit.Within.class).isEmpty()
                && stage.actions().stream().anyMatch(Action.Shot.class::isInstance)) {
            double seconds = Math.ceil(timeline.duration());
            changes.add(making(
                    "A shot within " + (int) seconds + " s",
                    rung,
                    (s, ids) ->
                            s.saying(new Limit.Within(ids.take("l"), seconds, Optional.empty(), Optional.empty()))));
        }
        if (!stage.pieces().isEmpty()) {
            changes.add(pace(rung, stage));
            Set<String> all = stage.pieces().stream().map(Piece::id).collect(Collectors.toSet());
            changes.add(new Change(
                    "From the other side",
                    CopyEdits.mirror(rung, "From the other side", stage, all, Placement.OTHER_SIDE, surface)));
            changes.add(smaller(rung, stage, surface));
        }
        return changes;
    }

    private static Change change(String words, String rung, UnaryOperator<Stage> change) {
        return new Change(words, StageEdit.of(words, rung, change));
    }

    private static Change making(String words, String rung, BiFunction<Stage, FreeIds, Stage> change) {
        return new Change(words, StageEdit.making(words, rung, change));
    }

    /** As hard as it goes; where it is live already, at half pace. */
    private static Change pace(String rung, Stage stage) {
        Intensity now = stage.effort().intensity();
        Intensity other = now == Intensity.LIVE ? Intensity.HALF : Intensity.LIVE;
        String words = (other == Intensity.LIVE ? "Live" : "Half pace") + " instead of " + EffortWords.of(now);
        return new Change(words, LadderEdits.planned(rung, words, p -> p.going(Optional.of(other))));
    }

    /** One who adds a caution to those of the drill. */
    private static Change warned(Change change, String caution) {
        return new Change(change.words(), new Edit<>(change.edit().name(), d -> {
            Drill changed = change.edit().change().apply(d);
            List<String> cautions = new ArrayList<>(changed.cautions());
            if (!cautions.contains(caution)) {
                cautions.add(caution);
            }
            return changed.withNotes(changed.points(), changed.questions(), cautions);
        }));
    }

    /** Somebody of the same team runs along beside whoever first carries the ball. */
    private static Optional<Change> attacker(String rung, Stage stage, Surface surface) {
        return stage.actions().stream()
                .filter(Travel.Carry.class::isInstance)
                .findFirst()
                .map(Travel.class::cast)
                .flatMap(carry -> stage.person(carry.who())
                        .map(whom -> making("Add an attacker", rung, (s, ids) -> {
                            Vec beside = new Vec(0, whom.at().y() > 0 ? -BESIDE : BESIDE);
                            Piece.Player attacker = new Piece.Player(
                                    ids.take("p"),
                                    surface.surroundings().clamp(whom.at().plus(beside)),
                                    whom.facing(),
                                    PersonEdits.freeNumber(s),
                                    whom.bib());
                            List<Spot> along = new Places(stage, surface)
                                    .of(carry.path()).stream()
                                            .map(v -> Spot.at(
                                                    surface.surroundings().clamp(v.plus(beside))))
                                            .toList();
                            return s.withPiece(attacker)
                                    .withAction(new Travel.Run(
                                            ids.take("a"),
                                            attacker.id(),
                                            new TravelPath(along, carry.path().smooth()),
                                            Action.Gait.RUN,
                                            Action.Ending.GO_ON,
                                            Cue.with(carry.id())));
                        })));
    }

    /** Somebody of the other team goes after whoever first carries the ball, as they set off. */
    private static Optional<Change> chaser(String rung, Stage stage, Surface surface) {
        return stage.actions().stream()
                .filter(Travel.Carry.class::isInstance)
                .findFirst()
                .flatMap(carry -> stage.person(carry.who())
                        .map(whom -> making("Add a chaser", rung, (s, ids) -> {
                            double heading = heading(stage, surface, carry, whom);
                            Vec behind = surface.surroundings().clamp(whom.at().minus(Vec.polar(BEHIND, heading)));
                            Piece.Player chaser = new Piece.Player(
                                    ids.take("p"), behind, heading, PersonEdits.freeNumber(s), other(whom.bib()));
                            return s.withPiece(chaser)
                                    .withAction(new Shadow(
                                            ids.take("a"),
                                            chaser.id(),
                                            whom.id(),
                                            new Shadow.Style(Shadow.Way.CHASE, Shadow.Side.ANY, CAUGHT),
                                            Action.Gait.SPRINT,
                                            Optional.empty(),
                                            Cue.with(carry.id())));
                        })));
    }

    /** Where somebody sets off to. */
    private static double heading(Stage stage, Surface surface, Action carry, Piece.Person whom) {
        Vec to = new Places(stage, surface).of(((Travel) carry).path().through().get(0));
        return to.distance(whom.at()) > 0.01 ? to.minus(whom.at()).angle() : whom.facing();
    }

    private static Bib other(Bib bib) {
        return bib == Bib.SKY ? Bib.CORAL : Bib.SKY;
    }

    /**
     * Whoever shadows somebody, the last who came; else the last of those who never have the ball and wear another
     * colour.
     */
    private static Optional<Piece.Person> defender(Stage stage) {
        Set<Bib> attacking = stage.actions().stream()
                .filter(a -> a instanceof Travel.Carry || a instanceof Action.Delivery)
                .flatMap(a -> stage.person(a.who()).stream())
                .filter(p -> p.isOnATeam())
                .map(Piece.Person::bib)
                .collect(Collectors.toSet());
        return stage.people().stream()
                .filter(p -> p instanceof Piece.Player && !attacking.contains(p.bib()))
                .reduce((a, b) -> b);
    }

    /** As the first shot is taken, a coach plays another ball to the shooter. */
    private static Optional<Change> secondBall(String rung, Stage stage, Timeline timeline, Surface surface) {
        return stage.actions().stream()
                .filter(a -> a instanceof Action.Shot && timeline.times(a.id()).isPresent())
                .findFirst()
                .flatMap(shot -> stage.person(shot.who())
                        .map(shooter -> making("Second ball as the shot is taken", rung, (s, ids) -> {
                            // Outside, where the drill does not come through; at the edge of the surface inside.
                            Vec out = shooter.at().plus(new Vec(0, shooter.at().y() > 0 ? ASIDE : -ASIDE));
                            Vec aside = surface.bounds().contains(out)
                                    ? out
                                    : shooter.at().plus(shooter.at().minus(out));
                            Piece.Coach coach = new Piece.Coach(
                                    ids.take("k"),
                                    aside,
                                    shooter.at().minus(aside).angle(),
                                    "C");
                            return s.withPiece(coach)
                                    .withPiece(new Piece.Ball(ids.take("b"), aside, Optional.of(coach.id())))
                                    .withAction(new Action.Pass(
                                            ids.take("a"),
                                            coach.id(),
                                            Spot.at(shooter.id()),
                                            Action.Touch.CONTROLLED,
                                            new Cue(new Cue.Released(shot.id()), 0)));
                        })));
    }

    /** Everything a fifth nearer to the middle of it. */
    private static Change smaller(String rung, Stage stage, Surface surface) {
        DoubleSummaryStatistics x =
                stage.pieces().stream().mapToDouble(p -> stage.place(p).x()).summaryStatistics();
        DoubleSummaryStatistics y =
                stage.pieces().stream().mapToDouble(p -> stage.place(p).y()).summaryStatistics();
        Vec middle = new Vec((x.getMin() + x.getMax()) / 2, (y.getMin() + y.getMax()) / 2);
        return change(
                "A fifth smaller",
                rung,
                s -> SurfaceEdits.placed(
                        s, surface, p -> middle.plus(p.minus(middle).times(SMALLER))));
    }
}
