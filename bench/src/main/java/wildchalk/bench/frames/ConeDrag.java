package wildchalk.bench.frames;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.stage.Stage;
import wildchalk.core.drill.Colour;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.geometry.Vec;
import wildchalk.desktop.Request;
import wildchalk.desktop.WildChalkApp.Session;
import wildchalk.desktop.board.BoardState;
import wildchalk.desktop.exchange.SystemChooser;
import wildchalk.desktop.shots.BoardHand;

/** Two hundred cones on a pitch: one of them is dragged round in the real window while its frames are counted. */
public final class ConeDrag extends Application {

    private static final int CONES = 200;
    private static final int IN_A_ROW = 20;
    private static final String DRAGGED = "c90";
    private static final double LAID_OUT = 1;
    private static final double WARM_UP = 3;
    private static final double COUNTED = 8;
    private static final double RADIUS = 3;

    private Session session;
    private Stage stage;

    /** A pitch with the cones in rows. */
    static Drill drill() {
        List<Piece> cones = new ArrayList<>();
        for (int i = 0; i < CONES; i++) {
            Vec at = new Vec((i % IN_A_ROW - IN_A_ROW / 2) * 4.5 + 2, (i / IN_A_ROW) * 6 - 27);
            cones.add(Piece.Item.cone("c" + i, at, Colour.values()[i % Colour.values().length]));
        }
        Drill empty = Drill.empty("cones", "Two hundred cones", "football-11", "whole");
        return Ladder.put(empty, Ladder.build(empty, "s1").withPieces(cones));
    }

    @Override
    public void start(Stage shown) throws Exception {
        stage = shown;
        Path book = Files.createTempDirectory("wild-chalk-bench").resolve("Bench.chalkbook");
        session = Session.start(shown, Request.usual().withBook(book).taking(drill()), new SystemChooser(shown));
        session.opened().thenRun(() -> drag(frames -> {
            System.out.println("dragging one of " + CONES + " cones: " + frames.words());
            shown.close();
        }));
    }

    private BoardState board() {
        return session.window().board().orElseThrow();
    }

    /** Takes hold of a cone and leads it round in circles, one step for every frame. */
    private void drag(Consumer<Frames> done) {
        BoardHand hand = new BoardHand(stage.getScene(), board());
        Vec home = board().stage().piece(DRAGGED).orElseThrow().at();
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
                        hand.press(home);
                    }
                    return;
                }
                long before = System.nanoTime();
                hand.drag(home.plus(Vec.polar(RADIUS, t * 2)));
                if (t > WARM_UP) {
                    if (!board().shown().moved().contains(DRAGGED)) {
                        System.out.println("the cone is not in the hand: nothing was measured");
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
        Optional.ofNullable(session).ifPresent(Session::close);
    }
}
