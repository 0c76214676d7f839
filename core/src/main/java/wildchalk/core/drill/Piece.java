package wildchalk.core.drill;

import java.util.List;
import java.util.Optional;
import wildchalk.core.geometry.Vec;

/** Anything placed on the surface. Angles are in radians, clockwise on the page, 0 to the right. */
public sealed interface Piece {

    String id();

    Vec at();

    Piece movedTo(Vec place);

    /** Anyone who can act. */
    sealed interface Person extends Piece {

        /** What is written on the token, and how the script calls them. */
        String label();

        /** Where the body faces before anything happens. */
        double facing();

        /** Whose colour they wear; coaches wear none of the teams'. */
        default Team team() {
            return Team.CHALK;
        }
    }

    /** Anything that does not move by itself. */
    sealed interface Gear extends Piece {
    }

    /** Anything written or drawn on the board that nobody puts down. */
    sealed interface Mark extends Piece {
    }

    record Player(String id, Vec at, double facing, String label, Team team) implements Person {
        @Override
        public Player movedTo(Vec place) {
            return new Player(id, place, facing, label, team);
        }
    }

    record Goalkeeper(String id, Vec at, double facing, String label, Team team) implements Person {
        @Override
        public Goalkeeper movedTo(Vec place) {
            return new Goalkeeper(id, place, facing, label, team);
        }
    }

    record Coach(String id, Vec at, double facing, String label) implements Person {
        @Override
        public Coach movedTo(Vec place) {
            return new Coach(id, place, facing, label);
        }
    }

    /**
     * A queue whose front person acts.
     *
     * @param waiting how many stand behind the front person
     * @param name what the queue is called ("feeders"); may be empty
     */
    record LineUp(String id, Vec at, double facing, String label, Team team, int waiting, String name)
            implements Person {
        @Override
        public LineUp movedTo(Vec place) {
            return new LineUp(id, place, facing, label, team, waiting, name);
        }
    }

    /**
     * A thing of gear.
     *
     * @param facing radians; out of its mouth for a goal, the way it runs for a ladder
     * @param label written beside it; may be empty
     * @param width metres across the way it faces
     * @param depth metres along the way it faces
     */
    record Item(String id, Vec at, GearKind kind, double facing, Colour colour, String label, double width,
                double depth) implements Gear {

        /** A piece of gear as it usually is. */
        public static Item of(String id, GearKind kind, Vec at) {
            return new Item(id, at, kind, 0, kind.colour(), "", kind.width(), kind.depth());
        }

        public static Item cone(String id, Vec at, Colour colour) {
            return of(id, GearKind.CONE, at).withColour(colour);
        }

        /** A goal that can be moved, {@code width} metres between the posts. */
        public static Item goal(String id, Vec at, double facing, double width) {
            return new Item(id, at, GearKind.GOAL, facing, GearKind.GOAL.colour(), "", width, width * 0.35);
        }

        @Override
        public Item movedTo(Vec place) {
            return new Item(id, place, kind, facing, colour, label, width, depth);
        }

        public Item turnedTo(double newFacing) {
            return new Item(id, at, kind, newFacing, colour, label, width, depth);
        }

        public Item withColour(Colour newColour) {
            return new Item(id, at, kind, facing, newColour, label, width, depth);
        }

        public Item withLabel(String newLabel) {
            return new Item(id, at, kind, facing, colour, newLabel, width, depth);
        }

        public Item sized(double newWidth, double newDepth) {
            return new Item(id, at, kind, facing, colour, label, newWidth, newDepth);
        }
    }

    /**
     * A heap of balls that are played in or taken from.
     *
     * @param count how many balls lie there
     */
    record Supply(String id, Vec at, int count) implements Gear {

        /** Who stands so near a heap takes their ball from it, metres; assumed. */
        public static final double IN_REACH = 2.5;

        @Override
        public Supply movedTo(Vec place) {
            return new Supply(id, place, count);
        }
    }

    /**
     * A ball or puck.
     *
     * @param heldBy id of the person who has it at the start; it then stands where they stand
     */
    record Ball(String id, Vec at, Optional<String> heldBy) implements Gear {
        @Override
        public Ball movedTo(Vec place) {
            return new Ball(id, place, heldBy);
        }
    }

    /** Words pinned to a place. */
    record Note(String id, Vec at, String text) implements Mark {
        @Override
        public Note movedTo(Vec place) {
            return new Note(id, place, text);
        }
    }

    /**
     * A measure that was pinned.
     *
     * @param points at least two for a length, three or more for an angle or an area
     */
    record Tape(String id, Reading reading, List<Vec> points) implements Mark {

        public Tape {
            points = List.copyOf(points);
        }

        /** What is read off. */
        public enum Reading { LENGTH, ANGLE, AREA }

        @Override
        public Vec at() {
            return points.get(0);
        }

        @Override
        public Tape movedTo(Vec place) {
            Vec by = place.minus(at());
            return new Tape(id, reading, points.stream().map(p -> p.plus(by)).toList());
        }
    }
}
