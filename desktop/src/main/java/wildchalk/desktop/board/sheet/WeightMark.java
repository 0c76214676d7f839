package wildchalk.desktop.board.sheet;

import javafx.scene.shape.SVGPath;
import wildchalk.core.check.Finding;
import wildchalk.core.wording.Wordbook;

/** The sign of how bad something is, told apart by its shape: a triangle, a cross, an open ring. */
final class WeightMark extends SVGPath {

    WeightMark(Finding.Weight weight) {
        setContent(
                switch (weight) {
                    case COULD_HURT -> "M6 0 L12 11 L0 11 Z";
                    case WILL_NOT_WORK -> "M0 2 L2 0 L6 4 L10 0 L12 2 L8 6 L12 10 L10 12 L6 8 L2 12 L0 10 L4 6 Z";
                    case COULD_BE_BETTER, SAID -> "M6 0 A6 6 0 1 0 6.01 0 Z M6 2.6 A3.4 3.4 0 1 1 5.99 2.6 Z";
                });
        getStyleClass().addAll("weight-mark", Wordbook.key(weight));
    }
}
