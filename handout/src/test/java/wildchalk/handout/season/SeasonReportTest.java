package wildchalk.handout.season;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import wildchalk.core.catalogue.Skill;
import wildchalk.core.log.Entry;
import wildchalk.core.log.Part;
import wildchalk.core.log.Work;
import wildchalk.core.log.season.Asked;
import wildchalk.core.log.season.Called;
import wildchalk.core.log.season.Season;
import wildchalk.core.practice.Content;
import wildchalk.handout.Tool;
import wildchalk.handout.order.Progress;

/** The report of a season, read as whoever has it reads it. */
class SeasonReportTest {

    private static final int PEOPLE = 40;

    @TempDir
    private Path folder;

    private static List<Entry> evenings() {
        List<String> known =
                IntStream.rangeClosed(1, PEOPLE).mapToObj(i -> "m" + i).toList();
        List<Entry> all = new ArrayList<>();
        for (int i = 0; i < 20; i++) {
            List<Part> parts = new ArrayList<>();
            for (int d = 0; d < 4; d++) {
                String title = "Drill " + (i + d * 7) % 24 + " Nadja";
                parts.add(Part.of(
                                title,
                                Optional.of(new Content.Planned("d" + (i + d * 7) % 24, 1, title)),
                                Part.Time.asPlanned(30, 600))
                        .going(Part.Went.values()[(i + d) % 4])
                        .nextTime("Nadja begins")
                        .working(new Work(
                                Map.of(Skill.values()[(i + d) % 15], 1.0),
                                1,
                                false,
                                known.stream()
                                        .map(id -> new Work.Each(id, 0.5, 50, 1, 2, 0.1))
                                        .toList())));
            }
            all.add(new Entry(
                    "e" + i,
                    "Evening",
                    new Entry.When(LocalDate.of(2026, 9, 4).plusDays(4L * i), LocalTime.of(18, 0)),
                    Entry.Source.TYPED,
                    new Entry.There("s", PEOPLE, known, List.of(), List.of()),
                    parts,
                    "Nadja was tired"));
        }
        return all;
    }

    private String written(Path pdf, boolean named) throws Exception {
        Map<String, String> names = Map.of(Entry.There.key("s", "m1"), "Nadja");
        Season season = Season.of(evenings(), Asked.ALL);
        SeasonReport.write(season, new Called(evenings(), names, named), pdf, Progress.UNSEEN);
        return Tool.run("pdftotext", "-layout", "-enc", "UTF-8", pdf.toString(), "-");
    }

    @Test
    void aPageAMonthWithItsPictureAndFigures() throws Exception {
        Path pdf = folder.resolve("r.pdf");
        String text = written(pdf, true);
        assertTrue(Tool.run("qpdf", "--check", pdf.toString()).contains("No syntax or stream encoding errors"));
        assertEquals("4", Tool.run("qpdf", "--show-npages", pdf.toString()).strip(), "all of it, and three months");
        for (String line : Tool.run("pdffonts", pdf.toString()).lines().skip(2).toList()) {
            assertTrue(
                    line.replaceAll(".*(yes|no) +(yes|no) +(yes|no) +\\d+ +\\d+$", "$1")
                            .equals("yes"),
                    line);
        }
        String[] pages = text.split("\f");
        assertTrue(pages[0].contains("4 Sep 2026 to 19 Nov 2026"), pages[0]);
        assertTrue(pages[0].contains("20 evenings, 14 hours. One who did all of it went 40.0 km."), pages[0]);
        for (int month = 1; month <= 3; month++) {
            String name =
                    List.of("September 2026", "October 2026", "November 2026").get(month - 1);
            assertTrue(pages[month].contains(name), pages[month]);
            assertTrue(pages[month].contains("What was practised"), "the picture's own words");
            assertTrue(pages[month].contains("not measured"));
        }
        assertTrue(pages[1].contains("7 evenings"), pages[1]);
        assertTrue(pages[3].contains("5 evenings"), pages[3]);
        // Where there is no room for all of them it says how many more there are.
        assertTrue(pages[0].contains("and ") && pages[0].contains(" more"), pages[0]);
        assertTrue(pages[0].contains("Nadja: 20 of 20, 40.0 km, 1,600 touches, 80 shots"), pages[0]);
    }

    @Test
    void nobodyIsNamedUnaskedAndNothingNotedGoesOut() throws Exception {
        String text = written(folder.resolve("r.pdf"), false);
        assertFalse(text.contains("Nadja"), "not in the title of a drill either");
        assertTrue(text.contains("person 1: 20 of 20"));
        String named = written(folder.resolve("n.pdf"), true);
        assertFalse(named.contains("tired") || named.contains("begins"));
    }
}
