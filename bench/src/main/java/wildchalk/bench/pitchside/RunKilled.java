package wildchalk.bench.pitchside;

import java.nio.file.Path;
import java.util.Random;
import javafx.animation.PauseTransition;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import javafx.util.Duration;
import wildchalk.bench.hardship.Victim;
import wildchalk.core.pitchside.Deed;
import wildchalk.desktop.OpenWindow;
import wildchalk.desktop.Request;
import wildchalk.desktop.exchange.SystemChooser;
import wildchalk.desktop.page.ToRun;
import wildchalk.desktop.pages.RunsOfBook;
import wildchalk.desktop.pitchside.RunState;

/**
 * The real window of a run in which somebody counts, calls and stretches without a pause until the process is killed.
 * Whenever the book has kept it, what was counted by then is printed; at first, how it stood when it was found again.
 */
public final class RunKilled extends Application {

    private static final int MINUTES = 900;
    private static final int LONGEST_PAUSE = 70;

    private final Random random = new Random();
    private OpenWindow session;

    @Override
    public void start(Stage stage) throws Exception {
        Path file = Path.of(getParameters().getUnnamed().get(0));
        ToRun evening = RunEvening.in(file, MINUTES);
        session = OpenWindow.start(
                stage, Request.usual().withBook(file), new SystemChooser(stage, getHostServices()::showDocument));
        session.opened().thenRun(() -> {
            Label kept = (Label) stage.getScene().lookup("#kept");
            kept.textProperty().addListener((o, was, is) -> {
                if (is.equals("kept just now")) {
                    runs().window().ifPresent(w -> System.out.println("kept " + counted(w.state())));
                }
            });
            Platform.runLater(() -> begin(evening));
        });
    }

    private RunsOfBook runs() {
        return session.window().runs().orElseThrow();
    }

    private void begin(ToRun evening) {
        if (runs().window().isEmpty()) {
            runs().run(evening);
            PauseTransition wait = new PauseTransition(Duration.millis(50));
            wait.setOnFinished(e -> begin(evening));
            wait.play();
            return;
        }
        RunState state = runs().window().orElseThrow().state();
        state.tick();
        System.out.println("at " + state.run().clock() + " " + System.currentTimeMillis() + " "
                + state.running().chance().begun() + " " + counted(state));
        if (!state.run().going()) {
            RunEvening.key(runs().window().orElseThrow().stage().getScene(), KeyCode.W);
        }
        System.out.println(Victim.READY);
        press();
    }

    static long counted(RunState state) {
        return state.run().done().stream()
                .filter(d -> d.deed() instanceof Deed.Counted)
                .count();
    }

    private void press() {
        KeyCode[] keys = {KeyCode.DIGIT1, KeyCode.DIGIT2, KeyCode.DIGIT3, KeyCode.DIGIT4, KeyCode.PLUS, KeyCode.C};
        RunEvening.key(runs().window().orElseThrow().stage().getScene(), keys[random.nextInt(keys.length)]);
        PauseTransition pause = new PauseTransition(Duration.millis(random.nextInt(LONGEST_PAUSE)));
        pause.setOnFinished(e -> press());
        pause.play();
    }
}
