package wildchalk.core.scene;

import java.util.List;
import java.util.Optional;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Curve;
import wildchalk.core.geometry.Vec;

/** How much room shapes take. */
public final class Extent implements Brush {

    private double left = Double.MAX_VALUE;
    private double top = Double.MAX_VALUE;
    private double right = -Double.MAX_VALUE;
    private double bottom = -Double.MAX_VALUE;

    private Extent() {}

    /** A box that holds all shapes, at most a little larger than needed; empty when there are none. */
    public static Optional<Box> of(List<Shape> shapes) {
        Extent extent = new Extent();
        extent.paint(shapes);
        return extent.left > extent.right
                ? Optional.empty()
                : Optional.of(new Box(
                        extent.left,
                        extent.top,
                        Math.max(1e-6, extent.right - extent.left),
                        Math.max(1e-6, extent.bottom - extent.top)));
    }

    @Override
    public void stroke(Shape.Stroke stroke) {
        add(stroke.curve(), stroke.width());
    }

    @Override
    public void fill(Shape.Fill fill) {
        add(fill.outline(), 0);
    }

    @Override
    public void faint(Shape.Faint faint) {
        faint.of().paintWith(this);
    }

    @Override
    public void label(Shape.Label label) {
        // Type on screen is never smaller than can be read, so it may need more room than its size says.
        add(label.at(), label.size() * Math.max(2, label.text().length()));
    }

    private void add(Curve curve, double by) {
        curve.trace(new Curve.Pen() {
            @Override
            public void moveTo(Vec to) {
                add(to, by);
            }

            @Override
            public void lineTo(Vec to) {
                add(to, by);
            }

            @Override
            public void cubicTo(Vec first, Vec second, Vec to) {
                add(first, by);
                add(second, by);
                add(to, by);
            }

            @Override
            public void close() {
                // Ends where it began.
            }
        });
    }

    private void add(Vec p, double by) {
        left = Math.min(left, p.x() - by);
        top = Math.min(top, p.y() - by);
        right = Math.max(right, p.x() + by);
        bottom = Math.max(bottom, p.y() + by);
    }
}
