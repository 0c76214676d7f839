package wildchalk.core.naming;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class CoachWordsTest {

    @ParameterizedTest
    @ValueSource(
            strings = {
                "feint",
                "move",
                "team",
                "mirror",
                "Feinting",
                "delete",
                "save",
                "print",
                "defender",
                "overlap",
                "pause",
                "progression",
                "whistle",
                "rename",
                "one-two",
                "slow",
                "tackle",
                "face-off",
                "weak hand",
                "dribble",
                "jump stop"
            })
    void wordsOfCoachesHaveAnAnswer(String word) {
        CoachWords.Answer answer = CoachWords.of(word).orElseThrow();
        assertTrue(answer.lookFor().isPresent() != answer.told().isPresent());
        assertTrue(answer.told().filter(t -> t.contains("=")).isEmpty(), answer.toString());
    }

    @Test
    void otherNamesAreLookedForAndAdviceIsTold() {
        assertEquals(Optional.of("mirror"), CoachWords.of("flip").orElseThrow().lookFor());
        assertTrue(CoachWords.of("feint").orElseThrow().told().orElseThrow().contains("press Y"));
    }

    @Test
    void nonsenseHasNoAnswer() {
        assertEquals(Optional.empty(), CoachWords.of("walrus"));
        assertEquals(Optional.empty(), CoachWords.of(""));
        assertEquals(Optional.empty(), CoachWords.of("7"));
    }
}
