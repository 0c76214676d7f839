package wildchalk.core.drill;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.edit.DrillEdits;
import wildchalk.core.edit.LadderEdits;
import wildchalk.core.effort.Dose;
import wildchalk.core.effort.Effort;
import wildchalk.core.effort.Effort.Intensity;
import wildchalk.core.measure.Unit;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.script.Differences;

class RungPlanTest {

    private static Drill three() {
        Stage stage = new Stages()
                .player("7", 0, 0)
                .run("a1", "7", Cue.whistle(), 20, 0)
                .build();
        Drill drill = Ladder.put(Drill.empty("d", "D", "field-hockey", "whole"), stage);
        drill = LadderEdits.harder(drill, "s1").edit().apply(drill);
        return LadderEdits.harder(drill, "s2").edit().apply(drill);
    }

    private static Intensity intensity(Drill drill, String rung) {
        return Ladder.build(drill, rung).effort().intensity();
    }

    private static Drill going(Drill drill, String rung, Intensity intensity) {
        return LadderEdits.planned(rung, "Pace", p -> p.going(Optional.of(intensity)))
                .apply(drill);
    }

    @Test
    void howHardPeopleGoComesUpFromTheNearestRungThatSaysSo() {
        Drill drill = DrillEdits.effort(new Effort(Effort.Level.UNDER_12, Intensity.WALK_THROUGH))
                .apply(three());
        assertEquals(Intensity.WALK_THROUGH, intensity(drill, "s3"));
        Drill half = going(drill, "s2", Intensity.HALF);
        assertEquals(
                List.of(Intensity.WALK_THROUGH, Intensity.HALF, Intensity.HALF),
                List.of(intensity(half, "s1"), intensity(half, "s2"), intensity(half, "s3")));
        Drill live = going(half, "s3", Intensity.LIVE);
        assertEquals(Intensity.LIVE, intensity(live, "s3"));
        assertEquals(
                Effort.Level.UNDER_12,
                Ladder.build(live, "s3").effort().level(),
                "how old they are is the drill's to say");
    }

    @Test
    void aRungThatIsLetGoGoesOnAsHardAsItDid() {
        Drill half = going(three(), "s2", Intensity.HALF);
        assertEquals(Intensity.HALF, intensity(LadderEdits.detached("s3").apply(half), "s3"));
        assertEquals(Intensity.HALF, intensity(LadderEdits.removed("s2").apply(half), "s3"));
    }

    @Test
    void paceIsADifferenceInWords() {
        Drill half = going(three(), "s2", Intensity.HALF);
        Stage upper = Ladder.build(half, "s2");
        assertEquals(
                List.of("half pace instead of live"),
                Differences.of(
                        Ladder.build(half, "s1"), upper, Rehearsal.of(upper, Stages.TURF), Stages.TURF, Unit.METRES));
    }

    @Test
    void everyRungAtOnceIsTheSameAsEachByItself() {
        Drill drill = going(three(), "s2", Intensity.HALF);
        drill = LadderEdits.moved("s3", -2).apply(drill);
        Map<String, Stage> all = Ladder.all(drill);
        assertEquals(
                drill.ladder().stream().map(Rung::id).sorted().toList(),
                all.keySet().stream().sorted().toList());
        for (Rung rung : drill.ladder()) {
            assertEquals(Ladder.build(drill, rung.id()), all.get(rung.id()));
        }
        assertEquals(
                "[s1, s2, s3]",
                all.keySet().toString(),
                "what is made from another comes after it, wherever it stands");
    }

    @Test
    void rungsInACircleAreBuiltAllTheSame() {
        Stage bottom = new Stages().player("7", 0, 0).build();
        Drill circle = Drill.empty("d", "D", "field-hockey", "whole")
                .withLadder(List.of(
                        new Rung("s1", "", Optional.of("s2"), bottom.pieces(), List.of(), List.of(), List.of()),
                        new Rung("s2", "", Optional.of("s1"), List.of(), List.of(), List.of(), List.of())));
        assertTrue(Ladder.all(circle).values().stream().allMatch(s -> s.pieces().size() == 1));
    }

    @Test
    void whatIsPlannedStaysWithTheRungWhateverIsDrawn() {
        Drill drill = LadderEdits.planned(
                        "s2", "Plan", p -> p.with(Dose.read("5 min")).climbing("it works"))
                .apply(three());
        Drill drawn = Ladder.put(
                drill, Ladder.build(drill, "s2").withPieces(List.of()).withActions(List.of()));
        assertSame(drill.ladder().get(1).plan(), drawn.ladder().get(1).plan());
        assertEquals(
                "it works",
                LadderEdits.renamed("s2", "Other")
                        .apply(drawn)
                        .ladder()
                        .get(1)
                        .plan()
                        .climb());
    }

    /** Whatever somebody typed, its words say the same again. */
    @Property(tries = 2000, seed = "19081")
    void wordsReadBackAsWhatWasRead(@ForAll("typed") String typed) {
        Dose.read(typed)
                .ifPresent(read ->
                        assertEquals(Optional.of(read), Dose.read(read.words()), typed + " -> " + read.words()));
    }

    @Provide
    Arbitrary<String> typed() {
        return Arbitraries.of(
                        "3",
                        "10",
                        "0.5",
                        "min",
                        " min",
                        "s",
                        " s",
                        "x",
                        "times",
                        "reps",
                        "sec",
                        " ",
                        ",",
                        ", ",
                        "each side",
                        "left",
                        "then",
                        "7.25",
                        "-",
                        ".5")
                .list()
                .ofMinSize(1)
                .ofMaxSize(9)
                .map(parts -> String.join("", parts));
    }
}
