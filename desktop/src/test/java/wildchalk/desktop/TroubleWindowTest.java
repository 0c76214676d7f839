package wildchalk.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicReference;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.control.TextArea;
import javafx.scene.input.Clipboard;
import javafx.scene.input.DataFormat;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import wildchalk.core.edit.DrillEdits;
import wildchalk.desktop.background.Background;
import wildchalk.desktop.exchange.Exchange;
import wildchalk.desktop.trouble.TroubleLog;
import wildchalk.handout.HandOuts;
import wildchalk.handout.order.HandOut;
import wildchalk.storage.format.DrillWriter;
import wildchalk.storage.kind.SquadKind;
import wildchalk.storage.kind.Typed;

/**
 * Everything that is done beside the window fails once: the window says so and goes on, and the file says where, naming
 * nobody.
 */
class TroubleWindowTest extends RealWindow {

    private static final String SECRET = "Ottoline Brackenbury";
    private static final int DEMO = DemoBook.drills().size();

    private final Set<String> fails = ConcurrentHashMap.newKeySet();
    private final Map<String, Integer> failed = new ConcurrentHashMap<>();

    @BeforeEach
    void fail() {
        TroubleLog.in(folder.resolve("troubles"));
        Background.beforeEach(what -> {
            if (fails.contains(what)) {
                failed.merge(what, 1, Integer::sum);
                throw new IllegalStateException(SECRET);
            }
        });
    }

    @AfterEach
    void mend() {
        Background.beforeEach(what -> {});
        TroubleLog.close();
    }

    private String message() throws Exception {
        return fx(() -> find("#message").isVisible() ? ((Label) find("#message-text")).getText() : "");
    }

    private interface Doing {
        void run() throws Exception;
    }

    /** Lets one sort of work fail, does what asks for it, and waits until the window has said something. */
    private void said(String what, Doing doing, Callable<String> where, String words) throws Exception {
        fails.add(what);
        doing.run();
        await(() -> failed.containsKey(what) && where.call().contains(words));
        System.out.println(what + " | " + words);
        fails.remove(what);
        settle();
        String log = TroubleLog.text();
        assertTrue(log.contains(what + "\n    java.lang.IllegalStateException\n"), "the file says nothing of " + what);
        assertFalse(log.contains(SECRET.substring(0, 8)), "the file names somebody");
    }

    private void said(String what, Doing doing, String words) throws Exception {
        said(what, doing, this::message, words);
    }

    private void openDemoBook() throws Exception {
        open(Request.demo(book()).openingNothing());
        await(() -> cards() == DEMO);
        await(() -> stage.getScene().getRoot().lookupAll(".card").size() > 2);
    }

    @Test
    void whatFailsInTheBookIsSaidThere() throws Exception {
        openDemoBook();
        picked = folder.resolve("Other.chalkbook");
        said(
                "copying a drill into another book",
                () -> choose("ferryman", "Another book …"),
                "The book Other could not be written. Nothing was copied.");
        picked = folder.resolve("x.drill.json");
        said(
                "writing a drill file",
                () -> choose("ferryman", "Give out as a drill file …"),
                "The file could not be written. What is in the book is safe.");
        picked = folder.resolve("all.zip");
        said(
                "writing a bundle of drills",
                () -> fx(() -> {
                    new Exchange(chooser, session.window().messages())
                            .saveBundle(
                                    List.of(new Typed<>(SquadKind.SQUADS, DemoBook.squad())),
                                    () -> session.window().messages().say("written"));
                    return null;
                }),
                "The file could not be written. What is in the book is safe.");
        // A picture that stands still is there all the same: nothing more is said than that.
        said(
                "working a small picture out that plays",
                () -> robot.moveTo(card("skylark")),
                () -> "" + cards(),
                "" + DEMO);
        said("asking the book", () -> choose("ferryman", "Make a copy"), "What was said to be kept is kept");
        Path in = Files.writeString(
                folder.resolve("in.drill.json"),
                DrillWriter.write(DemoBook.drills().get(0).withId("other")));
        picked = in;
        Callable<String> summary = () -> find("#take-in-summary") instanceof Label l ? l.getText() : "";
        said(
                "reading files to take in",
                () -> click("#import"),
                summary,
                "Nothing was taken in, and the book is as it was.");
        click("#take-in-none");
        await(() -> cards() == DEMO);
        said(
                "drawing a small picture",
                () -> fx(() -> {
                    session.keeper().orElseThrow().tell(b -> b.drills()
                            .keep(b.drills().load("skylark").withTitle("Lark"), "Rename drill"));
                    click("#tab-book");
                    return null;
                }),
                () -> "" + cards(),
                "" + DEMO);
        choose("turnstile", "Old versions …");
        await(() ->
                find("#versions") instanceof ListView<?> list && list.getItems().size() == 1);
        said(
                "looking at an old version",
                () -> fx(() -> {
                    ListView<?> list = (ListView<?>) find("#versions");
                    list.getSelectionModel().clearSelection();
                    list.getSelectionModel().select(0);
                    return null;
                }),
                () -> find("#version-words").lookupAll(".label").stream()
                        .map(n -> ((Label) n).getText())
                        .toList()
                        .toString(),
                "This version could not be looked at. The drill itself is as it was.");
    }

    @Test
    void filtersAndLookingOverGoOnAfterTrouble() throws Exception {
        fails.add("looking drills over");
        openDemoBook();
        await(() -> failed.containsKey("looking drills over"));
        fails.clear();
        assertEquals(DEMO, cards(), "the cards are there");
        said(
                "choosing drills by the filters",
                () -> {
                    type(KeyCode.CONTROL, KeyCode.F);
                    write("t");
                },
                () -> "" + cards(),
                "" + DEMO);
        type(KeyCode.ESCAPE);
        await(() -> cards() == DEMO);
    }

    @Test
    void whatFailsOnTheBoardIsSaidThere() throws Exception {
        fails.add("reading what was done before");
        open(Request.demo(book()));
        await(() -> message()
                .contains("What was done to this drill before could not be read. It cannot be undone; the "
                        + "drill is whole"));
        fails.clear();
        said(
                "keeping an edit",
                () -> fx(() -> board().apply(DrillEdits.rename("Door"))),
                () -> message() + " / " + ((Label) find("#kept")).getText(),
                "What was said to be kept is kept. If it happens again, start Wild Chalk anew. / not kept");
        fx(() -> board().apply(DrillEdits.rename("Doors")));
        await(() -> ((Label) find("#kept")).getText().equals("kept just now"));
        fx(() -> Clipboard.getSystemClipboard().setContent(Map.of(DataFormat.PLAIN_TEXT, "anything")));
        said(
                "reading what is on the clipboard",
                () -> {
                    fx(() -> {
                        find("#board").requestFocus();
                        return null;
                    });
                    type(KeyCode.CONTROL, KeyCode.V);
                },
                () -> message()
                        + stage.getScene().getRoot().lookupAll(".label").stream()
                                .map(n -> ((Label) n).getText())
                                .toList(),
                "What is on the clipboard could not be put in. Nothing was changed");
        said(
                "working the set-out sheet out",
                () -> fx(() -> {
                    board().sheets().wantedProperty().set(true);
                    return null;
                }),
                "The set-out sheet could not be worked out for this drill. The drill is safe");
        fx(() -> {
            board().sheets().wantedProperty().set(false);
            return null;
        });
    }

    @Test
    void whatFailsWhileHandingOutIsSaidThere() throws Exception {
        open(Request.demo(book()));
        said(
                "making a preview",
                () -> handOut("Page for phones (HTML)"),
                () -> find("#preview-none") instanceof Labeled l ? l.getText() : "",
                "There is no preview of this. It can be made all the same.");
        click("#kind-" + HandOuts.ALL.stream().map(HandOut::words).toList().indexOf("Clip (MP4)"));
        await(() -> find("#preview-length") != null);
        fails.add("painting a frame of the preview");
        await(() -> failed.containsKey("painting a frame of the preview"));
        fails.clear();
        int once = failed.get("painting a frame of the preview");
        settle();
        assertEquals(
                once,
                failed.get("painting a frame of the preview"),
                "it stands still and does not try again and again");
        click("#kind-" + HandOuts.ALL.stream().map(HandOut::words).toList().indexOf("Page for phones (HTML)"));
        Callable<String> said = () -> stage.getScene().getRoot().lookupAll(".label").stream()
                .map(n -> ((Label) n).getText())
                .toList()
                .toString();
        said(
                "making a page to look at",
                () -> click("#hand-out-try"),
                said,
                "The page could not be made: there may be no room for it on the disk.");
        picked = folder.resolve("page.html");
        said(
                "making a hand-out",
                () -> click("#hand-out-go"),
                said,
                "It could not be made. Nothing was written, and the drill is safe in the book.");
        assertFalse(Files.exists(picked));
    }

    @Test
    void aBookThatCannotBeOpenedOrClosedDoesNotHoldTheWindow() throws Exception {
        session = fx(() -> {
            stage = new Stage();
            return OpenWindow.start(
                    stage,
                    Request.demo(book()),
                    chooser,
                    CompletableFuture.failedFuture(new IllegalStateException(SECRET)));
        });
        await(() -> message().contains("The book could not be opened. Nothing in it was changed."));
        assertTrue(TroubleLog.text().contains("opening a book"));
        close();
        open(Request.demo(book()).openingNothing());
        await(() -> cards() == DEMO);
        picked = folder.resolve("Next.chalkbook");
        said("closing a book", () -> take(find("#books"), "Begin a new book …"), "could not be closed as it should be");
        await(() -> find("#books") instanceof Labeled l && l.getText().equals("Next"));
        AtomicReference<Thread> thrown = new AtomicReference<>();
        Thread careless = new Thread(() -> {
            thrown.set(Thread.currentThread());
            throw new IllegalStateException(SECRET);
        });
        careless.start();
        await(() -> message().contains("Something went wrong that the program did not expect."));
        assertEquals(careless, thrown.get());
        take(find("#books"), "What went wrong …");
        await(() -> find("#trouble-text") != null);
        String shown = fx(() -> ((TextArea) find("#trouble-text")).getText());
        assertTrue(shown.contains("closing a book") && shown.contains("nobody foresaw"), shown);
        assertFalse(shown.contains(SECRET));
        click("#trouble-back");
        await(() -> cards() == 0);
        assertEquals(List.of(), List.copyOf(fails));
    }

    @Test
    void aDamagedBookThatCannotBeSavedIsSaid() throws Exception {
        open(Request.demo(book()).openingNothing());
        close();
        byte[] all = Files.readAllBytes(book());
        Files.write(book(), Arrays.copyOf(all, all.length / 2));
        fails.add("saving a damaged book");
        open(Request.demo(book()));
        await(() -> message().contains("The book could not be opened. Nothing in it was changed."));
        close();
        fails.clear();
        open(Request.demo(book()));
        await(() -> find("#rescue-go") != null);
        said(
                "putting a saved book in its place",
                () -> click("#rescue-go"),
                "The book could not be opened. Nothing in it was changed.");
    }
}
