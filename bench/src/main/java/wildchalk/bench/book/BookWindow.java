package wildchalk.bench.book;

import com.sun.management.OperatingSystemMXBean;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.scene.Scene;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.control.skin.VirtualFlow;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;
import wildchalk.bench.frames.Frames;
import wildchalk.desktop.OpenWindow;
import wildchalk.desktop.exchange.SystemChooser;

/**
 * The real window on a large book: how soon it can be used after the program was started, and its frames while the
 * cards are turned over.
 */
public final class BookWindow extends Application {

    private static final double WIDTH = 1280;
    private static final double HEIGHT = 800;
    private static final double WARM_UP = 20;
    private static final double RESTING = 5;
    private static final double COUNTED = 10;
    /** Rows of cards a second: as fast as an eye can still see what they are. */
    private static final double SPEED = 3;

    private OpenWindow session;

    @Override
    public void start(Stage stage) {
        List<String> args = getParameters().getUnnamed();
        if (args.get(0).equals("bare")) {
            stage.setScene(new Scene(new StackPane(), WIDTH, HEIGHT));
            stage.show();
            afterFrames(2, () -> {
                System.out.printf(
                        Locale.ROOT,
                        "an empty window of the toolkit, %.0f × %.0f: %d ms after the start of the program%n",
                        WIDTH,
                        HEIGHT,
                        age());
                stage.close();
            });
            return;
        }
        session = OpenWindow.start(
                stage,
                WindowBench.request(args.get(1)),
                new SystemChooser(stage, getHostServices()::showDocument),
                WindowBench.early());
        session.opened().thenRun(() -> whenCardsAreThere(stage, args.get(0)));
    }

    private static long age() {
        return System.currentTimeMillis() - ManagementFactory.getRuntimeMXBean().getStartTime();
    }

    /** What the whole process had of the processors, which others can take away from it but not add to. */
    private static long busy() {
        return ManagementFactory.getPlatformMXBean(OperatingSystemMXBean.class).getProcessCpuTime() / 1_000_000;
    }

    private static void afterFrames(int frames, Runnable then) {
        new AnimationTimer() {
            private int left = frames;

            @Override
            public void handle(long now) {
                if (left-- == 0) {
                    stop();
                    then.run();
                }
            }
        }.start();
    }

    private void whenCardsAreThere(Stage stage, String what) {
        new AnimationTimer() {
            private boolean told;

            @Override
            public void handle(long now) {
                ListView<?> grid = (ListView<?>) stage.getScene().lookup(".card-grid");
                if (grid == null
                        || grid.getItems().isEmpty()
                        || stage.getScene().lookup(".card") == null) {
                    return;
                }
                if (told) {
                    stop();
                    used(stage, grid, what);
                }
                // One frame later they are painted.
                told = true;
            }
        }.start();
    }

    private void used(Stage stage, ListView<?> grid, String what) {
        if (!what.equals("scroll")) {
            System.out.printf(
                    Locale.ROOT,
                    "the Book with its cards: %d ms after the start of the program, %d ms of processor time%n",
                    age(),
                    busy());
            int all = grid.getItems().size();
            ((TextField) stage.getScene().lookup("#find-drills")).setText("heron");
            new AnimationTimer() {
                @Override
                public void handle(long now) {
                    if (grid.getItems().size() < all) {
                        stop();
                        System.out.printf(
                                Locale.ROOT, "a search answered: %d ms after the start; %s%n", age(), memory());
                        stage.close();
                    }
                }
            }.start();
        } else {
            scroll(stage, grid);
        }
    }

    /**
     * As a wheel or a touch pad does it: by whole pixels, so many each frame; before it is counted, what the machine
     * does with a window at rest.
     */
    private void scroll(Stage stage, ListView<?> grid) {
        VirtualFlow<?> flow = (VirtualFlow<?>) grid.lookup(".virtual-flow");
        new AnimationTimer() {
            private final List<Long> resting = new ArrayList<>();
            private final List<Long> turning = new ArrayList<>();
            private long begun;
            private long gone;

            @Override
            public void handle(long now) {
                begun = begun == 0 ? now : begun;
                double t = (now - begun) / 1e9;
                boolean rests = t > WARM_UP && t <= WARM_UP + RESTING;
                if (rests) {
                    resting.add(now);
                    return;
                }
                long should = Math.round((t > WARM_UP ? t - RESTING : t) * SPEED * grid.getFixedCellSize());
                flow.scrollPixels(should - gone);
                gone = should;
                if (t > WARM_UP) {
                    turning.add(now);
                }
                if (t > WARM_UP + RESTING + COUNTED) {
                    stop();
                    System.out.println("the same window at rest: "
                            + Frames.of(resting, List.of()).words());
                    System.out.println("turning over the cards, " + SPEED + " rows a second, at row "
                            + flow.getFirstVisibleCell().getIndex() + ": "
                            + Frames.of(turning, List.of()).words() + "; " + memory());
                    stage.close();
                }
            }
        }.start();
    }

    /** What the whole process took at most, as the system says. */
    private static String memory() {
        try {
            Optional<String> peak = Files.readAllLines(Path.of("/proc/self/status")).stream()
                    .filter(l -> l.startsWith("VmHWM"))
                    .findFirst();
            return peak.map(p ->
                            "memory of the process at most " + Long.parseLong(p.replaceAll("\\D", "")) / 1000 + " MB")
                    .orElse("");
        } catch (IOException e) {
            return "how much memory it took is not told by this system";
        }
    }

    @Override
    public void stop() {
        if (session != null) {
            session.close();
        }
    }
}
