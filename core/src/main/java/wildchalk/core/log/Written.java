package wildchalk.core.log;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import wildchalk.core.pitchside.Deed;
import wildchalk.core.pitchside.Run;
import wildchalk.core.pitchside.Running;
import wildchalk.core.pitchside.Stretch;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.BlockWords;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.DrillWork;
import wildchalk.core.practice.Plan;
import wildchalk.core.practice.Practice;
import wildchalk.core.score.Counter;
import wildchalk.core.score.Scoring;
import wildchalk.core.squad.Groups;
import wildchalk.core.squad.Helper;
import wildchalk.core.squad.Member;
import wildchalk.core.squad.Presence;
import wildchalk.core.squad.Squad;

/** Writes the entry of an evening: from a run of it, or as it was planned. */
public final class Written {

    private static final int SECOND = 1000;
    private static final int MINUTE = 60;
    /** More letters of a title no file of the format holds. */
    private static final int LONGEST = 200;

    private static final int LONGEST_NOTE = 2000;

    private Written() {}

    /**
     * What is known besides.
     *
     * @param squad whose evening it was; empty where that is not known
     * @param zone in which it was
     * @param counted by what it was counted in a block; empty where that is not known
     * @param drills what is worked out of its drills; empty for one that is not there
     */
    public record Known(
            Optional<Squad> squad,
            ZoneId zone,
            Function<Block, Optional<Scoring>> counted,
            Function<Content.Planned, Optional<DrillWork>> drills) {}

    /**
     * That of a run, as far as it went.
     *
     * @param clock milliseconds since it was begun, to which it is looked at
     */
    public static Entry of(Running running, long clock, Known known) {
        Run run = running.at(clock);
        LocalDateTime begun =
                LocalDateTime.ofInstant(Instant.ofEpochMilli(running.chance().begun()), known.zone());
        Entry.There there = there(running.practice(), known.squad());
        Working working = working(there, known, begun.toLocalDate());
        List<Part> parts = new ArrayList<>();
        for (Block block : running.practice().blocks()) {
            Stretches all = Stretches.of(running, run, block);
            if (all.ran() > 0) {
                Part.Time time = new Part.Time(
                        seconds(all.before()),
                        seconds(all.plannedBefore()),
                        seconds(all.ran()),
                        seconds(all.planned()));
                parts.addAll(parts(
                        block,
                        all.rungs(),
                        time,
                        working,
                        result(run, block, known.counted().apply(block))));
            }
        }
        return new Entry(
                "",
                cut(running.title()),
                new Entry.When(
                        begun.toLocalDate(), begun.toLocalTime().withSecond(0).withNano(0)),
                new Entry.Source(
                        running.of() > 0 ? running.practice().id() : "",
                        running.of(),
                        running.id(),
                        running.practice().setting().changes()),
                there,
                parts,
                "");
    }

    /** Whoever is first in the list is another one each evening, and the same whenever it is written. */
    private static Working working(Entry.There there, Known known, LocalDate day) {
        List<String> people = new ArrayList<>(there.known());
        people.addAll(Collections.nCopies(there.people() - there.known().size(), ""));
        return new Working(known.drills(), known.squad(), people, there.groups(), (int) day.toEpochDay());
    }

    /** The part that a block was, or those that were on at one time in it: what came of them is told of the first. */
    private static List<Part> parts(
            Block block, List<String> rungs, Part.Time time, Working working, Part.Result result) {
        if (!(block.content() instanceof Content.Beside beside)) {
            Part part = Part.of(title(block), drill(block), time).playing(rungs).with(result);
            return List.of(working.alone(block, rungs).map(part::working).orElse(part));
        }
        List<Part> parts = new ArrayList<>();
        for (int i = 0; i < beside.blocks().size(); i++) {
            Block place = beside.blocks().get(i);
            Part part = Part.of(title(place), drill(place), i == 0 ? time : time.beside())
                    .playing(place.play().flatMap(p -> p.rungs().stream()).toList())
                    .with(i == 0 ? result : Part.Result.NONE);
            parts.add(working.beside(beside, i).map(part::working).orElse(part));
        }
        return parts;
    }

    private static String title(Block block) {
        return cut(BlockWords.of(block));
    }

    private static String cut(String title) {
        return title.substring(0, Math.min(LONGEST, title.length()));
    }

    private static Optional<Content.Planned> drill(Block block) {
        return block.play().findFirst().map(Content.Play::drill);
    }

    private static int seconds(long millis) {
        return (int) Math.min(Part.LONGEST, Math.round(millis / (double) SECOND));
    }

    /**
     * How long the stretches of a block were and were to be, milliseconds.
     *
     * @param rungs that were played, each once
     */
    private record Stretches(long before, long plannedBefore, long ran, long planned, List<String> rungs) {

        static Stretches of(Running running, Run run, Block block) {
            long before = 0;
            long ran = 0;
            Set<String> rungs = new LinkedHashSet<>();
            for (int i = 0; i < run.course().stretches().size(); i++) {
                Stretch stretch = run.course().stretches().get(i);
                long spent = run.spent().get(i);
                if (!stretch.block().equals(block.id())) {
                    continue;
                }
                if (stretch.kind() == Stretch.Kind.BEFORE) {
                    before += spent;
                } else {
                    ran += spent;
                }
                if (stretch.kind() == Stretch.Kind.PLAY
                        && spent > 0
                        && !stretch.rung().isEmpty()) {
                    rungs.add(stretch.rung());
                }
            }
            long plannedBefore = planned(running, block)
                    .filter(s -> s.kind() == Stretch.Kind.BEFORE)
                    .mapToLong(Stretch::millis)
                    .sum();
            long planned = planned(running, block)
                    .filter(s -> s.kind() != Stretch.Kind.BEFORE)
                    .mapToLong(Stretch::millis)
                    .sum();
            return new Stretches(before, plannedBefore, ran, planned, List.copyOf(rungs));
        }

        private static Stream<Stretch> planned(Running running, Block block) {
            return running.course().stretches().stream().filter(s -> s.block().equals(block.id()));
        }
    }

    private static Part.Result result(Run run, Block block, Optional<Scoring> scoring) {
        Map<List<String>, int[]> counted = new LinkedHashMap<>();
        run.done(block.id(), Deed.Counted.class).forEach(c -> {
            int[] made = counted.computeIfAbsent(List.of(c.counter(), c.who()), k -> new int[2]);
            boolean missed = c.by() < 0
                    && counter(c.counter(), scoring)
                            .filter(k -> k.way() != Counter.Way.EACH)
                            .isPresent();
            // One too many that was counted is taken off again; where there are misses, it is one.
            made[missed ? 1 : 0] = Math.max(0, made[missed ? 1 : 0] + (missed ? -c.by() : c.by()));
        });
        return new Part.Result(
                counted.entrySet().stream()
                        .map(e -> counted(e.getKey(), e.getValue(), scoring))
                        .toList(),
                run.done(block.id(), Deed.Called.class).size(),
                run.done(block.id(), Deed.Timed.class).stream()
                        .map(t -> new Part.Timed(words(t.counter(), scoring), t.who(), t.metres(), t.splits()))
                        .toList(),
                run.done(block.id(), Deed.Noted.class).stream()
                        .map(Deed.Noted::words)
                        .map(w -> w.substring(0, Math.min(LONGEST_NOTE, w.length())))
                        .toList());
    }

    private static Part.Counted counted(List<String> key, int[] made, Optional<Scoring> scoring) {
        int worth = counter(key.get(0), scoring).map(Counter::worth).orElse(1);
        return new Part.Counted(words(key.get(0), scoring), key.get(1), made[0], made[1], worth);
    }

    private static Optional<Counter> counter(String id, Optional<Scoring> scoring) {
        return scoring.flatMap(
                s -> s.counters().stream().filter(c -> c.id().equals(id)).findFirst());
    }

    private static String words(String id, Optional<Scoring> scoring) {
        return cut(counter(id, scoring).map(Counter::words).orElse(id));
    }

    /**
     * That of a practice that was run without the clock: all of it as it was planned.
     *
     * @param version number of its version in the book
     * @param plan along the clock
     * @param day on which it was, if the practice itself has none
     */
    public static Entry asPlanned(Practice practice, long version, Plan plan, Known known, LocalDate day) {
        Entry.There there = there(practice, known.squad());
        LocalDate on = practice.slot().day().orElse(day);
        Working working = working(there, known, on);
        return new Entry(
                "",
                cut(practice.title()),
                new Entry.When(on, practice.slot().start()),
                new Entry.Source(practice.id(), version, "", practice.setting().changes()),
                there,
                plan.entries().stream()
                        .flatMap(e -> parts(
                                e.block(),
                                e.block()
                                        .play()
                                        .flatMap(p -> p.rungs().stream())
                                        .toList(),
                                Part.Time.asPlanned(
                                        e.before().seconds(), e.block().time().now() * MINUTE),
                                working,
                                Part.Result.NONE)
                                .stream())
                        .toList(),
                "");
    }

    /**
     * One that was typed in, with what is worked out of its drills.
     *
     * @param there who was there, as far as that is known
     */
    public static Entry typed(String title, Entry.When when, Entry.There there, List<Part> parts, Known known) {
        Working working = working(there, known, when.day());
        return new Entry(
                "",
                title,
                when,
                Entry.Source.TYPED,
                there,
                parts.stream()
                        .map(p -> p.drill()
                                .flatMap(d -> working.alone(played(d), p.rungs()))
                                .map(p::working)
                                .orElse(p))
                        .toList(),
                "");
    }

    private static Block played(Content.Planned drill) {
        return Block.of("", new Content.Play(drill, List.of(), 1, Content.Telling.NONE), Block.Time.of(1));
    }

    /** Who of a squad is there as it is now; nobody is known where there is no squad. */
    public static Entry.There there(Optional<Squad> squad, int people) {
        return squad.map(Written::there).orElse(new Entry.There("", people, List.of(), List.of(), List.of()));
    }

    private static Entry.There there(Practice practice, Optional<Squad> squad) {
        Optional<Squad> mine =
                squad.filter(s -> s.id().equals(practice.company().squad()));
        return there(mine, practice.company().people());
    }

    private static Entry.There there(Squad s) {
        List<String> known = s.playing().stream().map(Member::id).toList();
        return new Entry.There(
                s.id(),
                known.size(),
                known,
                s.tonight().groups().map(Groups::people).orElse(List.of()),
                s.staff().stream()
                        .map(Helper::id)
                        .filter(h -> s.tonight().of(h).state() != Presence.State.AWAY)
                        .toList());
    }
}
