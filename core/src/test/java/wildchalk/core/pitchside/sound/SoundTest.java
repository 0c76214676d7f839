package wildchalk.core.pitchside.sound;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import wildchalk.core.pitchside.Signal;

/** Sounds as numbers: as long, as high and as loud as they are meant to be. */
class SoundTest {

    /** How strong a tone is in some samples, by Goertzel's way. */
    private static double strength(short[] samples, double hertz) {
        double coefficient = 2 * Math.cos(2 * Math.PI * hertz / Sound.RATE);
        double one = 0;
        double two = 0;
        for (short sample : samples) {
            double next = sample + coefficient * one - two;
            two = one;
            one = next;
        }
        return Math.sqrt(one * one + two * two - coefficient * one * two) / samples.length;
    }

    private static double strongest(short[] samples) {
        double best = 0;
        double at = 0;
        for (double hertz = 100; hertz < 5000; hertz += 1) {
            double strength = strength(samples, hertz);
            if (strength > best) {
                best = strength;
                at = hertz;
            }
        }
        return at;
    }

    @ParameterizedTest
    @CsvSource({
        "WHISTLE, 0.55, 2900, 260",
        "DOUBLE_WHISTLE, 0.5, 2900, 260",
        "WARNING, 0.38, 784, 12",
        "TICK, 0.05, 1047, 12",
        "HORN, 1.1, 233, 6"
    })
    void asLongAndAsHigh(Signal signal, double seconds, double hertz, double off) {
        assertEquals(seconds, Sound.seconds(signal), 0.01);
        assertEquals(hertz, strongest(Sound.of(signal)), off);
    }

    @ParameterizedTest
    @EnumSource(Signal.class)
    void loudButNothingIsCutOffAndNothingCracks(Signal signal) {
        short[] samples = Sound.of(signal);
        int loudest = 0;
        int held = 0;
        int most = 0;
        for (int i = 0; i < samples.length; i++) {
            int loud = Math.abs(samples[i]);
            loudest = Math.max(loudest, loud);
            held = loud >= Sound.LOUDEST ? held + 1 : 0;
            most = Math.max(most, held);
        }
        assertTrue(loudest > Sound.LOUDEST / 2 && loudest <= Sound.LOUDEST, loudest + " at most");
        assertTrue(most < 6, "flat for " + most + " samples: it is cut off");
        assertTrue(
                Math.abs(samples[0]) < 400 && Math.abs(samples[samples.length - 1]) < 1200,
                "it begins and ends softly");
    }

    @Test
    void twoWhistlesAreTold() {
        short[] samples = Sound.of(Signal.DOUBLE_WHISTLE);
        int silent = 0;
        int longest = 0;
        for (short sample : samples) {
            silent = sample == 0 ? silent + 1 : 0;
            longest = Math.max(longest, silent);
        }
        assertEquals(0.1, (double) longest / Sound.RATE, 0.01, "with a moment between");
    }
}
