package wildchalk.core.scene;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.drill.Piece;
import wildchalk.core.geometry.Curve;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.Pose;

/**
 * A person's token in two parts round the origin, for pictures that move it without painting it anew.
 *
 * @param turning what turns with the person, who faces along x; it lies under the rest
 * @param upright what stays as it is
 */
public record Token(List<Shape> turning, List<Shape> upright) {

    static Token of(Piece.Person person, Tokens tokens, List<Shape> name) {
        List<Shape> ahead = tokens.person(person, new Pose(Vec.ZERO, 0));
        List<Shape> aside = tokens.person(person, new Pose(Vec.ZERO, 1));
        List<Shape> turning = new ArrayList<>();
        List<Shape> upright = new ArrayList<>();
        for (int i = 0; i < ahead.size(); i++) {
            Shape shape = ahead.get(i);
            if (shape.equals(aside.get(i))) {
                upright.add(shape);
            } else if (shape instanceof Shape.Fill f) {
                List<Curve> parts = parts(f.outline());
                turning.add(new Shape.Fill(parts.get(parts.size() - 1), f.ink(), f.chalked()));
                parts.subList(0, parts.size() - 1).forEach(c -> upright.add(new Shape.Fill(c, f.ink(), f.chalked())));
            } else if (shape instanceof Shape.Stroke s) {
                List<Curve> parts = parts(s.curve());
                turning.add(new Shape.Stroke(parts.get(parts.size() - 1), s.width(), s.ink(), s.dash(), s.chalked()));
                parts.subList(0, parts.size() - 1)
                        .forEach(c -> upright.add(new Shape.Stroke(c, s.width(), s.ink(), s.dash(), s.chalked())));
            }
        }
        upright.addAll(name);
        return new Token(List.copyOf(turning), List.copyOf(upright));
    }

    /** A body that does not turn comes before the nose that does. */
    private static List<Curve> parts(Curve curve) {
        List<List<Curve.Segment>> parts = new ArrayList<>();
        for (Curve.Segment segment : curve.segments()) {
            if (segment instanceof Curve.MoveTo || parts.isEmpty()) {
                parts.add(new ArrayList<>());
            }
            parts.get(parts.size() - 1).add(segment);
        }
        return parts.stream().map(Curve::new).toList();
    }
}
