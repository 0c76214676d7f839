package wildchalk.core.drill;

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

    record Cone(String id, Vec at, Colour colour) implements Gear {
        @Override
        public Cone movedTo(Vec place) {
            return new Cone(id, place, colour);
        }

        /** Colours a call can name. */
        public enum Colour { YELLOW, ORANGE, RED, BLUE, WHITE }
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

    /**
     * A goal that can be moved.
     *
     * @param facing out of its mouth
     * @param width metres between the posts
     */
    record Goal(String id, Vec at, double facing, double width) implements Gear {
        @Override
        public Goal movedTo(Vec place) {
            return new Goal(id, place, facing, width);
        }
    }
}
