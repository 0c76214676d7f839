package wildchalk.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.FreeIds;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Whom;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Outline;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Unit;
import wildchalk.core.pattern.Division;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.script.Script;
import wildchalk.core.script.ScriptWriter;
import wildchalk.core.soundness.Soundness;
import wildchalk.core.timeline.Timeline;

/** Stations: whole drills side by side, each where it is put, playing together. */
class StationEditsTest {

    private static final Box FIELD = new Box(-20, -15, 40, 30);

    private static Drill lawn() {
        return StationEdits.markOut("s1", Division.QUARTERS, 4, FIELD)
                .apply(Drill.empty("d", "Day", "open-grass", "whole"));
    }

    private static Drill drill(String title, Stages stages) {
        return Ladder.put(Drill.empty("o", title, "open-grass", "whole"), stages.build());
    }

    private static Stage stage(Drill drill) {
        return Ladder.build(drill, "s1");
    }

    private static Piece.Station station(Drill drill, int number) {
        return stage(drill).stations().get(number - 1);
    }

    private static StationEdits.Filled fill(Drill drill, int number, Drill other) {
        return StationEdits.fill(
                "s1", stage(drill), new FreeIds(drill), station(drill, number), other, drill.surface());
    }

    private static Drill relay() {
        return drill(
                "Relay",
                new Stages()
                        .player("p1", 30, 0)
                        .player("p2", 40, 0)
                        .ball("b1", "p1")
                        .pass("a1", "p1", "p2", Cue.whistle())
                        .carry("a2", "p2", Cue.received("a1"), 40, 5));
    }

    @Test
    void quartersLieApartAndAreNumberedRound() {
        List<Piece.Station> four = stage(lawn()).stations();
        assertEquals(
                List.of(1, 2, 3, 4), four.stream().map(Piece.Station::number).toList());
        assertTrue(four.get(0).at().x() < 0 && four.get(0).at().y() < 0);
        assertTrue(four.get(1).at().x() > 0 && four.get(1).at().y() < 0);
        assertTrue(four.get(2).at().x() > 0 && four.get(2).at().y() > 0);
        Outline.Rectangle r = (Outline.Rectangle) four.get(0).outline();
        // 40 × 30 m, a strip of 0.9 m left free round each: (40 − 0.9) / 2 − 0.9 by (30 − 0.9) / 2 − 0.9.
        assertEquals(18.65, r.width(), 0.011);
        assertEquals(13.65, r.depth(), 0.011);
    }

    @Test
    void drillKeepsItsDistancesAndItsTimesInAStation() {
        Drill filled = fill(lawn(), 3, relay()).edit().apply(lawn());
        Stage there = stage(filled);
        assertEquals("Relay", station(filled, 3).title());
        List<Piece.Person> people = there.people();
        assertEquals(10, people.get(0).at().distance(people.get(1).at()), 1e-9);
        assertTrue(people.stream().allMatch(p -> station(filled, 3).contains(p.at())));
        Timeline alone = Rehearsal.of(stage(relay()), relay().surface());
        Timeline here = Rehearsal.of(there, filled.surface());
        assertEquals(alone.duration(), here.duration(), 1e-6);
        assertEquals(List.of(), here.problems());
    }

    @Test
    void fourStationsPlayAtOnceAndNoneKnowsOfTheOthers() {
        Drill drill = lawn();
        for (int n = 1; n <= 4; n++) {
            drill = fill(drill, n, relay()).edit().apply(drill);
        }
        assertEquals(List.of(), Soundness.faults(drill, drill.surface()));
        Stage all = stage(drill);
        Timeline timeline = Rehearsal.of(all, drill.surface());
        assertEquals(List.of(), timeline.problems());
        List<Double> passes = all.actions().stream()
                .filter(Action.Pass.class::isInstance)
                .map(a -> timeline.times(a.id()).orElseThrow().arrival())
                .toList();
        assertEquals(4, passes.size());
        passes.forEach(t -> assertEquals(passes.get(0), t, 1e-6));
        Script script = ScriptWriter.write(all, timeline, drill.surface(), Unit.METRES);
        assertEquals(
                List.of(
                        "Station 1 · Relay · 8 min",
                        "Station 2 · Relay · 8 min",
                        "Station 3 · Relay · 8 min",
                        "Station 4 · Relay · 8 min"),
                script.lines().stream()
                        .map(Script.Line::heading)
                        .filter(h -> !h.isEmpty())
                        .toList());
        assertEquals(8, script.lines().size());
    }

    @Test
    void drillIsTurnedWhenItFitsOnlyThatWay() {
        Drill tall = drill(
                "Lane",
                new Stages()
                        .player("p1", 0, -8)
                        .player("p2", 0, 8)
                        .ball("b1", "p1")
                        .pass("a1", "p1", "p2", Cue.whistle()));
        StationEdits.Filled filled = fill(lawn(), 1, tall);
        assertEquals("", filled.words());
        List<Piece.Person> people = stage(filled.edit().apply(lawn())).people();
        assertEquals(16, Math.abs(people.get(0).at().x() - people.get(1).at().x()), 1e-9);
        assertEquals(-Math.PI / 2, Math.abs(people.get(0).facing()) * -1, 1e-9);
    }

    @Test
    void whatIsTooLargeIsPutInAllTheSameAndSaid() {
        Drill wide = drill(
                "Long ball",
                new Stages()
                        .player("p1", -20, 0)
                        .player("p2", 15, 0)
                        .ball("b1", "p1")
                        .pass("a1", "p1", "p2", Cue.whistle()));
        StationEdits.Filled filled = fill(lawn(), 2, wide);
        assertEquals("Long ball: it needs 35 × 0 m and does not fit station 2 (19 × 14 m).", filled.words());
        assertEquals(
                35,
                stage(filled.edit().apply(lawn()))
                        .people()
                        .get(0)
                        .at()
                        .distance(stage(filled.edit().apply(lawn()))
                                .people()
                                .get(1)
                                .at()),
                1e-9);
    }

    @Test
    void goalsOfTheOldSurfaceArePutDownAndItsZonesMarkedOut() {
        Drill shot = Ladder.put(
                Drill.empty("o", "Finish", "field-hockey", "whole"),
                new Stages()
                        .player("p1", 35, 2)
                        .ball("b1", "p1")
                        .carry("a1", "p1", Cue.whistle(), 38, 2)
                        .shot("a2", "p1", Cue.next())
                        .player("p2", 30, 0)
                        .sprint(
                                "a3",
                                "p2",
                                new Cue(
                                        new Cue.Enters(
                                                "p1", Stages.TURF.zones().get(0).id()),
                                        0),
                                31,
                                0)
                        .build());
        StationEdits.Filled done = fill(lawn(), 1, shot);
        assertTrue(done.words().contains("the ball that is used here"), done.words());
        Drill filled = done.edit().apply(lawn());
        Stage there = stage(filled);
        Action.Shot put = (Action.Shot) there.actions().stream()
                .filter(Action.Shot.class::isInstance)
                .findFirst()
                .orElseThrow();
        String goal = ((Spot.AtPiece) put.to()).piece();
        double far = Stages.TURF.target("goal").orElseThrow().at().distance(new Vec(35, 2));
        assertEquals(
                far,
                there.piece(goal)
                        .orElseThrow()
                        .at()
                        .distance(there.people().get(0).at()),
                1e-9);
        assertEquals(
                1, there.areas().stream().filter(Piece.Zone.class::isInstance).count());
        assertEquals(List.of(), Soundness.faults(filled, filled.surface()));
    }

    @Test
    void whatBindsAWholeRepStaysBehindAndIsSaid() {
        Drill ruled = drill(
                "Ruled",
                new Stages()
                        .player("p1", 0, 0)
                        .player("p2", 5, 0)
                        .ball("b1", "p1")
                        .pass("a1", "p1", "p2", Cue.whistle())
                        .say(new Limit.PassesFirst("l1", 3, Optional.empty()))
                        .say(Limit.Count.atMost("l2", Limit.Counted.TOUCHES, 2, Whom.one("p2"))));
        StationEdits.Filled filled = fill(lawn(), 1, ruled);
        assertTrue(filled.words().contains("passes before a shot"), filled.words());
        List<Limit> kept = stage(filled.edit().apply(lawn())).instructions(Limit.class);
        assertEquals(1, kept.size());
        assertTrue(kept.get(0) instanceof Limit.Count);
    }

    @Test
    void stationMovesWithAllThatStandsInIt() {
        Drill filled = fill(lawn(), 1, relay()).edit().apply(lawn());
        Piece.Station one = station(filled, 1);
        Drill moved = PieceEdits.move("s1", one, one.at().plus(new Vec(3, 1))).apply(filled);
        for (Piece piece : stage(filled).pieces()) {
            boolean inside = piece.id().equals(one.id())
                    || one.contains(stage(filled).place(piece)) && !(piece instanceof Piece.Station);
            Vec by = stage(moved).piece(piece.id()).orElseThrow().at().minus(piece.at());
            assertEquals(inside ? 3 : 0, by.x(), 1e-9, piece.toString());
        }
        Timeline before = Rehearsal.of(stage(filled), filled.surface());
        Timeline after = Rehearsal.of(stage(moved), moved.surface());
        assertEquals(before.duration(), after.duration(), 1e-9);
    }

    @Test
    void anotherDrillTakesThePlaceOfTheFirst() {
        Drill once = fill(lawn(), 1, relay()).edit().apply(lawn());
        Drill twice = fill(once, 1, relay()).edit().apply(once);
        assertEquals(2, stage(twice).people().size());
        Set<String> titles =
                stage(twice).stations().stream().map(Piece.Station::title).collect(Collectors.toSet());
        assertEquals(Set.of("Relay", ""), titles);
    }

    @Test
    void groupsMoveOnAsIsSaid() {
        Drill one = StationEdits.movingOn("s1", Optional.of(Instruction.Way.ONE_WAY))
                .apply(lawn());
        Drill swap = StationEdits.movingOn("s1", Optional.of(Instruction.Way.ALTERNATING))
                .apply(one);
        assertEquals("Groups move on 1 → 2 → 3 → 4 → 1.", said(one));
        assertEquals("Groups swap 1 ⇄ 2, 3 ⇄ 4. The next time 2 ⇄ 3, 4 ⇄ 1.", said(swap));
        assertEquals(1, stage(swap).instructions(Instruction.MoveOn.class).size());
    }

    private static String said(Drill drill) {
        Stage stage = stage(drill);
        return ScriptWriter.write(stage, Rehearsal.of(stage, drill.surface()), drill.surface(), Unit.METRES)
                .limits()
                .get(0)
                .text();
    }
}
