package wildchalk.core.scene;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.drill.Piece;
import wildchalk.core.geometry.Curve;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Numbers;
import wildchalk.core.measure.Ruler;
import wildchalk.core.measure.Units;

/** How notes, tapes and marked areas look, without what is written on them. */
final class MarkShapes {

    private final double unit;
    private final AreaShapes areas;

    MarkShapes(Frame frame) {
        this.unit = frame.unit();
        this.areas = new AreaShapes(frame);
    }

    List<Shape> of(Piece.Mark mark) {
        if (mark instanceof Piece.Note) {
            return List.of();
        }
        return mark instanceof Piece.Area area ? areas.of(area) : tape((Piece.Tape) mark);
    }

    private List<Shape> tape(Piece.Tape tape) {
        List<Vec> points = tape.points();
        List<Shape> shapes = new ArrayList<>();
        boolean area = tape.reading() == Piece.Tape.Reading.AREA;
        Curve curve = area ? Curve.closed(points) : Curve.open(points);
        shapes.add(new Shape.Stroke(curve, unit * 0.12, Ink.NOTE, List.of(), false));
        int last = points.size() - 1;
        if (!area) {
            shapes.add(end(points.get(0), points.get(1)));
            shapes.add(end(points.get(last), points.get(last - 1)));
        }
        return shapes;
    }

    private Shape end(Vec at, Vec other) {
        return new Shape.Stroke(
                Lines.bar(at, other.minus(at).angle(), unit * 1.1), unit * 0.12, Ink.NOTE, List.of(), false);
    }

    /** What its measure stands beside. */
    static Vec middle(Piece.Tape tape) {
        List<Vec> points = tape.points();
        if (tape.reading() == Piece.Tape.Reading.AREA) {
            Vec sum = points.stream().reduce(Vec.ZERO, Vec::plus);
            return sum.times(1.0 / points.size());
        }
        int middle = (points.size() - 1) / 2;
        Vec a = points.get(tape.reading() == Piece.Tape.Reading.ANGLE ? 1 : middle);
        Vec b = points.get(tape.reading() == Piece.Tape.Reading.ANGLE ? 1 : Math.min(points.size() - 1, middle + 1));
        return a.towards(b, 0.5);
    }

    /** What the tape says: "18.0 m · 24 paces", "45°", "120 m²". */
    static String words(Piece.Tape tape, Units units) {
        List<Vec> p = tape.points();
        return switch (tape.reading()) {
            case LENGTH -> units.both(Ruler.length(p));
            case ANGLE -> p.size() < 3
                    ? ""
                    : Numbers.plain((double) Math.round(Ruler.angle(p.get(0), p.get(1), p.get(2)))) + "°";
            case AREA -> units.area(Ruler.area(p));
        };
    }
}
