package wildchalk.core.script;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Game;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.Limit.Counted;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.PlayOn;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Whom;
import wildchalk.core.drill.Whom.Role;
import wildchalk.core.geometry.Outline;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Unit;

/** What holds for many, read aloud. */
class GameWordsTest {

    private static final Cue LEAVES = new Cue(new Cue.Released("a1"), 0);
    private static final Stage STAGE = new Stages()
            .player("7", 0, 0)
            .player("9", 10, 0)
            .player("4", 6, 4, Bib.SKY)
            .piece(new Piece.Zone("z", new Vec(4, 0), Outline.rectangle(20, 16), "yard", Colour.BLUE))
            .ball("b", "7")
            .pass("a1", "7", "9", Cue.whistle())
            .carry("a2", "9", Cue.received("a1"), 14, 0)
            .build();
    private static final GameWords WORDS = new GameWords(STAGE, STAGE.marked(Stages.TURF), Unit.METRES);

    private static Whom being(Role role, Bib team, int n, String of) {
        return new Whom.Being(role, Optional.ofNullable(team), n, Optional.ofNullable(of));
    }

    @Test
    void whoIsMeant() {
        assertEquals("everybody", WORDS.of(Whom.everybody()));
        assertEquals("7 and 9", WORDS.of(new Whom.People(List.of("7", "9"))));
        assertEquals("sky", WORDS.of(new Whom.Team(Bib.SKY)));
        assertEquals("the team with the ball", WORDS.of(new Whom.HasBall(true)));
        assertEquals("the team without the ball", WORDS.of(new Whom.HasBall(false)));
        assertEquals("the nearest of sky", WORDS.of(being(Role.NEAREST, Bib.SKY, 1, null)));
        assertEquals("the nearest two", WORDS.of(being(Role.NEAREST, null, 2, null)));
        assertEquals("the two of sky nearest to 7", WORDS.of(being(Role.NEAREST, Bib.SKY, 2, "7")));
        assertEquals("whoever marks 9", WORDS.of(being(Role.MARKING, null, 1, "9")));
        assertEquals("whoever of sky has the ball", WORDS.of(being(Role.ON_THE_BALL, Bib.SKY, 1, null)));
        assertEquals("everybody without the ball", WORDS.of(being(Role.WITHOUT_BALL, null, 1, null)));
    }

    private static String limit(Limit.Count limit) {
        return WORDS.of(limit);
    }

    @Test
    void limitsOfTeamsAndOfPartsOfARep() {
        Whom sky = new Whom.Team(Bib.SKY);
        assertEquals("Sky has two touches at most.", limit(Limit.Count.atMost("l", Counted.TOUCHES, 2, sky)));
        assertEquals(
                "7 and 9 have at least three passes.",
                limit(Limit.Count.atLeast("l", Counted.PASSES, 3, new Whom.People(List.of("7", "9")))));
        Limit.Span span = Limit.Span.of(Counted.DRIBBLES, Whom.everybody())
                .per(Limit.Per.REP)
                .between(Optional.of(new Cue.Received("a1")), Optional.of(new Cue.After("a2")))
                .otherwise("they swap");
        assertEquals(
                "Three dribbles at most in the whole rep, from when 9 receives until 9 gets there; otherwise they swap.",
                limit(new Limit.Count("l", Counted.DRIBBLES, Limit.Bound.AT_MOST, 3, span)));
        assertEquals(
                "At least two passes each time a team has the ball, feeds apart.",
                limit(new Limit.Count(
                        "l",
                        Counted.PASSES,
                        Limit.Bound.AT_LEAST,
                        2,
                        Limit.Span.of(Counted.PASSES, Whom.everybody())
                                .per(Limit.Per.EACH_TIME)
                                .feeds(false))));
        assertEquals(
                "Only sky may enter the yard, and not before 9 receives.",
                WORDS.of(new Limit.OnlyIn("l", "z", sky, Optional.of(new Cue.Received("a1")))));
        assertEquals("Sky stays in the yard.", WORDS.of(new Limit.StayIn("l", sky, "z", Optional.empty())));
    }

    @Test
    void tasksCallsAndWhatIsWatchedFor() {
        assertEquals(
                "As the ball leaves 7, whoever of sky marks the one it goes to drops 4 m off.",
                WORDS.of(new Game.Duty("d", being(Role.MARKING, Bib.SKY, 1, null), Game.Task.DROP, 4, LEAVES)));
        assertEquals(
                "As the ball leaves 7, the nearest two press the ball.",
                WORDS.of(new Game.Duty("d", being(Role.NEAREST, null, 2, null), Game.Task.PRESS, 4, LEAVES)));
        assertEquals("Whoever loses the ball defends.", WORDS.of(new Game.Trade("t", Game.Lost.WHO_LOSES_IT)));
        assertEquals(
                "9 calls “man on” to 7 before the ball leaves 7.",
                WORDS.of(new Game.Says("y", Whom.one("9"), "man on", Whom.one("7"), true, Optional.of(LEAVES))));
        assertEquals(
                "As the ball leaves 7, 9: waits for it. Mend: Come to meet it.",
                WORDS.of(
                        new Game.WatchFor("w", Whom.one("9"), Optional.of(LEAVES), "waits for it", "come to meet it")));
        assertEquals(
                "Flat feet.", WORDS.of(new Game.WatchFor("w", Whom.everybody(), Optional.empty(), "flat feet", "")));
    }

    @Test
    void livePlayWithAllThatCanEndIt() {
        PlayOn.Until until = new PlayOn.Until(
                OptionalDouble.of(25), Set.of(PlayOn.Ends.GOAL, PlayOn.Ends.OUT), Optional.of("halfway-line"));
        assertEquals(
                "When 9 gets there, 9 plays it out in the yard: coral against sky, until a goal, the ball is out or "
                        + "the ball is won and over the halfway line, 25 s at most; headers count twice.",
                WORDS.of(new PlayOn(
                        "a3",
                        "9",
                        List.of(new Whom.Team(Bib.CORAL), new Whom.Team(Bib.SKY)),
                        Optional.of("z"),
                        until,
                        "headers count twice",
                        Cue.after("a2"))));
    }
}
