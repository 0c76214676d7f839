package wildchalk.core.practice;

import java.util.List;

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
     * A drill.
     *
     * @param rungs ids of the rungs that are played, in order; empty for the lowest alone
     * @param copies how often it is set out beside itself, at least 1
     */
    record Play(Planned drill, List<String> rungs, int copies, Telling telling) implements Content {
        public Play {
            rungs = List.copyOf(rungs);
            if (copies < 1) {
                throw new IllegalArgumentException("copies=" + copies);
            }
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.play(this);
        }
    }

    /**
     * A game, in words.
     *
     * @param words what it is
     * @param scoring how it is scored; may be empty
     */
    record Game(String words, String scoring) implements Content {
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
     * Blocks at one time, side by side.
     *
     * @param blocks at least two
     */
    record Beside(List<Block> blocks) implements Content {
        public Beside {
            blocks = List.copyOf(blocks);
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.beside(this);
        }
    }
}
