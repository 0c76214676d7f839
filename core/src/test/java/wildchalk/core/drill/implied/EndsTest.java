package wildchalk.core.drill.implied;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.implied.Ends.Why;
import wildchalk.core.edit.CopyEdits;
import wildchalk.core.edit.EndEdits;
import wildchalk.core.edit.Placement;
import wildchalk.core.geometry.Vec;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.soundness.Soundness;
import wildchalk.core.surface.End;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;
import wildchalk.core.timeline.Timeline;

/** Which end a team attacks, by all that can tell, and what edits make of it. */
class EndsTest {

    private static final Surface COURT = Surfaces.BUILT_IN.get("futsal");

    private static Stages teams(double coral, double sky) {
        return new Stages()
                .player("1", coral, 2)
                .player("2", coral + 1, -2)
                .player("x", sky, 1, Bib.SKY)
                .ball("b", "1")
                .ball("c", "x");
    }

    private static Action.Shot shot(String who, String target) {
        return new Action.Shot(
                "s" + who,
                who,
                new Spot.AtTarget(target),
                Action.Touch.CONTROLLED,
                Cue.whistle().delayed(9));
    }

    private static Optional<Ends.Known> at(Stage stage, Bib team) {
        return new Ends(stage, COURT).atStart(team);
    }

    private static Optional<Ends.Known> known(End end, Why why) {
        return Optional.of(new Ends.Known(end, why));
    }

    @Test
    void nothingTellsWhereAllBeginInOneHalf() {
        assertEquals(Optional.empty(), at(teams(8, 10).build(), Bib.CORAL));
        assertEquals(Optional.empty(), at(teams(8, 10).build(), Bib.SKY));
    }

    @Test
    void teamsThatBeginInTheirHalvesGoTowardsEachOther() {
        Stage stage = teams(-8, 9).build();
        assertEquals(known(End.GOAL, Why.BEGIN), at(stage, Bib.CORAL));
        assertEquals(known(End.OWN_GOAL, Why.BEGIN), at(stage, Bib.SKY));
    }

    @Test
    void keepersThenShotsTellMore() {
        Stages keeps = teams(-8, 9).piece(new Piece.Goalkeeper("k", new Vec(-19, 0), 0, "K", Bib.SKY));
        assertEquals(known(End.GOAL, Why.KEEPER), at(keeps.build(), Bib.SKY));
        keeps.action(shot("1", "goal"));
        assertEquals(known(End.OWN_GOAL, Why.OTHERS_SHOOT), at(keeps.build(), Bib.SKY));
        keeps.action(shot("x", "goal"));
        assertEquals(known(End.GOAL, Why.THEY_SHOOT), at(keeps.build(), Bib.SKY));
        assertEquals(known(End.GOAL, Why.THEY_SHOOT), at(keeps.build(), Bib.CORAL), "both at one goal");
    }

    @Test
    void oneClickTurnsBothOfTwoTeamsAndAnotherTurnsThemBack() {
        Drill drill = Stages.drill(teams(-8, 9).build());
        Drill turned = EndEdits.attack("s1", Bib.SKY, End.GOAL).apply(drill);
        assertEquals(known(End.GOAL, Why.SAID), at(Ladder.build(turned, "s1"), Bib.SKY));
        assertEquals(known(End.OWN_GOAL, Why.SAID), at(Ladder.build(turned, "s1"), Bib.CORAL));
        Drill back = EndEdits.attack("s1", Bib.SKY, End.OWN_GOAL).apply(turned);
        assertEquals(known(End.GOAL, Why.SAID), at(Ladder.build(back, "s1"), Bib.CORAL));
        assertEquals(1, Ladder.build(back, "s1").instructions().size(), "said once");
        assertEquals(List.of(), Soundness.faults(back, COURT));
    }

    @Test
    void changeOfEndsCountsFromItsMomentAndGoesWithIt() {
        Stage stage = teams(-8, 9).run("a1", "2", Cue.whistle(), 4, -2).build();
        Timeline before = Rehearsal.of(stage, COURT);
        double end = before.times("a1").orElseThrow().end();
        Drill changed = EndEdits.changeAt("s1", stage, COURT, before, end).apply(Stages.drill(stage));
        Stage now = Ladder.build(changed, "s1");
        Timeline t = Rehearsal.of(now, COURT);
        Ends ends = new Ends(now, COURT);
        assertEquals(
                End.GOAL, ends.at(Bib.CORAL, t::moment, end - 0.1).orElseThrow().end());
        assertEquals(
                End.OWN_GOAL,
                ends.at(Bib.CORAL, t::moment, end + 0.1).orElseThrow().end());
        assertEquals(
                End.GOAL, ends.at(Bib.SKY, t::moment, end + 0.1).orElseThrow().end());
        Cue from = ends.changes(Bib.SKY).get(0).from().orElseThrow();
        assertEquals(Cue.after("a1"), from, "tied to what happens then");
        Stage none = Ladder.build(EndEdits.noChange("s1").apply(changed), "s1");
        assertTrue(new Ends(none, COURT).changes(Bib.CORAL).isEmpty());
    }

    @Test
    void mirroredToTheOtherEndTheOtherEndIsAttacked() {
        Stage stage = teams(8, 10).build();
        Drill drill = EndEdits.attack("s1", Bib.CORAL, End.GOAL).apply(Stages.drill(stage));
        assertEquals(known(End.OWN_GOAL, Why.SAID), mirrored(drill, Placement.OTHER_END, Set.of("1", "2", "x")));
        assertEquals(known(End.GOAL, Why.SAID), mirrored(drill, Placement.OTHER_SIDE, Set.of("1", "2", "x")));
        assertEquals(known(End.GOAL, Why.SAID), mirrored(drill, Placement.OTHER_END, Set.of("1")), "one of two");
    }

    private static Optional<Ends.Known> mirrored(Drill drill, Placement placement, Set<String> chosen) {
        Stage stage = Ladder.build(drill, "s1");
        Drill done = CopyEdits.mirror("s1", "Mirror", stage, chosen, placement, COURT)
                .apply(drill);
        return at(Ladder.build(done, "s1"), Bib.CORAL);
    }
}
