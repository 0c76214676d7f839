package wildchalk.desktop.log;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.DoubleFunction;
import javafx.geometry.VPos;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.paint.Color;
import javafx.scene.shape.ArcType;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import wildchalk.core.log.chart.Chart;
import wildchalk.desktop.paint.Type;

/** A drawing of the log: what is in it can be pointed at, gone through by keys, and opened. */
final class ChartPane extends Pane {

    private static final Color INK = Color.web("#1D2B2A");
    private static final Color SOFT = Color.web("#5C6662");
    private static final Color HAIR = Color.web("#DCD4C2");
    private static final Color SIGNAL = Color.web("#C8442B");
    private static final double NEAR = 9;
    private static final double SIZE = 13;
    private static final double LEAST = 420;
    /** A canvas that is larger cannot be painted on every machine. */
    private static final double LARGEST = 8000;

    private final Consumer<String> told;
    private final Consumer<String> opened;
    private final Canvas canvas = new Canvas();
    private DoubleFunction<Chart> draws = w -> new Chart(w, 0, List.of(), List.of(), List.of());
    private Chart chart = draws.apply(LEAST);
    private int at = -1;

    /**
     * A pane.
     *
     * @param told gets the words of what is pointed at; empty for nothing
     * @param opened gets the id of what is to be opened
     */
    ChartPane(Consumer<String> told, Consumer<String> opened) {
        this.told = told;
        this.opened = opened;
        setId("log-chart");
        getStyleClass().add("log-chart");
        getChildren().add(canvas);
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        setOnMouseMoved(this::point);
        setOnMouseExited(e -> choose(-1));
        setOnMouseClicked(e -> {
            requestFocus();
            point(e);
            open();
        });
        setOnKeyPressed(this::press);
        focusedProperty().addListener(o -> paint());
        widthProperty().addListener(o -> layOut());
    }

    /** Shows a drawing that is made for a width. */
    void show(DoubleFunction<Chart> drawing) {
        draws = drawing;
        at = -1;
        layOut();
    }

    private void layOut() {
        chart = draws.apply(Math.max(LEAST, getWidth()));
        double high = Math.min(LARGEST, chart.height());
        setMinHeight(high);
        setPrefHeight(high);
        canvas.setWidth(Math.max(LEAST, getWidth()));
        canvas.setHeight(high);
        paint();
    }

    /** Whether there is anything to see. */
    boolean isEmpty() {
        return chart.marks().isEmpty();
    }

    private void point(MouseEvent e) {
        int nearest = -1;
        double best = NEAR;
        for (int i = 0; i < chart.marks().size(); i++) {
            double far = chart.marks().get(i).distance(e.getX(), e.getY());
            if (far < best) {
                best = far;
                nearest = i;
            }
        }
        choose(nearest);
    }

    private void press(KeyEvent e) {
        int last = chart.marks().size() - 1;
        if (last < 0) {
            return;
        }
        if (e.getCode() == KeyCode.RIGHT) {
            choose(Math.min(last, at + 1));
        } else if (e.getCode() == KeyCode.LEFT) {
            choose(at < 0 ? last : Math.max(0, at - 1));
        } else if (e.getCode() == KeyCode.DOWN) {
            choose(row(1));
        } else if (e.getCode() == KeyCode.UP) {
            choose(row(-1));
        } else if (e.getCode() == KeyCode.HOME) {
            choose(0);
        } else if (e.getCode() == KeyCode.END) {
            choose(last);
        } else if (e.getCode() == KeyCode.ENTER) {
            open();
        } else {
            return;
        }
        e.consume();
    }

    /** The nearest one in the next row, or the row before. */
    private int row(int by) {
        if (at < 0) {
            return 0;
        }
        Chart.Mark now = chart.marks().get(at);
        int best = at;
        double least = Double.MAX_VALUE;
        for (int i = 0; i < chart.marks().size(); i++) {
            Chart.Mark mark = chart.marks().get(i);
            double down = (foot(mark) - foot(now)) * by;
            double far = down * 4 + Math.abs(mark.x() - now.x());
            if (down > 1 && far < least) {
                least = far;
                best = i;
            }
        }
        return best;
    }

    private static double foot(Chart.Mark mark) {
        return mark.kind() == Chart.Kind.STROKE ? mark.y() + mark.tall() / 2 : mark.y();
    }

    private void choose(int mark) {
        if (mark != at) {
            at = mark;
            String words = mark < 0 ? "" : chart.marks().get(mark).words();
            told.accept(words);
            setAccessibleText(words);
            paint();
        }
    }

    private void open() {
        if (at >= 0 && !chart.marks().get(at).ref().isEmpty()) {
            opened.accept(chart.marks().get(at).ref());
        }
    }

    private void paint() {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        g.setStroke(HAIR);
        g.setLineWidth(1);
        for (Chart.Line line : chart.lines()) {
            g.strokeLine(line.x1(), Math.round(line.y1()) + 0.5, line.x2(), Math.round(line.y2()) + 0.5);
        }
        g.setTextBaseline(VPos.BASELINE);
        chart.words().forEach(w -> write(g, w));
        for (int i = 0; i < chart.marks().size(); i++) {
            if (i != at) {
                paint(g, chart.marks().get(i), INK);
            }
        }
        if (at >= 0) {
            Chart.Mark mark = chart.marks().get(at);
            paint(g, mark, SIGNAL);
            g.setStroke(SIGNAL);
            g.setLineWidth(1.5);
            double wide = mark.wide() + 8;
            double tall = mark.tall() + 8;
            g.strokeRoundRect(mark.x() - wide / 2, mark.y() - tall / 2, wide, tall, 6, 6);
        }
    }

    private static void write(GraphicsContext g, Chart.Words words) {
        g.setFont(font(words.weight()));
        g.setFill(words.weight() == Chart.Weight.QUIET ? SOFT : INK);
        g.setTextAlign(
                switch (words.side()) {
                    case LEFT -> TextAlignment.LEFT;
                    case MIDDLE -> TextAlignment.CENTER;
                    case RIGHT -> TextAlignment.RIGHT;
                });
        g.fillText(Fitting.cut(words.text(), g.getFont(), words.most()), words.x(), words.y());
    }

    private static Font font(Chart.Weight weight) {
        return weight == Chart.Weight.STRONG ? Type.bold(SIZE) : Type.plain(SIZE);
    }

    private static void paint(GraphicsContext g, Chart.Mark mark, Color colour) {
        double r = mark.wide() / 2;
        g.setFill(colour);
        g.setStroke(colour);
        switch (mark.kind()) {
            case STROKE -> {
                g.setLineCap(StrokeLineCap.ROUND);
                g.setLineWidth(mark.wide());
                double half = Math.max(0, (mark.tall() - mark.wide()) / 2);
                g.strokeLine(mark.x(), mark.y() - half, mark.x(), mark.y() + half);
                g.setLineCap(StrokeLineCap.BUTT);
            }
            case DOT -> g.fillOval(mark.x() - r, mark.y() - r, 2 * r, 2 * r);
            case HALF -> {
                g.setLineWidth(1.5);
                g.strokeOval(mark.x() - r, mark.y() - r, 2 * r, 2 * r);
                g.fillArc(mark.x() - r, mark.y() - r, 2 * r, 2 * r, 90, 180, ArcType.CHORD);
            }
            case RING -> {
                g.setLineWidth(1.5);
                g.strokeOval(mark.x() - r, mark.y() - r, 2 * r, 2 * r);
            }
            case CROSS -> {
                g.setLineWidth(2.5);
                g.strokeLine(mark.x() - r, mark.y() - r, mark.x() + r, mark.y() + r);
                g.strokeLine(mark.x() - r, mark.y() + r, mark.x() + r, mark.y() - r);
            }
        }
    }
}
