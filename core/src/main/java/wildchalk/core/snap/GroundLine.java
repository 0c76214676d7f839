package wildchalk.core.snap;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Marking;
import wildchalk.core.surface.Surface;

/**
 * A straight line or an arc that can be seen on the ground.
 *
 * @param name "23 m line", "left sideline"; "a line" for marks without a name
 */
public record GroundLine(String name, Marking.Shape shape) {

    /** Every line of a surface, its edges first. */
    public static List<GroundLine> of(Surface surface) {
        List<GroundLine> lines = new ArrayList<>(edges(surface));
        for (Marking m : surface.markings()) {
            boolean line = m.shape() instanceof Marking.Arc || m.shape() instanceof Marking.Straight;
            if (line && !m.id().equals("boundary") && !m.id().equals("edge")) {
                lines.add(new GroundLine(m.name().isEmpty() ? "" : m.name(), m.shape()));
            }
        }
        return lines;
    }

    /** The four sides. */
    public static List<GroundLine> edges(Surface surface) {
        double x = surface.length() / 2;
        double y = surface.width() / 2;
        double c = surface.cornerRadius();
        String side = surface.word("side-line", "sideline");
        String end = surface.word("end-line", "end line");
        return List.of(
                edge("left " + side, new Vec(c - x, -y), new Vec(x - c, -y)),
                edge("right " + side, new Vec(c - x, y), new Vec(x - c, y)),
                edge(end, new Vec(x, c - y), new Vec(x, y - c)),
                edge("own " + end, new Vec(-x, c - y), new Vec(-x, y - c)));
    }

    private static GroundLine edge(String name, Vec from, Vec to) {
        return new GroundLine(name, new Marking.Straight(List.of(from, to)));
    }

    /** The nearest place on it. */
    public Vec nearest(Vec p) {
        if (shape instanceof Marking.Arc arc) {
            return nearest(arc, p);
        }
        List<Vec> points = ((Marking.Straight) shape).points();
        Vec best = points.get(0);
        for (int i = 0; i + 1 < points.size(); i++) {
            Vec on = p.nearestOnStretch(points.get(i), points.get(i + 1));
            best = on.distance(p) < best.distance(p) ? on : best;
        }
        return best;
    }

    private static Vec nearest(Marking.Arc arc, Vec p) {
        double angle = p.minus(arc.centre()).angle();
        double way = Math.signum(arc.sweep()) * (angle - arc.start());
        double along = ((way % (2 * Math.PI)) + 2 * Math.PI) % (2 * Math.PI);
        if (along <= Math.abs(arc.sweep()) + 1e-12) {
            return arc.centre().plus(Vec.polar(arc.radius(), angle));
        }
        return arc.at(0).distance(p) < arc.at(1).distance(p) ? arc.at(0) : arc.at(1);
    }

    /** How it is pointed at: "on the 23 m line". */
    Reason.OnGround reason() {
        return new Reason.OnGround(name);
    }
}
