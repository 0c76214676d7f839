package wildchalk.core.scene;

import java.util.List;
import java.util.Optional;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Curve;
import wildchalk.core.geometry.Vec;

/** How much room shapes take. */
public final class Extent {

    private double left = Double.MAX_VALUE;
    private double top = Double.MAX_VALUE;
    private double right = -Double.MAX_VALUE;
    private double bottom = -Double.MAX_VALUE;

    private Extent() {
    }

    /** A box that holds all shapes, at most a little larger than needed; empty when there are none. */
    public static Optional<Box> of(List<Shape> shapes) {
        Extent extent = new Extent();
        shapes.forEach(extent::add);
        return extent.left > extent.right ? Optional.empty() : Optional.of(new Box(extent.left, extent.top,
                Math.max(1e-6, extent.right - extent.left), Math.max(1e-6, extent.bottom - extent.top)));
    }

    private void add(Shape shape) {
        if (shape instanceof Shape.Stroke stroke) {
            add(stroke.curve(), stroke.width());
        } else if (shape instanceof Shape.Fill fill) {
            add(fill.outline(), 0);
        } else if (shape instanceof Shape.Faint faint) {
            add(faint.of());
        } else {
            Shape.Label label = (Shape.Label) shape;
            // Type on screen is never smaller than can be read, so it may need more room than its size says.
            add(label.at(), label.size() * Math.max(2, label.text().length()));
        }
    }

    private void add(Curve curve, double by) {
        for (Curve.Segment segment : curve.segments()) {
            if (segment instanceof Curve.MoveTo m) {
                add(m.to(), by);
            } else if (segment instanceof Curve.LineTo l) {
                add(l.to(), by);
            } else if (segment instanceof Curve.CubicTo c) {
                add(c.first(), by);
                add(c.second(), by);
                add(c.to(), by);
            }
        }
    }

    private void add(Vec p, double by) {
        left = Math.min(left, p.x() - by);
        top = Math.min(top, p.y() - by);
        right = Math.max(right, p.x() + by);
        bottom = Math.max(bottom, p.y() + by);
    }
}
