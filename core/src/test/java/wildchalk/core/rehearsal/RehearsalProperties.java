package wildchalk.core.rehearsal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.Tuple;
import wildchalk.core.Stages;
import wildchalk.core.drill.Action.Ending;
import wildchalk.core.drill.Action.Gait;
import wildchalk.core.drill.Action.Touch;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Team;
import wildchalk.core.geometry.Vec;

/** What holds for any stage, sensible or not. */
class RehearsalProperties {

    private static final int PEOPLE = 5;
    private static final int ACTIONS = 10;
    private static final double STEP = 0.02;
    /** Brake and grip together are 7.5 m/s²; corners in a hurry may ask for more, nothing may ask for much more. */
    private static final double MOST_PULL = 20;

    @Property(tries = 1500)
    void anyStageGivesATimelineAndTheSameOneEachTime(@ForAll("stages") Stage stage) {
        Timeline t = Rehearsal.of(stage, Stages.TURF);
        Timeline again = Rehearsal.of(stage, Stages.TURF);
        assertTrue(milliseconds(stage) < 50, "it takes too long");
        assertEquals(t.events(), again.events());
        assertEquals(t.problems(), again.problems());
        assertTrue(Double.isFinite(t.duration()));
        for (Action action : stage.actions()) {
            boolean happens = t.times(action.id()).isPresent();
            boolean explained = t.problems().stream().anyMatch(p -> p.action().equals(action.id()));
            assertTrue(happens || explained, action.id() + " neither happens nor is it said why");
        }
    }

    /** The quickest of a few tries: a busy machine may stop for a while in between. */
    private static double milliseconds(Stage stage) {
        double quickest = Double.MAX_VALUE;
        for (int i = 0; i < 8 && quickest > 50; i++) {
            long begun = System.nanoTime();
            Rehearsal.of(stage, Stages.TURF);
            quickest = Math.min(quickest, (System.nanoTime() - begun) / 1e6);
        }
        return quickest;
    }

    @Property(tries = 400)
    void nobodyJumpsOrOutrunsThemselves(@ForAll("stages") Stage stage) {
        Speeds speeds = Speeds.of(Stages.TURF);
        double fastest = speeds.top().values().stream().mapToDouble(Double::doubleValue).max().orElseThrow();
        Timeline t = Rehearsal.of(stage, Stages.TURF);
        for (String who : t.people()) {
            for (double time = 0; time < Math.min(30, t.duration()); time += STEP) {
                double gone = t.pose(who, time).at().distance(t.pose(who, time + STEP).at());
                assertTrue(gone <= fastest * STEP + 0.005, who + " goes " + gone + " m in " + STEP + " s at " + time);
            }
        }
    }

    @Property(tries = 1000)
    void nobodyChangesSpeedOrDirectionAtOnce(@ForAll("stages") Stage stage) {
        Timeline t = Rehearsal.of(stage, Stages.TURF);
        double step = 0.1;
        for (String who : t.people()) {
            for (double time = step; time < Math.min(30, t.duration()); time += step) {
                Vec before = t.pose(who, time - step).at();
                Vec now = t.pose(who, time).at();
                Vec after = t.pose(who, time + step).at();
                double pull = after.minus(now).minus(now.minus(before)).length() / (step * step);
                assertTrue(pull < MOST_PULL, who + " is pulled with " + pull + " m/s² at " + time);
            }
        }
    }

    @Property(tries = 400)
    void everyBallIsAlwaysSomewhereAndWithOnePersonAtMost(@ForAll("stages") Stage stage) {
        Timeline t = Rehearsal.of(stage, Stages.TURF);
        for (double time = 0; time < Math.min(30, t.duration()); time += 0.1) {
            for (String ball : t.balls()) {
                assertTrue(t.ball(ball, time).isFinite());
                boolean held = t.holder(ball, time).isPresent();
                assertTrue(!held || t.sentBy(ball, time).isEmpty(), "held and on its way at once");
            }
        }
    }

    @Property(tries = 300)
    void mirroringTheStageMirrorsTheTimeline(@ForAll("stages") Stage stage) {
        Timeline t = Rehearsal.of(stage, Stages.TURF);
        Timeline m = Rehearsal.of(mirrored(stage), Stages.TURF);
        assertEquals(t.duration(), m.duration(), 1e-4);
        for (String who : t.people()) {
            for (double time = 0; time < Math.min(10, t.duration()); time += 0.25) {
                Vec a = t.pose(who, time).at();
                Vec b = m.pose(who, time).at();
                assertEquals(0, new Vec(a.x(), -a.y()).distance(b), 0.01, who + " at " + time);
            }
        }
    }

    private static Stage mirrored(Stage stage) {
        List<Piece> pieces = stage.pieces().stream()
                .map(p -> p instanceof Piece.Player x
                        ? new Piece.Player(x.id(), flip(x.at()), -x.facing(), x.label(), x.team()) : p).toList();
        List<Action> actions = stage.actions().stream().map(RehearsalProperties::mirrored).toList();
        return new Stage(stage.id(), stage.title(), pieces, actions);
    }

    private static Action mirrored(Action action) {
        if (action instanceof Action.Travel travel) {
            return travel.withPath(new Action.Path(travel.path().through().stream().map(RehearsalProperties::flip).toList(),
                    travel.path().smooth()));
        }
        if (action instanceof Action.Pass pass && pass.off().isPresent()) {
            return pass.comingOff(switch (pass.off().get()) {
                case LEFT -> Action.Wall.RIGHT;
                case RIGHT -> Action.Wall.LEFT;
                default -> pass.off().get();
            });
        }
        return action instanceof Action.Hold hold ? hold.facing(hold.facing().map(RehearsalProperties::flip)) : action;
    }

    private static Spot flip(Spot spot) {
        return spot instanceof Spot.Place place ? Spot.at(flip(place.at())) : spot;
    }

    private static Vec flip(Vec v) {
        return new Vec(v.x(), -v.y());
    }

    @Provide
    Arbitrary<Stage> stages() {
        Arbitrary<Vec> places = Arbitraries.integers().between(-40, 40).tuple2()
                .map(xy -> new Vec(xy.get1(), xy.get2() * 0.6));
        Arbitrary<List<Vec>> starts = places.list().ofSize(PEOPLE);
        return starts.flatMap(at -> actions(places).list().ofMaxSize(ACTIONS).map(made -> {
            List<Piece> pieces = new ArrayList<>();
            for (int i = 0; i < PEOPLE; i++) {
                pieces.add(new Piece.Player("p" + i, at.get(i), 0, "" + i, i % 2 == 0 ? Team.CORAL : Team.SKY));
            }
            pieces.add(new Piece.Ball("b1", at.get(0), Optional.of("p0")));
            pieces.add(new Piece.Ball("b2", at.get(1), Optional.of("p1")));
            pieces.add(new Piece.Ball("b3", Vec.ZERO, Optional.empty()));
            List<Action> actions = new ArrayList<>();
            for (int i = 0; i < made.size(); i++) {
                actions.add(made.get(i).named("a" + i));
            }
            return new Stage("s1", "", pieces, actions);
        }));
    }

    /** An action that does not yet know its id. */
    private interface Unnamed {
        Action named(String id);
    }

    private static Arbitrary<Unnamed> actions(Arbitrary<Vec> places) {
        // p5 is nobody: files are checked, but the rehearsal must take it.
        Arbitrary<String> people = Arbitraries.integers().between(0, PEOPLE).map(i -> "p" + i);
        Arbitrary<Cue> cues = Arbitraries.integers().between(0, 14).tuple2().flatMap(n -> Arbitraries.of(
                Cue.whistle(), Cue.whistle(), Cue.next(), Cue.with("a" + n.get1()), Cue.after("a" + n.get1()),
                Cue.received("a" + n.get1()), Cue.received("a" + n.get1()), Cue.received("a" + n.get1()).delayed(-0.5),
                new Cue(new Cue.Released("a" + n.get1()), 0), new Cue(new Cue.Partway("a" + n.get1(), 0.5), 0.1),
                new Cue(new Cue.Gone("a" + n.get1(), n.get2()), 0), Cue.after("a" + n.get1()).delayed(-0.3),
                new Cue(new Cue.Near("p" + n.get1() % 6, "p" + n.get2() % 6, 3), 0), new Cue(new Cue.Called("now"), 0.2),
                new Cue(new Cue.Enters("p" + n.get1() % 6, "circle"), 0),
                new Cue(new Cue.Crosses("b1", "halfway-line"), 0),
                new Cue(new Cue.AllOf(List.of(new Cue.After("a" + n.get1()), new Cue.Received("a" + n.get2()))), 0),
                new Cue(new Cue.FirstOf(List.of(new Cue.After("a" + n.get1()), new Cue.Received("a" + n.get2()))), 0),
                Cue.whistle().delayed(n.get2() / 4.0), Cue.after("a" + n.get1()).delayed(n.get2() / 7.0)));
        Arbitrary<Action.Path> paths = places.list().ofMinSize(1).ofMaxSize(4).map(l -> new Action.Path(
                l.stream().map(Spot::at).toList(), l.size() % 2 == 0));
        Arbitrary<Gait> gaits = Arbitraries.of(Gait.class);
        Arbitrary<Ending> endings = Arbitraries.of(Ending.class);
        Arbitrary<Unnamed> travels = Combinators.combine(people, paths, gaits, endings, cues)
                .as((who, path, gait, ending, cue) -> id -> who.hashCode() % 2 == 0
                        ? new Action.Run(id, who, path, gait, ending, cue)
                        : new Action.Carry(id, who, path, gait, ending, cue));
        Arbitrary<Unnamed> passes = Combinators.combine(people, people, cues)
                .as((who, to, cue) -> id -> new Action.Pass(id, who, Spot.at(to), Touch.CONTROLLED, cue));
        Arbitrary<Unnamed> shots = Combinators.combine(people, cues)
                .as((who, cue) -> id -> new Action.Shot(id, who, new Spot.AtTarget("goal"), Touch.FIRST_TIME, cue));
        Arbitrary<Unnamed> otherPasses = Combinators.combine(people, people, Arbitraries.of(Action.Manner.class),
                Arbitraries.of(Action.Wall.class).injectNull(0.5), cues).as((who, to, manner, wall, cue) -> id ->
                new Action.Pass(id, who, Spot.at(to), Touch.CONTROLLED, manner, Optional.ofNullable(wall), cue));
        Arbitrary<Unnamed> shadows = Combinators.combine(people, people, Arbitraries.of(Action.Shadow.Way.class),
                Arbitraries.of(Action.Shadow.Side.class), cues).as((who, whom, way, side, cue) -> id ->
                new Action.Shadow(id, who, whom, way, side, 1.5, Gait.SPRINT, way == Action.Shadow.Way.MARK
                        ? Optional.of(cue.trigger()) : Optional.empty(), cue));
        Arbitrary<Unnamed> holds = Combinators.combine(people, places.injectNull(0.3), Arbitraries.integers().between(0, 2),
                cues).as((who, at, seconds, cue) -> id -> new Action.Hold(id, who, Action.Hold.Stance.WAIT,
                Optional.ofNullable(at).map(Spot::at), seconds, Optional.empty(), cue));
        Arbitrary<Unnamed> others = Combinators.combine(people, Arbitraries.of(true, false), cues).as((who, calls, cue) -> id ->
                calls ? new Action.Call(id, who, "now", cue) : new Action.Collect(id, who,
                        new Action.Path(List.of(Spot.at("b3")), false), Gait.RUN, Ending.STOP, cue));
        return Arbitraries.frequencyOf(Tuple.of(5, travels), Tuple.of(4, passes), Tuple.of(1, shots),
                Tuple.of(2, otherPasses), Tuple.of(2, shadows), Tuple.of(1, holds), Tuple.of(1, others));
    }
}
