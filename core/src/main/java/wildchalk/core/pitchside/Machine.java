package wildchalk.core.pitchside;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.practice.Practice;

/**
 * What time and what is done make of a run. Pure: the same in, the same out. Time never goes backward; a stretch is on
 * once, unless somebody goes back; what is taken back is as if it had never been done.
 */
public final class Machine {

    /** Within so many milliseconds, back means what was before. */
    private static final long JUST_BEGUN = 3000;
    /** So many last seconds are heard. */
    private static final int TICKS = 3;

    private static final long SECOND = 1000;

    private Machine() {}

    /**
     * What came of it.
     *
     * @param signals in order
     */
    public record Step(Run run, List<Signal> signals) {
        public Step {
            signals = List.copyOf(signals);
        }
    }

    /** Some time goes by, 0 or more milliseconds. */
    public static Step tick(Run run, long millis) {
        if (millis < 0) {
            throw new IllegalArgumentException("millis=" + millis);
        }
        List<Signal> signals = new ArrayList<>();
        Run now = run.ticked(millis);
        long left = millis;
        while (now.going() && !now.isOver() && left > 0) {
            Stretch stretch = now.stretch().orElseThrow();
            long here = stretch.kind() == Stretch.Kind.BEFORE ? left : Math.min(left, Math.max(0, now.left()));
            heard(now, here, signals);
            now = now.spending(here);
            left -= here;
            if (stretch.kind() != Stretch.Kind.BEFORE && now.left() <= 0) {
                now = over(now, signals);
            }
        }
        return new Step(now, signals);
    }

    /** What is heard while a stretch goes on for so long. */
    private static void heard(Run run, long millis, List<Signal> signals) {
        long before = run.left();
        long after = before - millis;
        Practice.Warned warned = run.course().warned();
        long warning = warned.seconds() * SECOND;
        if (warning > 0 && run.stretch().orElseThrow().millis() > 2 * warning && before > warning && after <= warning) {
            signals.add(Signal.WARNING);
        }
        for (int s = warned.ticks() ? TICKS : 0; s >= 1; s--) {
            if (before > s * SECOND && after <= s * SECOND) {
                signals.add(Signal.TICK);
            }
        }
    }

    /** The stretch that is on is over, and the next begins. */
    private static Run over(Run run, List<Signal> signals) {
        Stretch was = run.stretch().orElseThrow();
        Run next = run.to(run.at() + 1);
        Optional<Stretch> now = next.stretch();
        boolean sameBlock = now.filter(s -> s.block().equals(was.block())).isPresent();
        if (was.kind() == Stretch.Kind.BEFORE) {
            signals.add(Signal.WHISTLE);
        } else {
            if (sameBlock) {
                signals.add(Signal.DOUBLE_WHISTLE);
            } else if (run.course().warned().horn()) {
                signals.add(Signal.HORN);
            }
        }
        return now.isPresent() ? next : next.going(false);
    }

    /** Something is done. */
    public static Step deed(Run run, Deed deed) {
        List<Signal> signals = new ArrayList<>();
        Run now = deed.match(new Doing(run, signals));
        List<Run.Done> done = new ArrayList<>(run.done());
        // What was done before it need not be remembered twice.
        done.add(new Run.Done(deed, run.clock(), Optional.of(run.having(List.of()))));
        return new Step(now.having(done), signals);
    }

    /** The last thing that was done is taken back: as if it had never been done, with the time that went by since. */
    public static Run takenBack(Run run) {
        if (run.done().isEmpty()) {
            return run;
        }
        Run.Done last = run.done().get(run.done().size() - 1);
        List<Run.Done> left = run.done().subList(0, run.done().size() - 1);
        Run before = last.before().orElseThrow();
        return tick(before, run.clock() - last.clock()).run().having(left);
    }

    /**
     * What was done, as it is kept while it happens.
     *
     * @param clock milliseconds since the run was begun
     * @param deed empty where the last thing that was done was taken back
     */
    public record Entry(long clock, Optional<Deed> deed) {}

    /**
     * A run as it was, from what was done in it.
     *
     * @param clock milliseconds since it was begun, no less than that of the last entry
     */
    public static Run replayed(Course course, List<Entry> entries, long clock) {
        Run run = Run.of(course);
        for (Entry entry : entries) {
            Run then = tick(run, entry.clock() - run.clock()).run();
            run = entry.deed().map(d -> deed(then, d).run()).orElseGet(() -> takenBack(then));
        }
        return tick(run, clock - run.clock()).run();
    }

    /** What a deed makes of a run. */
    private record Doing(Run run, List<Signal> signals) implements Deed.Cases<Run> {

        @Override
        public Run go(Deed.Go go) {
            return run.isOver() ? run : run.going(true);
        }

        @Override
        public Run stop(Deed.Stop stop) {
            return run.going(false);
        }

        @Override
        public Run next(Deed.Next next) {
            return run.isOver() ? run : over(run, signals);
        }

        @Override
        public Run back(Deed.Back back) {
            return run.inside() > JUST_BEGUN || run.at() == 0
                    ? run.to(Math.min(run.at(), last()))
                    : run.to(run.at() - 1);
        }

        private int last() {
            return Math.max(0, run.course().stretches().size() - 1);
        }

        @Override
        public Run skip(Deed.Skip skip) {
            Run now = run;
            Optional<Stretch> on = run.stretch();
            while (on.isPresent()
                    && now.stretch()
                            .filter(s -> s.block().equals(on.get().block()))
                            .isPresent()) {
                now = now.to(now.at() + 1);
            }
            if (on.isPresent() && run.course().warned().horn()) {
                signals.add(Signal.HORN);
            }
            return now.isOver() ? now.going(false) : now;
        }

        @Override
        public Run more(Deed.More more) {
            return run.isOver() ? run : run.on(run.course().longer(run.at(), more.millis()));
        }

        @Override
        public Run anew(Deed.Anew anew) {
            return run.isOver() ? run : run.on(run.course().anew(run.at(), anew.rest()));
        }

        @Override
        public Run called(Deed.Called called) {
            return run;
        }

        @Override
        public Run counted(Deed.Counted counted) {
            return run;
        }

        @Override
        public Run noted(Deed.Noted noted) {
            return run;
        }

        @Override
        public Run timed(Deed.Timed timed) {
            return run;
        }

        @Override
        public Run marked(Deed.Marked marked) {
            return run;
        }

        @Override
        public Run agreed(Deed.Agreed agreed) {
            return run;
        }
    }
}
