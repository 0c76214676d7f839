package wildchalk.core.snap;

import java.util.Optional;

/** Why a place is the one that is meant. */
public sealed interface Reason {

    /** As it is said beside the hand: "on the 23 m line"; empty when there is nothing to say. */
    String words();

    /** What it says of the ground, besides the distance from a reference; empty when it says nothing of that. */
    default String ofTheGround() {
        return words();
    }

    /** Whether it names something that can be found on the ground. */
    default boolean namesTheGround() {
        return false;
    }

    /** It is just where the hand is. */
    record Free() implements Reason {
        @Override
        public String words() {
            return "";
        }
    }

    /** On the grid of half metres. */
    record Grid() implements Reason {
        @Override
        public String words() {
            return "on the grid";
        }
    }

    /**
     * On a line or landmark of the surface.
     *
     * @param name "23 m line"; empty for a line without a name
     */
    record OnGround(String name) implements Reason {
        @Override
        public String words() {
            return name.isEmpty() ? "on a line" : "on the " + name;
        }

        @Override
        public boolean namesTheGround() {
            return !name.isEmpty();
        }
    }

    /** Exactly on a piece. */
    record AtPiece(String name) implements Reason {
        @Override
        public String words() {
            return "at " + name;
        }
    }

    /** As far along or across as a piece. */
    record Level(String name) implements Reason {
        @Override
        public String words() {
            return "level with " + name;
        }
    }

    /**
     * At a round distance from the reference.
     *
     * @param on the line that it lies on besides; empty for none
     * @param distance as it is said: "5.0 m"
     * @param from what the reference is called
     * @param degrees which way from there; empty when that is not round
     */
    record Distance(Optional<OnGround> on, String distance, String from, Optional<String> degrees) implements Reason {
        @Override
        public String words() {
            return on.map(o -> o.words() + ", ").orElse("") + distance + " from " + from
                    + degrees.map(d -> ", " + d).orElse("");
        }

        @Override
        public String ofTheGround() {
            return on.map(OnGround::words).orElse("");
        }

        @Override
        public boolean namesTheGround() {
            return on.filter(OnGround::namesTheGround).isPresent();
        }
    }
}
