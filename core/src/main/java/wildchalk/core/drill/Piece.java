package wildchalk.core.drill;

import java.util.List;
import java.util.Optional;
import wildchalk.core.colour.Bib;
import wildchalk.core.colour.Colour;
import wildchalk.core.geometry.Outline;
import wildchalk.core.geometry.Vec;

/** Anything placed on the surface. Angles are in radians, clockwise on the page, 0 to the right. */
public sealed interface Piece {

    /** Unique within its drill. */
    String id();

    /** Where it is before the whistle, metres on the surface. */
    Vec at();

    /** The same elsewhere, metres on the surface. */
    Piece movedTo(Vec place);

    /** Who has it at the whistle, by id; empty for what lies or stands, and for everything but a ball. */
    default Optional<String> heldBy() {
        return Optional.empty();
    }

    /** What the cases say of this kind of piece. */
    <R> R match(PieceCases<R> cases);

    /** Anyone who can act. */
    sealed interface Person extends Piece {

        /** What is written on the token, and how the script calls them. */
        String label();

        /** Where the body faces before anything happens. */
        double facing();

        /** Whether they belong to a team and so can have opponents: a coach does not. */
        default boolean isOnATeam() {
            return true;
        }

        /** Whose colour they wear; coaches wear none of the teams'. */
        default Bib bib() {
            return Bib.CHALK;
        }

        /** The same facing another way, under another label. */
        Person with(double newFacing, String newLabel);

        /** The same in another team; a coach wears none and stays as they are. */
        Person wearing(Bib newBib);
    }

    /** Anything that does not move by itself. */
    sealed interface Gear extends Piece {}

    /** Anything written or drawn on the board that nobody puts down. */
    sealed interface Mark extends Piece {}

    record Player(String id, Vec at, double facing, String label, Bib bib) implements Person {
        @Override
        public <R> R match(PieceCases<R> cases) {
            return cases.player(this);
        }

        @Override
        public Player movedTo(Vec place) {
            return new Player(id, place, facing, label, bib);
        }

        @Override
        public Player with(double newFacing, String newLabel) {
            return new Player(id, at, newFacing, newLabel, bib);
        }

        @Override
        public Player wearing(Bib newBib) {
            return new Player(id, at, facing, label, newBib);
        }
    }

    record Goalkeeper(String id, Vec at, double facing, String label, Bib bib) implements Person {
        @Override
        public <R> R match(PieceCases<R> cases) {
            return cases.goalkeeper(this);
        }

        @Override
        public Goalkeeper movedTo(Vec place) {
            return new Goalkeeper(id, place, facing, label, bib);
        }

        @Override
        public Goalkeeper with(double newFacing, String newLabel) {
            return new Goalkeeper(id, at, newFacing, newLabel, bib);
        }

        @Override
        public Goalkeeper wearing(Bib newBib) {
            return new Goalkeeper(id, at, facing, label, newBib);
        }
    }

    record Coach(String id, Vec at, double facing, String label) implements Person {
        @Override
        public boolean isOnATeam() {
            return false;
        }

        @Override
        public <R> R match(PieceCases<R> cases) {
            return cases.coach(this);
        }

        @Override
        public Coach movedTo(Vec place) {
            return new Coach(id, place, facing, label);
        }

        @Override
        public Coach with(double newFacing, String newLabel) {
            return new Coach(id, at, newFacing, newLabel);
        }

        @Override
        public Coach wearing(Bib newBib) {
            return this;
        }
    }

    /**
     * A queue whose front person acts.
     *
     * @param waiting how many stand behind the front person
     * @param name what the queue is called ("feeders"); may be empty
     */
    record LineUp(String id, Vec at, double facing, String label, Bib bib, int waiting, String name, Queue queue)
            implements Person {

        public LineUp(String id, Vec at, double facing, String label, Bib bib, int waiting, String name) {
            this(id, at, facing, label, bib, waiting, name, Queue.BEHIND);
        }

        @Override
        public <R> R match(PieceCases<R> cases) {
            return cases.lineUp(this);
        }

        @Override
        public LineUp movedTo(Vec place) {
            return new LineUp(id, place, facing, label, bib, waiting, name, queue);
        }

        @Override
        public LineUp with(double newFacing, String newLabel) {
            return new LineUp(id, at, newFacing, newLabel, bib, waiting, name, queue);
        }

        @Override
        public LineUp wearing(Bib newBib) {
            return new LineUp(id, at, facing, label, newBib, waiting, name, queue);
        }

        /** From one who waits to the next where nothing is said of it, metres; assumed. */
        public static final double SPACING = 1;

        /** Where one of those who wait stands, from 1; whoever is in front for 0. */
        public Vec slot(int k) {
            double spacing = queue.spacing() > 0 ? queue.spacing() : SPACING;
            return at.plus(Vec.polar(spacing * k, facing + queue.direction()));
        }

        /** The same with those who wait standing otherwise. */
        public LineUp queueing(Queue newQueue) {
            return new LineUp(id, at, facing, label, bib, waiting, name, newQueue);
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
    record Item(
            String id, Vec at, GearKind kind, double facing, Colour colour, String label, double width, double depth)
            implements Gear {

        /** A piece of gear as it usually is. */
        public static Item of(String id, GearKind kind, Vec at) {
            return new Item(id, at, kind, 0, kind.colour(), "", kind.width(), kind.depth());
        }

        /**
         * A cone.
         *
         * @param at metres on the surface
         */
        public static Item cone(String id, Vec at, Colour colour) {
            return of(id, GearKind.CONE, at).withColour(colour);
        }

        /** A goal that can be moved, {@code width} metres between the posts. */
        public static Item goal(String id, Vec at, double facing, double width) {
            return new Item(id, at, GearKind.GOAL, facing, GearKind.GOAL.colour(), "", width, width * 0.35);
        }

        @Override
        public <R> R match(PieceCases<R> cases) {
            return cases.item(this);
        }

        @Override
        public Item movedTo(Vec place) {
            return new Item(id, place, kind, facing, colour, label, width, depth);
        }

        /** The same, facing another way, radians. */
        public Item turnedTo(double newFacing) {
            return new Item(id, at, kind, newFacing, colour, label, width, depth);
        }

        /** The same in another colour. */
        public Item withColour(Colour newColour) {
            return new Item(id, at, kind, facing, newColour, label, width, depth);
        }

        /** The same with something else written on it; may be empty. */
        public Item withLabel(String newLabel) {
            return new Item(id, at, kind, facing, colour, newLabel, width, depth);
        }

        /** The same, as wide and as deep as that, metres. */
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
        public static final double IN_REACH = 3;

        @Override
        public <R> R match(PieceCases<R> cases) {
            return cases.supply(this);
        }

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
        public <R> R match(PieceCases<R> cases) {
            return cases.ball(this);
        }

        @Override
        public Ball movedTo(Vec place) {
            return new Ball(id, place, heldBy);
        }
    }

    /** Words pinned to a place. */
    record Note(String id, Vec at, String text) implements Mark {
        @Override
        public <R> R match(PieceCases<R> cases) {
            return cases.note(this);
        }

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
        public enum Reading {
            LENGTH,
            ANGLE,
            AREA
        }

        @Override
        public Vec at() {
            return points.get(0);
        }

        @Override
        public <R> R match(PieceCases<R> cases) {
            return cases.tape(this);
        }

        @Override
        public Tape movedTo(Vec place) {
            Vec by = place.minus(at());
            return new Tape(id, reading, points.stream().map(p -> p.plus(by)).toList());
        }
    }

    /** A part of the surface that is marked out. */
    sealed interface Area extends Mark {

        /** Its edge, round its place. */
        Outline outline();

        /** The same with another edge. */
        Area within(Outline newOutline);

        /** Whether a place on the surface lies within it, or on its edge. */
        default boolean contains(Vec p) {
            return outline().contains(at(), p);
        }
    }

    /** An area that rules and cues can name. */
    record Zone(String id, Vec at, Outline outline, String label, Colour colour) implements Area {
        @Override
        public <R> R match(PieceCases<R> cases) {
            return cases.zone(this);
        }

        @Override
        public Zone movedTo(Vec place) {
            return new Zone(id, place, outline, label, colour);
        }

        @Override
        public Zone within(Outline newOutline) {
            return new Zone(id, at, newOutline, label, colour);
        }
    }

    /**
     * An area with something of its own to practise; what stands in it belongs to it.
     *
     * @param number in the order in which groups move on
     * @param minutes how long a group stays; 0 when that is left open
     */
    record Station(String id, Vec at, Outline outline, int number, String title, double minutes) implements Area {
        @Override
        public <R> R match(PieceCases<R> cases) {
            return cases.station(this);
        }

        @Override
        public Station movedTo(Vec place) {
            return new Station(id, place, outline, number, title, minutes);
        }

        @Override
        public Station within(Outline newOutline) {
            return new Station(id, at, newOutline, number, title, minutes);
        }

        /** The same with another number, 1 or more. */
        public Station numbered(int newNumber) {
            return new Station(id, at, outline, newNumber, title, minutes);
        }
    }
}
