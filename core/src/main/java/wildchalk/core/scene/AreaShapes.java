package wildchalk.core.scene;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Curve;
import wildchalk.core.geometry.Outline;
import wildchalk.core.geometry.Polygon;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Numbers;

/** How zones and stations look, and how groups move on from one station to the next. */
final class AreaShapes {

    private final Frame frame;
    private final double unit;

    AreaShapes(Frame frame) {
        this.frame = frame;
        this.unit = frame.unit();
    }

    List<Shape> of(Piece.Area area) {
        return area instanceof Piece.Zone zone ? zone(zone) : station((Piece.Station) area);
    }

    /** The edge of an area that is chosen. */
    Shape chosen(Piece.Area area) {
        return new Shape.Stroke(edge(area), unit * 0.5, Ink.GLOW, List.of(), false);
    }

    private static Curve edge(Piece.Area area) {
        return area.outline() instanceof Outline.Circle c
                ? Curve.circle(area.at(), c.radius())
                : Curve.closed(area.outline().at(area.at()));
    }

    private List<Shape> zone(Piece.Zone zone) {
        List<Shape> shapes = new ArrayList<>();
        shapes.add(new Shape.Fill(edge(zone), Ink.wash(zone.colour()), false));
        shapes.add(new Shape.Stroke(
                edge(zone), unit * 0.14, Ink.of(zone.colour()), List.of(unit * 0.7, unit * 0.5), false));
        return shapes;
    }

    private List<Shape> station(Piece.Station station) {
        List<Shape> shapes = new ArrayList<>();
        shapes.add(new Shape.Stroke(edge(station), unit * 0.2, Ink.FAINT, List.of(unit * 1.6, unit * 0.7), false));
        Vec at = number(station);
        shapes.add(new Shape.Fill(Curve.circle(at, unit * 1.05), Ink.BADGE, false));
        shapes.add(new Shape.Label(at, Integer.toString(station.number()), unit * 1.4, Ink.BADGE_TEXT));
        return shapes;
    }

    /** What it is about and how long: "Fox and hens · 8 min". */
    static String words(Piece.Station station) {
        String minutes = station.minutes() > 0 ? Numbers.plain(station.minutes()) + " min" : "";
        return station.title().isBlank() || minutes.isEmpty()
                ? station.title() + minutes
                : station.title() + " · " + minutes;
    }

    /** Where a station's number stands. */
    Vec number(Piece.Station station) {
        return corner(station).plus(frame.onPage(unit * 1.4, unit * 1.4));
    }

    /** The place in an area nearest to the upper left of the page: a corner; of a circle, where its edge is there. */
    private Vec corner(Piece.Area area) {
        if (area.outline() instanceof Outline.Circle c) {
            return area.at().plus(frame.onPage(-c.radius() * 0.7, -c.radius() * 0.7));
        }
        Vec way = frame.onPage(1, 1);
        return area.outline().at(area.at()).stream()
                .min(Comparator.comparingDouble(way::dot))
                .orElse(area.at());
    }

    /** The arrows on which groups move on; none when nobody has said how. */
    List<Shape> movingOn(Stage stage) {
        List<Piece.Station> stations = stage.stations();
        Optional<Instruction.MoveOn> how =
                stage.instructions(Instruction.MoveOn.class).stream().findFirst();
        List<Shape> shapes = new ArrayList<>();
        if (how.isEmpty() || stations.size() < 2) {
            return shapes;
        }
        boolean swap = how.get().way() == Instruction.Way.ALTERNATING;
        for (int i = 0; i < stations.size(); i++) {
            boolean later = swap && i % 2 == 1;
            boolean last = i == stations.size() - 1;
            if (!last || stations.size() > 2 && (!swap || stations.size() % 2 == 0)) {
                shapes.addAll(arrow(stations.get(i), stations.get((i + 1) % stations.size()), swap, later));
            }
        }
        return shapes;
    }

    /** From near the edge of one station into the next; both ways when their groups swap. */
    private List<Shape> arrow(Piece.Station from, Piece.Station to, boolean bothWays, boolean later) {
        Vec out = edgeTowards(from, to.at());
        Vec in = edgeTowards(to, from.at());
        Vec way = to.at().minus(from.at()).unit();
        Vec start = out.minus(way.times(unit * 2.2));
        // Just over the edge: further in it would lie on the title there.
        Vec end = in.distance(out) > 8 * unit ? out.plus(way.times(unit * 2.2)) : in.plus(way.times(unit * 0.2));
        // Beside the line from middle to middle, so that there and back do not lie on each other.
        Vec aside = (bothWays ? Vec.ZERO : way.quarterTurn().times(unit * 1.2)).plus(besideTitle(from, way));
        Vec a = start.plus(aside);
        Vec b = end.plus(aside);
        List<Shape> shapes = new ArrayList<>();
        List<Double> dash = later ? List.of(unit * 0.6, unit * 0.5) : List.of();
        shapes.add(new Shape.Stroke(Curve.line(a, b), unit * 0.4, Ink.NOTE, dash, false));
        shapes.add(head(b, way));
        if (bothWays) {
            shapes.add(head(a, way.times(-1)));
        }
        return shapes;
    }

    /** An arrow up or down the page keeps to the right, where titles have ended. */
    private Vec besideTitle(Piece.Station station, Vec way) {
        Vec right = frame.onPage(1, 0);
        if (Math.abs(way.dot(right)) > 0.5) {
            return Vec.ZERO;
        }
        DoubleSummaryStatistics wide = station.outline().at(station.at()).stream()
                .mapToDouble(right::dot)
                .summaryStatistics();
        return right.times((wide.getMax() - wide.getMin()) * 0.3);
    }

    private Shape head(Vec tip, Vec way) {
        Vec back = tip.minus(way.times(unit * 1.1));
        Vec side = way.quarterTurn().times(unit * 0.8);
        return new Shape.Fill(
                Curve.closed(List.of(tip.plus(way.times(unit * 0.5)), back.plus(side), back.minus(side))),
                Ink.NOTE,
                false);
    }

    /** Where the way from the middle of an area to a place outside leaves it, by halving. */
    private static Vec edgeTowards(Piece.Area area, Vec place) {
        double in = 0;
        double out = 1;
        List<Vec> corners = area.outline().at(area.at());
        for (int i = 0; i < 20; i++) {
            double k = (in + out) / 2;
            if (Polygon.contains(corners, area.at().towards(place, k))) {
                in = k;
            } else {
                out = k;
            }
        }
        return area.at().towards(place, in);
    }
}
