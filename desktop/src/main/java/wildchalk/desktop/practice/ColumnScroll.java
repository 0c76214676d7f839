package wildchalk.desktop.practice;

import javafx.application.Platform;
import javafx.scene.control.ScrollPane;

/** The column of time, as long as it is, in what can be seen of it. */
final class ColumnScroll extends ScrollPane {

    private final TimeColumn column;

    ColumnScroll(PracticeState state) {
        column = new TimeColumn(state, this::reveal);
        setId("column-scroll");
        setContent(column);
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
        getStyleClass().add("groups-scroll");
        viewportBoundsProperty().addListener((o, was, is) -> {
            if (was.getHeight() != is.getHeight()) {
                column.fit(is.getHeight());
            }
        });
    }

    TimeColumn column() {
        return column;
    }

    /** Scrolls so that a stretch of the column is seen, as soon as the column is as high as it will be. */
    private void reveal(double from, double to) {
        Platform.runLater(() -> {
            layout();
            scroll(from, to);
        });
    }

    private void scroll(double from, double to) {
        double seen = getViewportBounds().getHeight();
        double all = column.getHeight();
        if (all <= seen) {
            return;
        }
        double top = getVvalue() * (all - seen);
        double wanted = top;
        if (from < top) {
            wanted = from;
        } else if (to > top + seen) {
            wanted = to - seen;
        }
        setVvalue(Math.max(0, Math.min(1, wanted / (all - seen))));
    }
}
