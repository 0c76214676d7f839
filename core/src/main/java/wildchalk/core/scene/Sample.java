package wildchalk.core.scene;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill.LineKey;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.PieceCases;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Curve;
import wildchalk.core.geometry.Route;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Units;
import wildchalk.core.motion.Pose;
import wildchalk.core.stroke.Kind;

/** Samples of lines and pieces for buttons and keys: round the origin, a token one metre in radius. */
public final class Sample {

    private static final Stage NOBODY = new Stage("", "", List.of(), List.of());

    private static final PieceCases<List<Shape>> SAMPLE = new PieceCases.Families<>() {
        @Override
        public List<Shape> person(Piece.Person person) {
            return unlabelled(new Tokens(1.7).person(person, new Pose(new Vec(-0.4, 0), 0)));
        }

        @Override
        public List<Shape> lineUp(Piece.LineUp lineUp) {
            Tokens small = new Tokens(1.2);
            Piece.LineUp nameless = new Piece.LineUp("", new Vec(3.2, 0), 0, "", lineUp.bib(), 2, "");
            List<Shape> shapes = new ArrayList<>(small.queue(nameless, 0));
            shapes.addAll(small.person(nameless, new Pose(nameless.at(), 0)));
            return shapes;
        }

        @Override
        public List<Shape> item(Piece.Item item) {
            // Large things are shown whole, small ones as large as their sign is.
            double largest = Math.max(item.width(), item.depth());
            double unit = largest > 1.2 ? 1.2 : 2.2;
            Frame frame = new Frame(Box.around(Vec.ZERO, 10, 5), item.kind() == GearKind.CONE ? 2.4 : unit, 0);
            double scale = largest > 1.2 ? 5 / largest : 1;
            boolean mouth = item.kind() == GearKind.GOAL || item.kind() == GearKind.MINI_GOAL;
            Vec middle = Vec.polar(mouth ? item.depth() * scale / 2 : 0, item.facing());
            return new GearShapes(frame).of(item.movedTo(middle).sized(item.width() * scale, item.depth() * scale));
        }

        @Override
        public List<Shape> supply(Piece.Supply supply) {
            Frame frame = new Frame(Box.around(Vec.ZERO, 10, 5), 2.2, 0);
            return unlabelled(new GearShapes(frame).supply(supply, new Tokens(2.2)));
        }

        @Override
        public List<Shape> ball(Piece.Ball ball) {
            return new Tokens(3).ball(Vec.ZERO);
        }

        @Override
        public List<Shape> note(Piece.Note note) {
            return List.of();
        }

        @Override
        public List<Shape> tape(Piece.Tape tape) {
            return List.of();
        }

        @Override
        public List<Shape> area(Piece.Area area) {
            return List.of();
        }
    };

    private static List<Shape> unlabelled(List<Shape> shapes) {
        return shapes.stream().filter(s -> !(s instanceof Shape.Label)).toList();
    }

    private Sample() {}

    /** A line of this kind as one of the two line keys has it, from left to right. */
    public static List<Shape> line(Kind kind, LineKey key) {
        // A shadow is about somebody, even on a button.
        Spot end = kind == Kind.SHADOW ? Spot.at("somebody") : Spot.at(Vec.ZERO);
        TravelPath path = new TravelPath(List.of(end), false);
        return line(kind.action("", "", path, Cue.whistle()), key, 1, new Vec(-4.8, 0), 9.6);
    }

    static List<Shape> line(Action action, LineKey key, double unit, Vec from, double length) {
        Route route = Lines.route(List.of(from.minus(new Vec(unit, 0)), from.plus(new Vec(length, 0))));
        return new ActionLines(unit, key).of(action, NOBODY, route);
    }

    /** A piece as it looks on the board, without its label. */
    public static List<Shape> piece(Piece piece) {
        return piece.match(SAMPLE);
    }

    /** A person with their label and without a nose: for text, where nobody faces anywhere. */
    public static List<Shape> person(Piece.Person person) {
        return Tokens.noseless(person);
    }

    /** A note or tape that belongs to no stage yet. */
    public static List<Shape> mark(Piece.Mark mark, Frame frame, Units units) {
        List<Shape> shapes = new ArrayList<>(new MarkShapes(frame).of(mark));
        if (mark instanceof Piece.Note note) {
            shapes.add(new Shape.Label(note.at(), note.text(), frame.unit() * 1.2, Ink.NOTE));
        }
        if (mark instanceof Piece.Tape tape) {
            Vec above = MarkShapes.middle(tape).plus(frame.onPage(0, -frame.unit() * 1.1));
            shapes.add(new Shape.Label(above, MarkShapes.words(tape, units), frame.unit() * 1.1, Ink.NOTE));
        }
        return shapes;
    }

    /** Four arrows: take hold and move. */
    public static List<Shape> hand() {
        List<Shape> shapes = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            double heading = i * Math.PI / 2;
            Vec tip = Vec.polar(2.2, heading);
            shapes.add(new Shape.Stroke(Curve.line(Vec.ZERO, tip), 0.3, Ink.CHALK, List.of(), false));
            shapes.add(new Shape.Stroke(Lines.arrow(tip, heading, 0.9), 0.3, Ink.CHALK, List.of(), false));
        }
        return shapes;
    }
}
