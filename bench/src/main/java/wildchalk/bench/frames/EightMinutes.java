package wildchalk.bench.frames;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.animation.AnimationTimer;
import javafx.animation.PauseTransition;
import javafx.application.Application;
import javafx.stage.Stage;
import javafx.util.Duration;
import wildchalk.bench.FlowBench;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.waiting.Helps;
import wildchalk.desktop.OpenWindow;
import wildchalk.desktop.Request;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.board.state.ManyReps;
import wildchalk.desktop.exchange.SystemChooser;

/** Eight minutes of thirty people: how long it takes to find what helps, then they play while frames are counted. */
public final class EightMinutes extends Application {

    private static final int PEOPLE = 30;
    private static final double WARM_UP = 15;
    private static final double COUNTED = 8;

    /** How often it is looked for what helps: the first time all is new to the Java runtime. */
    private static final int TIMES = 5;

    private static final double LOOKING_ROUND = 5;

    private OpenWindow session;
    private long asked;
    private int times;

    @Override
    public void start(Stage shown) throws Exception {
        Path book = Files.createTempDirectory("wild-chalk-bench").resolve("Bench.chalkbook");
        Drill drill = Ladder.put(Drill.empty("eight", "Eight minutes", "field-hockey", "whole"), FlowBench.stage());
        session = OpenWindow.start(
                shown,
                Request.usual().withBook(book).taking(drill),
                new SystemChooser(shown, getHostServices()::showDocument));
        session.opened().thenRun(() -> {
            // Nobody asks in the moment in which the window opens.
            PauseTransition wait = new PauseTransition(Duration.seconds(LOOKING_ROUND));
            wait.setOnFinished(e -> look(session.board().orElseThrow(), shown));
            wait.play();
        });
    }

    private void look(BoardState board, Stage shown) {
        board.flow().answerProperty().addListener((o, was, is) -> asked = System.nanoTime());
        board.helps().foundProperty().addListener((o, was, is) -> {
            if (is != null) {
                tell(is);
                if (++times < TIMES) {
                    board.flow().count(PEOPLE - times % 2);
                } else {
                    play(board.many(), shown);
                }
            }
        });
        board.flow().count(PEOPLE);
        board.many().shownProperty().set(true);
    }

    private void tell(Helps helps) {
        System.out.printf(
                Locale.ROOT,
                "%d changes tried in %.2f s beside the window's thread, %d of them help%n",
                helps.tried(),
                (System.nanoTime() - asked) / 1e9,
                helps.helps().size());
    }

    private static void play(ManyReps many, Stage shown) {
        many.speedProperty().set(16);
        many.playOrPause();
        new AnimationTimer() {
            private final List<Long> at = new ArrayList<>();
            private long begun;

            @Override
            public void handle(long now) {
                begun = begun == 0 ? now : begun;
                double t = (now - begun) / 1e9;
                if (!many.playingProperty().get()) {
                    many.playOrPause();
                }
                if (t > WARM_UP) {
                    at.add(now);
                }
                if (t > WARM_UP + COUNTED) {
                    stop();
                    System.out.println("eight minutes of "
                            + many.replay().orElseThrow().letters().size()
                            + " people, sixteen times as fast: "
                            + Frames.of(at, List.of()).words());
                    shown.close();
                }
            }
        }.start();
    }

    @Override
    public void stop() {
        Optional.ofNullable(session).ifPresent(OpenWindow::close);
    }
}
