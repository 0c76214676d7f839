package wildchalk.core.scene;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Piece;
import wildchalk.core.geometry.Curve;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.Pose;

/** How people, balls and gear look. */
final class Tokens {

    /** A queue lies on the page when this much of its direction is sideways. */
    private static final double LIES = 0.9;
    /** Labels of more letters than these have no room on a token. */
    private static final int ON_TOKEN = 3;
    /** From the middle of a token to the middle of a name under it, in units. */
    private static final double NAME = 1.75;
    /** Half the width of a letter of a label, in units; about. */
    private static final double HALF_LETTER = 0.3;

    private static final double NOSE = 1.5;

    private final double unit;
    private final double turn;
    private final double nose;

    Tokens(double unit) {
        this(unit, 0, NOSE);
    }

    Tokens(Frame frame) {
        this(frame.unit(), frame.turn(), NOSE);
    }

    private Tokens(double unit, double turn, double nose) {
        this.unit = unit;
        this.turn = turn;
        this.nose = nose;
    }

    /** A displacement on the page, to the right and down. */
    private Vec onPage(double right, double down) {
        return new Vec(right, down).rotated(-turn);
    }

    /** A person for text, where nobody faces anywhere. */
    static List<Shape> noseless(Piece.Person person) {
        return new Tokens(1, 0, 1.0001).person(person, new Pose(Vec.ZERO, 0));
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
        if (person.label().length() > ON_TOKEN) {
            // A name stands under its token.
            shapes.add(new Shape.Label(pose.at().plus(new Vec(0, unit * NAME)), person.label(), unit, Ink.CHALK));
        } else if (!person.label().isBlank()) {
            double size = unit * (person.label().length() > 2 ? 0.85 : 1.1);
            shapes.add(new Shape.Label(pose.at(), person.label(), size, inkOn(ink, filled)));
        }
        return shapes;
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
     * Those who wait behind the front person, and what the queue is called.
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
        if (!lineUp.name().isBlank()) {
            String text = lineUp.name() + ": " + lineUp.waiting() + " waiting";
            shapes.add(new Shape.Label(besideQueue(lineUp, back, text), text, unit * 1.15, Ink.lineOf(lineUp.bib())));
        }
        return shapes;
    }

    /** Above a queue that lies on the page, to the right of one that stands, behind the last of one that leans. */
    private Vec besideQueue(Piece.LineUp lineUp, Vec back, String text) {
        double spacing = lineUp.queue().spacing();
        double last = spacing > 0
                ? Math.max(0, spacing * 2 * lineUp.waiting() / unit - 2.6)
                : 2.6 + 1.9 * Math.max(0, lineUp.waiting() - 1);
        Vec middle = lineUp.at().plus(back.times(unit * (2.6 + last) / 2));
        double right = back.dot(onPage(1, 0));
        double room = 1.6 + text.length() * HALF_LETTER;
        if (Math.abs(right) > LIES) {
            return middle.plus(onPage(0, -unit * 2.2));
        }
        if (Math.abs(right) < 1 - LIES) {
            return middle.plus(onPage(unit * room, 0));
        }
        return lineUp.at().plus(back.times(unit * last)).plus(onPage(Math.signum(right) * unit * room, 0));
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
