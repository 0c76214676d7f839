package wildchalk.handout.page;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.awt.geom.AffineTransform;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.function.BooleanSupplier;
import java.util.logging.Level;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.By;
import org.openqa.selenium.JavascriptExecutor;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.chrome.ChromeDriverService;
import org.openqa.selenium.chrome.ChromeOptions;
import org.openqa.selenium.chromium.ChromiumNetworkConditions;
import org.openqa.selenium.logging.LogType;
import org.openqa.selenium.logging.LoggingPreferences;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Stage;
import wildchalk.core.edit.DrillEdits;
import wildchalk.core.edit.PersonEdits;
import wildchalk.core.edit.PieceEdits;
import wildchalk.core.flow.Flow;
import wildchalk.core.flow.Flows;
import wildchalk.core.flow.Replay;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.TimeFormat;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.scene.Frame;
import wildchalk.core.timeline.Timeline;
import wildchalk.handout.Tool;
import wildchalk.handout.order.Order;

/** The page in a real browser that has no network. */
class PageTest {

    private static final int TRIES = 5;

    private static ChromeDriver browser;

    @TempDir
    Path folder;

    @BeforeAll
    static void startBrowser() throws Exception {
        ChromeOptions options = new ChromeOptions();
        options.addArguments(
                "--headless=new", "--no-sandbox", "--disable-gpu", "--disable-dev-shm-usage", "--window-size=500,1000");
        options.setBinary(where("chromium"));
        LoggingPreferences logs = new LoggingPreferences();
        logs.enable(LogType.BROWSER, Level.ALL);
        options.setCapability("goog:loggingPrefs", logs);
        browser = new ChromeDriver(
                new ChromeDriverService.Builder()
                        .usingDriverExecutable(Path.of(where("chromedriver")).toFile())
                        .build(),
                options);
        ChromiumNetworkConditions none = new ChromiumNetworkConditions();
        none.setOffline(true);
        browser.setNetworkConditions(none);
    }

    private static String where(String program) throws Exception {
        return Tool.run("sh", "-c", "command -v " + program).strip();
    }

    @AfterAll
    static void stopBrowser() {
        if (browser != null) {
            browser.quit();
        }
    }

    private void open(Drill drill) throws Exception {
        Path page = Tool.write(new Page(), Order.of(drill), folder);
        browser.manage().logs().get(LogType.BROWSER);
        browser.get(page.toUri().toString());
    }

    private static void noComplaints() {
        assertEquals(
                List.of(),
                browser.manage().logs().get(LogType.BROWSER).getAll().stream()
                        .map(Object::toString)
                        .toList());
    }

    private static WebElement find(String id) {
        return browser.findElement(By.id(id));
    }

    private static Object js(String script, Object... arguments) {
        return ((JavascriptExecutor) browser).executeScript(script, arguments);
    }

    private static void until(BooleanSupplier met) throws InterruptedException {
        long end = System.nanoTime() + Duration.ofSeconds(40).toNanos();
        while (!met.getAsBoolean()) {
            assertTrue(
                    System.nanoTime() < end,
                    "it never came to that: " + find("clock").getText() + " "
                            + find("play").getText());
            Thread.sleep(50);
        }
    }

    private static void seek(double t) {
        js(
                "const s = document.getElementById('scrub'); s.value = arguments[0]; s.dispatchEvent(new "
                        + "Event('input'));",
                Math.round(t * 100));
    }

    /** Where a token is seen, metres on the surface. */
    private static Vec token(String id) throws Exception {
        JsonNode seen = new ObjectMapper().readTree((String) js(
                "const t = document.getElementById('token-' + arguments[0]).getBoundingClientRect(), "
                        + "b = document.getElementById('board').getBoundingClientRect(), d = "
                        + "JSON.parse(document.getElementById('drill').textContent), "
                        + "s = d.size[0] / b.width; return JSON.stringify({at: [(t.x + t.width / 2 - b.x) * s, "
                        + "(t.y + t.height / 2 - b.y) * s], map: d.map});",
                id));
        JsonNode map = seen.get("map");
        AffineTransform toPage = new AffineTransform(
                map.get(0).asDouble(),
                map.get(1).asDouble(),
                map.get(2).asDouble(),
                map.get(3).asDouble(),
                map.get(4).asDouble(),
                map.get(5).asDouble());
        double[] at = {seen.get("at").get(0).asDouble(), seen.get("at").get(1).asDouble()};
        toPage.inverseTransform(at, 0, at, 0, 1);
        return new Vec(at[0], at[1]);
    }

    @Test
    void itPlaysAndTokensStandWhereTheTimelineSays() throws Exception {
        Drill drill = Tool.demo("ferryman");
        Timeline timeline = Rehearsal.of(Ladder.build(drill, "s1"), drill.surface());
        open(drill);
        for (double t : new double[] {1.3, 3.1, 5.6}) {
            seek(t);
            for (String person : timeline.people()) {
                double off = token(person).distance(timeline.pose(person, t).at());
                assertTrue(off < 0.1, person + " at " + t + " s is " + off + " m off");
            }
        }
        seek(0);
        find("play").click();
        until(() -> find("clock").getText().equals(TimeFormat.seconds(timeline.duration()))
                && find("play").getText().equals("Play"));
        String last = timeline.people().get(0);
        assertTrue(token(last).distance(timeline.pose(last, timeline.duration()).at()) < 0.1);
        noComplaints();
    }

    /** Three reps, one after another: in the third everybody is where many reps, worked out, say they are. */
    @Test
    void inTheThirdRepTokensStandWhereTheFlowSays() throws Exception {
        Drill drill = Tool.demo("turnstile");
        Stage stage = Ladder.build(drill, "s1");
        Flows flows = new Flows(stage, drill.surface(), Ladder.dose(drill, "s1"));
        Replay replay = flows.replay(
                Flows.Asked.of(9, 10, 1), Frame.of(drill, drill.surface()).unit());
        Flow.Rep third = replay.flow().reps().get(2);
        open(drill);
        find("reps").click();
        int moved = 0;
        for (double into : new double[] {-2, 0.5, 2.5, 5}) {
            double t = Math.round((third.t() + into) * 100) / 100.0;
            seek(t);
            for (String letter : third.cast().values()) {
                Vec at = replay.at(letter, t).at();
                double off = token("rep-" + letter).distance(at);
                assertTrue(off < 0.25, letter + " at " + t + " s is " + off + " m off");
                moved += at.distance(replay.at(letter, 0).at()) > 1 ? 1 : 0;
            }
        }
        assertTrue(moved > 4, "people have moved on: " + moved);
        seek(third.t() + 1);
        assertTrue(find("clock").getText().startsWith("rep 3"), find("clock").getText());
        find("reps").click();
        assertEquals("0.0 s", find("clock").getText(), "one rep again");
        assertEquals(0, browser.findElements(By.cssSelector("[id^=token-rep]")).size());
        find("reps").click();
        find("play").click();
        until(() -> !find("clock").getText().startsWith("rep 1, 0."));
        browser.findElement(By.cssSelector("#lines li")).click();
        assertFalse(find("clock").getText().startsWith("rep"), "a line of the words is about one rep");
        noComplaints();
    }

    @Test
    void questionsWaitOptionsChangeTheWayAndWordsShineInStep() throws Exception {
        open(Tool.demo("lamplighter"));
        browser.findElements(By.cssSelector("#rungs button")).get(3).click();
        assertTrue(find("rung-name").getText().startsWith("3 Live"));
        find("play").click();
        until(() -> find("question").isDisplayed());
        assertEquals("What is on, and who told you?", find("asked").getText());
        assertFalse(find("answer").isDisplayed());
        String stood = find("clock").getText();
        Thread.sleep(400);
        assertEquals(stood, find("clock").getText(), "it waits");
        find("reveal").click();
        assertTrue(
                find("answer").getText().contains("into the lane"),
                find("answer").getText());
        find("go-on").click();
        until(() -> find("question").isDisplayed() && find("asked").getText().startsWith("If the shot"));
        browser.findElements(By.cssSelector("#rungs button")).get(0).click();
        Object before = js("return document.getElementById('chalk').innerHTML");
        browser.findElements(By.cssSelector("#reads input")).get(2).click();
        assertTrue(browser.findElements(By.cssSelector("#reads input")).get(2).isSelected());
        assertFalse(
                before.equals(js("return document.getElementById('chalk').innerHTML")),
                "another way has other lines in full");
        seek(0.5);
        List<WebElement> lit = browser.findElements(By.cssSelector("#lines li.lit"));
        assertEquals(1, lit.size());
        assertEquals("step", lit.get(0).getDomAttribute("aria-current"));
        browser.findElement(By.tagName("body")).sendKeys(Keys.ARROW_RIGHT);
        assertFalse(browser.findElements(By.cssSelector("#lines li.lit"))
                        .get(0)
                        .getText()
                        .equals(lit.get(0).getText())
                && find("clock").getText().equals("0.5 s"));
        js("const f = document.getElementById('follow'); f.value = 'p9'; f.dispatchEvent(new Event('change'));");
        assertTrue(
                (boolean) js("return document.getElementById('lines').textContent.toLowerCase().includes('you ')"),
                find("lines").getText());
        find("look").click();
        assertTrue((boolean) js("return document.documentElement.classList.contains('paper')"));
        noComplaints();
    }

    /** Words and arrows of an option have one number, and its words lead to the way on which it is taken. */
    @Test
    void anOptionIsFollowedFromItsWords() throws Exception {
        open(Tool.demo("lamplighter"));
        WebElement option = browser.findElements(By.cssSelector("#lines li.other")).stream()
                .filter(l -> l.getText().contains("take it"))
                .findFirst()
                .orElseThrow();
        String number = option.findElement(By.tagName("b")).getText();
        assertTrue(number.matches("3[a-z]"), number);
        assertTrue((boolean) js(
                "return [...document.querySelectorAll('#chalk text')].some(t => t.textContent === arguments[0])",
                number));
        assertTrue((boolean)
                js("return [...document.querySelectorAll('#chalk text')].some(t => t.textContent === 'take it')"));
        option.click();
        assertTrue((boolean)
                js("return document.querySelector('#reads input:checked').parentNode.textContent.includes('take it')"));
        assertFalse(find("clock").getText().equals("0.0 s"), "it stands where the option begins");
        noComplaints();
    }

    @Test
    void nothingThatIsWrittenIsTakenForAnythingElse() throws Exception {
        Drill demo = Tool.demo("skylark");
        Drill named = PieceEdits.change(
                        "s1",
                        "Name",
                        PersonEdits.called(
                                Ladder.build(demo, "s1").people().get(0), "</script><img src=x onerror=alert(1)>"))
                .apply(DrillEdits.rename(Tool.HOSTILE).apply(demo));
        Drill drill = named.withNotes(
                List.of(Tool.HOSTILE, "</script><script>window.bad = 1</script>", "y".repeat(10_000)),
                List.of("<!-- "),
                List.of("{{script}}"));
        open(drill);
        assertEquals(
                Tool.HOSTILE.replaceAll("\\s+", " "),
                browser.findElement(By.tagName("h1"))
                        .getDomProperty("textContent")
                        .replaceAll("\\s+", " "));
        assertEquals(null, js("return window.bad"));
        assertEquals(2L, js("return document.scripts.length"));
        assertEquals(0L, js("return document.images.length"));
        assertTrue((boolean) js("return document.body.textContent.includes('y'.repeat(10000))"));
        noComplaints();
    }

    @Test
    void aUsualDrillIsSmallAndNothingInItPointsOutside() throws Exception {
        for (String demo : Tool.DEMOS) {
            Path page = Tool.write(new Page(), Order.of(Tool.demo(demo)), folder);
            long size = Files.size(page);
            System.out.printf("page of %s: %d KB%n", demo, size / 1000);
            assertTrue(size < 300_000, demo + ": " + size);
            String text = Files.readString(page).replace("http://www.w3.org/2000/svg", "");
            assertFalse(text.contains("http:") || text.contains("https:") || text.contains("//fonts"), demo);
        }
    }

    /** Frames a second while it plays on a processor slowed down to a quarter and a sixth, about that of a phone. */
    @Test
    void itPlaysSmoothlyOnASlowProcessor() throws Exception {
        open(Tool.demo("ferryman"));
        boolean smooth = false;
        // The machine that tests is shared, and at times gives a page that does nothing no more than a third of its
        // frames, or one that plays still fewer. So what is asked is that in one of a few tries playing costs few of
        // those it gives: a page that is slow is slow in all of them. The figures are written down.
        for (int i = 0; i < TRIES && !smooth; i++) {
            double still = frames(4, false);
            double quarter = frames(4, true);
            double sixth = frames(6, true);
            System.out.printf(
                    "the page plays at %.1f frames a second on a processor slowed to a quarter, at %.1f on one "
                            + "slowed to a sixth; standing still it has %.1f%n",
                    quarter, sixth, still);
            smooth = Math.max(quarter, sixth) > still * 0.5;
        }
        assertTrue(smooth, "it plays at less than half the frames it has");
        noComplaints();
    }

    private static double frames(int slowed, boolean playing) {
        seek(0);
        browser.executeCdpCommand("Emulation.setCPUThrottlingRate", Map.of("rate", slowed));
        if (playing) {
            find("play").click();
        }
        Object measured = browser.executeAsyncScript(
                "const done = arguments[0]; let n = 0, first = 0; const f = now => { if (!first) { first = now; } n++; "
                        + "if (now - first > 4000) { done((n - 1) * 1000 / (now - first)); } else { "
                        + "requestAnimationFrame(f); } }; requestAnimationFrame(f);");
        browser.executeCdpCommand("Emulation.setCPUThrottlingRate", Map.of("rate", 1));
        return ((Number) measured).doubleValue();
    }
}
