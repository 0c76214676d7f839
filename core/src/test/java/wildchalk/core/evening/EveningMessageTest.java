package wildchalk.core.evening;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.drill.GearKind;
import wildchalk.core.effort.Effort;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Company;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.Makeup;
import wildchalk.core.practice.Plan;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.Slot;

/** An evening as it is sent, read line by line. */
class EveningMessageTest {

    private static Block game(String words, int group) {
        return Block.of("", new Content.Game(words, Optional.empty(), ""), Block.Time.of(18))
                .forGroup(group);
    }

    private static Practice evening(Optional<Content.Round> round) {
        Company company = new Company(
                "", new Company.Heads(12, 0, 2, 0), List.of(4, 4, 4), List.of(), List.of(), Effort.Level.ADULT);
        return Practice.empty(
                        "p", "Tuesday", new Slot(Optional.of(LocalDate.of(2026, 12, 1)), LocalTime.of(18, 30), 60))
                .given(Practice.Setting.UNSAID.with(company).on("far pitch"))
                .with(0, game("one net", 2))
                .with(
                        1,
                        Block.of(
                                "",
                                new Content.Beside(
                                        List.of(
                                                game("gates", 1).withId("x"),
                                                game("posts", 2).withId("y")),
                                        round,
                                        Map.of()),
                                Block.Time.of(18)));
    }

    private static List<String> told(Practice evening, Makeup.Bring bring) {
        return EveningMessage.of(
                evening,
                Plan.of(evening, b -> Optional.empty()),
                b -> Optional.empty(),
                bring,
                List.of("coral", "sky"));
    }

    @Test
    void whenWhereWhatAndWho() {
        Makeup.Bring bring = new Makeup.Bring(Map.of(GearKind.CONE, 8), 2, "2 balls", 130);
        assertEquals(
                List.of(
                        "Tuesday, Tue 1 Dec 2026, 18:30 to 19:30, far pitch",
                        "Bring: 8 cones, 2 balls. Set out from 18:27.",
                        "18:30 Game: one net, 18 min (sky)",
                        "18:48 At one time, 18 min:",
                        "– Game: gates (coral)",
                        "– Game: posts (sky)",
                        "19:06 End"),
                told(evening(Optional.empty()), bring));
    }

    @Test
    void whoGoesRoundIsWhereInWhichTurn() {
        List<String> lines = told(
                evening(Optional.of(new Content.Round(false))), new Makeup.Bring(Map.of(GearKind.CONE, 1), 0, "", 0));
        assertEquals("Bring: 1 cone.", lines.get(1));
        assertEquals("– Game: gates: coral, then group 3, then sky", lines.get(4));
        assertEquals("– Game: posts: sky, then coral, then group 3", lines.get(5));
        assertEquals("– rest: group 3, then sky, then coral", lines.get(6));
        assertEquals("– 3 turns of 5:51", lines.get(7));
    }

    @Test
    void nothingToBring() {
        List<String> lines = told(evening(Optional.empty()), new Makeup.Bring(Map.of(), 0, "", 0));
        assertEquals("18:30 Game: one net, 18 min (sky)", lines.get(1));
    }
}
