package wildchalk.bench.frames;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.event.EventType;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.PickResult;
import javafx.stage.Stage;
import wildchalk.bench.Evening;
import wildchalk.core.practice.Practice;
import wildchalk.desktop.DemoBook;
import wildchalk.desktop.OpenWindow;
import wildchalk.desktop.Request;
import wildchalk.desktop.exchange.SystemChooser;
import wildchalk.desktop.pages.PracticePage;
import wildchalk.desktop.practice.PracticeState;
import wildchalk.storage.book.Book;
import wildchalk.storage.kind.PracticeKind;

/**
 * A block of a full evening is pulled longer and shorter by its lower edge and let go again and again, while the frames
 * of the window are counted; and how long it takes from letting go until what is found is of the evening as it is then.
 */
public final class EveningPull extends Application {

    private static final double LAID_OUT = 6;
    private static final double WARM_UP = 10;
    private static final double COUNTED = 10;
    private static final double PULL = 40;
    /** Steps of the hand from one letting go to the next. */
    private static final int STEPS = 45;

    private OpenWindow session;

    @Override
    public void start(Stage shown) throws Exception {
        Path file = Files.createTempDirectory("wild-chalk-bench").resolve("Bench.chalkbook");
        Practice evening;
        try (Book book = Book.open(file)) {
            DemoBook.drills().forEach(book.drills()::add);
            evening = book.of(PracticeKind.PRACTICES).add(Evening.full(DemoBook.drills()));
        }
        session = OpenWindow.start(
                shown, Request.usual().withBook(file), new SystemChooser(shown, getHostServices()::showDocument));
        session.opened().thenRun(() -> {
            session.window().open(evening);
            count(shown);
        });
    }

    private PracticeState state() {
        return session.window().page(PracticePage.class).orElseThrow().state().orElseThrow();
    }

    private void count(Stage stage) {
        new AnimationTimer() {
            private final List<Long> at = new ArrayList<>();
            private final List<Long> steps = new ArrayList<>();
            private final List<Long> found = new ArrayList<>();
            private long begun;
            private long letGo;
            private int step;
            private double y;

            @Override
            public void handle(long now) {
                begun = begun == 0 ? now : begun;
                double t = (now - begun) / 1e9;
                if (t < LAID_OUT) {
                    return;
                }
                if (letGo > 0 && state().isSeen()) {
                    found.add(System.nanoTime() - letGo);
                    letGo = 0;
                }
                long before = System.nanoTime();
                move(stage.getScene().lookup("#block-b2"));
                if (t > WARM_UP) {
                    at.add(now);
                    steps.add(System.nanoTime() - before);
                }
                if (t > WARM_UP + COUNTED) {
                    stop();
                    say();
                    stage.close();
                }
            }

            private void move(Node block) {
                Bounds box = block.localToScene(block.getLayoutBounds());
                int in = step++ % STEPS;
                if (in == 0) {
                    y = box.getMaxY() - 2;
                    fire(block, MouseEvent.MOUSE_PRESSED, box.getMinX() + 100, y, true);
                } else if (in < STEPS - 1) {
                    boolean down = step / STEPS % 2 == 0;
                    fire(
                            block,
                            MouseEvent.MOUSE_DRAGGED,
                            box.getMinX() + 100,
                            y + (down ? 1 : -1) * PULL * in / STEPS,
                            false);
                } else {
                    boolean down = step / STEPS % 2 == 0;
                    letGo = System.nanoTime();
                    fire(block, MouseEvent.MOUSE_RELEASED, box.getMinX() + 100, y + (down ? 1 : -1) * PULL, false);
                }
            }

            private void say() {
                if (found.size() < 5) {
                    System.out.println("the block is not in the hand: nothing was measured");
                    System.exit(1);
                }
                found.sort(null);
                System.out.printf(
                        "pulling a block of an evening of %d blocks: %s; found %.0f ms after it is let go, at most"
                                + " %.0f, of %d times%n",
                        state().practice().blocks().size(),
                        Frames.of(at, steps).words(),
                        found.get(found.size() / 2) / 1e6,
                        found.get(found.size() - 1) / 1e6,
                        found.size());
            }
        }.start();
    }

    private static void fire(Node at, EventType<MouseEvent> what, double sceneX, double sceneY, boolean still) {
        Point2D local = at.sceneToLocal(sceneX, sceneY);
        at.fireEvent(new MouseEvent(
                at,
                at,
                what,
                local.getX(),
                local.getY(),
                0,
                0,
                MouseButton.PRIMARY,
                1,
                false,
                false,
                false,
                false,
                true,
                false,
                false,
                false,
                false,
                still,
                new PickResult(at, sceneX, sceneY)));
    }

    @Override
    public void stop() {
        Optional.ofNullable(session).ifPresent(OpenWindow::close);
    }
}
