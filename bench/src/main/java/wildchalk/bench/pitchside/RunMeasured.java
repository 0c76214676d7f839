package wildchalk.bench.pitchside;

import com.sun.management.OperatingSystemMXBean;
import java.lang.management.ManagementFactory;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.FutureTask;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import wildchalk.bench.frames.Frames;
import wildchalk.desktop.OpenWindow;
import wildchalk.desktop.Request;
import wildchalk.desktop.exchange.SystemChooser;
import wildchalk.desktop.page.ToRun;
import wildchalk.desktop.pages.RunsOfBook;
import wildchalk.desktop.pitchside.Clocks;
import wildchalk.desktop.pitchside.RunWindow;
import wildchalk.desktop.sound.Line;
import wildchalk.desktop.sound.Sounder;
import wildchalk.desktop.sound.WrittenSpeaker;

/** A run for so many minutes beside the clock of the machine, and what it costs. */
public final class RunMeasured extends Application {

    private static final double MILLION = 1e6;
    private static final int KEYS = 60;
    private static final int COUNTED = 20;

    private final LinkedBlockingQueue<Long> heard = new LinkedBlockingQueue<>();
    private OpenWindow session;

    /** A line that only knows when the first byte of a sound came to it. */
    private final class Listening implements Line {
        @Override
        public void write(byte[] pcm, int from, int length) {
            if (from == 0) {
                heard.add(System.nanoTime());
            }
        }

        @Override
        public void flush() {
            // Nothing waits in it.
        }

        @Override
        public int bufferMillis() {
            return 0;
        }

        @Override
        public void close() {
            // There is nothing to close.
        }
    }

    @Override
    public void start(Stage stage) throws Exception {
        int minutes = Integer.parseInt(getParameters().getUnnamed().get(0));
        RunsOfBook.equip(new RunsOfBook.Tools(
                Clocks.OF_THIS_COMPUTER,
                () -> new RunWindow.Voice(Sounder.on(() -> Optional.of(new Listening())), new WrittenSpeaker())));
        Path file = Files.createTempDirectory("wild-chalk-bench").resolve("Run.chalkbook");
        ToRun evening = RunEvening.in(file, minutes + 30);
        session = OpenWindow.start(
                stage, Request.usual().withBook(file), new SystemChooser(stage, getHostServices()::showDocument));
        session.opened()
                .thenRun(() -> Platform.runLater(
                        () -> session.window().runs().orElseThrow().run(evening)));
        Thread measures = new Thread(() -> {
            try {
                measure(minutes);
                System.exit(0);
            } catch (Exception e) {
                System.out.println("FAILED " + e);
                System.exit(1);
            }
        });
        measures.setDaemon(true);
        measures.start();
    }

    private Optional<RunWindow> window() {
        return session.window().runs().flatMap(RunsOfBook::window);
    }

    private static <T> T fx(Callable<T> call) throws Exception {
        FutureTask<T> task = new FutureTask<>(call);
        Platform.runLater(task);
        return task.get();
    }

    private void key(KeyCode code) throws Exception {
        fx(() -> {
            RunEvening.key(window().orElseThrow().stage().getScene(), code);
            return null;
        });
    }

    private void measure(int minutes) throws Exception {
        while (session == null || !session.opened().isDone() || fx(this::window).isEmpty()) {
            Thread.sleep(100);
        }
        key(KeyCode.W);
        Thread.sleep(3000);
        keysToSound();
        frames();
        clockOnly();
        drift(minutes);
    }

    private record Reading(long run, long machine) {}

    private Reading read() throws Exception {
        return fx(() -> {
            window().orElseThrow().state().tick();
            return new Reading(window().orElseThrow().state().run().clock(), System.nanoTime());
        });
    }

    private void drift(int minutes) throws Exception {
        Reading before = read();
        double worst = 0;
        for (int i = 0; i < minutes * 6; i++) {
            Thread.sleep(10_000);
            Reading now = read();
            double off = now.run() - before.run() - (now.machine() - before.machine()) / MILLION;
            worst = Math.max(worst, Math.abs(off));
        }
        System.out.printf("%d minutes beside the clock of the machine: off by %.1f ms at most%n", minutes, worst);
    }

    private void keysToSound() throws Exception {
        List<Double> times = new ArrayList<>();
        heard.clear();
        for (int i = 0; i < KEYS; i++) {
            long pressed = fx(() -> {
                long at = System.nanoTime();
                RunEvening.key(window().orElseThrow().stage().getScene(), KeyCode.W);
                return at;
            });
            Long first = heard.poll(10, TimeUnit.SECONDS);
            times.add((first - pressed) / MILLION);
            Thread.sleep(150);
        }
        times.sort(null);
        System.out.printf(
                "key to the first byte handed to the line: %.2f ms in the middle, %.2f at most, of %d%n",
                times.get(KEYS / 2), times.get(KEYS - 1), KEYS);
        System.out.println(Sounder.bufferMillis()
                .map(ms -> "the buffer of the line of this computer: " + ms + " ms")
                .orElse("no sound device here: a buffer of " + Sounder.WANTED + " ms would be asked for"));
    }

    private void frames() throws Exception {
        key(KeyCode.D);
        Thread.sleep(4000);
        List<Long> at = new ArrayList<>();
        AnimationTimer timer = new AnimationTimer() {
            @Override
            public void handle(long now) {
                at.add(System.nanoTime());
            }
        };
        fx(() -> {
            timer.start();
            return null;
        });
        Thread.sleep(COUNTED * 1000L);
        fx(() -> {
            timer.stop();
            return null;
        });
        System.out.println("with the board playing beside the clock: "
                + Frames.of(at, List.of()).words());
        key(KeyCode.D);
    }

    private static void clockOnly() throws InterruptedException {
        OperatingSystemMXBean system = (OperatingSystemMXBean) ManagementFactory.getOperatingSystemMXBean();
        Thread.sleep(5000);
        long begun = System.nanoTime();
        long spent = system.getProcessCpuTime();
        Thread.sleep(COUNTED * 1000L);
        double share = (double) (system.getProcessCpuTime() - spent) / (System.nanoTime() - begun);
        System.out.printf("while only the clock runs: %.1f %% of one processor%n", share * 100);
    }
}
