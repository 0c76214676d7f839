package wildchalk.storage.format;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.GearKind;
import wildchalk.core.effort.Effort;
import wildchalk.core.geometry.Vec;
import wildchalk.core.practice.Bag;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Company;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.GroundPart;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.Slot;
import wildchalk.core.practice.Stand;
import wildchalk.core.surface.Surfaces;

/** Practices as files: read as they were written, and what is not sound is refused in plain words with its place. */
class PracticeFileTest {

    private static Practice full() {
        Content.Planned drill = new Content.Planned("weir", 7, "The Weir");
        Block play = new Block(
                "b3",
                new Content.Play(
                        drill,
                        List.of(Content.Climb.of("s1"), new Content.Climb("s2", 4, "five without a drop")),
                        2,
                        Content.Telling.KNOWN),
                new Block.Time(5, 10, 15),
                false,
                2,
                "m4",
                "keep them low",
                OptionalInt.of(45));
        return new Practice(
                "p",
                "Thursday",
                9,
                new Slot(Optional.of(LocalDate.of(2026, 12, 3)), LocalTime.of(23, 40), 75),
                "handball",
                "first touch",
                new Practice.Setting(
                        new Company(
                                "otters",
                                new Company.Heads(16, 2, 3, 4),
                                List.of(8, 8),
                                List.of(
                                        new Company.Late(LocalTime.of(23, 55), 2, true),
                                        new Company.Late(LocalTime.of(0, 10), 0, false)),
                                List.of("m4"),
                                Effort.Level.UNDER_14),
                        new Bag(Map.of(GearKind.CONE, 0, GearKind.MINI_GOAL, 2), OptionalInt.of(9)),
                        "the old hall",
                        Practice.Heat.WARM,
                        Practice.Warned.USUAL,
                        new GroundPart(2, 3, true),
                        1.25),
                List.of(
                        Block.of("b1", new Content.Words(Content.Sort.SETTING_OUT, "the <far> end"), Block.Time.of(4)),
                        play,
                        Block.of(
                                "b4",
                                new Content.Game("five a side", Optional.of(new Content.Area(24, 18.5)), "by assists"),
                                Block.Time.of(12)),
                        Block.of(
                                "b5",
                                new Content.Beside(
                                        List.of(
                                                Block.of(
                                                        "b6",
                                                        new Content.Play(drill, List.of(), 1, Content.Telling.FRESH),
                                                        Block.Time.of(8)),
                                                Block.of(
                                                        "b7",
                                                        new Content.Words(Content.Sort.FREE, "wall"),
                                                        Block.Time.of(8))),
                                        Optional.of(new Content.Round(
                                                true,
                                                Set.of(new Content.Round.Never("b6", "b7")),
                                                List.of(new Content.Round.Stay(2, "b6")),
                                                Map.of("b6", 3),
                                                "b7")),
                                        Map.of("b7", new Stand(new Vec(-3.25, 4), 135))),
                                Block.Time.of(8))));
    }

    @Test
    void itIsReadAsItWasWritten() throws FormatException {
        assertEquals(full(), PracticeReader.read(PracticeWriter.write(full())));
        Practice empty = Practice.empty("e", "", new Slot(Optional.empty(), LocalTime.of(18, 0), 60));
        assertEquals(empty, PracticeReader.read(PracticeWriter.write(empty)));
        Practice warned = empty.given(empty.setting().warning(new Practice.Warned(0, false, true)));
        assertEquals(warned, PracticeReader.read(PracticeWriter.write(warned)));
        String text = PracticeWriter.write(empty);
        assertTrue(!text.contains("company") && !text.contains("bag"), "what is usual is left out");
    }

    private static String with(String was, String is) {
        String text = PracticeWriter.write(full());
        assertTrue(text.contains(was), text);
        return text.replaceFirst(Pattern.quote(was), is);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"minutes\" : 75 | \"minutes\" : 0 | minutes",
                "\"start\" : \"23:40\" | \"start\" : \"24:40\" | this is no time of the day",
                "2026-12-03 | 2026-02-30 | this is no day of the calendar",
                "\"cone\" : 0 | \"cone\" : -2 | cone",
                "\"cone\" : 0 | \"kone\" : 2 | \"kone\" is no kind of gear",
                "\"keepers\" : 2 | \"keepers\" : 20 | there are more keepers (20) than people (16)",
                "\"unheard\" : 4 | \"unheard\" : 17 | more people were not heard from (17) than there are (16)",
                "23:55 | 23:75 | this is no time of the day",
                "\"length\" : 24.0 | \"length\" : 0 | length",
                "\"before\" : 45 | \"before\" : -1 | before",
                "\"least\" : 5 | \"least\" : 11 | 10 minutes are not between the least (11) and the most (15)",
                "\"id\" : \"b7\" | \"id\" : \"b4\" | stands twice",
                "\"drill\" : \"weir\", | \"scoring\" : \"x\", | \"drill\" is missing",
                "\"which\" : 2 | \"which\" : 4 | there is no such part",
                "\"first\" : \"b6\" | \"first\" : \"b3\" | block “b3” is none of those that are side by side here",
                "\"turn\" : 135 | \"turn\" : 400 | turn",
                "\"version\" : 1 | \"version\" : 2 | newer",
            })
    void whatIsNotSoundIsRefusedWithItsPlace(String was, String is, String why) {
        FormatException refused =
                assertThrows(FormatException.class, () -> PracticeReader.read(with(was.strip(), is.strip())));
        assertTrue(refused.getMessage().contains(why.strip()), refused.getMessage());
    }

    @Test
    void aFileCarriesItsDrillsOrNamesThem(@TempDir Path folder) throws Exception {
        Drill drill = Drill.empty("weir", "The Weir", "handball", "whole");
        String text = PracticeWriter.write(full());
        Path names = Files.writeString(folder.resolve("a.practice.json"), text);
        assertEquals(Map.of(), PracticeReader.read(names, Surfaces.BUILT_IN).drills());
        Path carries = Files.writeString(
                folder.resolve("b.practice.json"),
                text.strip()
                        .replaceFirst(
                                "}$",
                                ", \"drills\": [" + DrillWriter.write(drill).replace("\\", "\\\\") + "]}"));
        PracticeReader.Carried carried = PracticeReader.read(carries, Surfaces.BUILT_IN);
        assertEquals(Set.of("weir"), carried.drills().keySet());
        assertTrue(carried.drills().get("weir").isLike(drill));
        assertEquals(full(), carried.practice());
        assertTrue(PracticeReader.isPractice(names));
        assertTrue(!PracticeReader.isPractice(Files.writeString(folder.resolve("x.json"), DrillWriter.write(drill))));
    }
}
