package wildchalk.desktop.board.strip;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
import javafx.scene.image.WritableImage;
import javafx.scene.layout.HBox;
import javafx.scene.paint.Color;
import javafx.scene.paint.ImagePattern;
import wildchalk.core.flow.Flow.Doing;
import wildchalk.core.wording.Wordbook;

/** How it is painted that somebody is busy, on the way or waits: full, hatched, a thin line. */
public final class DoingMark {

    private static final Wordbook BOOK = Wordbook.beside(DoingMark.class, "Strip");
    private static final Color HAIR = Color.web("#C9BFA9");
    private static final Color INK = Color.web("#1D2B2A");
    private static final Color PAPER = Color.web("#F6F1E7");
    /** From one stroke to the next, pixels, and how dark it is in between. */
    private static final int APART = 6;

    private static final double[] COVER = {0.55, 1, 0.55, 0, 0, 0};
    private static final Map<Color, ImagePattern> HATCHES = new HashMap<>();

    private DoingMark() {}

    /** A while of it, from {@code x} on. */
    static void paint(GraphicsContext g, Doing doing, Color colour, double[] box) {
        double x = box[0];
        double y = box[1];
        double width = box[2];
        double height = box[3];
        switch (doing) {
            case WAITING -> {
                g.setFill(HAIR);
                g.fillRect(x, y + height / 2 - 0.75, width, 1.5);
            }
            case ON_THE_WAY -> hatched(g, colour, box);
            case BUSY -> {
                g.setFill(colour);
                g.fillRoundRect(x, y, Math.max(2, width), height, 5, 5);
                g.setStroke(INK);
                g.setLineWidth(0.8);
                g.strokeRoundRect(x + 0.4, y + 0.4, Math.max(1.2, width - 0.8), height - 0.8, 5, 5);
            }
        }
    }

    /** Strokes as a picture that is laid out: to draw each of them costs a hundred times as much. */
    private static void hatched(GraphicsContext g, Color colour, double[] box) {
        g.setFill(HATCHES.computeIfAbsent(colour, DoingMark::hatch));
        g.fillRect(box[0], box[1] + 2, box[2], box[3] - 4);
    }

    private static ImagePattern hatch(Color colour) {
        WritableImage tile = new WritableImage(APART, APART);
        for (int x = 0; x < APART; x++) {
            for (int y = 0; y < APART; y++) {
                double cover = COVER[(x + y) % APART];
                tile.getPixelWriter().setColor(x, y, PAPER.interpolate(colour.darker(), cover));
            }
        }
        return new ImagePattern(tile, 0, 0, APART, APART, false);
    }

    /** What each looks like, with its name. */
    public static List<Node> legend() {
        List<Node> all = new ArrayList<>();
        for (Doing doing : Doing.values()) {
            Canvas mark = new Canvas(22, 12);
            paint(mark.getGraphicsContext2D(), doing, Color.web("#7FB8DE"), new double[] {0, 0, 22, 12});
            Label name = new Label(word(doing));
            name.getStyleClass().add("quiet");
            HBox both = new HBox(5, mark, name);
            both.setAlignment(Pos.CENTER_LEFT);
            both.setMinWidth(HBox.USE_PREF_SIZE);
            all.add(both);
        }
        return all;
    }

    static String word(Doing doing) {
        return BOOK.say("doing." + Wordbook.key(doing));
    }
}
