package wildchalk.core.geometry;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** An outline or a line made of straight and cubic pieces, in metres: what a brush can paint. */
public record Curve(List<Segment> segments) {

    /** A circle is a beginning, eight pieces and an end. */
    private static final int CIRCLE = 10;

    public Curve {
        segments = List.copyOf(segments);
    }

    /** What follows a curve piece by piece. */
    public interface Pen {

        /** Goes on from another place, without a line. */
        void moveTo(Vec to);

        /** Draws a straight line. */
        void lineTo(Vec to);

        /** Draws a cubic curve with two control points. */
        void cubicTo(Vec first, Vec second, Vec to);

        /** Draws a straight line to where it began. */
        void close();
    }

    /** One piece of a curve; each goes on from where the one before ended. */
    public sealed interface Segment {

        /** Draws it. */
        void draw(Pen pen);
    }

    public record MoveTo(Vec to) implements Segment {
        @Override
        public void draw(Pen pen) {
            pen.moveTo(to);
        }
    }

    public record LineTo(Vec to) implements Segment {
        @Override
        public void draw(Pen pen) {
            pen.lineTo(to);
        }
    }

    public record CubicTo(Vec first, Vec second, Vec to) implements Segment {
        @Override
        public void draw(Pen pen) {
            pen.cubicTo(first, second, to);
        }
    }

    public record Close() implements Segment {
        @Override
        public void draw(Pen pen) {
            pen.close();
        }
    }

    /** Draws it with a pen, from its beginning. */
    public void trace(Pen pen) {
        segments.forEach(s -> s.draw(pen));
    }

    /** A straight line. */
    public static Curve line(Vec from, Vec to) {
        return new Curve(List.of(new MoveTo(from), new LineTo(to)));
    }

    /** Straight lines through points; at least one. */
    public static Curve open(List<Vec> points) {
        return new Builder().polyline(points).build();
    }

    /** The same, closed. */
    public static Curve closed(List<Vec> points) {
        return new Builder().polyline(points).close().build();
    }

    /** The edge of a box. */
    public static Curve box(Box b) {
        return closed(List.of(
                new Vec(b.x(), b.y()),
                new Vec(b.x() + b.width(), b.y()),
                new Vec(b.x() + b.width(), b.y() + b.height()),
                new Vec(b.x(), b.y() + b.height())));
    }

    /** A circle, radius in metres. */
    public static Curve circle(Vec centre, double radius) {
        return new Builder().arc(centre, radius, 0, 2 * Math.PI).close().build();
    }

    /** A circle, radius in metres. */
    public record Circle(Vec centre, double radius) {}

    /** Which circle it is, when it was made as one; it may have been moved and scaled evenly since. */
    public Optional<Circle> asCircle() {
        if (segments.size() != CIRCLE || !(segments.get(0) instanceof MoveTo first)) {
            return Optional.empty();
        }
        if (!(segments.get(CIRCLE / 2 - 1) instanceof CubicTo half) || !(segments.get(CIRCLE - 1) instanceof Close)) {
            return Optional.empty();
        }
        Vec centre = first.to().towards(half.to(), 0.5);
        double radius = first.to().distance(centre);
        boolean round = segments.stream()
                .filter(CubicTo.class::isInstance)
                .map(CubicTo.class::cast)
                .allMatch(c -> Math.abs(c.to().distance(centre) - radius) < 1e-9 * radius
                        && Math.abs(c.first().distance(centre) - c.second().distance(centre)) < 1e-9 * radius);
        return round ? Optional.of(new Circle(centre, radius)) : Optional.empty();
    }

    /** An arc from {@code start} radians over {@code sweep} radians (positive is clockwise on the page). */
    public static Curve arc(Vec centre, double radius, double start, double sweep) {
        return new Builder().arc(centre, radius, start, sweep).build();
    }

    /** A rectangle round the origin with round corners. */
    public static Curve roundedBox(double length, double width, double radius) {
        double x = length / 2 - radius;
        double y = width / 2 - radius;
        double quarter = Math.PI / 2;
        return new Builder()
                .arc(new Vec(x, -y), radius, -quarter, quarter)
                .arc(new Vec(x, y), radius, 0, quarter)
                .arc(new Vec(-x, y), radius, quarter, quarter)
                .arc(new Vec(-x, -y), radius, 2 * quarter, quarter)
                .close()
                .build();
    }

    /** Builds a curve piece by piece. */
    public static final class Builder {

        private final List<Segment> segments = new ArrayList<>();

        /** Goes on from another place, without a line. */
        public Builder moveTo(Vec to) {
            segments.add(new MoveTo(to));
            return this;
        }

        /** Draws a straight line. */
        public Builder lineTo(Vec to) {
            segments.add(segments.isEmpty() ? new MoveTo(to) : new LineTo(to));
            return this;
        }

        /** Draws straight lines through points. */
        public Builder polyline(List<Vec> points) {
            points.forEach(this::lineTo);
            return this;
        }

        /** Draws a cubic curve with two control points. */
        public Builder cubicTo(Vec first, Vec second, Vec to) {
            segments.add(new CubicTo(first, second, to));
            return this;
        }

        /** Draws a straight line to where it began. */
        public Builder close() {
            segments.add(new Close());
            return this;
        }

        /**
         * Adds an arc in cubic pieces of at most 45 degrees, joined by a straight line to what is there. The control
         * points lie 4/3·tan(θ/4)·r along the tangents, the usual circle fit: off by under 5·10⁻⁶ of the radius.
         */
        public Builder arc(Vec centre, double radius, double start, double sweep) {
            int pieces = Math.max(1, (int) Math.ceil(Math.abs(sweep) / (Math.PI / 4) - 1e-9));
            double step = sweep / pieces;
            double reach = 4.0 / 3 * Math.tan(step / 4) * radius;
            lineTo(centre.plus(Vec.polar(radius, start)));
            for (int i = 0; i < pieces; i++) {
                double a = start + i * step;
                double b = a + step;
                Vec from = centre.plus(Vec.polar(radius, a));
                Vec to = centre.plus(Vec.polar(radius, b));
                segments.add(new CubicTo(
                        from.plus(Vec.polar(reach, a + Math.PI / 2)), to.minus(Vec.polar(reach, b + Math.PI / 2)), to));
            }
            return this;
        }

        /** The curve as it was drawn so far. */
        public Curve build() {
            return new Curve(segments);
        }
    }
}
