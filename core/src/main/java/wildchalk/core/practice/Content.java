package wildchalk.core.practice;

import java.util.List;
import java.util.Optional;

/** What a block is. */
public sealed interface Content {

    /** What the cases say of this kind. */
    <R> R match(Cases<R> cases);

    /** One answer for each kind. */
    interface Cases<R> {

        /** For {@link Play}. */
        R play(Play play);

        /** For {@link Game}. */
        R game(Game game);

        /** For {@link Words}. */
        R words(Words words);

        /** For {@link Beside}. */
        R beside(Beside beside);
    }

    /** How a drill is told before it begins. */
    enum Telling {
        /** Said and shown once. */
        FRESH,
        /** They know it: a word is enough. */
        KNOWN,
        /** Nothing is said. */
        NONE
    }

    /**
     * Which drill, as it was when it was planned.
     *
     * @param version number of the version of that drill; 0 for one that is in no book
     * @param title what it was called then
     */
    record Planned(String id, long version, String title) {}

    /**
     * A rung that is played.
     *
     * @param rung its id
     * @param minutes for how long; 0 for its share of what the others leave
     * @param when what has been seen when they climb on from it: "four in a row"; may be empty
     */
    record Climb(String rung, int minutes, String when) {
        public Climb {
            if (minutes < 0) {
                throw new IllegalArgumentException("minutes=" + minutes);
            }
        }

        /** One for its share of the time. */
        public static Climb of(String rung) {
            return new Climb(rung, 0, "");
        }
    }

    /**
     * A drill.
     *
     * @param climbs the rungs that are played, in order; empty for the lowest alone
     * @param copies how often it is set out beside itself, at least 1
     */
    record Play(Planned drill, List<Climb> climbs, int copies, Telling telling) implements Content {
        public Play {
            climbs = List.copyOf(climbs);
            if (copies < 1) {
                throw new IllegalArgumentException("copies=" + copies);
            }
        }

        /** Ids of the rungs that are played, in order; empty for the lowest alone. */
        public List<String> rungs() {
            return climbs.stream().map(Climb::rung).toList();
        }

        /** The drill as it was planned otherwise. */
        public Play of(Planned other) {
            return new Play(other, climbs, copies, telling);
        }

        /** On other rungs. */
        public Play climbing(List<Climb> other) {
            return new Play(drill, other, copies, telling);
        }

        /** So often beside itself, at least 1. */
        public Play times(int otherCopies) {
            return new Play(drill, climbs, otherCopies, telling);
        }

        /** Told otherwise. */
        public Play told(Telling other) {
            return new Play(drill, climbs, copies, other);
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.play(this);
        }
    }

    /**
     * A piece of ground.
     *
     * @param length metres, over 0
     * @param width metres, over 0
     */
    record Area(double length, double width) {
        public Area {
            if (!(length > 0 && width > 0)) {
                throw new IllegalArgumentException(length + ", " + width);
            }
        }
    }

    /**
     * A game, in words.
     *
     * @param words what it is
     * @param area what it is played on; empty where nothing is said
     * @param scoring how it is scored; may be empty
     */
    record Game(String words, Optional<Area> area, String scoring) implements Content {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.game(this);
        }
    }

    /** What a block of words is. */
    enum Sort {
        TALK,
        WATER,
        SETTING_OUT,
        FREE
    }

    /** Something that needs no drill: a talk, water, setting out, anything in words. */
    record Words(Sort sort, String words) implements Content {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.words(this);
        }
    }

    /**
     * That groups go round what is side by side: each is at every place once.
     *
     * @param flipped whether the side is changed half-way through each turn
     */
    record Round(boolean flipped) {}

    /**
     * Blocks at one time, side by side.
     *
     * @param blocks at least two; each has the group that it begins with
     * @param round how groups go round them; empty where each stays
     */
    record Beside(List<Block> blocks, Optional<Round> round) implements Content {
        public Beside {
            blocks = List.copyOf(blocks);
        }

        /** Some at which everybody stays. */
        public Beside(List<Block> blocks) {
            this(blocks, Optional.empty());
        }

        /** Others, gone round as these are. */
        public Beside of(List<Block> others) {
            return new Beside(others, round);
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.beside(this);
        }
    }
}
