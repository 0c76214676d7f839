package wildchalk.core.script;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Instruction.Freeze;
import wildchalk.core.drill.Instruction.Option;
import wildchalk.core.drill.Instruction.Read;
import wildchalk.core.drill.Instruction.Rule;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Reads;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Unit;
import wildchalk.core.rehearsal.Rehearsal;

class ReadWordsTest {

    private static final Option NAMED = new Option("o1", "go alone", "", List.of("a1"));
    private static final Option UNNAMED = new Option("o2", "", "", List.of("a2"));
    private static final Option EMPTY = new Option("o3", "", "", List.of());
    private static final Read READ = new Read("r1", "7", List.of(NAMED, UNNAMED, EMPTY), Optional.empty());
    private static final Stage STAGE = new Stages()
            .player("7", 0, 0)
            .player("9", 9, 0)
            .ball("b", "7")
            .carry("a1", "7", Cue.whistle(), 5, 5)
            .pass("a2", "7", "9", Cue.whistle())
            .piece(new Piece.Coach("k", Vec.ZERO, 0, ""))
            .say(READ)
            .build();

    @Test
    void optionsGoByTheirLabelOrWhatTheyBeginWith() {
        assertEquals(Optional.of("go alone"), ReadWords.option(STAGE, READ, NAMED));
        assertEquals(Optional.of("pass to 9"), ReadWords.option(STAGE, READ, UNNAMED));
        assertEquals(Optional.empty(), ReadWords.option(STAGE, READ, EMPTY));
    }

    @Test
    void whoDecidesIsAPersonACoachOrNobody() {
        assertEquals(Optional.of("7"), ReadWords.decider(STAGE, READ));
        assertEquals(Optional.of("coach"), ReadWords.decider(STAGE, new Read("r2", "k", List.of(), Optional.empty())));
        assertEquals(Optional.empty(), ReadWords.decider(STAGE, new Read("r3", "b", List.of(), Optional.empty())));
    }

    @Test
    void whoWinsABallIsSaidSo() {
        Stage contest = new Stages()
                .player("7", 0, 0)
                .player("4", 20, 0, Bib.SKY)
                .piece(new Piece.Ball("b", new Vec(10, 0), Optional.empty()))
                .travel(collect("c7", "7"))
                .travel(collect("c4", "4"))
                .build();
        Read read = Reads.of(contest).get(0);
        assertEquals(
                List.of("7 wins", "4 wins"),
                read.options().stream()
                        .map(o -> ReadWords.option(contest, read, o).orElse(""))
                        .toList());
    }

    @Test
    void whatIsSaidOtherwiseOnARungIsCounted() {
        Stage asked =
                STAGE.saying(new Freeze("f1", Cue.whistle(), "?", "")).saying(new Freeze("f2", Cue.whistle(), "?", ""));
        assertEquals(List.of("2 questions more"), differences(STAGE, asked));
        assertEquals(List.of("without 2 questions"), differences(asked, STAGE));
        Stage ruled = STAGE.saying(new Read("r1", "7", READ.options(), Optional.empty(), Optional.of(Rule.OPEN)));
        assertEquals(List.of("7's decision is worked out"), differences(STAGE, ruled));
        assertEquals(List.of("7's decision changed"), differences(ruled, STAGE));
    }

    @Test
    void aRungFromTheOtherSideIsSaidInOneWord() {
        Stage below = new Stages()
                .player("7", 0, 5)
                .player("9", 9, -8)
                .run("a1", "7", Cue.whistle(), 5, 5)
                .build();
        Stage mirrored = new Stages()
                .player("7", 0, -5)
                .player("9", 9, 8)
                .run("a1", "7", Cue.whistle(), 5, -5)
                .build();
        assertEquals(List.of("from the other side"), differences(below, mirrored));
        Stage more = new Stages()
                .player("7", 0, -5)
                .player("9", 9, 8)
                .player("4", 3, 3, Bib.SKY)
                .run("a1", "7", Cue.whistle(), 5, -5)
                .build();
        assertEquals(List.of("from the other side", "player 4 comes in"), differences(below, more));
        Stage bent = new Stages()
                .player("7", 0, 5)
                .player("9", 9, -8)
                .run("a1", "7", Cue.whistle(), 6, 6)
                .build();
        assertEquals(List.of("7's run goes otherwise"), differences(below, bent));
    }

    private static Travel collect(String id, String who) {
        return new Travel.Collect(
                id,
                who,
                new TravelPath(List.of(Spot.at("b")), false),
                Action.Gait.RUN,
                Action.Ending.STOP,
                Cue.whistle());
    }

    private static List<String> differences(Stage below, Stage here) {
        return Differences.of(below, here, Rehearsal.of(here, Stages.TURF), Stages.TURF, Unit.METRES);
    }
}
