package wildchalk.desktop.pitchside;

import javafx.animation.PauseTransition;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import javafx.util.Duration;
import wildchalk.core.pitchside.Flashes;
import wildchalk.core.pitchside.Signal;
import wildchalk.core.wording.Wordbook;

/**
 * What lies over the whole screen for a moment: what is called, and signals where nothing is to be heard. A colour is
 * always a word too, and it changes no more than twice a second.
 */
final class Cover extends StackPane {

    private static final Duration CALLED = Duration.seconds(2.2);
    private static final Duration SHOWN = Duration.millis(350);
    private static final double SHARE = 0.34;
    private static final double WIDE = 0.62;

    private final Label word = new Label();
    private final Label beside = new Label();
    private final PauseTransition end = new PauseTransition();
    private final PauseTransition begin = new PauseTransition();
    private final Flashes flashes = new Flashes();

    Cover() {
        setId("run-cover");
        setVisible(false);
        setMouseTransparent(false);
        word.setId("run-cover-word");
        word.getStyleClass().add("run-cover-word");
        word.setMinWidth(USE_PREF_SIZE);
        beside.getStyleClass().add("run-cover-beside");
        VBox both = new VBox(10, word, beside);
        both.setAlignment(Pos.CENTER);
        getChildren().add(both);
        setOnMousePressed(e -> hide());
        end.setOnFinished(e -> hide());
    }

    /** Shows what is called. */
    void call(String called, String fair) {
        begin.stop();
        Color ground = Inks.named(called).orElse(Inks.BRIGHT);
        show(called, fair, ground, CALLED);
    }

    /** Shows a signal. */
    void signal(Signal signal) {
        long now = System.nanoTime() / 1_000_000;
        long at = flashes.next(now);
        begin.stop();
        begin.setDuration(Duration.millis(at - now));
        begin.setOnFinished(e -> show(
                RunWords.say("signal." + Wordbook.key(signal)),
                "",
                signal == Signal.HORN ? Color.web("#FF8A65") : Inks.LIGHT,
                SHOWN));
        begin.play();
    }

    private void show(String words, String small, Color ground, Duration howLong) {
        Color ink = Inks.on(ground);
        setStyle(Inks.ground(ground));
        double size = Math.min(getHeight() * SHARE, getWidth() / Math.max(1, words.length() * WIDE));
        word.setText(words);
        word.setStyle(Inks.ink(ink, size));
        beside.setText(small);
        beside.setStyle(Inks.ink(ink));
        setVisible(true);
        end.stop();
        end.setDuration(howLong);
        end.play();
    }

    void hide() {
        end.stop();
        setVisible(false);
    }
}
