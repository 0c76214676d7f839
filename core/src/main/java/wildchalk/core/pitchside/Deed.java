package wildchalk.core.pitchside;

import java.util.List;

/** Something that is done while a practice runs. */
public sealed interface Deed {

    /** What the cases say of this kind. */
    <R> R match(Cases<R> cases);

    /** One answer for each kind. */
    interface Cases<R> {

        /** For {@link Go}. */
        R go(Go go);

        /** For {@link Stop}. */
        R stop(Stop stop);

        /** For {@link Next}. */
        R next(Next next);

        /** For {@link Back}. */
        R back(Back back);

        /** For {@link Skip}. */
        R skip(Skip skip);

        /** For {@link More}. */
        R more(More more);

        /** For {@link Anew}. */
        R anew(Anew anew);

        /** For {@link Called}. */
        R called(Called called);

        /** For {@link Counted}. */
        R counted(Counted counted);

        /** For {@link Noted}. */
        R noted(Noted noted);

        /** For {@link Timed}. */
        R timed(Timed timed);

        /** For {@link Marked}. */
        R marked(Marked marked);

        /** For {@link Agreed}. */
        R agreed(Agreed agreed);
    }

    /** The clock goes, or goes on. */
    record Go() implements Deed {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.go(this);
        }
    }

    /** The clock stands. */
    record Stop() implements Deed {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.stop(this);
        }
    }

    /** What is on is over, the next stretch begins. */
    record Next() implements Deed {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.next(this);
        }
    }

    /** What is on begins anew; within its first seconds, what was before it. */
    record Back() implements Deed {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.back(this);
        }
    }

    /** The block that is on is over, with all of its turns. */
    record Skip() implements Deed {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.skip(this);
        }
    }

    /**
     * What is on takes longer, or less.
     *
     * @param millis not 0
     */
    record More(long millis) implements Deed {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.more(this);
        }
    }

    /**
     * What comes after the block that is on is planned anew.
     *
     * @param rest one after another
     */
    record Anew(List<Stretch> rest) implements Deed {
        public Anew {
            rest = List.copyOf(rest);
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.anew(this);
        }
    }

    /** Something was called: a colour, a gap, a corner. */
    record Called(String what) implements Deed {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.called(this);
        }
    }

    /**
     * Something was counted.
     *
     * @param counter of which counter
     * @param who for which group or person, by what they are called there; empty where nobody is told apart
     * @param by how often, not 0
     */
    record Counted(String counter, String who, int by) implements Deed {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.counted(this);
        }
    }

    /** Words of the coach. */
    record Noted(String words) implements Deed {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.noted(this);
        }
    }

    /**
     * Somebody was timed.
     *
     * @param counter of which counter
     * @param who whose time it is: the id of one of the squad, or else what a side or a number is called
     * @param metres from standing to the last split; 0 where nobody said
     * @param splits milliseconds from the start, each more than the one before; at least one, the last for all of it
     */
    record Timed(String counter, String who, double metres, List<Long> splits) implements Deed {
        public Timed {
            splits = List.copyOf(splits);
            if (splits.isEmpty() || metres < 0) {
                throw new IllegalArgumentException(splits + " " + metres);
            }
        }

        /** Milliseconds, for all of it. */
        public long millis() {
            return splits.get(splits.size() - 1);
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.timed(this);
        }
    }

    /**
     * Somebody has it, or finds it hard. That is for the coach alone.
     *
     * @param who id of the one of the squad
     */
    record Marked(String who, boolean hasIt) implements Deed {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.marked(this);
        }
    }

    /**
     * What is called and what counts in the block that is on is another than its drill says.
     *
     * @param calls as a coach writes it; empty for nothing
     * @param counts as a coach writes it; empty for nothing
     */
    record Agreed(String calls, String counts) implements Deed {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.agreed(this);
        }
    }
}
