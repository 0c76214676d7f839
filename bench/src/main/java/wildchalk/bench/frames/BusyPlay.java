package wildchalk.bench.frames;

import com.sun.management.OperatingSystemMXBean;
import java.lang.management.ManagementFactory;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.animation.Animation;
import javafx.animation.AnimationTimer;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.application.Application;
import javafx.stage.Stage;
import javafx.util.Duration;
import wildchalk.bench.Crowd;
import wildchalk.core.check.rep.Conditions;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.geometry.Vec;
import wildchalk.desktop.OpenWindow;
import wildchalk.desktop.Request;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.exchange.SystemChooser;

/**
 * Forty people, sixty other pieces and a hundred and twenty lines: the board plays while its frames are counted, and if
 * asked for while the drill is looked over again and again. Asked to stand still, it counts the same frames with
 * nothing to paint in them: what is missed then is missed by the machine.
 */
public final class BusyPlay extends Application {

    private static final int PEOPLE = 39;
    private static final int OTHERS = 60;
    private static final int LINES = 120;
    /** In the first seconds the compiler of the Java runtime keeps one core busy, and takes frames. */
    private static final double WARM_UP = 20;

    private static final double COUNTED = 8;

    /** Milliseconds from one edit to the next. */
    private static final double EDITS = 500;

    private static int looks;

    private OpenWindow session;

    static Drill drill() {
        wildchalk.core.drill.Stage crowd = Crowd.stage(PEOPLE, LINES);
        List<Piece> pieces = new ArrayList<>(crowd.pieces());
        pieces.add(new Piece.Coach("coach", new Vec(0, 24), 0, "C"));
        for (int i = 0; pieces.size() < PEOPLE + 1 + OTHERS; i++) {
            pieces.add(Piece.Item.cone(
                    "c" + i,
                    new Vec(-40 + i * 11 % 80, -24 + i * 7 % 48),
                    Colour.values()[i % Colour.values().length]));
        }
        Drill empty = Drill.empty("busy", "A busy board", "field-hockey", "whole");
        return Ladder.put(empty, Ladder.build(empty, "s1").withPieces(pieces).withActions(crowd.actions()));
    }

    @Override
    public void start(Stage shown) throws Exception {
        Path book = Files.createTempDirectory("wild-chalk-bench").resolve("Bench.chalkbook");
        session = OpenWindow.start(
                shown,
                Request.usual().withBook(book).taking(drill()),
                new SystemChooser(shown, getHostServices()::showDocument));
        boolean still = getParameters().getUnnamed().contains("still");
        boolean looked = getParameters().getUnnamed().contains("look");
        session.opened().thenRun(() -> {
            if (looked) {
                lookAgainAndAgain(session.board().orElseThrow());
            }
            play(session.board().orElseThrow(), still, shown);
        });
    }

    /** The drill is looked over anew twice a second, as if it were edited without a pause. */
    private static void lookAgainAndAgain(BoardState board) {
        board.look().foundProperty().addListener((o, was, is) -> looks++);
        Timeline edits = new Timeline(new KeyFrame(Duration.millis(EDITS), e -> {
            Conditions now = board.look().conditionsProperty().get();
            board.look().conditionsProperty().set(now.wet(!now.wet()));
        }));
        edits.setCycleCount(Animation.INDEFINITE);
        edits.play();
    }

    private static void play(BoardState board, boolean still, Stage shown) {
        board.head().loopingProperty().set(true);
        board.head().playingProperty().set(!still);
        new AnimationTimer() {
            private final List<Long> at = new ArrayList<>();
            private long begun;
            private long worked;

            @Override
            public void handle(long now) {
                begun = begun == 0 ? now : begun;
                double t = (now - begun) / 1e9;
                if (t > WARM_UP) {
                    worked = at.isEmpty() ? processorTime() : worked;
                    at.add(now);
                }
                if (t > WARM_UP + COUNTED) {
                    stop();
                    boolean played = board.head().playingProperty().get()
                            && board.head().atProperty().get() > 0;
                    System.out.println(
                            played != still
                                    ? (still ? "standing still with " : "playing ")
                                            + board.stage().people().size() + " people and "
                                            + board.stage().actions().size() + " lines: "
                                            + Frames.of(at, List.of()).words()
                                            + (looks > 0 ? "; looked over " + looks + " times meanwhile" : "")
                                            + String.format(
                                                    Locale.ROOT,
                                                    "; a frame costs %.1f ms of processor time",
                                                    (processorTime() - worked) / 1e6 / (at.size() - 1))
                                    : "it did not do what was to be measured");
                    shown.close();
                }
            }
        }.start();
    }

    /**
     * What all threads have worked so far, nanoseconds: unlike the gaps it does not grow when others use the machine.
     */
    private static long processorTime() {
        return ((OperatingSystemMXBean) ManagementFactory.getOperatingSystemMXBean()).getProcessCpuTime();
    }

    @Override
    public void stop() {
        Optional.ofNullable(session).ifPresent(OpenWindow::close);
    }
}
