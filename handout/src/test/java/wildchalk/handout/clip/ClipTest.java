package wildchalk.handout.clip;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.flow.Flow;
import wildchalk.core.flow.Flows;
import wildchalk.handout.Tool;
import wildchalk.handout.order.Cancelled;
import wildchalk.handout.order.Delivery;
import wildchalk.handout.order.Order;
import wildchalk.handout.order.Order.Film;
import wildchalk.handout.order.Progress;

/** Clips and moving pictures, as programs read them that are not ours. */
class ClipTest {

    @TempDir
    Path folder;

    private static Order order(String demo, String rung) {
        return Order.of(Tool.demo(demo)).rung(Optional.of(rung));
    }

    private static String probe(Path file, String... what) throws Exception {
        return Tool.run(
                "ffprobe",
                "-v",
                "error",
                "-count_frames",
                "-select_streams",
                "v:0",
                "-show_entries",
                "stream=" + String.join(",", what),
                "-of",
                "default=nw=1",
                file.toString());
    }

    private static double number(String said, String what) {
        return Arrays.stream(said.split("\n"))
                .filter(l -> l.startsWith(what + "="))
                .mapToDouble(l -> Double.parseDouble(l.substring(what.length() + 1)))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void phonesPlayTheClipAndItIsAsLongAsItsReel() throws Exception {
        for (Film.Shape shape : Film.Shape.values()) {
            Order order = order("skylark", "s1").film(new Film(shape, 1, false, true));
            String said = probe(
                    Tool.write(new Clip(), order, folder),
                    "codec_name",
                    "pix_fmt",
                    "width",
                    "height",
                    "duration",
                    "nb_read_frames");
            assertTrue(said.contains("codec_name=h264\n") && said.contains("pix_fmt=yuv420p\n"), said);
            assertEquals(shape.width(), number(said, "width"));
            assertEquals(shape.height(), number(said, "height"));
            assertEquals(Reel.of(order).seconds(), number(said, "duration"), 1.0 / Clip.RATE);
            assertEquals(Math.round(Reel.of(order).seconds() * Clip.RATE), number(said, "nb_read_frames"));
        }
    }

    @Test
    void delaysOfTheMovingPictureAddUp() throws Exception {
        Order order = order("ferryman", "s1").film(new Film(Film.Shape.SQUARE, 0.5, false, true));
        Path gif = Tool.write(new Gif(), order, folder);
        String packets = Tool.run(
                "ffprobe", "-v", "error", "-show_entries", "packet=duration_time", "-of", "csv=p=0", gif.toString());
        double sum = packets.lines()
                .filter(l -> !l.isBlank())
                .mapToDouble(l -> Double.parseDouble(l.replace(",", "")))
                .sum();
        assertEquals(Reel.of(order).seconds(), sum, 0.015);
        assertTrue(packets.lines().count() > 40, "it moves");
        assertEquals(480, number(probe(gif, "width"), "width"));
    }

    @Test
    void aReelStopsWithItsQuestionsAndNamesItsRungs() {
        Reel all = Reel.of(Order.of(Tool.demo("lamplighter")));
        assertEquals(
                5, all.shots().stream().filter(Shot.Title.class::isInstance).count());
        assertEquals(
                8,
                all.shots().stream().filter(Shot.Frozen.class::isInstance).count(),
                "two freezes on two rungs, asked and answered");
        Reel ways = Reel.of(order("lamplighter", "s1").film(new Film(Film.Shape.WIDE, 1, true, true)));
        assertTrue(ways.shots().stream().filter(Shot.Title.class::isInstance).count() >= 3, ways.toString());
        Reel slow = Reel.of(order("skylark", "s1").film(new Film(Film.Shape.WIDE, 0.5, false, true)));
        Reel usual = Reel.of(order("skylark", "s1"));
        assertEquals(Tool.demo("skylark").ladder().size(), 1);
        assertTrue(slow.seconds() > usual.seconds() + 3, "half as fast is longer");
    }

    /** Three reps are one shot, as long as three reps and a little; where nobody takes turns one rep is played. */
    @Test
    void severalRepsAreAsLongAsTheFlowSays() throws Exception {
        Drill drill = Tool.demo("turnstile");
        Order three = Order.of(drill).film(new Film(Film.Shape.SQUARE, 2, false, true, 3));
        Reel reel = Reel.of(three);
        assertEquals(1, reel.shots().size(), reel.toString());
        Flow flow = new Flows(Ladder.build(drill, "s1"), drill.surface()).of(9, 10, 1);
        double over = flow.reps().get(2).over();
        assertEquals((over + 5) / 2, reel.seconds(), 0.1);
        String said = probe(Tool.write(new Clip(), three, folder), "duration", "nb_read_frames");
        assertEquals(reel.seconds(), number(said, "duration"), 1.0 / Clip.RATE);
        FramePainter painter = new FramePainter(three, 480, 480);
        BufferedImage first = copy(painter.paint(reel.at(0.1)));
        BufferedImage later = copy(painter.paint(reel.at(reel.seconds() - 0.1)));
        assertTrue(differ(first, later) > 1000, "people have moved on: " + differ(first, later));
        Reel none = Reel.of(order("skylark", "s1").film(new Film(Film.Shape.WIDE, 1, false, true, 3)));
        assertTrue(none.shots().stream().noneMatch(Shot.Many.class::isInstance), none.toString());
    }

    private static BufferedImage copy(BufferedImage image) {
        BufferedImage same = new BufferedImage(image.getWidth(), image.getHeight(), image.getType());
        same.getGraphics().drawImage(image, 0, 0, null);
        return same;
    }

    private static int differ(BufferedImage one, BufferedImage other) {
        int dots = 0;
        for (int x = 0; x < one.getWidth(); x++) {
            for (int y = 0; y < one.getHeight(); y++) {
                dots += one.getRGB(x, y) == other.getRGB(x, y) ? 0 : 1;
            }
        }
        return dots;
    }

    @Test
    void aMomentIsFoundInItsShot() {
        Reel reel = Reel.of(order("skylark", "s1"));
        double into = reel.shots().get(0).seconds() + 1.5;
        Shot.Play play = (Shot.Play) reel.at(into).shot();
        assertEquals(1.5, play.t(reel.at(into).into()), 1e-9);
        assertEquals(
                reel.shots().get(reel.shots().size() - 1),
                reel.at(reel.seconds() + 5).shot());
    }

    @Test
    void captionsAreThereWhenTheyAreWanted() {
        Order with = order("skylark", "s1");
        BufferedImage captioned =
                new FramePainter(with, 640, 400).paint(Reel.of(with).at(2));
        Order without = with.film(new Film(Film.Shape.WIDE, 1, false, false));
        BufferedImage bare =
                new FramePainter(without, 640, 400).paint(Reel.of(without).at(2));
        assertTrue(bright(captioned) > 40, "words at the foot");
        assertTrue(bright(bare) < bright(captioned) / 2, bright(bare) + " of " + bright(captioned));
    }

    /** Dots of letters in the lowest tenth. */
    private static int bright(BufferedImage image) {
        int bright = 0;
        for (int y = image.getHeight() * 88 / 100; y < image.getHeight(); y++) {
            for (int x = 0; x < image.getWidth(); x++) {
                bright += (image.getRGB(x, y) & 0xFF) > 180 ? 1 : 0;
            }
        }
        return bright;
    }

    @Test
    void whoeverStopsItFindsTheOldFile() throws Exception {
        Path target = Files.writeString(folder.resolve("x.mp4"), "old");
        AtomicInteger steps = new AtomicInteger();
        Progress impatient = new Progress() {
            @Override
            public void done(double share) {
                steps.incrementAndGet();
            }

            @Override
            public boolean isCancelled() {
                return steps.get() > 20;
            }
        };
        assertThrows(
                Cancelled.class,
                () -> Delivery.deliver(target, part -> new Clip().write(order("skylark", "s1"), part, impatient)));
        assertEquals("old", Files.readString(target));
        try (var files = Files.list(folder)) {
            assertEquals(1, files.count(), "no half file is left");
        }
        assertFalse(steps.get() > 25, "it stops soon");
    }
}
