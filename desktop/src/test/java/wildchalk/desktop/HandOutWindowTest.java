package wildchalk.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.atomic.AtomicReference;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.ToggleButton;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import wildchalk.handout.HandOuts;
import wildchalk.handout.order.HandOut;

/** A drill is handed out from the real window: looked at first, then made, stopped, refused. */
class HandOutWindowTest extends RealWindow {

    @BeforeEach
    void aDrill() throws Exception {
        open(Request.demo(book()));
    }

    private String said() throws Exception {
        return fx(() -> ((Label) find("#hand-out-said")).getText());
    }

    @Test
    void everyKindIsShownBeforeItIsMade() throws Exception {
        handOut("Card to print (PDF)");
        await(() -> find("#preview").lookupAll(".image-view").size() >= 1);
        another("Clip (MP4)");
        AtomicReference<Double> first = new AtomicReference<>(Double.NaN);
        await(() -> {
            first.set(snapshotSum());
            return !first.get().isNaN();
        });
        await(() -> !Double.isNaN(snapshotSum()) && snapshotSum() != first.get());
        another("Text for a message");
        await(() -> find("#preview-text") instanceof TextArea t
                && t.getText().startsWith(board().drill().title()));
        click("#hand-out-copy");
        await(() -> Clipboard.getSystemClipboard().getString().contains("Who starts where"));
        another("Page for phones (HTML)");
        click("#hand-out-try");
        await(() -> looked != null);
        assertTrue(Files.readString(looked).startsWith("<!doctype html>"));
        type(KeyCode.ESCAPE);
        await(() -> find("#hand-out-page") == null && find("#board") != null);
    }

    /** Another kind, on the page that is open. */
    private void another(String kind) throws Exception {
        click("#kind-" + HandOuts.ALL.stream().map(HandOut::words).toList().indexOf(kind));
    }

    /**
     * How bright the preview is in all; no number while there is none: another one may take its place at any moment.
     */
    private double snapshotSum() {
        if (!(find("#preview").lookup(".image-view") instanceof ImageView view) || view.getImage() == null) {
            return Double.NaN;
        }
        Image image = view.getImage();
        double sum = 0;
        for (int x = 0; x < image.getWidth(); x += 7) {
            for (int y = 0; y < image.getHeight(); y += 7) {
                sum += image.getPixelReader().getColor(x, y).getBrightness();
            }
        }
        return sum;
    }

    @Test
    void lastChoicesAreThereAgainAndNamesAreSensible() throws Exception {
        handOut("Picture (PNG)");
        click("#wish-look-1");
        click("#wish-width-0");
        click("#hand-out-close");
        await(() -> find("#board") != null);
        picked = folder.resolve("small");
        click("#hand-out");
        await(() -> find("#hand-out-page") != null);
        assertTrue(fx(() -> ((ToggleButton) find("#wish-look-1")).isSelected()), "the look that was chosen last");
        click("#hand-out-go");
        await(() -> said().equals("Written: small.png"));
        assertEquals(board().drill().title() + ".png", suggested);
        assertEquals(800, ImageIO.read(folder.resolve("small.png").toFile()).getWidth());
    }

    @Test
    void aClipThatIsStoppedLeavesWhatWasThere() throws Exception {
        handOut("Clip (MP4)");
        click("#wish-speed-0");
        picked = Files.writeString(folder.resolve("x.mp4"), "old");
        click("#hand-out-go");
        await(() -> find("#hand-out-cancel").isVisible());
        click("#hand-out-cancel");
        await(() -> said().startsWith("It was stopped"));
        assertEquals("old", Files.readString(picked));
        assertFalse(fx(() -> find("#hand-out-cancel").isVisible()));
        assertEquals(
                2,
                folder.toFile()
                        .list((d, n) -> n.endsWith(".mp4") || n.endsWith(".part") || n.equals("Test.chalkbook"))
                        .length);
        picked = Path.of("/proc/x.mp4");
        click("#hand-out-go");
        await(() -> said().startsWith("Nothing can be written into") || said().startsWith("The folder"));
    }

    @Test
    void whoeverGoesBackMeanwhileIsToldWhenItIsThere() throws Exception {
        handOut("Clip (MP4)");
        picked = folder.resolve("later.mp4");
        click("#hand-out-go");
        await(() -> find("#hand-out-cancel").isVisible());
        click("#tab-book");
        await(() -> find("#message-text") instanceof Label l && l.getText().equals("Written: later.mp4"));
        assertTrue(Files.size(picked) > 10_000);
    }

    @Test
    void aBundleIsHandedOutAndTakenIn() throws Exception {
        picked = folder.resolve("sent.zip");
        handOut("Bundle for another copy of Wild Chalk (ZIP)");
        click("#hand-out-go");
        await(() -> said().equals("Written: sent.zip"));
        click("#tab-book");
        await(() -> cards() > 0);
        int before = cards();
        click("#import");
        // It comes from this very book: nothing in it is new.
        await(() -> ((Label) find("#take-in-summary")).getText().startsWith("1 the same as in the book"));
        assertTrue(find("#take-in-go").isDisabled());
        click("#take-in-none");
        choose("turnstile", "Rename");
        await(() -> find("#card-title-field") != null);
        write("Later");
        type(KeyCode.ENTER);
        await(() -> find("#message-text") instanceof Label l && l.getText().equals("It is called Later now."));
        click("#import");
        await(() -> ((Label) find("#take-in-summary")).getText().startsWith("1 changed"));
        click("#take-in-go");
        await(() -> find("#message-text") instanceof Label l && l.getText().endsWith("is in the book."));
        assertEquals(before, cards());
    }
}
