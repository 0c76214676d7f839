package wildchalk.desktop.pitchside;

import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import wildchalk.core.carousel.Turns;
import wildchalk.core.pitchside.Briefing;
import wildchalk.core.pitchside.Calls;
import wildchalk.core.pitchside.Deed;
import wildchalk.core.pitchside.Rundown;
import wildchalk.core.pitchside.Stretch;
import wildchalk.core.pitchside.tally.Tally;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.BlockWords;
import wildchalk.core.practice.GoingRound;
import wildchalk.core.score.Counter;

/** What stands on the screen of a run, in words. */
final class RunWords {

    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm");
    private static final double SECOND = 1000;
    /** Of more than these only the first are named. */
    private static final int NAMED = 8;

    private RunWords() {}

    static String say(String key, Object... values) {
        return RunState.BOOK.say(key, values);
    }

    static String time(LocalTime time) {
        return time.format(TIME);
    }

    /** "12.4 s", "1:02.4". */
    static String seconds(long millis) {
        long tenths = Math.round(millis / 100.0);
        return tenths < 600
                ? say("seconds", String.format(Locale.ROOT, "%.1f", tenths / 10.0))
                : String.format(Locale.ROOT, "%d:%04.1f", tenths / 600, tenths % 600 / 10.0);
    }

    /** "Turnstile". */
    static String title(RunState state) {
        return state.rundown().on().map(BlockWords::of).orElse(say("over"));
    }

    /** "block 2 of 5 · rung 3 · round 1 of 4 · left". */
    static String where(RunState state) {
        Rundown rundown = state.rundown();
        List<String> parts = new ArrayList<>();
        rundown.on().ifPresent(b -> {
            if (state.practice().blocks().size() > 1) {
                parts.add(say(
                        "block",
                        state.practice().place(b.id()) + 1,
                        state.practice().blocks().size()));
            }
            state.briefing().group(b).ifPresent(g -> parts.add(g.name()));
            state.briefing().lead(b).ifPresent(l -> parts.add(say("lead", l)));
        });
        rung(state, state.rung()).ifPresent(parts::add);
        if (rundown.turns() > 1 && rundown.turn() > 0) {
            parts.add(say("round", rundown.turn(), rundown.turns()));
        }
        rundown.stretch().map(Stretch::words).filter(w -> !w.isEmpty()).ifPresent(parts::add);
        return String.join(say("between"), parts);
    }

    private static Optional<String> rung(RunState state, String rung) {
        return state.rundown()
                .on()
                .flatMap(b -> state.briefing().drill(b))
                .filter(d -> d.ladder().size() > 1 && !rung.isEmpty())
                .flatMap(d -> d.ladder().stream()
                        .filter(r -> r.id().equals(rung))
                        .findFirst()
                        .map(r -> say("rung", d.ladder().indexOf(r) + 1, r.title())));
    }

    /** What the clock stands for: "set out and explain", "rest", "stopped"; empty while it is played. */
    static String state(RunState state) {
        List<String> parts = new ArrayList<>();
        state.run().stretch().filter(s -> s.kind() != Stretch.Kind.PLAY).ifPresent(s -> {
            if (s.words().isEmpty() || s.kind() == Stretch.Kind.BEFORE) {
                parts.add(say(s.kind() == Stretch.Kind.REST ? "rest" : "before"));
            } else {
                parts.add(s.words());
            }
        });
        if (!state.run().isOver() && !state.run().going()) {
            parts.add(say(state.run().ran() == 0 ? "ready" : "stopped"));
        }
        return String.join(say("between"), parts);
    }

    /** "it is 19:22 · done at 19:31". */
    static String times(RunState state) {
        return state.run().isOver()
                ? say("it.is", time(state.now()))
                : say("it.is.done", time(state.now()), time(state.rundown().done()));
    }

    /** "2 min late", "on time". */
    static String late(RunState state) {
        int late = state.rundown().late();
        if (late == 0) {
            return say("on.time");
        }
        return say(late > 0 ? "late" : "early", Math.abs(late));
    }

    /** "Next, 19:24: the other side". */
    static String next(RunState state) {
        List<Stretch> all = state.run().course().stretches();
        if (state.run().isOver()) {
            return "";
        }
        int at = state.run().at();
        Stretch on = all.get(at);
        LocalTime then = state.now().plusSeconds(Math.max(0, state.run().left()) / (long) SECOND);
        if (at + 1 < all.size() && all.get(at + 1).block().equals(on.block())) {
            Stretch next = all.get(at + 1);
            String words = next(state, on, next);
            return on.kind() == Stretch.Kind.BEFORE ? say("next.begin") : say("next", time(then), words);
        }
        List<Rundown.Coming> coming = state.rundown().coming();
        return coming.isEmpty()
                ? say("next.end", time(then))
                : say("next", time(then), coming.get(0).words());
    }

    /** Its words, the rung that is climbed to, or what it is. */
    private static String next(RunState state, Stretch on, Stretch next) {
        List<String> parts = new ArrayList<>();
        if (!next.rung().equals(on.rung())) {
            rung(state, next.rung()).ifPresent(parts::add);
        }
        if (!next.words().isEmpty()) {
            parts.add(next.words());
        }
        return parts.isEmpty()
                ? say(next.kind() == Stretch.Kind.REST ? "next.rest" : "next.turn")
                : String.join(say("between"), parts);
    }

    /** Who is where: what stands side by side, or who is in which group. */
    static List<String> places(RunState state) {
        Optional<Block> on = state.rundown().on();
        List<String> places = new ArrayList<>();
        Optional<GoingRound> round = on.flatMap(b -> state.briefing().round(b));
        on.filter(b -> b.parts().size() > 1).ifPresent(b -> b.parts().forEach(p -> {
            List<String> who = new ArrayList<>();
            round.ifPresentOrElse(
                    r -> {
                        who.addAll(groups(state, r.there(turn(state), p)));
                        int keepers = r.keepers(turn(state), p).size();
                        if (keepers > 0) {
                            who.add(say("keepers", keepers));
                        }
                    },
                    () -> state.briefing().group(p).ifPresent(g -> who.add(group(g))));
            state.briefing().lead(p).ifPresent(l -> who.add(say("lead", l)));
            places.add(say("place", BlockWords.of(p), String.join(", ", who)));
        }));
        round.map(r -> groups(state, r.turns().there(turn(state), Turns.REST)))
                .filter(r -> !r.isEmpty())
                .ifPresent(r -> places.add(say("place", say("rest"), String.join(", ", r))));
        if (places.isEmpty() && on.filter(b -> !b.isWater()).isPresent()) {
            state.briefing().groups().stream()
                    .filter(g -> !g.people().isEmpty())
                    .forEach(g -> places.add(group(g)));
        }
        return places;
    }

    /** The turn of those who go round, from 0: as many changes as there were. */
    private static int turn(RunState state) {
        Stretch on = state.run().stretch().orElseThrow();
        return (int) state.run().course().stretches().stream()
                .limit(state.run().at() + 1L)
                .filter(s -> s.block().equals(on.block()) && s.kind() == Stretch.Kind.REST)
                .count();
    }

    private static List<String> groups(RunState state, List<Integer> numbers) {
        List<Briefing.Group> groups = state.briefing().groups();
        return numbers.stream()
                .map(n -> n < groups.size() ? group(groups.get(n)) : say("number", n + 1))
                .toList();
    }

    private static String group(Briefing.Group group) {
        if (group.people().isEmpty()) {
            return group.name();
        }
        String more = group.people().size() > NAMED ? " \u2026" : "";
        return say(
                "group", group.name(), group.people().stream().limit(NAMED).collect(Collectors.joining(", ")) + more);
    }

    /** "inside 4, outside 5": how often each was called. */
    static String fair(Calls calls) {
        return calls.often().entrySet().stream().map(RunWords::often).collect(Collectors.joining(", "));
    }

    private static String often(Map.Entry<String, Integer> one) {
        return one.getKey() + " " + one.getValue();
    }

    /** What one has of a counter: "4", "3 in a row, best 7", "7 of 10", "12.4 s". */
    static String count(Counter counter, Tally.Count count) {
        return switch (counter.way()) {
            case EACH -> Integer.toString(count.made());
            case STREAK, STREAK_ON -> say("streak", count.now(), count.best());
            case TRIES -> say("tries", count.made(), count.tries());
            case TIMED -> count.fastest().isPresent() ? seconds(count.fastest().getAsLong()) : say("no.time");
        };
    }

    /** What would be taken back. */
    static String last(RunState state, Deed deed) {
        return deed.match(new DeedWords(state.briefing()));
    }
}
