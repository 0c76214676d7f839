package wildchalk.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import org.junit.jupiter.api.Test;
import wildchalk.core.drill.Drill;
import wildchalk.core.edit.DrillEdits;
import wildchalk.storage.format.DrillWriter;

/** Files that are opened by a double click, in the real window. */
class HandedInWindowTest extends RealWindow {

    private final Drill drill = Drill.empty("lantern", "Lantern walk", "futsal", "whole");

    private Path file(Drill of) throws Exception {
        return Files.writeString(folder.resolve("sent.drill.json"), DrillWriter.write(of));
    }

    private void openWith(Path file) throws Exception {
        open(Request.usual().withBook(book()).handed(file));
    }

    @Test
    void drillIsInTheBookAndOnTheBoardAndASecondDoubleClickOpensTheSameOne() throws Exception {
        openWith(file(drill));
        await(() -> session.board().isPresent());
        assertEquals("Lantern walk", board().drill().title());
        close();
        openWith(file(drill));
        await(() -> session.board().isPresent());
        click("#tab-book");
        await(() -> cards() == 1);
    }

    @Test
    void oneThatIsAnotherByNowIsLookedAtBeforeItComesIn() throws Exception {
        openWith(file(drill));
        await(() -> session.board().isPresent());
        close();
        openWith(file(DrillEdits.rename("Lantern run").apply(drill)));
        await(() -> find("#take-in-summary") instanceof Label l && l.getText().contains("1 changed"));
        click("#take-in-none");
        await(() -> cards() == 1 && find("#take-in-page") == null);
    }

    @Test
    void whatCannotBeReadIsSaidInTheWindowAndTheBookIsAsItWas() throws Exception {
        openWith(Files.writeString(folder.resolve("torn.drill.json"), "{ \"format\": 3, "));
        await(() -> find("#take-in-summary") instanceof Label l && l.getText().contains("1 not sound"));
        click("#take-in-none");
        await(() -> find("#greeting") != null && find("#greeting").isVisible());
        close();
        openWith(folder.resolve("gone.drill.json"));
        await(() -> find("#take-in-summary") instanceof Label l && l.getText().contains("1 not sound"));
    }

    @Test
    void practiceComesWithItsDrillsAndOpensOnItsPage() throws Exception {
        Path practice = Path.of("..", "demo", "gym-friday.practice.json");
        openWith(practice);
        await(() -> find("#tab-practice") instanceof ToggleButton t && t.isSelected()
                || find("#take-in-summary") instanceof Label l && l.getText().contains("1 new"));
        assertTrue(fx(() -> find("#take-in-page") == null), "nothing is to be decided");
    }
}
