package wildchalk.desktop.board.strip;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.paint.Color;
import wildchalk.core.flow.Flow.Doing;
import wildchalk.core.wording.Wordbook;

/** How it is painted that somebody is busy, on the way or waits: full, hatched, a thin line. */
public final class DoingMark {

    private static final Wordbook BOOK = Wordbook.beside(DoingMark.class, "Strip");
    private static final Color HAIR = Color.web("#C9BFA9");
    private static final Color INK = Color.web("#1D2B2A");
    private static final Color PAPER = Color.web("#F6F1E7");
    private static final double APART = 5;

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

    private static void hatched(GraphicsContext g, Color colour, double[] box) {
        double x = box[0];
        double y = box[1];
        double right = x + box[2];
        double height = box[3];
        g.setFill(PAPER);
        g.fillRect(x, y + 2, box[2], height - 4);
        g.setStroke(colour.darker());
        g.setLineWidth(1.6);
        g.setLineDashes();
        g.save();
        g.beginPath();
        g.rect(x, y + 2, box[2], height - 4);
        g.clip();
        for (double at = x - height; at < right; at += APART) {
            g.strokeLine(at, y + height - 2, at + height - 4, y + 2);
        }
        g.restore();
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
