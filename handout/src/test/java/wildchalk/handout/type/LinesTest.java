package wildchalk.handout.type;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;

class LinesTest {

    @Test
    void wordsAreBrokenBetweenWordsAndNoneIsLost() {
        String words = "As 7 receives: 4 runs 12 m to the blue cone and waits there; 0.4 s later 9 runs too.";
        List<String> lines = Lines.wrapped(words, Typeface.TEXT, 10, 120);
        assertTrue(lines.size() > 2);
        lines.forEach(l -> assertTrue(Lines.width(l, Typeface.TEXT, 10) <= 120, l));
        assertEquals(words, String.join(" ", lines));
    }

    @Test
    void aWordThatIsTooWideIsCutWithoutTearingALetter() {
        String word = "\uD83C\uDFD0".repeat(40) + "x".repeat(100);
        List<String> lines = Lines.wrapped(word, Typeface.TEXT_BOLD, 12, 90);
        assertEquals(word, String.join("", lines));
        lines.forEach(l -> assertTrue(
                !Character.isLowSurrogate(l.charAt(0)) && !Character.isHighSurrogate(l.charAt(l.length() - 1)),
                "half a letter"));
    }

    @Test
    void whatIsNoTextIsLeftOut() {
        assertEquals(List.of("a b c"), Lines.wrapped(" a\u0000b\n\tc ", Typeface.TEXT, 10, 500));
        assertEquals(List.of(""), Lines.wrapped("", Typeface.TEXT, 10, 500));
        assertTrue(Lines.wrapped("abc", Typeface.TEXT, 10, 0.001).size() == 3, "at least a letter a line");
    }

    @Test
    void widthsGrowWithTheType() {
        assertEquals(2 * Lines.width("run", Typeface.TEXT, 10), Lines.width("run", Typeface.TEXT, 20), 0.01);
        assertTrue(Lines.width("run", Typeface.TEXT_BOLD, 10) > Lines.width("run", Typeface.TEXT, 10));
        assertTrue(
                Lines.width("\u05e9\u05dc\u05d5\u05dd", Typeface.TEXT, 10) > 5,
                "letters that ours lacks have a width too");
    }
}
