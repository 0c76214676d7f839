package wildchalk.core.drill;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wildchalk.core.drill.Length.Measure;
import wildchalk.core.drill.Length.Turn;

class LengthTest {

    @Test
    void turnsAndWhatHappensThenAreToldApart() {
        assertEquals(Optional.of(new Length(List.of(new Turn(10, Measure.TIMES, "each side")), "then switch")),
                Length.read("10 each side, then switch"));
        assertEquals(Optional.of(new Length(List.of(new Turn(2, Measure.MINUTES, "left"), new Turn(2, Measure.MINUTES, "right")),
                "then groups change")), Length.read("2 min left, 2 min right, then groups change"));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"12 minutes|12 min|12", "30s|30 s|0.5", "8 x|8 times|0", "3 reps of each|3 of each|0",
            "1.5 min, 90 s easy|1.5 min, 90 s easy|3", " 5 min , rest, 2 min |5 min, rest, 2 min|5"})
    void itReadsHowCoachesWriteIt(String typed, String words, double minutes) {
        Length length = Length.read(typed).orElseThrow();
        assertEquals(words, length.words());
        assertEquals(minutes, length.minutes(), 1e-9);
        assertEquals(Optional.of(length), Length.read(length.words()));
    }

    @ParameterizedTest
    @CsvSource({"''", "until it gets dark", "0 min", "-3 min", "min 5"})
    void whatHasNoNumberIsNoLength(String typed) {
        assertTrue(Length.read(typed).isEmpty());
    }
}
