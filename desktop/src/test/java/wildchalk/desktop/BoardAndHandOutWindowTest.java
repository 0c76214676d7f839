package wildchalk.desktop;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.util.List;
import javafx.embed.swing.SwingFXUtils;
import javafx.scene.canvas.Canvas;
import org.junit.jupiter.api.Test;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.scene.Board;
import wildchalk.core.scene.Frame;
import wildchalk.core.scene.Ink;
import wildchalk.core.scene.Look;
import wildchalk.core.scene.Scene;
import wildchalk.desktop.paint.ScreenBrush;
import wildchalk.desktop.paint.ScreenMap;
import wildchalk.handout.paint.PaperBrush;

/** What is handed out is what was on the board: both brushes paint one scene, and the pictures are the same. */
class BoardAndHandOutWindowTest extends RealWindow {

    private static final int WIDTH = 1000;
    private static final int HEIGHT = 620;
    /** Mean difference of the colours, as a share of the whole range: edges are softened otherwise. */
    private static final double ALIKE = 0.01;

    @Test
    void everyDemoDrillLooksTheSameOnPaperAsOnTheScreen() throws Exception {
        for (Drill drill : DemoBook.drills()) {
            for (Look look : List.of(Look.SLATE, Look.PAPER, Look.ICE)) {
                Stage stage = Ladder.buildAll(drill).get(drill.ladder().size() - 1);
                Scene scene = new Board(
                                drill.surface(),
                                stage,
                                Rehearsal.of(stage, drill.surface()),
                                drill.lineKey(),
                                Frame.of(drill, drill.surface()))
                        .at(1.7);
                ScreenMap map = ScreenMap.fit(drill, drill.surface(), WIDTH, HEIGHT);
                double differ = difference(screen(scene, map, look), paper(scene, map, look));
                System.out.printf("%s, %s: screen and paper differ by %.2f %%%n", drill.title(), look, differ * 100);
                assertTrue(differ < ALIKE, drill.title() + " in " + look + " differs by " + differ);
            }
        }
    }

    private static BufferedImage screen(Scene scene, ScreenMap map, Look look) throws Exception {
        return fx(() -> {
            Canvas canvas = new Canvas(WIDTH, HEIGHT);
            ScreenBrush brush = new ScreenBrush(canvas, look, map);
            brush.fillAll(Ink.AROUND);
            brush.paint(scene.ground());
            brush.paint(scene.chalk());
            brush.paint(scene.live());
            return SwingFXUtils.fromFXImage(canvas.snapshot(null, null), null);
        });
    }

    private static BufferedImage paper(Scene scene, ScreenMap map, Look look) {
        BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setPaint(new Color(look.colour(Ink.AROUND)));
        g.fillRect(0, 0, WIDTH, HEIGHT);
        Vec o = Vec.ZERO;
        Vec x = new Vec(1, 0);
        Vec y = new Vec(0, 1);
        AffineTransform same = new AffineTransform(
                map.x(x) - map.x(o), map.y(x) - map.y(o), map.x(y) - map.x(o), map.y(y) - map.y(o), map.x(o), map.y(o));
        PaperBrush brush = new PaperBrush(g, look, same);
        brush.paint(scene.ground());
        brush.paint(scene.chalk());
        brush.paint(scene.live());
        g.dispose();
        return image;
    }

    private static double difference(BufferedImage a, BufferedImage b) {
        long sum = 0;
        for (int y = 0; y < HEIGHT; y++) {
            for (int x = 0; x < WIDTH; x++) {
                for (int shift = 0; shift <= 16; shift += 8) {
                    sum += Math.abs((a.getRGB(x, y) >> shift & 0xFF) - (b.getRGB(x, y) >> shift & 0xFF));
                }
            }
        }
        return sum / (3.0 * 255 * WIDTH * HEIGHT);
    }
}
