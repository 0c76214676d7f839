package wildchalk.core.scene;

import java.util.List;

/** Paints shapes: on a screen, on paper, into a file. Asked for each in the order in which they lie over each other. */
public interface Brush {

    /** Paints a line. */
    void stroke(Shape.Stroke stroke);

    /** Fills an outline. */
    void fill(Shape.Fill fill);

    /** Writes a few words. */
    void label(Shape.Label label);

    /** Paints what lies in the background, with {@link Shape.Faint#COVER} of its colour. */
    void faint(Shape.Faint faint);

    /** Paints shapes, the first undermost. */
    default void paint(List<? extends Shape> shapes) {
        shapes.forEach(s -> s.paintWith(this));
    }
}
