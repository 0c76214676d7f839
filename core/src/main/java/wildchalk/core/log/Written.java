package wildchalk.core.log;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
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

    private Written() {}

    /**
     * That of a run, as far as it went.
     *
     * @param clock milliseconds since it was begun, to which it is looked at
     * @param squad whose it was; empty where that is not known
     * @param zone in which it was
     * @param counted by what it was counted in a block; empty where that is not known
     */
    public static Entry of(
            Running running,
            long clock,
            Optional<Squad> squad,
            ZoneId zone,
            Function<Block, Optional<Scoring>> counted) {
        Run run = running.at(clock);
        LocalDateTime begun =
                LocalDateTime.ofInstant(Instant.ofEpochMilli(running.chance().begun()), zone);
        List<Part> parts = new ArrayList<>();
        for (Block block : running.practice().blocks()) {
            part(running, run, block, counted.apply(block)).ifPresent(parts::add);
        }
        return new Entry(
                "",
                running.title(),
                new Entry.When(
                        begun.toLocalDate(), begun.toLocalTime().withSecond(0).withNano(0)),
                new Entry.Source(running.of() > 0 ? running.practice().id() : "", running.of(), running.id()),
                there(running.practice(), squad),
                parts,
                "");
    }

    /** A block that was begun; empty for one that never was. */
    private static Optional<Part> part(Running running, Run run, Block block, Optional<Scoring> scoring) {
        Stretches all = Stretches.of(running, run, block);
        if (all.ran() == 0) {
            return Optional.empty();
        }
        return Optional.of(new Part(
                BlockWords.of(block),
                block.play().findFirst().map(Content.Play::drill),
                all.rungs(),
                new Part.Time(
                        seconds(all.before()),
                        seconds(all.plannedBefore()),
                        seconds(all.ran()),
                        seconds(all.planned())),
                Part.Went.UNSAID,
                "",
                result(run, block, scoring)));
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
        return counter(id, scoring).map(Counter::words).orElse(id);
    }

    /**
     * That of a practice that was run without the clock: all of it as it was planned.
     *
     * @param version number of its version in the book
     * @param plan along the clock
     * @param day on which it was, if the practice itself has none
     */
    public static Entry asPlanned(Practice practice, long version, Plan plan, Optional<Squad> squad, LocalDate day) {
        return new Entry(
                "",
                practice.title(),
                new Entry.When(
                        practice.slot().day().orElse(day), practice.slot().start()),
                new Entry.Source(practice.id(), version, ""),
                there(practice, squad),
                plan.entries().stream().map(Written::planned).toList(),
                "");
    }

    private static Part planned(Plan.Entry entry) {
        Block block = entry.block();
        return new Part(
                BlockWords.of(block),
                block.play().findFirst().map(Content.Play::drill),
                block.play().flatMap(p -> p.rungs().stream()).toList(),
                Part.Time.asPlanned(entry.before().seconds(), block.time().now() * MINUTE),
                Part.Went.UNSAID,
                "",
                Part.Result.NONE);
    }

    private static Entry.There there(Practice practice, Optional<Squad> squad) {
        Optional<Squad> mine =
                squad.filter(s -> s.id().equals(practice.company().squad()));
        if (mine.isEmpty()) {
            return new Entry.There("", practice.company().people(), List.of(), List.of(), List.of());
        }
        Squad s = mine.orElseThrow();
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
