package wildchalk.core.effort;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wildchalk.core.effort.Dose.Measure;
import wildchalk.core.effort.Dose.Turn;

class DoseTest {

    @Test
    void turnsAndWhatHappensThenAreToldApart() {
        assertEquals(
                Optional.of(new Dose(List.of(new Turn(6, Measure.TIMES, "off each foot")), "then swap ends")),
                Dose.read("6 off each foot, then swap ends"));
        assertEquals(
                Optional.of(new Dose(
                        List.of(
                                new Turn(2.5, Measure.MINUTES, "from the wing"),
                                new Turn(1.5, Measure.MINUTES, "from the middle")),
                        "then feeders move on")),
                Dose.read("2.5 min from the wing, 1.5 min from the middle, then feeders move on"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "12 minutes|12 min|12",
                "30s|30 s|0.5",
                "8 x|8 times|0",
                "3 reps of each|3 of each|0",
                "1.5 min, 90 s easy|1.5 min, 90 s easy|3",
                " 5 min , rest, 2 min |5 min, rest, 2 min|5"
            })
    void itReadsHowCoachesWriteIt(String typed, String words, double minutes) {
        Dose dose = Dose.read(typed).orElseThrow();
        assertEquals(words, dose.words());
        assertEquals(minutes, dose.minutes(), 1e-9);
        assertEquals(Optional.of(dose), Dose.read(dose.words()));
    }

    @ParameterizedTest
    @CsvSource({"''", "until it gets dark", "0 min", "-3 min", "min 5"})
    void whatHasNoNumberIsNoLength(String typed) {
        assertTrue(Dose.read(typed).isEmpty());
    }
}
