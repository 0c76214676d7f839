package wildchalk.core.scene;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Vec;

/**
 * What already lies on the page, kept in square cells: what must not be hidden, and lines that may be a little. It is
 * asked for thousands of places at every edit, so it counts in arrays and leaves off where a place costs too much.
 */
final class Crowding {

    /** What hides something costs at least this. */
    static final double HIDES = 50;

    static final double PER_AREA = 40;
    private static final double PER_LINE = 7;
    /** More than this share of a line is not hidden by one label. */
    private static final double SHARE = 0.06;

    private static final double MUCH_OF_A_LINE = 45;
    /** Of a token, in radii: how large a cell is, and how long a piece of a line. */
    private static final double CELL = 1.5;

    private static final double PIECE = 0.4;

    private final double unit;
    private final double left;
    private final double top;
    private final int columns;
    private final Cell[] cells;
    private final Map<Box, Solid> solids = new HashMap<>();
    private double[] shares = new double[16];
    private int[] touched = new int[16];
    private int lines;
    private int asked;

    /** Something that must not be hidden: how often it lies there, and for which question it was counted last. */
    private static final class Solid {
        private final Box box;
        private int times;
        private int counted;

        Solid(Box box) {
            this.box = box;
        }
    }

    /** A piece of a line. */
    private record Dot(Vec at, int line, double length, double share) {}

    private static final class Cell {
        private final List<Solid> solid = new ArrayList<>();
        private final List<Dot> dots = new ArrayList<>();
    }

    /**
     * An empty page.
     *
     * @param unit radius of a token, metres
     * @param page what is in the picture; what lies beyond it is kept in the outermost cells
     */
    Crowding(double unit, Box page) {
        this.unit = unit;
        this.left = page.x();
        this.top = page.y();
        this.columns = 1 + (int) (page.width() / (CELL * unit));
        this.cells = new Cell[columns * (1 + (int) (page.height() / (CELL * unit)))];
    }

    private int column(double x) {
        return Math.max(0, Math.min(columns - 1, (int) Math.floor((x - left) / (CELL * unit))));
    }

    private int row(double y) {
        return Math.max(0, Math.min(cells.length / columns - 1, (int) Math.floor((y - top) / (CELL * unit))));
    }

    private Cell cell(int column, int row) {
        int i = row * columns + column;
        if (cells[i] == null) {
            cells[i] = new Cell();
        }
        return cells[i];
    }

    /** Something that must not be hidden. */
    void add(Box box) {
        Solid solid = solids.get(box);
        if (solid == null) {
            solid = new Solid(box);
            solids.put(box, solid);
            for (int x = column(box.x()); x <= column(box.x() + box.width()); x++) {
                for (int y = row(box.y()); y <= row(box.y() + box.height()); y++) {
                    cell(x, y).solid.add(solid);
                }
            }
        }
        solid.times++;
    }

    /** What was added lies there once less. */
    void remove(Box box) {
        solids.get(box).times--;
    }

    /** A line that may be hidden a little. */
    void add(List<Vec> line) {
        int number = lines++;
        double whole = 0;
        for (int i = 0; i + 1 < line.size(); i++) {
            whole += line.get(i).distance(line.get(i + 1));
        }
        for (int i = 0; i + 1 < line.size(); i++) {
            double length = line.get(i).distance(line.get(i + 1));
            int parts = (int) Math.ceil(length / (unit * PIECE));
            for (int k = 0; k < parts; k++) {
                Vec at = line.get(i).towards(line.get(i + 1), (k + 0.5) / parts);
                cell(column(at.x()), row(at.y()))
                        .dots
                        .add(new Dot(at, number, length / parts, length / parts / Math.max(1e-9, whole)));
            }
        }
        if (shares.length < lines) {
            shares = Arrays.copyOf(shares, 2 * lines);
            touched = Arrays.copyOf(touched, 2 * lines);
        }
    }

    /**
     * What it costs to write there.
     *
     * @param own what does not count, as it is this label where it is now; null for none
     * @param before what the place costs already
     * @param tooMuch a place that costs this is not wanted: what comes back may be less than it costs, and not less
     *     than this
     */
    double cost(Box box, Box own, double before, double tooMuch) {
        asked++;
        int under = 0;
        double cost = before;
        int right = column(box.x() + box.width());
        int bottom = row(box.y() + box.height());
        for (int x = column(box.x()); x <= right && cost < tooMuch; x++) {
            for (int y = row(box.y()); y <= bottom && cost < tooMuch; y++) {
                Cell cell = cells[y * columns + x];
                if (cell != null) {
                    cost += hidden(cell, box, own);
                    for (Dot dot : cell.dots) {
                        if (box.contains(dot.at)) {
                            cost += PER_LINE * dot.length / unit;
                            if (shares[dot.line] == 0) {
                                touched[under++] = dot.line;
                            }
                            shares[dot.line] += dot.share;
                        }
                    }
                }
            }
        }
        for (int i = 0; i < under; i++) {
            cost += shares[touched[i]] > SHARE ? MUCH_OF_A_LINE : 0;
            shares[touched[i]] = 0;
        }
        return cost;
    }

    private double hidden(Cell cell, Box box, Box own) {
        double cost = 0;
        for (Solid solid : cell.solid) {
            // What lies in several cells counts once.
            if (solid.times > 0 && solid.counted != asked) {
                double area = shared(box, solid.box);
                if (area > 0 && !solid.box.equals(own)) {
                    solid.counted = asked;
                    cost += HIDES + PER_AREA * area / (unit * unit);
                }
            }
        }
        return cost;
    }

    /** How much two have in common, square metres. */
    static double shared(Box a, Box b) {
        double width = Math.min(a.x() + a.width(), b.x() + b.width()) - Math.max(a.x(), b.x());
        double height = Math.min(a.y() + a.height(), b.y() + b.height()) - Math.max(a.y(), b.y());
        return width > 0 && height > 0 ? width * height : 0;
    }
}
