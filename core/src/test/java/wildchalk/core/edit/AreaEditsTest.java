package wildchalk.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Whom;
import wildchalk.core.geometry.Outline;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Unit;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.script.ScriptWriter;
import wildchalk.core.timeline.Timeline;

/** Areas that a coach marks out, and what rules and cues make of them. */
class AreaEditsTest {

    private static final Piece.Zone ZONE =
            new Piece.Zone("z1", new Vec(10, 0), Outline.rectangle(6, 4), "end zone", Colour.YELLOW);

    @Test
    void cornerIsPulledAndTheOppositeOneStays() {
        Piece.Area pulled = AreaEdits.pulled(ZONE, 2, new Vec(15, 5));
        assertEquals(new Vec(7, -2), pulled.outline().at(pulled.at()).get(0));
        assertEquals(new Vec(15, 5), pulled.outline().at(pulled.at()).get(2));
    }

    @Test
    void cornerOfATurnedRectangleGoesWhereTheHandIs() {
        Piece.Area turned = ZONE.within(new Outline.Rectangle(6, 4, 0.6));
        Vec stays = turned.outline().at(turned.at()).get(1);
        Piece.Area pulled = AreaEdits.pulled(turned, 3, new Vec(4, 6));
        assertEquals(0, pulled.outline().at(pulled.at()).get(1).distance(stays), 1e-9);
        assertEquals(0, pulled.outline().at(pulled.at()).get(3).distance(new Vec(4, 6)), 1e-9);
    }

    @Test
    void circlesAndCornersArePulledToo() {
        Piece.Area circle = AreaEdits.pulled(ZONE.within(new Outline.Circle(2)), 0, new Vec(10, 5));
        assertEquals(new Outline.Circle(5), circle.outline());
        Piece.Area free = ZONE.within(new Outline.Corners(List.of(new Vec(0, 0), new Vec(4, 0), new Vec(0, 4))));
        assertTrue(AreaEdits.pulled(free, 1, new Vec(20, 0)).contains(new Vec(15, 0.5)));
        assertFalse(free.contains(new Vec(15, 0.5)));
    }

    @Test
    void whoRunsIntoAZoneSetsOffWhatWaitsForIt() {
        Stage stage = new Stages()
                .piece(ZONE)
                .player("p1", 0, 0)
                .player("p2", 0, 5)
                .sprint("a1", "p1", Cue.whistle(), 20, 0)
                .run("a2", "p2", new Cue(new Cue.Enters("p1", "z1"), 0), 5, 5)
                .build();
        Timeline timeline = Rehearsal.of(stage, Stages.TURF);
        double start = timeline.times("a2").orElseThrow().start();
        // The near edge lies 7 m from where 1 begins.
        assertEquals(7, timeline.pose("p1", start).at().x(), 0.01);
        assertTrue(
                ScriptWriter.write(stage, timeline, Stages.TURF, Unit.METRES)
                        .lines()
                        .get(1)
                        .text()
                        .startsWith("As p1 comes into the end zone"),
                ScriptWriter.write(stage, timeline, Stages.TURF, Unit.METRES)
                        .lines()
                        .get(1)
                        .text());
    }

    @Test
    void ruleForAZoneIsWatchedAndIsOnlyOne() {
        Stage stage = new Stages()
                .piece(ZONE)
                .player("p1", 0, 0)
                .sprint("a1", "p1", Cue.whistle(), 20, 0)
                .build();
        Drill drill = Ladder.put(Drill.empty("d", "D", "field-hockey", "whole"), stage);
        Drill ruled = AreaEdits.ruling(
                        "s1", ZONE, Optional.of(new Limit.OnlyIn("l1", "z1", new Whom.People(List.of()))))
                .apply(drill);
        Stage there = Ladder.build(ruled, "s1");
        assertEquals(
                "p1 may not be in the end zone",
                Rehearsal.of(there, Stages.TURF).problems().get(0).message().replaceAll("[:;.].*", ""));
        Drill other = AreaEdits.ruling("s1", ZONE, Optional.of(new Limit.EntriesFirst("l1", 2, "z1")))
                .apply(ruled);
        assertEquals(
                Optional.of(new Limit.EntriesFirst("l1", 2, "z1")), AreaEdits.rule(Ladder.build(other, "s1"), "z1"));
        Drill none = AreaEdits.ruling("s1", ZONE, Optional.empty()).apply(other);
        assertTrue(Ladder.build(none, "s1").instructions().isEmpty());
    }

    @Test
    void zoneThatIsTakenAwayTakesItsRuleAlong() {
        Stage stage = new Stages()
                .piece(ZONE)
                .player("p1", 0, 0)
                .sprint("a1", "p1", Cue.whistle(), 5, 0)
                .run("a2", "p1", new Cue(new Cue.Enters("p1", "z1"), 0), 5, 5)
                .say(new Limit.OnlyIn("l1", "z1", new Whom.People(List.of("p1"))))
                .build();
        Stage without = PieceEdits.removed(stage, Set.of("z1"));
        assertTrue(without.instructions().isEmpty());
        assertEquals(
                Cue.next().trigger(), without.action("a2").orElseThrow().cue().trigger());
    }
}
