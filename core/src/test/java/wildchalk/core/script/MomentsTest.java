package wildchalk.core.script;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Cue.Trigger;
import wildchalk.core.drill.Hold;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Unit;

/** What sets people off, in the words of a coach. */
class MomentsTest {

    private static final Stage STAGE = new Stages()
            .player("7", 0, 0)
            .player("9", 9, 0)
            .player("4", 5, 5, Bib.SKY)
            .piece(Piece.Item.cone("c", new Vec(3, 3), Colour.RED))
            .ball("b", "7")
            .pass("p", "7", "9", Cue.whistle())
            .run("r", "7", Cue.next(), 20, 0)
            .run("q", "9", Cue.next(), 20, 5)
            .shot("s", "9", Cue.next())
            .shadow("f", "4", "9", Shadow.Way.CHASE, 1, Cue.whistle())
            .action(new Hold("h", "4", Hold.Stance.SCREEN, Optional.of(Spot.at("7")), 1, Optional.empty(), Cue.next()))
            .build();

    private final Moments moments = new Moments(
            STAGE,
            Stages.TURF,
            Unit.METRES,
            new Words(Stages.TURF),
            id -> true,
            Sides.atStart(STAGE, Stages.TURF),
            id -> true);

    static Stream<Arguments> words() {
        return Stream.of(
                Arguments.of(new Cue.Whistle(), "On the whistle"),
                Arguments.of(new Cue.With("r"), "As 7 sets off"),
                Arguments.of(new Cue.With("p"), "As 7 plays it"),
                Arguments.of(new Cue.With("f"), "As 4 chases"),
                Arguments.of(new Cue.Released("p"), "As the ball leaves 7"),
                Arguments.of(new Cue.Received("p"), "As 9 receives"),
                Arguments.of(new Cue.Received("s"), "As the ball gets there"),
                Arguments.of(new Cue.After("r"), "When 7 gets there"),
                Arguments.of(new Cue.After("p"), "Once 7 has let it go"),
                Arguments.of(new Cue.After("f"), "Once 4 has caught 9"),
                Arguments.of(new Cue.After("h"), "Once 4 is done"),
                Arguments.of(new Cue.Partway("r", 0.5), "When 7 is halfway"),
                Arguments.of(new Cue.Partway("r", 0.3), "When 7 has gone a third of the way"),
                Arguments.of(new Cue.Gone("r", 8), "When 7 has gone 8 m"),
                Arguments.of(new Cue.Enters("7", "circle"), "As 7 comes into the circle"),
                Arguments.of(new Cue.Crosses("7", "23-line"), "As 7 crosses the 23 m line"),
                Arguments.of(new Cue.Near("4", "9", 2), "As 4 comes within 2 m of 9"),
                Arguments.of(new Cue.Near("4", "c", 2), "As 4 comes within 2 m of the red cone"),
                Arguments.of(new Cue.Called("red"), "On the call “red”"),
                Arguments.of(new Cue.AllOf(List.of(new Cue.After("r"), new Cue.After("q"))), "When 7 and 9 are there"),
                Arguments.of(
                        new Cue.FirstOf(List.of(new Cue.After("r"), new Cue.After("q"))), "When 7 or 9 gets there"),
                Arguments.of(
                        new Cue.AllOf(List.of(new Cue.Received("p"), new Cue.Called("go"))),
                        "Once 9 receives and the call “go” comes"),
                Arguments.of(
                        new Cue.AllOf(List.of(new Cue.Whistle(), new Cue.Gone("r", 8), new Cue.Enters("7", "circle"))),
                        "Once the whistle goes, 7 has gone 8 m and 7 comes into the circle"),
                Arguments.of(new Cue.Touches("9"), "As 9 first touches the ball"),
                Arguments.of(new Cue.Touches("b"), "As the ball first touches anything"));
    }

    @ParameterizedTest
    @MethodSource("words")
    void momentReadsAsACoachSaysIt(Trigger trigger, String words) {
        Action any = STAGE.action("q").orElseThrow();
        assertEquals(words, moments.of(trigger, any));
        assertEquals(words.substring(words.indexOf(' ') + 1), moments.bare(trigger, any));
    }

    @Test
    void theFirstOfUnlikeMomentsIsSaidAsOneClause() {
        Trigger trigger = new Cue.FirstOf(List.of(new Cue.Received("p"), new Cue.Called("go")));
        assertEquals("As soon as 9 receives or the call “go” comes", moments.of(trigger, null));
        assertEquals("9 receives or the call “go” comes", moments.bare(trigger, null));
    }

    @Test
    void nextIsTheSamePersonsLast() {
        assertEquals(
                "Once 7 has let it go",
                moments.of(new Cue.Next(), STAGE.action("r").orElseThrow()));
        assertEquals(
                "On the whistle", moments.of(new Cue.Next(), STAGE.action("p").orElseThrow()));
    }

    @Test
    void pausesAreSaidAsPeopleSayThem() {
        assertEquals("half a second", moments.pause(0.5));
        assertEquals("a second", moments.pause(1));
        assertEquals("2 s", moments.pause(2));
        assertEquals("0.4 s", moments.pause(0.4));
        assertEquals("1.3 s", moments.pause(1.25));
    }
}
