package wildchalk.bench.frames;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.stage.Stage;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.geometry.Vec;
import wildchalk.desktop.OpenWindow;
import wildchalk.desktop.Request;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.board.state.Tool;
import wildchalk.desktop.exchange.SystemChooser;

/**
 * A piece is dragged round in the real window while its frames are counted: one of two hundred cones on a pitch, a cone
 * or a person on a busy board, one of as many cones as a drill may hold, or who decides in a drill of twelve ways.
 */
public final class PieceDrag extends Application {

    private static final int CONES = 200;
    private static final double LAID_OUT = 2;
    private static final double WARM_UP = 4;
    private static final double COUNTED = 8;
    private static final double RADIUS = 3;

    private OpenWindow session;
    private Stage stage;
    private String dragged;

    /** A pitch with cones in rows. */
    static Drill cones(int count) {
        List<Piece> cones = new ArrayList<>();
        int inARow = (int) Math.ceil(Math.sqrt(2.0 * count));
        int rows = (count + inARow - 1) / inARow;
        for (int i = 0; i < count; i++) {
            Vec at = new Vec((i % inARow + 0.5) * 90 / inARow - 45, (i / inARow + 0.5) * 56 / rows - 28);
            cones.add(Piece.Item.cone("c" + i, at, Colour.values()[i % Colour.values().length]));
        }
        Drill empty = Drill.empty("cones", "Many cones", "football-11", "whole");
        return Ladder.put(empty, Ladder.build(empty, "s1").withPieces(cones));
    }

    /** The piece of gear that has most room: the hand takes hold of it and of nothing else. */
    private static String alone(wildchalk.core.drill.Stage stage) {
        return stage.pieces().stream()
                .filter(Piece.Item.class::isInstance)
                .max(Comparator.comparingDouble(p -> room(stage, p)))
                .orElseThrow()
                .id();
    }

    private static double room(wildchalk.core.drill.Stage stage, Piece piece) {
        return stage.pieces().stream()
                .filter(p -> p != piece)
                .mapToDouble(p -> p.at().distance(piece.at()))
                .min()
                .orElse(0);
    }

    @Override
    public void start(Stage shown) throws Exception {
        stage = shown;
        Path book = Files.createTempDirectory("wild-chalk-bench").resolve("Bench.chalkbook");
        String what = getParameters().getUnnamed().stream().findFirst().orElse("drag");
        Drill drill;
        if (what.equals("drag")) {
            drill = cones(CONES);
        } else if (what.equals("ways")) {
            drill = ManyWays.drill();
        } else if (what.equals("many")) {
            drill = cones(BoardState.MOST_PIECES);
        } else {
            drill = BusyPlay.drill();
        }
        wildchalk.core.drill.Stage pieces = Ladder.build(drill, "s1");
        dragged = what.equals("person") || what.equals("ways")
                ? pieces.people().get(0).id()
                : alone(pieces);
        session = OpenWindow.start(
                shown,
                Request.usual().withBook(book).taking(drill),
                new SystemChooser(shown, getHostServices()::showDocument));
        session.opened()
                .thenRun(() -> drag(frames -> {
                    System.out.println(
                            "dragging one of " + board().stage().pieces().size() + " pieces beside "
                                    + board().stage().actions().size() + " lines: " + frames.words());
                    shown.close();
                }));
    }

    private BoardState board() {
        return session.board().orElseThrow();
    }

    /** Takes hold of a cone and leads it round in circles, one step for every frame. */
    private void drag(Consumer<Frames> done) {
        BoardHand hand = new BoardHand(stage.getScene(), board());
        Vec home = board().stage().piece(dragged).orElseThrow().at();
        new AnimationTimer() {
            private final List<Long> at = new ArrayList<>();
            private final List<Long> steps = new ArrayList<>();
            private long begun;
            private boolean held;

            @Override
            public void handle(long now) {
                begun = begun == 0 ? now : begun;
                double t = (now - begun) / 1e9;
                if (!held) {
                    // The window is laid out only after its first frames.
                    held = t > LAID_OUT;
                    if (held) {
                        board().toolProperty().set(Tool.MOVE);
                        hand.press(home);
                    }
                    return;
                }
                long before = System.nanoTime();
                hand.drag(home.plus(Vec.polar(RADIUS, t * 2)));
                if (t > WARM_UP) {
                    if (!board().shown().moved().contains(dragged)) {
                        System.out.println("the piece is not in the hand: nothing was measured");
                        System.exit(1);
                    }
                    at.add(now);
                    steps.add(System.nanoTime() - before);
                }
                if (t > WARM_UP + COUNTED) {
                    stop();
                    hand.release(home);
                    done.accept(Frames.of(at, steps));
                }
            }
        }.start();
    }

    @Override
    public void stop() {
        Optional.ofNullable(session).ifPresent(OpenWindow::close);
    }
}
