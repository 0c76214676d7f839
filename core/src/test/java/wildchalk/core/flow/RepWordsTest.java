package wildchalk.core.flow;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.flow.NextWords.Choice;
import wildchalk.core.flow.NextWords.Phrase;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Unit;

/** Whatever is taken from a menu is what the phrase then says. */
class RepWordsTest {

    private static final Stage STAGE = new Stages()
            .piece(new Piece.LineUp("f", new Vec(-8, 6), 0, "F", Bib.MINT, 3, "feeders"))
            .piece(new Piece.LineUp("r", new Vec(0, -6), 0, "R", Bib.CORAL, 2, ""))
            .player("9", 10, -6)
            .ball("b", "f")
            .run("a1", "r", Cue.whistle(), 4, -2)
            .pass("a2", "f", "r", Cue.after("a1"))
            .pass("a3", "r", "9", Cue.received("a2"))
            .shot("a4", "9", Cue.received("a3"))
            .pass("a5", "9", "f", Cue.received("a3"))
            .say(new Instruction.Read(
                    "d",
                    "9",
                    List.of(
                            new Instruction.Option("o1", "shoot", "", List.of("a4")),
                            new Instruction.Option("o2", "back", "", List.of("a5"))),
                    Optional.empty(),
                    Optional.empty()))
            .build();

    private static Drill drill(Stage stage) {
        return Ladder.put(Drill.empty("relay", "Relay", "field-hockey", "whole"), stage);
    }

    private static RepWords words(Drill drill) {
        return new RepWords("s1", Ladder.build(drill, "s1"), Stages.TURF, Unit.METRES);
    }

    private static List<Choice> choices(Phrase phrase) {
        return phrase.choices().stream().flatMap(List::stream).toList();
    }

    /** Takes each choice of a phrase in turn and looks what is said then. */
    private static int eachSaysItself(String what, BiFunction<RepWords, Drill, Phrase> phrase) {
        Drill before = drill(STAGE);
        Phrase offered = phrase.apply(words(before), before);
        Set<String> different = new HashSet<>();
        for (Choice choice : choices(offered)) {
            Drill after = choice.edit().apply(before);
            Phrase then = phrase.apply(words(after), after);
            assertEquals(choice.words(), then.words(), what);
            assertEquals(
                    List.of(choice.words()),
                    choices(then).stream()
                            .filter(Choice::taken)
                            .map(Choice::words)
                            .distinct()
                            .toList(),
                    what + ": that one and no other is marked");
            assertTrue(different.add(choice.words()), choice.words() + " stands twice");
        }
        return different.size();
    }

    @Test
    void whateverIsTakenIsSaid() {
        assertTrue(eachSaysItself("starts", (w, d) -> w.starts()) >= 10);
        assertTrue(eachSaysItself("over", (w, d) -> w.over()) >= 9);
        assertTrue(eachSaysItself("sides", (w, d) -> w.sides()) >= 4);
        assertEquals(4, eachSaysItself("fetches", (w, d) -> w.fetches()));
        assertEquals(6, eachSaysItself("shares", (w, d) -> w.shares().get(0)));
    }

    @Test
    void aLineStepsUpAsOftenAsIsTaken() {
        Drill drill = drill(STAGE);
        List<String> said = new ArrayList<>();
        for (int i = 0; i < 2; i++) {
            Phrase steps = words(drill).steps(a -> a.id()).get(1);
            said.add(steps.words());
            drill = choices(steps).get(i).edit().apply(drill);
        }
        said.add(words(drill).steps(a -> a.id()).get(1).words());
        assertEquals(
                List.of(
                        "In each rep one of the line of R has a turn.",
                        "In each rep two of the line of R have a turn, one after the other.",
                        "In each rep three of the line of R have a turn, one after the other."),
                said);
        Phrase steps = words(drill).steps(a -> a.id()).get(1);
        assertEquals(
                List.of(true, true), choices(steps).stream().map(Choice::taken).toList());
        drill = choices(steps).get(0).edit().apply(drill);
        drill = choices(words(drill).steps(a -> a.id()).get(1)).get(1).edit().apply(drill);
        assertEquals(List.of("d"), ids(drill));
    }

    private static List<String> ids(Drill drill) {
        return Ladder.build(drill, "s1").instructions().stream()
                .map(Instruction::id)
                .toList();
    }

    /** What is chosen can happen again along the ring of all three, or by the next of either line. */
    @Test
    void whatIsChosenHappensAgain() {
        Set<String> chosen = Set.of("a1", "a2", "a3", "b");
        Drill drill = drill(STAGE);
        assertEquals(
                "What is drawn happens once in a rep.",
                words(drill).again(Set.of("b", "r")).get(0).words());
        Phrase could = words(drill).again(chosen).get(0);
        assertEquals("The 3 chosen lines happen once.", could.words());
        assertEquals(4, could.choices().size(), "the ring, two lines, once");
        for (Choice choice : choices(could)) {
            Drill after = choice.edit().apply(drill);
            List<Phrase> then = words(after).again(Set.of("b"));
            if (choice.taken()) {
                assertEquals(drill, after, "once is once");
            } else {
                assertEquals(choice.words(), then.get(0).words());
            }
        }
    }
}
