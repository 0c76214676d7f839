package wildchalk.desktop.show;

import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import javafx.animation.AnimationTimer;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.shape.StrokeLineJoin;

/** Lines drawn with the mouse while something is explained; they go by themselves. */
final class FadingChalk extends Canvas {

    /** How long a line stays, and how long of that it takes to go, seconds. */
    static final double STAYS = 5;

    private static final double GOES = 1.5;
    private static final double WIDE = 5;

    private record Line(List<double[]> points, long drawn) {}

    private final List<Line> lines = new ArrayList<>();
    private List<double[]> drawing;
    private Color colour = Color.web("#F7D95C");
    private final AnimationTimer timer = new AnimationTimer() {
        @Override
        public void handle(long now) {
            paint(now);
        }
    };

    FadingChalk() {
        setMouseTransparent(true);
    }

    void colour(Color wanted) {
        colour = wanted;
    }

    void begin(double x, double y) {
        drawing = new ArrayList<>(List.of(new double[] {x, y}));
        timer.start();
    }

    void draw(double x, double y) {
        if (drawing != null) {
            drawing.add(new double[] {x, y});
        }
    }

    void end() {
        if (drawing != null) {
            lines.add(new Line(drawing, System.nanoTime()));
            drawing = null;
        }
    }

    /** How many lines can be seen. */
    int count() {
        return lines.size() + (drawing == null ? 0 : 1);
    }

    private void paint(long now) {
        GraphicsContext g = getGraphicsContext2D();
        g.clearRect(0, 0, getWidth(), getHeight());
        for (Iterator<Line> each = lines.iterator(); each.hasNext(); ) {
            Line line = each.next();
            double left = STAYS - (now - line.drawn()) / 1e9;
            if (left <= 0) {
                each.remove();
            } else {
                stroke(g, line.points(), Math.min(1, left / GOES));
            }
        }
        if (drawing != null) {
            stroke(g, drawing, 1);
        } else if (lines.isEmpty()) {
            timer.stop();
        }
    }

    private void stroke(GraphicsContext g, List<double[]> points, double cover) {
        g.setStroke(colour.deriveColor(0, 1, 1, cover));
        g.setLineWidth(WIDE);
        g.setLineCap(StrokeLineCap.ROUND);
        g.setLineJoin(StrokeLineJoin.ROUND);
        g.beginPath();
        g.moveTo(points.get(0)[0], points.get(0)[1]);
        points.forEach(p -> g.lineTo(p[0], p[1]));
        g.stroke();
    }
}
