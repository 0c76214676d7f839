package wildchalk.core.pitchside;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.Tuple;
import org.junit.jupiter.api.Test;

/** What holds of any evening, whatever is done in it and whenever. */
class MachineProperties {

    /** Something that happens: a while goes by, something is done, or the last thing is taken back. */
    private sealed interface Happening {

        record While(long millis) implements Happening {}

        record Doing(Deed deed) implements Happening {}

        record TakingBack() implements Happening {}
    }

    @Provide
    Arbitrary<Course> courses() {
        Arbitrary<List<Stretch>> blocks = Combinators.combine(
                        Arbitraries.integers().between(1, 4),
                        Arbitraries.longs().between(0, 90_000),
                        Arbitraries.longs().between(1, 400_000))
                .as((turns, before, millis) -> {
                    List<Stretch> all = new ArrayList<>();
                    all.add(new Stretch("", Stretch.Kind.BEFORE, "", before));
                    for (int i = 0; i < turns; i++) {
                        all.add(new Stretch(
                                "", i % 2 == 1 ? Stretch.Kind.REST : Stretch.Kind.PLAY, "turn " + i, millis));
                    }
                    return all;
                });
        return blocks.list().ofMinSize(1).ofMaxSize(6).map(list -> {
            List<Stretch> all = new ArrayList<>();
            for (int b = 0; b < list.size(); b++) {
                for (Stretch s : list.get(b)) {
                    all.add(new Stretch("b" + b, s.kind(), s.words(), s.millis()));
                }
            }
            return new Course(all);
        });
    }

    @Provide
    Arbitrary<List<Happening>> evenings() {
        Arbitrary<Happening> whiles = Arbitraries.frequencyOf(
                        Tuple.of(6, Arbitraries.longs().between(0, 2000)),
                        Tuple.of(2, Arbitraries.longs().between(0, 600_000)))
                .map(Happening.While::new);
        Arbitrary<Happening> deeds = Arbitraries.<Deed>of(
                        new Deed.Go(),
                        new Deed.Go(),
                        new Deed.Stop(),
                        new Deed.Next(),
                        new Deed.Back(),
                        new Deed.Skip(),
                        new Deed.More(60_000),
                        new Deed.More(-30_000),
                        new Deed.Anew(List.of(new Stretch("new", Stretch.Kind.PLAY, "", 70_000))),
                        new Deed.Called("sky"),
                        new Deed.Counted("gate", "coral", 1),
                        new Deed.Timed("sprint", "Ida", 20, List.of(1500L, 3100L)),
                        new Deed.Marked("Ida", false),
                        new Deed.Agreed("colours", "gate 2"),
                        new Deed.Noted("heads down"))
                .map(Happening.Doing::new);
        return Arbitraries.frequencyOf(
                        Tuple.of(5, whiles),
                        Tuple.of(4, deeds),
                        Tuple.of(1, Arbitraries.just(new Happening.TakingBack())))
                .list()
                .ofMaxSize(60);
    }

    private static Run after(Run run, Happening happening) {
        if (happening instanceof Happening.While w) {
            return Machine.tick(run, w.millis()).run();
        }
        return happening instanceof Happening.Doing d
                ? Machine.deed(run, d.deed()).run()
                : Machine.takenBack(run);
    }

    @Property(tries = 1500, seed = "19081")
    void timeNeverRunsBackwardAndAddsUp(@ForAll("courses") Course course, @ForAll("evenings") List<Happening> evening) {
        Run run = Run.of(course);
        long clock = 0;
        for (Happening happening : evening) {
            Run before = run;
            run = after(run, happening);
            clock += happening instanceof Happening.While w ? w.millis() : 0;
            assertEquals(clock, run.clock());
            assertTrue(run.ran() <= run.clock(), "no stretch takes time that did not go by");
            assertEquals(run.course().stretches().size(), run.spent().size());
            assertTrue(run.at() >= 0 && run.at() <= run.course().stretches().size());
            if (happening instanceof Happening.While w) {
                long went = run.ran() - before.ran();
                assertTrue(run.at() >= before.at(), "time alone never goes back");
                if (before.going() && !run.isOver()) {
                    assertEquals(w.millis(), went, "while the clock goes, all of it goes into stretches");
                } else if (!before.going()) {
                    assertEquals(0, went);
                    assertEquals(before.at(), run.at());
                }
            }
        }
    }

    @Property(tries = 800, seed = "19081")
    void manySmallTicksAreOneLargeOne(@ForAll("courses") Course course, @ForAll("evenings") List<Happening> evening) {
        Run fine = Run.of(course);
        Run coarse = Run.of(course);
        List<Signal> heard = new ArrayList<>();
        List<Signal> heardFine = new ArrayList<>();
        for (Happening happening : evening) {
            if (happening instanceof Happening.While w) {
                Machine.Step one = Machine.tick(coarse, w.millis());
                heard.addAll(one.signals());
                coarse = one.run();
                for (long left = w.millis(); left > 0; left -= Math.min(left, 1700)) {
                    Machine.Step small = Machine.tick(fine, Math.min(left, 1700));
                    heardFine.addAll(small.signals());
                    fine = small.run();
                }
            } else {
                coarse = after(coarse, happening);
                fine = after(fine, happening);
            }
            assertEquals(bare(coarse), bare(fine));
            assertEquals(heard, heardFine);
        }
    }

    /** Without how it was before each deed: of that only what it does is seen. */
    private static Run bare(Run run) {
        return run.having(run.done().stream()
                .map(d -> new Run.Done(d.deed(), d.clock(), Optional.empty()))
                .toList());
    }

    @Property(tries = 1000, seed = "19081")
    void whatIsTakenBackWasNeverDone(
            @ForAll("courses") Course course,
            @ForAll("evenings") List<Happening> evening,
            @ForAll("evenings") List<Happening> mistake) {
        Run run = Run.of(course);
        for (Happening happening : evening) {
            run = after(run, happening);
        }
        Run right = run;
        Run wrong = run;
        int deeds = 0;
        for (Happening happening : mistake) {
            if (happening instanceof Happening.While) {
                right = after(right, happening);
                wrong = after(wrong, happening);
            } else if (happening instanceof Happening.Doing) {
                wrong = after(wrong, happening);
                deeds++;
            }
        }
        for (int i = 0; i < deeds; i++) {
            wrong = Machine.takenBack(wrong);
        }
        assertEquals(bare(right), bare(wrong));
    }

    @Property(tries = 800, seed = "19081")
    void killedAtAnyMomentItGoesOnAsItWas(
            @ForAll("courses") Course course, @ForAll("evenings") List<Happening> evening) {
        Run run = Run.of(course);
        List<Machine.Entry> kept = new ArrayList<>();
        for (Happening happening : evening) {
            if (happening instanceof Happening.Doing d) {
                kept.add(new Machine.Entry(run.clock(), Optional.of(d.deed())));
            } else if (happening instanceof Happening.TakingBack) {
                kept.add(new Machine.Entry(run.clock(), Optional.empty()));
            }
            run = after(run, happening);
            assertEquals(bare(run), bare(Machine.replayed(course, kept, run.clock())));
        }
    }

    @Property(tries = 500, seed = "19081")
    void leftAloneEachStretchIsOnOnceForAsLongAsItIs(@ForAll("courses") Course course) {
        Run run = Machine.deed(Run.of(course), new Deed.Go()).run();
        for (Stretch stretch : course.stretches()) {
            assertEquals(Optional.of(stretch), run.stretch());
            run = Machine.tick(run, stretch.millis()).run();
            if (stretch.kind() == Stretch.Kind.BEFORE) {
                assertEquals(Optional.of(stretch), run.stretch(), "it waits for the whistle");
                run = Machine.deed(run, new Deed.Next()).run();
            }
        }
        assertTrue(run.isOver() && !run.going());
        assertEquals(course.stretches().stream().map(Stretch::millis).toList(), run.spent());
        assertEquals(course.millis(), run.ran());
        assertEquals(0, run.rest());
    }

    @Test
    void threeHoursAreRunThroughInASecond() {
        List<Stretch> all = new ArrayList<>();
        for (int b = 0; b < 18; b++) {
            for (int t = 0; t < 10; t++) {
                all.add(new Stretch("b" + b, Stretch.Kind.PLAY, "", 60_000));
            }
        }
        long begun = System.nanoTime();
        Run run = Machine.deed(Run.of(new Course(all)), new Deed.Go()).run();
        int horns = 0;
        for (int tick = 0; tick < 3 * 60 * 60 * 20; tick++) {
            Machine.Step step = Machine.tick(run, 50);
            run = step.run();
            horns += (int) step.signals().stream().filter(s -> s == Signal.HORN).count();
        }
        assertTrue(run.isOver());
        assertEquals(18, horns);
        // A second, and room for a machine that others use as well.
        assertTrue(System.nanoTime() - begun < TimeUnit.SECONDS.toNanos(20));
    }
}
