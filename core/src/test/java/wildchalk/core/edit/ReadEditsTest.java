package wildchalk.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.FreeIds;
import wildchalk.core.drill.Instruction.Read;
import wildchalk.core.drill.Instruction.Rule;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Reads;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Unit;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.script.ScriptWriter;
import wildchalk.core.timeline.Timeline;

class ReadEditsTest {

    private static final String RUNG = "s1";
    private final Stage start = new Stages()
            .player("7", 0, 0)
            .player("9", 15, 5)
            .player("11", 15, -5)
            .ball("b", "7")
            .carry("a1", "7", Cue.whistle(), 8, 0)
            .pass("a2", "7", "9", Cue.after("a1").delayed(0.3))
            .carry("a3", "9", Cue.received("a2"), 25, 5)
            .shot("a4", "9", Cue.next())
            .build();
    private Drill drill = Ladder.put(Drill.empty("d", "D", "field-hockey", "whole"), start);

    private Stage stage() {
        return Ladder.build(drill, RUNG);
    }

    private ReadEdits.Made instead(String action) {
        ReadEdits.Made made = ReadEdits.instead(
                        RUNG,
                        stage(),
                        new FreeIds(drill),
                        stage().action(action).orElseThrow())
                .orElseThrow();
        drill = made.edit().apply(drill);
        return made;
    }

    private void draw(Choices choices, Action action) {
        drill = ReadEdits.lookingAt(ActionEdits.chalk(RUNG, action), RUNG, choices)
                .apply(drill);
    }

    private Read read(String id) {
        return stage().instructions(Read.class).stream()
                .filter(r -> r.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static Action pass(String id, String who, String to, Cue cue) {
        return new Action.Pass(id, who, Spot.at(to), Action.Touch.CONTROLLED, cue);
    }

    @Test
    void anOptionTakesWhatItsActionSetsOffAndTheOtherWhatIsDrawnThen() {
        ReadEdits.Made made = instead("a2");
        assertEquals("7", read(made.read()).who());
        assertEquals(
                List.of("a2", "a3", "a4"), read(made.read()).options().get(0).actions());
        Choices looking = Choices.NONE.with(made.read(), made.option());
        draw(looking, pass("n1", "7", "11", Cue.whistle()));
        draw(
                looking,
                new Action.Shot("n2", "11", new Spot.AtTarget("goal"), Action.Touch.CONTROLLED, Cue.received("n1")));
        draw(
                looking,
                new Travel.Run(
                        "n3",
                        "9",
                        new TravelPath(List.of(Spot.at(30, 0)), false),
                        Action.Gait.RUN,
                        Action.Ending.GO_ON,
                        Cue.whistle()));
        assertEquals(
                List.of("n1", "n2"),
                read(made.read()).options().get(1).actions(),
                "what starts on the whistle happens whatever is chosen");
        assertEquals(
                stage().action("a2").orElseThrow().cue(),
                stage().action("n1").orElseThrow().cue(),
                "decided at the same moment");
        Timeline timeline = Rehearsal.of(stage(), Stages.TURF, looking);
        assertEquals(List.of(), timeline.problems());
        assertTrue(timeline.times("n2").isPresent() && timeline.times("a3").isEmpty());
        assertEquals(2, Reads.ways(stage()).size());
    }

    @Test
    void aThirdOptionJoinsTheReadAndALaterActionBeginsOneInsideIt() {
        ReadEdits.Made first = instead("a2");
        draw(Choices.NONE.with(first.read(), first.option()), pass("n1", "7", "11", Cue.whistle()));
        ReadEdits.Made third = instead("n1");
        assertEquals(first.read(), third.read());
        draw(
                Choices.NONE.with(third.read(), third.option()),
                new Action.Shot("n2", "7", new Spot.AtTarget("goal"), Action.Touch.CONTROLLED, Cue.whistle()));
        ReadEdits.Made inner = instead("a4");
        assertEquals(
                Optional.of(read(first.read()).options().get(0).id()),
                read(inner.read()).under());
        draw(Choices.NONE.with(inner.read(), inner.option()), pass("n3", "9", "11", Cue.next()));
        assertEquals(4, Reads.ways(stage()).size(), "two in the first option, and the other two");
        Reads.ways(stage())
                .forEach(way -> assertEquals(
                        List.of(),
                        Rehearsal.of(stage(), Stages.TURF, way).problems(),
                        way + " " + stage().instructions()));
        // A read that a later one goes round: everything from a3 on, the inner read too, belongs to an option of the
        // new one.
        ReadEdits.Made round = instead("a3");
        assertEquals(
                Optional.of(read(round.read()).options().get(0).id()),
                read(inner.read()).under());
    }

    @Test
    void noMoreThanFiveOptions() {
        ReadEdits.Made made = instead("a2");
        for (int i = 0; i < 3; i++) {
            drill = ReadEdits.also(RUNG, new FreeIds(drill), read(made.read()))
                    .orElseThrow()
                    .edit()
                    .apply(drill);
        }
        assertEquals(5, read(made.read()).options().size());
        assertTrue(ReadEdits.also(RUNG, new FreeIds(drill), read(made.read())).isEmpty());
    }

    @Test
    void whatIsTakenAwayTakesItsOwnActionsAlongAndTheLastOptionHappensAlways() {
        ReadEdits.Made made = instead("a2");
        draw(Choices.NONE.with(made.read(), made.option()), pass("n1", "7", "11", Cue.whistle()));
        Drill both = drill;
        drill = ReadEdits.without(RUNG, stage(), read(made.read()), made.option())
                .apply(drill);
        assertEquals(start.actions(), stage().actions());
        assertEquals(List.of(), stage().instructions());
        drill = both;
        drill = ReadEdits.without(
                        RUNG,
                        stage(),
                        read(made.read()),
                        read(made.read()).options().get(0).id())
                .apply(drill);
        assertEquals(
                List.of("a1", "n1"), stage().actions().stream().map(Action::id).toList());
        assertEquals(List.of(), Rehearsal.of(stage(), Stages.TURF).problems());
    }

    @Test
    void optionsAreToldAndCanBeWorkedOut() {
        ReadEdits.Made made = instead("a2");
        String first = read(made.read()).options().get(0).id();
        drill = ReadEdits.told(RUNG, made.read(), first, "lay it off", "4 shows early")
                .apply(drill);
        drill = ReadEdits.ruled(RUNG, made.read(), Optional.of(Rule.OPEN)).apply(drill);
        assertEquals("lay it off", read(made.read()).options().get(0).label());
        assertEquals("4 shows early", read(made.read()).options().get(0).reason());
        assertEquals(Optional.of(Rule.OPEN), read(made.read()).rule());
    }

    @Test
    void eitherOfTwoWhoGoForABallMayWinIt() {
        TravelPath toBall = new TravelPath(List.of(Spot.at("c")), false);
        Stage two = new Stages()
                .player("4", 0, 0)
                .player("6", 10, 3)
                .piece(new Piece.Ball("c", new Vec(5, 8), Optional.empty()))
                .travel(new Travel.Collect("a1", "4", toBall, Action.Gait.RUN, Action.Ending.STOP, Cue.whistle()))
                .travel(new Travel.Collect("a2", "6", toBall, Action.Gait.RUN, Action.Ending.STOP, Cue.with("a1")))
                .build();
        drill = Stages.drill(two);
        ReadEdits.Made made = ReadEdits.eitherWins(
                        RUNG, two, new FreeIds(drill), two.action("a2").orElseThrow())
                .orElseThrow();
        drill = made.edit().apply(drill);
        Choices sixWins = Choices.NONE.with(made.read(), made.option());
        Timeline t = Rehearsal.of(stage(), Stages.TURF, sixWins);
        assertEquals("6", t.holder("c", t.duration()).orElse(""));
        String words = ScriptWriter.write(stage(), t, Stages.TURF, Unit.METRES)
                .lines()
                .get(0)
                .text();
        assertTrue(words.endsWith("either 4 wins it, or 6 does."), words);
        assertTrue(
                ReadEdits.eitherWins(
                                RUNG,
                                stage(),
                                new FreeIds(drill),
                                two.action("a1").orElseThrow())
                        .isEmpty(),
                "it is said already");
    }
}
