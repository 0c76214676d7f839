package wildchalk.core.flow;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.When;
import wildchalk.core.flow.Flow.Doing;
import wildchalk.core.flow.Flow.Side;
import wildchalk.core.geometry.Vec;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.timeline.Timeline;

/** Reps worked out by hand: who is where when, and when each begins. */
class FlowsTest {

    private static final double CLOSE = 0.05;

    private static Piece line(String id, double x, double y, String name) {
        return new Piece.LineUp(id, new Vec(x, y), 0, id, Bib.CORAL, 3, name);
    }

    private static Rotation goes(String who, Rotation.To to) {
        return new Rotation.Goes("g" + who, who, to, Optional.empty());
    }

    private static Rotation.To becomes(String role) {
        return new Rotation.Becomes(role, false);
    }

    private static Flow play(Stages stages, int people, double minutes) {
        return new Flows(stages.build(), Stages.TURF).of(people, minutes, 1);
    }

    private static Timeline rep(Stages stages) {
        return Rehearsal.of(stages.build(), Stages.TURF);
    }

    private static double end(Stages stages, String action) {
        return rep(stages).times(action).orElseThrow().end();
    }

    /** Seconds for so many metres at a jog, from rest to rest. */
    private static double jog(double metres) {
        Stages one = new Stages()
                .player("p", 0, 0)
                .travel(new Travel.Run(
                        "a", "p", Stages.path(false, metres, 0), Action.Gait.JOG, Action.Ending.STOP, Cue.whistle()));
        return end(one, "a");
    }

    private static void begin(Flow flow, double... seconds) {
        for (int i = 0; i < seconds.length; i++) {
            assertEquals(seconds[i], flow.reps().get(i).t(), CLOSE, "rep " + (i + 1));
        }
    }

    private static String who(Flow flow, String role, int reps) {
        StringBuilder who = new StringBuilder();
        flow.reps().stream().limit(reps).forEach(r -> who.append(r.cast().get(role)));
        return who.toString();
    }

    @Test
    void aQueueOfFiveAtOneCone() {
        Stages stages = new Stages().piece(line("L", 0, 0, "runners")).sprint("a", "L", Cue.whistle(), 12, 0);
        Flow flow = play(stages, 5, 2);
        double rep = rep(stages).duration();
        assertEquals("ABCDEABCDE", who(flow, "L", 10));
        begin(flow, 0, rep, 2 * rep, 3 * rep, 4 * rep, 5 * rep, 6 * rep, 7 * rep, 8 * rep, 9 * rep);
        assertEquals(List.of(), flow.jams());
        assertTrue(flow.guessed().contains("L"), "nothing was said");
    }

    /** With nobody to spare the next rep waits until they are back. */
    @Test
    void aQueueOfOne() {
        Stages stages = new Stages().piece(line("L", 0, 0, "")).sprint("a", "L", Cue.whistle(), 12, 0);
        Flow flow = play(stages, 1, 2);
        double round = end(stages, "a") + jog(12);
        assertEquals("AAAA", who(flow, "L", 4));
        begin(flow, 0, round, 2 * round, 3 * round);
        assertTrue(flow.reps().get(1).held() > 1, "it begins later than it could");
    }

    /** Somebody who only stands there keeps nobody from beginning. */
    @Test
    void whoOnlyStandsThereIsThereForTheNextRep() {
        Stages stages = new Stages()
                .piece(line("L", 0, 0, ""))
                .player("post", 12, 4)
                .sprint("a", "L", Cue.whistle(), 6, 0)
                .sprint("b", "L", Cue.after("a"), 18, 0)
                .say(new Rotation.Starts("s", new When.At(Cue.after("a"))));
        double at = end(stages, "a");
        begin(play(stages, 12, 1), 0, at, 2 * at, 3 * at);
    }

    private static Stages ends() {
        return new Stages()
                .piece(line("L", 0, 0, "here"))
                .piece(new Piece.LineUp("M", new Vec(24, 0), Math.PI, "M", Bib.SKY, 2, "there"))
                .sprint("a", "L", Cue.whistle(), 24, 3)
                .sprint("b", "M", Cue.after("a"), 0, -3)
                .say(goes("L", becomes("M")))
                .say(goes("M", becomes("L")));
    }

    @Test
    void aLineAtEachOfTwoEndsWithNobodyToSpare() {
        Flow flow = play(ends(), 2, 3);
        assertEquals("ABABAB", who(flow, "L", 6));
        assertEquals("BABABA", who(flow, "M", 6));
        // B comes to the front of the first line three metres further on.
        double round = end(ends(), "b") + jog(3);
        begin(flow, 0, round, 2 * round, 3 * round);
    }

    @Test
    void aLineAtEachOfTwoEndsWithMany() {
        Flow flow = play(ends(), 8, 3);
        double rep = rep(ends()).duration();
        assertEquals("ACEGBDFH", who(flow, "L", 8));
        assertEquals("BDFHACEG", who(flow, "M", 8));
        begin(flow, 0, rep, 2 * rep, 3 * rep, 4 * rep);
    }

    @Test
    void placesInARingThatRotate() {
        Stages stages = new Stages()
                .player("1", 0, 0)
                .player("2", 10, 0)
                .player("3", 5, 8)
                .ball("b", "1")
                .pass("a", "1", "2", Cue.whistle())
                .pass("c", "2", "3", Cue.received("a"))
                .pass("d", "3", "1", Cue.received("c"))
                .say(goes("1", becomes("2")))
                .say(goes("2", becomes("3")))
                .say(goes("3", becomes("1")));
        Flow flow = play(stages, 3, 5);
        assertEquals("ACBACB", who(flow, "1", 6));
        assertEquals("BACBAC", who(flow, "2", 6));
        assertEquals(List.of(), flow.jams());
        // 1 has the ball at the end, lays it down where it began and is the last at the next place.
        double round = rep(stages).duration() + jog(10);
        begin(flow, 0, round, 2 * round);
    }

    @Test
    void passAndChangePlaces() {
        Stages stages = new Stages()
                .player("7", 0, 0)
                .player("9", 12, 0)
                .ball("b", "7")
                .pass("a", "7", "9", Cue.whistle())
                .say(goes("7", new Rotation.ChangesWith("9")));
        Flow flow = play(stages, 2, 2);
        assertEquals("ABAB", who(flow, "7", 4));
        assertEquals("BABA", who(flow, "9", 4));
        // Whoever received brings the ball along to where it is passed from.
        double round = Math.max(rep(stages).times("a").orElseThrow().arrival() + jog(12), end(stages, "a") + jog(12));
        begin(flow, 0, round, 2 * round);
    }

    private static Stages pairs() {
        return new Stages()
                .piece(line("L", 0, 9, "wide"))
                .piece(line("M", 0, 15, "wider"))
                .sprint("a", "L", Cue.whistle(), 20, 9)
                .sprint("c", "M", Cue.whistle(), 20, 15)
                .say(new Rotation.Sides("s", Rotation.Taken.TWO_SETS))
                .say(goes("L", new Rotation.Becomes("L", true)))
                .say(goes("M", new Rotation.Becomes("M", true)));
    }

    @Test
    void twoPairsOfLinesInTurnThatEndInEachOthers() {
        Flow flow = play(pairs(), 8, 3);
        assertEquals(4, new Flows(pairs().build(), Stages.TURF).fewest());
        assertEquals("ACEFCA", who(flow, "L", 6));
        assertEquals(Side.DRAWN, flow.reps().get(0).side());
        assertEquals(Side.MIRRORED, flow.reps().get(1).side());
        // A and B, who began on the drawn side, are next on the other.
        Map<String, String> third = flow.reps().get(5).cast();
        assertEquals(Side.MIRRORED, flow.reps().get(5).side());
        assertEquals("A", third.get("L"));
        assertEquals("B", third.get("M"));
    }

    @Test
    void aDefenderWhoStaysForThree() {
        Stages stages = new Stages()
                .piece(line("L", 0, 0, "attackers"))
                .player("4", 14, 0, Bib.SKY)
                .sprint("a", "L", Cue.whistle(), 20, 4)
                .run("d", "4", Cue.whistle(), 16, 2)
                .say(goes("L", becomes("L")))
                .say(new Rotation.Goes(
                        "g4", "4", becomes("L"), Optional.of(new Rotation.Stay(Rotation.Counted.REPS, 3))));
        // Nobody comes to take the defender's place.
        Flow lost = play(stages, 6, 4);
        assertEquals(4, lost.jams().get(0).rep());
        assertTrue(
                lost.jams().get(0).why().contains("nobody is left for player 4"),
                lost.jams().toString());
        assertEquals(3, lost.reps().size());
        Stages changing = new Stages()
                .piece(line("L", 0, 0, "attackers"))
                .player("4", 14, 0, Bib.SKY)
                .player("5", 14, -9, Bib.SKY)
                .sprint("a", "L", Cue.whistle(), 20, 4)
                .run("d", "4", Cue.whistle(), 16, 2)
                .say(new Rotation.Goes(
                        "g4",
                        "4",
                        new Rotation.ChangesWith("5"),
                        Optional.of(new Rotation.Stay(Rotation.Counted.REPS, 3))));
        Flow flow = play(changing, 6, 4);
        assertEquals("BBBCCCBBB", who(flow, "4", 9));
        assertEquals(List.of(), flow.jams());
    }

    @Test
    void oneWhoStaysUntilSoManyAreMade() {
        Stages stages = new Stages()
                .player("7", 30, 0)
                .player("9", 30, 12)
                .ball("b", "7")
                .action(new Action.Shot("a", "7", new Spot.AtTarget("goal"), Action.Touch.CONTROLLED, Cue.whistle())
                        .ending(Action.Result.IN, null))
                .say(new Rotation.Goes(
                        "g",
                        "7",
                        new Rotation.ChangesWith("9"),
                        Optional.of(new Rotation.Stay(Rotation.Counted.MADE, 4))));
        Flow flow = play(stages, 2, 8);
        assertEquals("AAAABBBBAAAA", who(flow, "7", 12));
    }

    @Test
    void repsThatBeginBeforeTheLastIsOver() {
        Stages every = new Stages()
                .piece(line("L", 0, 0, "runners"))
                .sprint("a", "L", Cue.whistle(), 40, 0)
                .say(new Rotation.Starts("n", new When.Every(2)));
        Flow flow = play(every, 20, 2);
        begin(flow, 0, 2, 4, 6, 8, 10);
        assertTrue(flow.reps().get(0).over() > flow.reps().get(1).t());
        Stages moment = new Stages()
                .piece(line("L", 0, 0, "runners"))
                .sprint("a", "L", Cue.whistle(), 40, 0)
                .say(new Rotation.Starts("n", new When.At(new Cue(new Cue.Gone("a", 10), 0))));
        double ten = rep(moment).moment(new Cue(new Cue.Gone("a", 10), 0)).orElseThrow();
        begin(play(moment, 20, 2), 0, ten, 2 * ten, 3 * ten);
    }

    @Test
    void wingsThatCrossAreToldAndThoseThatDoNotAreNot() {
        Stages crossing = new Stages()
                .piece(line("L", 0, -9, "left"))
                .piece(line("M", 0, 9, "right"))
                .sprint("a", "L", Cue.whistle(), 30, 9)
                .sprint("c", "M", new Cue(new Cue.Whistle(), 1), 30, -9)
                .say(new Rotation.Starts("n", new When.Every(1)));
        Flow flow = play(crossing, 24, 1);
        assertFalse(flow.meetings().isEmpty());
        assertTrue(
                flow.meetings().get(0).metres() <= 1 && flow.meetings().get(0).speed() >= 3);
        Stages apart = new Stages()
                .piece(line("L", 0, -9, "left"))
                .piece(line("M", 0, 9, "right"))
                .sprint("a", "L", Cue.whistle(), 30, -12)
                .sprint("c", "M", new Cue(new Cue.Whistle(), 1), 30, 12);
        assertEquals(List.of(), play(apart, 24, 1).meetings());
    }

    @Test
    void sidesInTurnByTheSamePeople() {
        Stages stages = new Stages()
                .piece(line("L", 0, 0, "runners"))
                .sprint("a", "L", Cue.whistle(), 12, 6)
                .say(new Rotation.Sides("s", Rotation.Taken.IN_TURN));
        Flow flow = play(stages, 5, 1);
        assertEquals("ABCDE", who(flow, "L", 5));
        assertEquals(
                List.of(Side.DRAWN, Side.MIRRORED, Side.DRAWN, Side.MIRRORED),
                flow.reps().subList(0, 4).stream().map(Flow.Rep::side).toList());
    }

    @Test
    void bothSidesAtOnce() {
        Stages stages = new Stages()
                .piece(line("L", 0, 9, "runners"))
                .sprint("a", "L", Cue.whistle(), 12, 9)
                .say(new Rotation.Sides("s", Rotation.Taken.BOTH));
        Flow flow = play(stages, 6, 1);
        assertEquals(flow.reps().get(0).t(), flow.reps().get(1).t());
        assertEquals("A", flow.reps().get(0).cast().get("L"));
        assertEquals("B", flow.reps().get(1).cast().get("L"));
    }

    @Test
    void whoIsOutComesBackWhenSomebodyElseIs() {
        Stages stages = new Stages()
                .player("7", 0, 0)
                .sprint("a", "7", Cue.whistle(), 12, 0)
                .say(goes("7", new Rotation.Out()));
        Flow flow = play(stages, 3, 2);
        assertEquals("ABCABC", who(flow, "7", 6));
    }

    @Test
    void aBallThatNobodyFetchesIsMissed() {
        Stages stages = new Stages()
                .piece(line("L", 28, 0, "shooters"))
                .ball("b", "L")
                .action(new Action.Shot("a", "L", new Spot.AtTarget("goal"), Action.Touch.CONTROLLED, Cue.whistle())
                        .ending(Action.Result.IN, null))
                .say(new Rotation.Fetches("f", Rotation.Fetcher.NOBODY));
        Flow flow = play(stages, 6, 2);
        assertEquals(2, flow.jams().get(0).rep());
        assertTrue(flow.jams().get(0).mend().contains("fetch"), flow.jams().toString());
        Stages heap = new Stages()
                .piece(line("L", 28, 0, "shooters"))
                .piece(new Piece.Supply("u", new Vec(28, 1), 7))
                .ball("b", "L")
                .action(new Action.Shot("a", "L", new Spot.AtTarget("goal"), Action.Touch.CONTROLLED, Cue.whistle())
                        .ending(Action.Result.IN, null))
                .say(new Rotation.Fetches("f", Rotation.Fetcher.NOBODY));
        Flow longer = play(heap, 6, 2);
        assertEquals(9, longer.jams().get(0).rep(), longer.jams() + " seven more balls are seven more reps");
        assertEquals(8, longer.balls().most());
        Stages fetching = new Stages()
                .piece(line("L", 28, 0, "shooters"))
                .ball("b", "L")
                .action(new Action.Shot("a", "L", new Spot.AtTarget("goal"), Action.Touch.CONTROLLED, Cue.whistle())
                        .ending(Action.Result.IN, null));
        Flow fetched = play(fetching, 6, 2);
        assertEquals(List.of(), fetched.jams());
        assertEquals(1, fetched.balls().most());
        assertTrue(fetched.reps().get(1).held() > 1, "the next one waits for the ball");
    }

    @Test
    void readsTakeTurnsOrTheSharesThatAreSaid() {
        Stages stages = new Stages()
                .piece(line("L", 0, 0, "runners"))
                .sprint("a", "L", Cue.whistle(), 12, 6)
                .sprint("c", "L", Cue.whistle(), 24, -6)
                .say(Stages.either("r", "L", "a", "c"));
        Flow turns = play(stages, 8, 3);
        Stages shares = new Stages()
                .piece(line("L", 0, 0, "runners"))
                .sprint("a", "L", Cue.whistle(), 12, 6)
                .sprint("c", "L", Cue.whistle(), 24, -6)
                .say(Stages.either("r", "L", "a", "c"))
                .say(new Rotation.Shares("s", "r", Map.of("o1", 1, "o2", 2)));
        Flow thirds = play(shares, 8, 3);
        double shorter = turns.reps().get(0).over() - turns.reps().get(0).t();
        assertEquals(
                4,
                turns.reps().subList(0, 8).stream().filter(r -> is(r, shorter)).count());
        assertEquals(
                3,
                thirds.reps().subList(0, 9).stream().filter(r -> is(r, shorter)).count());
    }

    private static boolean is(Flow.Rep rep, double seconds) {
        return Math.abs(rep.over() - rep.t() - seconds) < CLOSE;
    }

    @Test
    void fewerThanARepNeedsIsAJamWithHowMany() {
        Flow flow = play(ends(), 1, 3);
        assertEquals(List.of(), flow.reps());
        assertTrue(
                flow.jams().get(0).why().contains("It takes 2 people"),
                flow.jams().toString());
        assertTrue(play(ends(), 0, 3).jams().get(0).why().contains("there are 0"));
        assertEquals(List.of(), play(ends(), 4, 0).reps());
    }

    @Test
    void copiesHaveTheirOwnPeople() {
        Flow flow = new Flows(ends().build(), Stages.TURF).of(9, 2, 2);
        assertEquals(9, flow.each().size());
        List<String> first = flow.reps().stream()
                .filter(r -> r.copy() == 1)
                .flatMap(r -> r.cast().values().stream())
                .distinct()
                .sorted()
                .toList();
        assertEquals(List.of("A", "B", "C", "D", "E"), first);
    }

    @Test
    void timesOfEverybodyAddUp() {
        Flow flow = play(pairs(), 11, 4);
        flow.each().forEach((letter, each) -> {
            double sum = each.seconds(Doing.BUSY) + each.seconds(Doing.ON_THE_WAY) + each.seconds(Doing.WAITING);
            assertEquals(240, sum, 1e-6, letter);
        });
    }

    @Test
    void whatItComesToIsSaid() {
        Stage stage = ends().build();
        Flows flows = new Flows(stage, Stages.TURF);
        List<String> told = flows.told(flows.of(8, 5, 1));
        assertTrue(told.get(0).matches("\\d+ reps in 5 min with 8 people, one every [0-9.]+ s\\."), told.get(0));
        assertTrue(told.stream().anyMatch(s -> s.startsWith("Of the time people are busy ")), told.toString());
    }

    /** Whoever never has a turn waits all the time; that is no wait as a rule. */
    @Test
    void whoHasNothingToDoIsNoRule() {
        Stage stage = new Stages()
                .player("1", 0, 0)
                .player("2", 0, 6)
                .run("a", "1", Cue.whistle(), 8, 0)
                .run("c", "2", Cue.whistle(), 8, 6)
                .build();
        Flows flows = new Flows(stage, Stages.TURF);
        String waits = flows.told(flows.of(5, 3, 1)).stream()
                .filter(t -> t.startsWith("A wait is "))
                .findFirst()
                .orElse("");
        assertTrue(!waits.contains("180"), waits);
    }

    @Test
    void aStretchRepeatedAlongEachSide() {
        Stages stages = new Stages()
                .piece(line("L", -6, -6, "first"))
                .player("2", 6, -6)
                .player("3", 6, 6)
                .player("4", -6, 6)
                .ball("b", "L")
                .pass("a", "L", "2", Cue.whistle())
                .say(new Rotation.Repeats("r", List.of("a"), 4, List.of("L", "2", "3", "4")))
                .say(goes("L", becomes("2")))
                .say(goes("2", becomes("3")))
                .say(goes("3", becomes("4")))
                .say(goes("4", becomes("L")));
        Flow flow = play(stages, 6, 4);
        assertEquals("AEFDCB", who(flow, "L", 6));
        assertEquals(List.of(), flow.jams());
        // The ball goes round once in a rep: four passes, not one.
        double once = rep(new Stages()
                        .piece(line("L", -6, -6, "first"))
                        .player("2", 6, -6)
                        .ball("b", "L")
                        .pass("a", "L", "2", Cue.whistle()))
                .duration();
        assertTrue(
                flow.reps().get(0).over() > 3 * once, () -> flow.reps().get(0).over() + " s");
    }
}
