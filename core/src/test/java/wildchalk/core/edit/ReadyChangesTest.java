package wildchalk.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Stage;
import wildchalk.core.effort.Effort;
import wildchalk.core.geometry.Vec;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.timeline.Problem;
import wildchalk.core.timeline.Timeline;

class ReadyChangesTest {

    private final Stage stage = new Stages()
            .player("7", 10, 5)
            .player("9", 20, -5)
            .ball("b1", "9")
            .piece(Piece.Item.cone("c1", new Vec(30, 5), Colour.RED))
            .pass("a1", "9", "7", Cue.whistle())
            .carry("a2", "7", Cue.received("a1"), 30, 3)
            .shot("a3", "7", Cue.next())
            .build();

    private static Timeline rehearsed(Stage stage) {
        return Rehearsal.of(stage, Stages.TURF);
    }

    private static List<ReadyChanges.Change> changes(Stage stage) {
        return ReadyChanges.of("s1", stage, rehearsed(stage), Stages.TURF);
    }

    private static Stage after(Stage stage, String start) {
        Drill drill = Ladder.put(Drill.empty("d", "D", "field-hockey", "whole").withEffort(stage.effort()), stage);
        Stage changed = Ladder.build(
                changes(stage).stream()
                        .filter(c -> c.words().startsWith(start))
                        .findFirst()
                        .orElseThrow()
                        .edit()
                        .apply(drill),
                "s1");
        // A long carry breaks a limit of two touches, and says so; everything else happens.
        assertEquals(
                List.of(),
                rehearsed(changed).problems().stream()
                        .filter(p -> p.kind() != Problem.Kind.LIMIT)
                        .toList(),
                start);
        return changed;
    }

    @Test
    void chaserStartsBehindAsTheCarryBeginsAndRunsAtThem() {
        Stage chased = after(stage, "Add a chaser");
        Shadow chase = (Shadow) chased.actions().get(3);
        Piece.Person chaser = chased.person(chase.who()).orElseThrow();
        assertEquals(3, chaser.at().distance(new Vec(10, 5)), 1e-9);
        assertTrue(chaser.at().x() < 10, "behind, seen from where the carry goes");
        assertEquals(Bib.SKY, chaser.bib());
        assertEquals("1", chaser.label());
        assertEquals(
                rehearsed(chased).times("a2").orElseThrow().start(),
                rehearsed(chased).times(chase.id()).orElseThrow().start(),
                1e-6);
        assertEquals(stage.people(), after(chased, "Take a defender away").people());
    }

    @Test
    void attackerRunsAlongBesideTheCarrier() {
        Stage more = after(stage, "Add an attacker");
        Piece.Person attacker = more.people().get(more.people().size() - 1);
        assertEquals(Bib.CORAL, attacker.bib());
        Timeline t = rehearsed(more);
        double start = t.times("a2").orElseThrow().start();
        assertEquals(
                start,
                t.times(more.actionsOf(attacker.id()).get(0).id()).orElseThrow().start(),
                1e-6);
        assertEquals(
                6,
                t.pose(attacker.id(), start + 0.5)
                        .at()
                        .distance(t.pose("7", start + 0.5).at()),
                1.5,
                "beside, not in the way");
    }

    @Test
    void rungGoesLiveInsteadOfHalfPaceAndOnlyIt() {
        Drill drill = Ladder.put(
                Drill.empty("d", "D", "field-hockey", "whole")
                        .withEffort(new Effort(Effort.Level.ADULT, Effort.Intensity.HALF)),
                stage);
        Drill two = LadderEdits.harder(drill, "s1").edit().apply(drill);
        Stage upper = Ladder.build(two, "s2");
        ReadyChanges.Change live = ReadyChanges.of("s2", upper, rehearsed(upper), Stages.TURF).stream()
                .filter(c -> c.words().equals("Live instead of half pace"))
                .findFirst()
                .orElseThrow();
        Drill changed = live.edit().apply(two);
        assertEquals(Effort.Intensity.LIVE, Ladder.build(changed, "s2").effort().intensity());
        assertEquals(Effort.Intensity.HALF, Ladder.build(changed, "s1").effort().intensity());
        assertTrue(rehearsed(Ladder.build(changed, "s2")).duration()
                < rehearsed(Ladder.build(changed, "s1")).duration());
    }

    @Test
    void whatComesFromBehindOrTwiceIsWarnedOfOnce() {
        Drill drill = Ladder.put(Drill.empty("d", "D", "field-hockey", "whole").withEffort(stage.effort()), stage);
        List<ReadyChanges.Change> changes = changes(stage);
        Drill chased = changes.stream()
                .filter(c -> c.words().equals("Add a chaser"))
                .findFirst()
                .orElseThrow()
                .edit()
                .apply(drill);
        assertEquals(1, chased.cautions().size());
        assertTrue(chased.cautions().get(0).contains("rules of the sport"));
        Drill again = changes.stream()
                .filter(c -> c.words().equals("Add a chaser"))
                .findFirst()
                .orElseThrow()
                .edit()
                .apply(chased);
        assertEquals(chased.cautions(), again.cautions());
        assertEquals(
                1,
                changes.stream()
                        .filter(c -> c.words().startsWith("Second ball"))
                        .findFirst()
                        .orElseThrow()
                        .edit()
                        .apply(drill)
                        .cautions()
                        .size());
    }

    @Test
    void secondBallIsPlayedToTheShooterAsTheShotLeaves() {
        Stage second = after(stage, "Second ball");
        Action.Pass pass = (Action.Pass) second.actions().get(3);
        Timeline timeline = rehearsed(second);
        assertEquals(
                timeline.times("a3").orElseThrow().release(),
                timeline.times(pass.id()).orElseThrow().start(),
                1e-6);
        assertEquals(
                Optional.of("7"),
                timeline.holder(second.balls().get(1).id(), timeline.duration()),
                "the shooter has it in the end");
    }

    @Test
    void limitsAreOfferedUntilTheyAreThere() {
        Stage limited = after(after(stage, "Two touches"), "A shot within");
        assertEquals(2, limited.instructions(Limit.Count.class).get(0).n());
        assertTrue(limited.instructions(Limit.Within.class).get(0).seconds()
                >= rehearsed(stage).duration());
        assertTrue(changes(limited).stream()
                .noneMatch(c -> c.words().startsWith("Two touches") || c.words().startsWith("A shot within")));
    }

    @Test
    void smallerIsNearerToTheMiddleAndTheOtherSideIsMirrored() {
        Stage small = after(stage, "A fifth smaller");
        for (Piece one : stage.people()) {
            for (Piece other : stage.people()) {
                assertEquals(
                        0.8 * one.at().distance(other.at()),
                        small.person(one.id())
                                .orElseThrow()
                                .at()
                                .distance(small.person(other.id()).orElseThrow().at()),
                        0.02);
            }
        }
        Stage other = after(stage, "From the other side");
        assertEquals(new Vec(10, -5), other.person("7").orElseThrow().at());
        assertEquals(rehearsed(stage).duration(), rehearsed(other).duration(), 1e-6);
    }

    @Test
    void emptyStageHasNothingToChange() {
        assertEquals(List.of(), changes(new Stages().build()));
        assertTrue(changes(new Stages().player("1", 0, 0).build()).stream()
                .noneMatch(c -> c.words().contains("chaser") || c.words().contains("ball")));
    }
}
