package wildchalk.handout.evening;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.openqa.selenium.By;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.chrome.ChromeDriverService;
import org.openqa.selenium.chrome.ChromeOptions;
import org.openqa.selenium.chromium.ChromiumNetworkConditions;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Drill;
import wildchalk.core.effort.Effort;
import wildchalk.core.evening.Handed;
import wildchalk.core.grouping.Style;
import wildchalk.core.measure.Units;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Company;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.DrillWork;
import wildchalk.core.practice.GoingRound;
import wildchalk.core.practice.KnownNeeds;
import wildchalk.core.practice.Plan;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.ground.Ground;
import wildchalk.core.setout.SetOut;
import wildchalk.core.squad.GroupNames;
import wildchalk.core.squad.Groups;
import wildchalk.core.squad.Helper;
import wildchalk.core.squad.Member;
import wildchalk.core.squad.Squad;
import wildchalk.core.surface.Surfaces;
import wildchalk.handout.Tool;
import wildchalk.handout.order.Order;
import wildchalk.handout.order.Progress;
import wildchalk.storage.format.PracticeReader;

/** Evenings as they go out, read by programs that are not ours. */
class EveningSheetTest {

    private static final Pattern TIME = Pattern.compile("^\\s*(\\d\\d:\\d\\d)\\s+(.*)$");

    @TempDir
    Path folder;

    /** Eighteen people in groups, two of the staff. */
    private static Squad squad(int groups) {
        List<Member> people = IntStream.rangeClosed(1, 18)
                .mapToObj(i -> Member.named("", "Child" + i + " Surname" + i)
                        .at(Member.Level.UNSAID.withStrength(1 + i % 5))
                        .saying("notesecret"))
                .toList();
        Squad squad = Squad.empty("s", "Terns")
                .with(people)
                .with(new Helper("", "Ottilie", Helper.Duty.COACH, List.of()))
                .with(new Helper("", "Fergus", Helper.Duty.ASSISTANT, List.of()));
        List<String> ids = squad.all().map(Member::id).toList();
        List<Bib> bibs = GroupNames.bibs(List.of(), groups);
        return squad.on(squad.tonight()
                .in(new Groups(
                        Style.EVEN,
                        List.of(),
                        1,
                        IntStream.range(0, groups)
                                .mapToObj(g -> new Groups.Group(
                                        bibs.get(g),
                                        IntStream.range(0, ids.size())
                                                .filter(i -> i % groups == g)
                                                .mapToObj(ids::get)
                                                .toList()))
                                .toList())));
    }

    private static Practice demo() throws Exception {
        Practice demo = PracticeReader.read(Files.readString(Path.of("..", "demo", "corners-thursday.practice.json")));
        return demo.given(demo.setting()
                .with(new Company(
                        "s",
                        new Company.Heads(18, 2, 3, 0),
                        List.of(6, 6, 6),
                        List.of(),
                        List.of(),
                        Effort.Level.ADULT)));
    }

    private static EveningOrder order(Practice practice, Squad squad) {
        Map<Content.Planned, Drill> drills = new HashMap<>();
        Map<String, DrillWork> works = new HashMap<>();
        practice.blocks().stream().flatMap(Block::all).flatMap(Block::play).forEach(p -> {
            Drill drill = Tool.demo(p.drill().id());
            drills.put(p.drill(), drill);
            works.computeIfAbsent(drill.id(), id -> new DrillWork(drill, SetOut.USUAL_HANDFUL));
        });
        KnownNeeds needs = b -> DrillWork.of(works, b, practice.company());
        Handed evening = new Handed(
                practice,
                Plan.of(practice, needs),
                needs,
                drills,
                Optional.of(squad),
                Ground.venue(practice, drills, Surfaces.BUILT_IN),
                Handed.Who.NOBODY);
        return new EveningOrder(
                evening,
                Order.Paper.USUAL,
                Units.METRIC,
                ZoneId.of("Europe/Vienna"),
                Instant.parse("2026-11-02T09:00:00Z"));
    }

    private static Practice led(Practice practice, Squad squad) {
        List<String> staff = squad.staff().stream().map(Helper::id).toList();
        return practice.changing("b3", b -> b.led(staff.get(0))).changing("b4", b -> b.led(staff.get(1)));
    }

    private Path write(EveningSheet kind, EveningOrder order) throws Exception {
        Path file = folder.resolve("out." + kind.ending());
        kind.write(order, file, Progress.UNSEEN);
        return file;
    }

    private static String text(Path pdf, int from, int to) throws Exception {
        return Tool.run("pdftotext", "-layout", "-enc", "UTF-8", "-f", "" + from, "-l", "" + to, pdf.toString(), "-");
    }

    private static int pages(Path pdf) throws Exception {
        return Integer.parseInt(
                Tool.run("qpdf", "--show-npages", pdf.toString()).strip());
    }

    @ParameterizedTest(name = "{0}, grey {1}")
    @CsvSource({"A4, false", "A4, true", "LETTER, false", "LETTER, true"})
    void oneSoundPageAndTheCardsBehind(Order.Paper.Size size, boolean grey) throws Exception {
        Squad squad = squad(3);
        EveningOrder order = order(led(demo(), squad), squad).on(new Order.Paper(size, false, grey));
        Path pdf = write(EveningSheet.RUN_SHEET, order);
        assertTrue(Tool.run("qpdf", "--check", pdf.toString()).contains("No syntax or stream encoding errors"));
        for (String line : Tool.run("pdffonts", pdf.toString()).lines().skip(2).toList()) {
            assertTrue(line.matches(".*\\byes\\s+yes\\s+yes\\b.*"), "embedded, in part, readable: " + line);
        }
        String first = text(pdf, 1, 1);
        assertTrue(first.contains("Three corners") && first.contains("19:16 End"), first);
        String second = text(pdf, 2, 2);
        assertTrue(second.contains("Turnstile") && second.contains("Needed:"), "the first card: " + second);
        String behind = text(pdf, 2, pages(pdf));
        for (String drill : List.of("Turnstile", "Sixpenny Square", "Skylark")) {
            assertTrue(first.contains(drill) && behind.contains(drill), drill);
        }
    }

    /** Whoever has the sheet alone says where each group is at five times; the practice itself says the same. */
    @Test
    void whoIsWhereIsReadOffThePage() throws Exception {
        Squad squad = squad(3);
        Practice practice = led(demo(), squad);
        EveningOrder order = order(practice, squad);
        List<String> lines =
                text(write(EveningSheet.RUN_SHEET, order), 1, 1).lines().toList();
        List<String> names =
                GroupNames.of(squad.tonight().groups().orElseThrow().bibs());
        Plan plan = order.evening().plan();
        int looked = 0;
        for (String at : List.of("18:22", "18:30", "18:40", "18:50", "19:05")) {
            int seconds = practice.slot().until(LocalTime.parse(at));
            Plan.Entry entry = plan.entries().stream()
                    .filter(e -> e.start() <= seconds && seconds < e.end())
                    .findFirst()
                    .orElseThrow();
            String read = last(lines, at);
            Optional<GoingRound> round = GoingRound.of(
                    entry.block(), practice.company(), order.evening().needs());
            if (round.isEmpty()) {
                String what = entry.block().id().equals("b1") ? "tag in threes" : "six a side";
                assertTrue(read.contains(what), at + ": " + read);
            } else {
                GoingRound r = round.orElseThrow();
                int turn = IntStream.range(0, r.turns().count())
                        .filter(t -> entry.start() + r.begins(t) <= seconds)
                        .max()
                        .orElseThrow();
                List<String> truth = entry.block().parts().stream()
                        .map(p -> names.get(r.there(turn, p).get(0)))
                        .toList();
                assertEquals(truth, Arrays.asList(read.strip().split("\\s{2,}")), at);
            }
            looked++;
        }
        assertEquals(5, looked);
        String all = String.join("\n", lines);
        assertTrue(
                Pattern.compile("1 Turnstile\\s+2 Sixpenny Square\\s+3 Skylark")
                        .matcher(all)
                        .find(),
                all);
        assertTrue(all.contains("coach 1 leads") && all.contains("coach 2 leads"), all);
        assertTrue(all.contains("3 turns of 9:40 min"), all);
    }

    /** What stands behind the last time that is not after one. */
    private static String last(List<String> lines, String at) {
        String found = "";
        for (String line : lines) {
            Matcher m = TIME.matcher(line);
            if (m.matches()
                    && !m.group(2).startsWith("to ")
                    && !LocalTime.parse(m.group(1)).isAfter(LocalTime.parse(at))) {
                found = m.group(2);
            }
        }
        return found;
    }

    @Test
    void nobodyIsNamedUnlessThatIsAskedFor() throws Exception {
        Squad squad = squad(3);
        Practice told = led(demo(), squad).changing("b4", b -> b.noting("Child7 first"));
        EveningOrder order = order(told.in(told.slot().on(Optional.of(LocalDate.of(2026, 11, 5)))), squad);
        for (EveningSheet kind : EveningSheet.values()) {
            Path file = write(kind, order);
            String all = kind.ending().equals("pdf") ? text(file, 1, pages(file)) : Files.readString(file);
            assertFalse(Pattern.compile("Child\\d").matcher(all).find(), kind + ": " + all);
            for (String secret : List.of("Surname", "notesecret", "Ottilie", "Fergus")) {
                assertFalse(all.contains(secret), kind + " tells " + secret);
            }
        }
        Path named = write(
                EveningSheet.RUN_SHEET,
                order.saying(new Handed.Who(true, squad.staff().get(1).id())));
        String all = text(named, 1, 1);
        assertTrue(all.contains("Three corners, for Fergus") && all.contains("Child18"), all);
        assertTrue(all.contains("Sixpenny Square \u2014 yours"), all);
        assertFalse(all.contains("Surname") || all.contains("notesecret"), all);
    }

    @Test
    void aLongEveningIsStillRead() throws Exception {
        Squad squad = squad(5);
        Practice practice = demo();
        List<Block> blocks = new ArrayList<>();
        Content.Beside beside = (Content.Beside) practice.blocks().get(1).content();
        for (int n = 0; n < 5; n++) {
            int number = n;
            List<Block> parts = beside.blocks().stream()
                    .map(b -> b.withId("c" + number + b.id()))
                    .toList();
            blocks.add(practice.blocks()
                    .get(1)
                    .withId("c" + n)
                    .being(new Content.Beside(parts, Optional.of(new Content.Round(true)), Map.of())));
            blocks.add(practice.blocks().get(3).withId("g" + n));
        }
        EveningOrder order = order(practice.of(blocks), squad);
        Path pdf = write(EveningSheet.RUN_SHEET, order);
        String last = "";
        int page = 0;
        while (!last.contains(" End")) {
            last = text(pdf, ++page, page);
        }
        // Fifteen things and five rounds are more than a page that can be read: then it is two, and says so.
        assertTrue(page <= 3, page + " pages");
        assertTrue(page == 1 || text(pdf, 1, 1).contains("Page 1 of " + page));
    }

    @Test
    void aPageThatPlaysWithoutANetwork() throws Exception {
        Squad squad = squad(3);
        Practice hostile = led(demo(), squad).withTitle(Tool.HOSTILE);
        Path page = write(EveningSheet.PAGE, order(hostile, squad));
        ChromeOptions options = new ChromeOptions();
        options.addArguments(
                "--headless=new", "--no-sandbox", "--disable-gpu", "--disable-dev-shm-usage", "--window-size=420,900");
        options.setBinary(where("chromium"));
        ChromeDriver browser = new ChromeDriver(
                new ChromeDriverService.Builder()
                        .usingDriverExecutable(Path.of(where("chromedriver")).toFile())
                        .build(),
                options);
        try {
            ChromiumNetworkConditions none = new ChromiumNetworkConditions();
            none.setOffline(true);
            browser.setNetworkConditions(none);
            browser.get(page.toUri().toString());
            assertEquals(
                    Tool.HOSTILE.strip(),
                    browser.findElement(By.tagName("h1")).getText().strip());
            String words = browser.findElement(By.tagName("main")).getText();
            assertTrue(
                    words.contains("18:37") && words.contains("coach 2 leads") && words.contains("Take care"), words);
            Number wide = (Number) browser.executeScript("return document.documentElement.scrollWidth;");
            Number room = (Number) browser.executeScript("return window.innerWidth;");
            assertTrue(wide.intValue() <= room.intValue(), "nothing is wider than the phone");
            browser.findElement(By.tagName("summary")).click();
            WebElement drill = browser.findElement(By.tagName("iframe"));
            browser.executeScript("arguments[0].scrollIntoView();", drill);
            browser.switchTo().frame(drill);
            long end = System.nanoTime() + Duration.ofSeconds(40).toNanos();
            while (browser.findElements(By.id("play")).isEmpty() && System.nanoTime() < end) {
                Thread.sleep(50);
            }
            browser.findElement(By.id("play")).click();
            while (browser.findElement(By.id("clock")).getText().startsWith("0.0") && System.nanoTime() < end) {
                Thread.sleep(50);
            }
            assertFalse(browser.findElement(By.id("clock")).getText().startsWith("0.0"), "it plays");
        } finally {
            browser.quit();
        }
    }

    private static String where(String program) throws Exception {
        return Tool.run("sh", "-c", "command -v " + program).strip();
    }

    @Test
    void withoutADayNothingGoesIntoACalendar() throws Exception {
        Practice pattern = demo();
        EveningOrder order = order(pattern, squad(3));
        EveningSheet.NoDay none = assertThrows(EveningSheet.NoDay.class, () -> write(EveningSheet.CALENDAR, order));
        assertEquals(
                "This practice has no day, so it cannot stand in a calendar. Give it one first.", none.getMessage());
    }
}
