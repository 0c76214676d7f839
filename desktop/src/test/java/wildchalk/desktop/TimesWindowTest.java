package wildchalk.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Travel;
import wildchalk.core.effort.Figure;
import wildchalk.core.timeline.ActionTimes;

/** Times and speeds in the real window: what made the time of a line, and figures of one's own. */
class TimesWindowTest extends RealWindow {

    private Travel.Run run;

    @BeforeEach
    void openTheCard() throws Exception {
        open(Request.demo(book()));
        run = board().stage().actions().stream()
                .filter(Travel.Run.class::isInstance)
                .map(Travel.Run.class::cast)
                .filter(r -> r.gait() == Action.Gait.RUN)
                .findFirst()
                .orElseThrow();
        take(find("#effort"), "Times and speeds …");
        await(() -> find("#times-card") != null);
    }

    private double takes() {
        ActionTimes t = board().timeline().times(run.id()).orElseThrow();
        return t.end() - t.start();
    }

    private List<String> labels() throws Exception {
        return fx(() -> find("#times-card").lookupAll(".label").stream()
                .filter(Label.class::isInstance)
                .map(l -> ((Label) l).getText())
                .toList());
    }

    private void write(Figure figure, String text) throws Exception {
        fx(() -> {
            TextField field = (TextField) find("#figure-" + figure.word());
            field.requestFocus();
            field.setText(text);
            return null;
        });
        type(KeyCode.ENTER);
    }

    @Test
    void whatMadeTheTimeOfALineIsSaidAndCanBeChanged() throws Exception {
        fx(() -> {
            board().selection().choose(run.id());
            return null;
        });
        settle();
        assertTrue(labels().stream().anyMatch(l -> l.endsWith("Made of:")), labels().toString());
        double usual = takes();
        write(Figure.RUN, "4,2");
        assertEquals(4.2, board().drill().effort().own().all().get(Figure.RUN));
        assertTrue(takes() > usual + 0.3, takes() + " s instead of " + usual);
        assertEquals("4.2", fx(() -> ((TextField) find("#figure-run")).getText()));
        click("#usual-run");
        assertEquals(usual, takes(), 1e-9);
        assertNull(fx(() -> find("#usual-run")), "nothing is left to take back");
    }

    @Test
    void aFigureCanBeOfOnePersonOnlyAndWhatIsNoNumberIsNotTaken() throws Exception {
        take(
                find("#times-whose"),
                board().stage().person(run.who()).orElseThrow().label());
        write(Figure.RUN, "fast");
        assertTrue(board().drill().effort().own().isEmpty());
        write(Figure.RUN, "6.5");
        assertEquals(6.5, board().drill().effort().own().people().get(run.who()).get(Figure.RUN));
        assertTrue(board().drill().effort().own().all().isEmpty());
        click("#times-done");
        await(() -> find("#times-card") == null);
    }
}
