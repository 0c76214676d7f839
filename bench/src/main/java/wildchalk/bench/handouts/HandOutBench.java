package wildchalk.bench.handouts;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.desktop.DemoBook;
import wildchalk.handout.card.Card;
import wildchalk.handout.clip.Clip;
import wildchalk.handout.clip.Gif;
import wildchalk.handout.order.HandOut;
import wildchalk.handout.order.Order;
import wildchalk.handout.order.Order.Film;
import wildchalk.handout.order.Progress;
import wildchalk.handout.page.Page;
import wildchalk.handout.picture.Picture;
import wildchalk.handout.picture.SvgPicture;
import wildchalk.storage.format.DrillReader;
import wildchalk.storage.format.FormatException;

/** Each kind of hand-out of the demo drills, the first time in a fresh program and once it is warm. */
public final class HandOutBench {

    private static final int TIMES = 7;
    /** The clip that is measured is so long, seconds; it stands still for two of them. */
    private static final double CLIP = 12;

    private static final double STANDS = 2;

    private HandOutBench() {}

    public static void main(String[] args) throws IOException {
        System.setProperty("java.awt.headless", "true");
        Path file = Files.createTempFile("wildchalk", ".out");
        for (HandOut kind : List.of(new Card(), new Page(), new Picture(), new SvgPicture(), new Gif())) {
            for (Drill drill : drills()) {
                tell(
                        kind.words() + " of " + drill.title(),
                        kind,
                        Order.of(drill)
                                .rung(
                                        kind instanceof Gif
                                                ? Optional.of(
                                                        drill.ladder().get(0).id())
                                                : Optional.empty()),
                        file);
            }
        }
        Drill drill = DemoBook.drills().stream()
                .filter(d -> d.ladder().size() == 1)
                .findFirst()
                .orElseThrow();
        double rep =
                Rehearsal.of(Ladder.buildAll(drill).get(0), drill.surface()).duration();
        tell(
                "Clip of " + CLIP + " s, 1280 × 800, 30 frames a second",
                new Clip(),
                Order.of(drill).film(new Film(Film.Shape.WIDE, rep / (CLIP - STANDS), false, true)),
                file);
        Files.delete(file);
        System.out.println("peak memory of the whole process: " + peak());
    }

    /** Those of the demo, and one of 25 beats and five rungs that can go nine ways. */
    private static List<Drill> drills() throws IOException {
        List<Drill> drills = new ArrayList<>(DemoBook.drills());
        try (InputStream in = HandOutBench.class.getResourceAsStream("/gallery/there-and-back.drill.json")) {
            drills.add(DrillReader.read(new String(in.readAllBytes(), StandardCharsets.UTF_8)));
        } catch (FormatException e) {
            throw new IOException(e);
        }
        return drills;
    }

    private static void tell(String what, HandOut kind, Order order, Path file) throws IOException {
        Files.write(file, new byte[0]);
        double[] seconds = new double[TIMES];
        for (int i = 0; i < TIMES; i++) {
            long start = System.nanoTime();
            kind.write(order, file, Progress.UNSEEN);
            seconds[i] = (System.nanoTime() - start) / 1e9;
        }
        double first = seconds[0];
        Arrays.sort(seconds);
        System.out.println(String.format(
                Locale.ROOT,
                "%s: %.2f s the first time, %.2f s then (at most %.2f s), %d KB",
                what,
                first,
                seconds[TIMES / 2],
                seconds[TIMES - 1],
                Files.size(file) / 1000));
    }

    private static String peak() throws IOException {
        Path status = Path.of("/proc/self/status");
        return !Files.exists(status)
                ? "not known here"
                : Files.readAllLines(status).stream()
                        .filter(l -> l.startsWith("VmHWM"))
                        .map(l -> l.replaceAll("\\s+", " "))
                        .findFirst()
                        .orElse("not known here");
    }
}
