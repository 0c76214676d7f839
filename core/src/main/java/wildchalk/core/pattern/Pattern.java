package wildchalk.core.pattern;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.drill.FreeIds;
import wildchalk.core.drill.Piece;
import wildchalk.core.geometry.Vec;

/**
 * A figure of pieces that can still be changed.
 *
 * @param from where the drag began: one end, a corner, the middle of a circle or star, the point of a V
 * @param to where the drag is: the other end, the corner across, a place on the circle, along the middle of the V
 * @param count pieces along it; in a box, along each side; in a star, its points; in a V, all of them
 * @param rows of a grid
 * @param breadth metres between the two sides of an alley, a zigzag or two rows
 * @param angle degrees that a V is open
 * @param numbering of the gaps
 */
public record Pattern(
        PatternKind kind, Vec from, Vec to, int count, int rows, double breadth, double angle, Numbering numbering) {

    public static final int MOST = 40;
    private static final double USUAL_BREADTH = 3;
    private static final double USUAL_ANGLE = 45;
    private static final int USUAL_ROWS = 3;

    /** How gaps are numbered. */
    public enum Numbering {
        NONE,
        /**
         * From the middle outwards, odd on the left as seen along the drag, even on the right; 0 a gap in the middle.
         */
        OUTWARD,
        LEFT_TO_RIGHT
    }

    public Pattern {
        count = Math.max(2, Math.min(MOST, count));
        rows = Math.max(1, Math.min(MOST, rows));
        breadth = Math.max(0.1, Math.min(100, breadth));
        angle = Math.max(1, Math.min(359, angle));
    }

    /** A figure as it usually is. */
    public static Pattern of(PatternKind kind, Vec from, Vec to) {
        Numbering numbering = kind == PatternKind.ROWS ? Numbering.OUTWARD : Numbering.NONE;
        return new Pattern(kind, from, to, kind.usualCount(), USUAL_ROWS, USUAL_BREADTH, USUAL_ANGLE, numbering);
    }

    /** The same between other places, metres. */
    public Pattern between(Vec newFrom, Vec newTo) {
        return new Pattern(kind, newFrom, newTo, count, rows, breadth, angle, numbering);
    }

    /** The same of so many pieces; brought into 2 to {@value #MOST}. */
    public Pattern withCount(int newCount) {
        return new Pattern(kind, from, to, newCount, rows, breadth, angle, numbering);
    }

    /** The same in so many rows; brought into 1 to {@value #MOST}. */
    public Pattern withRows(int newRows) {
        return new Pattern(kind, from, to, count, newRows, breadth, angle, numbering);
    }

    /** The same, so many metres across; brought into 0.1 to 100. */
    public Pattern withBreadth(double metres) {
        return new Pattern(kind, from, to, count, rows, metres, angle, numbering);
    }

    /** The same with another angle; brought into 1 to 359 degrees. */
    public Pattern withAngle(double degrees) {
        return new Pattern(kind, from, to, count, rows, breadth, degrees, numbering);
    }

    /** The same, numbered otherwise. */
    public Pattern numbered(Numbering newNumbering) {
        return new Pattern(kind, from, to, count, rows, breadth, angle, newNumbering);
    }

    /** Where the pieces stand, to a millimetre, each place once. */
    public List<Vec> places() {
        List<Vec> all =
                switch (kind) {
                    case LINE -> row(from, to, count);
                    case GATE -> List.of(from, to);
                    case ALLEY, ROWS -> both(
                            row(side(-1, from), side(-1, to), count), row(side(1, from), side(1, to), count));
                    case BOX -> box();
                    case GRID -> grid();
                    case CIRCLE -> circle(count);
                    case STAR -> both(List.of(from), circle(count));
                    case V -> vee();
                    case ZIGZAG -> zigzag();
                };
        List<Vec> once = new ArrayList<>();
        for (Vec v : all) {
            Vec rounded = new Vec(Math.round(v.x() * 1000) / 1000.0 + 0.0, Math.round(v.y() * 1000) / 1000.0 + 0.0);
            if (!once.contains(rounded)) {
                once.add(rounded);
            }
        }
        return once;
    }

    /** The numbers of the gaps and where they are written; nothing where there are none. */
    public List<Piece.Note> numbers(FreeIds free) {
        List<Piece.Note> notes = new ArrayList<>();
        if (!kind.isNumbered() || numbering == Numbering.NONE) {
            return notes;
        }
        for (int gap = 0; gap + 1 < count; gap++) {
            Vec middle = from.towards(to, (gap + 0.5) / (count - 1));
            notes.add(new Piece.Note(free.take("n"), middle, Integer.toString(number(gap, count - 1))));
        }
        return notes;
    }

    /** The number of a gap, counted from where the drag began. */
    private int number(int gap, int gaps) {
        if (numbering == Numbering.LEFT_TO_RIGHT) {
            return gap + 1;
        }
        boolean hasMiddle = gaps % 2 == 1;
        int half = gaps / 2;
        if (gap < half) {
            return 2 * (half - gap) - 1;
        }
        return hasMiddle ? 2 * (gap - half) : 2 * (gap - half + 1);
    }

    /** The figure as pieces like {@code sample}, with ids that are free. */
    public List<Piece> pieces(FreeIds free, Piece.Item sample) {
        List<Vec> places = places();
        List<Piece> pieces = new ArrayList<>();
        for (int i = 0; i < places.size(); i++) {
            pieces.add(new Piece.Item(
                    free.take("c"),
                    places.get(i),
                    sample.kind(),
                    sample.facing(),
                    sample.colour(),
                    sample.label(),
                    sample.width(),
                    sample.depth()));
        }
        pieces.addAll(numbers(free));
        return pieces;
    }

    private static List<Vec> row(Vec a, Vec b, int n) {
        List<Vec> row = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            row.add(a.towards(b, (double) i / (n - 1)));
        }
        return row;
    }

    private static List<Vec> both(List<Vec> a, List<Vec> b) {
        List<Vec> all = new ArrayList<>(a);
        all.addAll(b);
        return all;
    }

    private Vec side(int sign, Vec p) {
        return p.plus(to.minus(from).unit().quarterTurn().times(sign * breadth / 2));
    }

    private List<Vec> box() {
        Vec across = new Vec(to.x(), from.y());
        Vec down = new Vec(from.x(), to.y());
        return both(
                both(row(from, across, count), row(across, to, count)),
                both(row(to, down, count), row(down, from, count)));
    }

    private List<Vec> grid() {
        List<Vec> all = new ArrayList<>();
        for (int r = 0; r < rows; r++) {
            double y = rows == 1 ? from.y() : from.y() + (to.y() - from.y()) * r / (rows - 1);
            all.addAll(row(new Vec(from.x(), y), new Vec(to.x(), y), count));
        }
        return all;
    }

    private List<Vec> circle(int n) {
        List<Vec> all = new ArrayList<>();
        Vec arm = to.minus(from);
        for (int i = 0; i < n; i++) {
            all.add(from.plus(arm.rotated(2 * Math.PI * i / n)));
        }
        return all;
    }

    private List<Vec> vee() {
        Vec arm = to.minus(from);
        int each = Math.max(1, (count - 1) / 2);
        List<Vec> all = new ArrayList<>(List.of(from));
        for (int i = 1; i <= each; i++) {
            Vec reach = arm.times((double) i / each);
            all.add(from.plus(reach.rotated(-Math.toRadians(angle) / 2)));
            all.add(from.plus(reach.rotated(Math.toRadians(angle) / 2)));
        }
        return all;
    }

    private List<Vec> zigzag() {
        List<Vec> line = row(from, to, count);
        List<Vec> all = new ArrayList<>();
        for (int i = 0; i < line.size(); i++) {
            all.add(side(i % 2 == 0 ? -1 : 1, line.get(i)));
        }
        return all;
    }
}
