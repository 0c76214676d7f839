package wildchalk.handout.card;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import wildchalk.core.script.Script;
import wildchalk.core.script.Script.Line;
import wildchalk.core.script.Script.Part;
import wildchalk.core.script.Script.Phrase;

class ToldBeforeTest {

    private static Script script(String... lines) {
        int[] n = {0};
        return new Script(
                Arrays.stream(lines)
                        .map(l -> new Line(++n[0], n[0], n[0], List.of(new Phrase(l, Part.WHAT, "", "")), "", 0))
                        .toList(),
                List.of());
    }

    private static ToldBefore told(String sign, String... lines) {
        ToldBefore before = new ToldBefore();
        script(lines).lines().forEach(l -> before.tell(l, sign));
        return before;
    }

    @Test
    void onlyWhatIsNewIsToldAgain() {
        ToldBefore before = told("1", "7 runs.", "8 passes.", "9 shoots.");
        assertEquals(List.of("All as on rung 1."), before.asBefore(script("7 runs.", "8 passes.", "9 shoots."), false));
        assertEquals(
                List.of("Else as on rung 1."), before.asBefore(script("7 sprints.", "8 passes.", "9 shoots."), false));
        assertEquals(List.of(), before.asBefore(script("4 waits."), false));
    }

    @Test
    void beatsThatHaveAnotherNumberNowAreToldWithBoth() {
        ToldBefore before = told("1", "7 runs.", "8 passes.", "9 shoots.");
        assertEquals(
                List.of("Beats 1, 3 and 4 as 1 to 3 on rung 1."),
                before.asBefore(script("7 runs.", "4 comes in.", "8 passes.", "9 shoots."), false));
    }

    @Test
    void theOtherSideIsToldAsThat() {
        ToldBefore before = told("2", "7 runs to the left.", "Left of the cone 8 stops.", "9 shoots.");
        assertEquals(
                List.of("All as on rung 2, with left and right changed over."),
                before.asBefore(script("7 runs to the right.", "Right of the cone 8 stops."), false));
        assertEquals("the bright left, Right and upright", ToldBefore.turned("the bright right, Left and upright"));
    }

    @Test
    void whatStandsOnTwoRungsIsSaidOfEach() {
        ToldBefore before = told("1", "7 runs.", "8 passes.");
        before.tell(script("x", "y", "9 shoots.").lines().get(2), "2");
        List<String> said = before.asBefore(script("7 runs.", "8 passes.", "9 shoots."), false);
        assertTrue(
                said.contains("Beats 1 and 2 as on rung 1.") && said.contains("Beat 3 as on rung 2."), said.toString());
    }
}
