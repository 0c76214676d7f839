package wildchalk.desktop.board.sheet;

import javafx.geometry.Pos;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import wildchalk.core.check.Finding;
import wildchalk.core.check.over.LookOver;
import wildchalk.desktop.board.state.LookDesk;

/** The quiet mark on the sheet: how many things of each weight were found, by sign and number. */
final class LookMark {

    private static final double GAP = 3;

    private LookMark() {}

    /** Puts the mark on the button that opens the page. */
    static void on(ToggleButton tab, LookDesk desk) {
        tab.setContentDisplay(ContentDisplay.RIGHT);
        Runnable show = () -> show(tab, desk.foundProperty().get().over());
        desk.foundProperty().addListener(o -> show.run());
        show.run();
    }

    private static void show(ToggleButton tab, LookOver over) {
        HBox marks = new HBox(GAP);
        marks.setAlignment(Pos.CENTER);
        for (Finding.Weight weight : Finding.Weight.values()) {
            int n = over.count(weight);
            if (n > 0 && weight != Finding.Weight.SAID) {
                marks.getChildren().addAll(new WeightMark(weight), new Label(Integer.toString(n)));
            }
        }
        tab.setGraphic(marks.getChildren().isEmpty() ? null : marks);
        tab.setAccessibleText(LookPane.BOOK.say(
                "mark",
                tab.getText(),
                over.count(Finding.Weight.COULD_HURT),
                over.count(Finding.Weight.WILL_NOT_WORK),
                over.count(Finding.Weight.COULD_BE_BETTER)));
    }
}
