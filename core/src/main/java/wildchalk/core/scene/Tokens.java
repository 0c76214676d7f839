package wildchalk.core.scene;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Piece;
import wildchalk.core.geometry.Curve;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.Pose;
import wildchalk.core.motion.Posture;

/** How people, balls and gear look. */
final class Tokens {

    /** Labels of more letters than these have no room on a token. */
    static final int ON_TOKEN = 3;
    /** From the middle of a token to the middle of a name under it, in units. */
    static final double NAME = 1.75;

    private static final double NOSE = 1.5;
    /** How far behind the token a body reaches that lies, and one on a knee, in units. */
    private static final double BODY = 1.55;

    private static final double KNEE = 0.8;

    private final double unit;
    private final double nose;

    Tokens(double unit) {
        this(unit, NOSE);
    }

    Tokens(Frame frame) {
        this(frame.unit(), NOSE);
    }

    private Tokens(double unit, double nose) {
        this.unit = unit;
        this.nose = nose;
    }

    /** A person for text, where nobody faces anywhere. */
    static List<Shape> noseless(Piece.Person person) {
        List<Shape> shapes = new ArrayList<>(new Tokens(1, 1.0001).person(person, new Pose(Vec.ZERO, 0)));
        if (person.label().length() > ON_TOKEN) {
            shapes.add(new Shape.Label(new Vec(0, NAME), person.label(), 1, Ink.CHALK));
        }
        return shapes;
    }

    /** A person: round with a nose; goalkeepers are rounded squares, coaches diamonds. */
    List<Shape> person(Piece.Person person, Pose pose) {
        Curve outline = outline(person, pose, 1);
        Bib bib = person.bib();
        Ink ink = Ink.of(bib);
        List<Shape> shapes = new ArrayList<>();
        Bib.Fill fill = !person.isOnATeam() ? Bib.Fill.SOLID : bib.fill();
        boolean filled = fill != Bib.Fill.RING;
        shapes.add(new Shape.Fill(outline, filled ? ink : Ink.BOARD, false));
        if (!filled) {
            shapes.add(new Shape.Stroke(outline(person, pose, 0.88), unit * 0.26, ink, List.of(), false));
        } else if (fill == Bib.Fill.HALF) {
            shapes.add(new Shape.Fill(
                    new Curve.Builder()
                            .arc(pose.at(), unit * 0.84, Math.PI * 0.2, Math.PI * 0.6)
                            .close()
                            .build(),
                    Ink.BOARD,
                    false));
        } else if (fill == Bib.Fill.DOTS) {
            for (int i = 0; i < 6; i++) {
                Vec dot = pose.at().plus(Vec.polar(unit * 0.76, i * Math.PI / 3 + Math.PI / 6));
                shapes.add(new Shape.Fill(Curve.circle(dot, unit * 0.11), Ink.ON_TEAM, false));
            }
        }
        if (person.label().length() <= ON_TOKEN && !person.label().isBlank()) {
            double size = unit * (person.label().length() > 2 ? 0.85 : 1.1);
            shapes.add(new Shape.Label(pose.at(), person.label(), size, inkOn(ink, filled)));
        }
        return shapes;
    }

    /** The same as low as that. */
    List<Shape> person(Piece.Person person, Pose pose, Posture posture) {
        List<Shape> shapes = new ArrayList<>(low(person, pose, posture));
        shapes.addAll(person(person, pose));
        return shapes;
    }

    /** The body of somebody who is down, behind their token: all of it on the ground, or on a knee. */
    List<Shape> low(Piece.Person person, Pose pose, Posture posture) {
        if (posture == Posture.UP) {
            return List.of();
        }
        boolean lies = posture == Posture.LYING;
        Vec back = pose.at().plus(Vec.polar(unit * (lies ? BODY : KNEE), pose.facing() + Math.PI));
        Curve body = capsule(pose.at(), back, unit * 0.62);
        Ink ink = Ink.of(person.bib());
        List<Shape> shapes = new ArrayList<>();
        shapes.add(new Shape.Fill(body, lies ? ink : Ink.BOARD, false));
        shapes.add(new Shape.Stroke(body, unit * 0.18, lies ? Ink.BOARD : ink, List.of(), false));
        return shapes;
    }

    /** A round-ended bar from one place to another. */
    private static Curve capsule(Vec from, Vec to, double r) {
        double along = to.minus(from).angle();
        return new Curve.Builder()
                .arc(from, r, along + Math.PI / 2, Math.PI)
                .arc(to, r, along - Math.PI / 2, Math.PI)
                .close()
                .build();
    }

    /** Where a person was. */
    List<Shape> ghost(Piece.Person person, Pose pose) {
        List<Shape> shapes = new ArrayList<>();
        shapes.add(new Shape.Stroke(
                outline(person, pose, 0.92), unit * 0.12, Ink.FAINT, List.of(unit * 0.35, unit * 0.3), false));
        if (!person.label().isBlank()) {
            shapes.add(new Shape.Label(
                    pose.at(), person.label(), unit * (person.label().length() > 2 ? 0.75 : 0.95), Ink.FAINT));
        }
        return shapes;
    }

    /** The ink that can be read on a token: the plain team is chalk on slate and dark on paper. */
    private static Ink inkOn(Ink bib, boolean filled) {
        if (!filled) {
            return Ink.CHALK;
        }
        return bib == Ink.PLAIN ? Ink.BOARD : Ink.ON_TEAM;
    }

    /** The outline of a person's token, {@code scale} times its usual size. */
    Curve outline(Piece.Person person, Pose pose, double scale) {
        double r = unit * scale;
        Vec at = pose.at();
        Vec tip = at.plus(Vec.polar(r * nose, pose.facing()));
        if (person instanceof Piece.Goalkeeper) {
            return withNose(rounded(at, r * 0.95, r * 0.3), tip, pose);
        }
        if (!person.isOnATeam()) {
            List<Vec> corners = new ArrayList<>();
            for (int i = 0; i < 4; i++) {
                corners.add(at.plus(Vec.polar(r * 1.25, i * Math.PI / 2)));
            }
            return withNose(new Curve.Builder().polyline(corners), tip, pose);
        }
        double half = Math.acos(1 / nose);
        return new Curve.Builder()
                .moveTo(tip)
                .arc(at, r, pose.facing() + half, 2 * Math.PI - 2 * half)
                .close()
                .build();
    }

    /** A square round {@code at} with round corners, upright. */
    private static Curve.Builder rounded(Vec at, double half, double corner) {
        Curve.Builder builder = new Curve.Builder();
        double in = half - corner;
        double[][] signs = {{1, 1}, {-1, 1}, {-1, -1}, {1, -1}};
        for (int i = 0; i < 4; i++) {
            Vec centre = at.plus(new Vec(signs[i][0] * in, signs[i][1] * in));
            builder.arc(centre, corner, i * Math.PI / 2, Math.PI / 2);
        }
        return builder;
    }

    private Curve withNose(Curve.Builder body, Vec tip, Pose pose) {
        if (nose < NOSE) {
            return body.close().build();
        }
        Vec base = pose.at().plus(Vec.polar(unit * 0.6, pose.facing()));
        Vec side = Vec.polar(unit * 0.55, pose.facing() + Math.PI / 2);
        return body.close()
                .moveTo(tip)
                .lineTo(base.plus(side))
                .lineTo(base.minus(side))
                .close()
                .build();
    }

    /**
     * Those who wait behind the front person.
     *
     * @param inPlay how many of them come to the front within the rep, so that they are drawn where they are
     */
    List<Shape> queue(Piece.LineUp lineUp, int inPlay) {
        List<Shape> shapes = new ArrayList<>();
        Vec back = Vec.polar(1, lineUp.facing() + lineUp.queue().direction());
        for (int i = inPlay; i < lineUp.waiting(); i++) {
            double away = lineUp.queue().away(i + 1, unit);
            Pose pose = new Pose(lineUp.at().plus(back.times(away)), lineUp.facing());
            shapes.add(new Shape.Fill(outline(lineUp, pose, 0.72), Ink.of(lineUp.bib()), false));
        }
        return shapes;
    }

    /** What a line is called, and how many wait in it. */
    static String queueWords(Piece.LineUp lineUp) {
        return lineUp.name() + ": " + lineUp.waiting() + " waiting";
    }

    List<Shape> ball(Vec at) {
        return List.of(
                new Shape.Fill(Curve.circle(at, unit * 0.46), Ink.BALL_EDGE, false),
                new Shape.Fill(Curve.circle(at, unit * 0.36), Ink.BALL, false));
    }

    List<Shape> basket(Vec at, double width) {
        return List.of(new Shape.Stroke(Curve.circle(at, width / 2), unit * 0.16, Ink.SIGNAL, List.of(), false));
    }

    /** What shows that a piece is chosen. */
    Shape chosen(Vec at) {
        return new Shape.Stroke(
                Curve.circle(at, unit * 1.75), unit * 0.14, Ink.SIGNAL, List.of(unit * 0.5, unit * 0.35), false);
    }

    Shape lit(Vec at) {
        return new Shape.Fill(Curve.circle(at, unit * 1.9), Ink.GLOW, false);
    }
}
