package wildchalk.core.scene;

import java.util.List;
import wildchalk.core.geometry.Curve;
import wildchalk.core.geometry.Route;
import wildchalk.core.geometry.RouteBuilder;
import wildchalk.core.geometry.Vec;

/** The shapes that action lines are made of. */
final class Lines {

    private Lines() {}

    static Route route(List<Vec> points) {
        return RouteBuilder.sharp(points.get(0))
                .straight(points.subList(1, points.size()))
                .build();
    }

    /** A line that swings to both sides of a route; it starts and ends on it. */
    static Curve wave(Route route, double from, double to, double swing, double length) {
        double span = to - from;
        int halves = Math.max(2, (int) Math.round(span / (length / 2)));
        Curve.Builder builder = new Curve.Builder().moveTo(route.at(from));
        double side = 1;
        for (int i = 0; i < halves; i++) {
            double a = from + span * i / halves;
            double b = from + span * (i + 1) / halves;
            Vec over = Vec.polar(swing * 4 / 3 * side, route.heading((a + b) / 2) + Math.PI / 2);
            Vec first = route.at(a + (b - a) * 0.36).plus(over);
            Vec second = route.at(a + (b - a) * 0.64).plus(over);
            builder.cubicTo(first, second, route.at(b));
            side = -side;
        }
        return builder.build();
    }

    /** An open arrow head. */
    static Curve arrow(Vec tip, double heading, double size) {
        return Curve.open(List.of(
                tip.plus(Vec.polar(size, heading + Math.PI - 0.5)),
                tip,
                tip.plus(Vec.polar(size, heading + Math.PI + 0.5))));
    }

    static Curve bar(Vec at, double heading, double size) {
        Vec half = Vec.polar(size / 2, heading + Math.PI / 2);
        return Curve.line(at.minus(half), at.plus(half));
    }

    /** The straight line between two places of a route, moved sideways by {@code by} metres. */
    static Curve beside(Route route, double from, double to, double by) {
        Vec off = Vec.polar(by, route.heading((from + to) / 2) + Math.PI / 2);
        return Curve.line(route.at(from).plus(off), route.at(to).plus(off));
    }

    /** A small wedge on the line that points where the body faces. */
    static Curve noseMark(Vec at, double facing, double size) {
        return Curve.closed(List.of(
                at.plus(Vec.polar(size, facing)),
                at.plus(Vec.polar(size * 0.6, facing + 2.2)),
                at.plus(Vec.polar(size * 0.6, facing - 2.2))));
    }
}
