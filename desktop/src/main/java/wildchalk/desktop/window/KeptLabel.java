package wildchalk.desktop.window;

import java.util.function.Consumer;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import wildchalk.desktop.keeping.Keeper;
import wildchalk.desktop.message.Messages;
import wildchalk.storage.book.Standing;

/** Says whether edits come into the book; it is always to be seen, and where they do not it stands out and says why. */
final class KeptLabel extends Label {

    private boolean wasKept = true;

    KeptLabel() {
        setId("kept");
        getStyleClass().add("quiet");
    }

    /**
     * Says it of a book.
     *
     * @param again told when edits come into the book again that did not before, and how it stood until then
     */
    void follow(Keeper keeper, Messages messages, Consumer<Standing> again) {
        wasKept = true;
        textProperty().bind(keeper.stateProperty());
        keeper.standingProperty().addListener((o, was, is) -> {
            stand(is, messages);
            if (is.isKept() && !was.isKept()) {
                again.accept(was);
            }
        });
        stand(keeper.standingProperty().get(), messages);
    }

    private void stand(Standing standing, Messages messages) {
        getStyleClass().remove("not-kept");
        setTooltip(null);
        if (!standing.isKept()) {
            getStyleClass().add("not-kept");
            setTooltip(new Tooltip(why(standing)));
            if (wasKept) {
                messages.warn(why(standing));
            }
        }
        wasKept = standing.isKept();
    }

    /** Why edits do not come into the book, and what becomes of them; nothing where they do. */
    static String why(Standing standing) {
        return switch (standing.kind()) {
            case KEEPING -> "";
            case WAITING -> "The book cannot be written now: the disk may be full, or may not be written. What "
                    + "you draw is safe as long as this window "
                    + "is open, and is kept by itself as soon as it can be.";
            case OTHER_WINDOW -> "Another window of Wild Chalk has this book. What you draw here is not kept, "
                    + "until that window is closed.";
            case NEWER -> "A newer Wild Chalk has written this book. It is only looked at here: update Wild "
                    + "Chalk to draw in it.";
        };
    }
}
