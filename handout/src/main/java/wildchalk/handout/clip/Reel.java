package wildchalk.handout.clip;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Instruction.Freeze;
import wildchalk.core.drill.Instruction.Read;
import wildchalk.core.drill.Reads;
import wildchalk.core.effort.Dose;
import wildchalk.core.script.ReadWords;
import wildchalk.core.show.Stop;
import wildchalk.handout.order.Order;
import wildchalk.handout.order.Played;
import wildchalk.handout.order.RepsPlayed;

/** What a clip shows, in order. */
record Reel(List<Shot> shots) {

    /** A clip of every way shows no more of them than this on a rung: nobody would look at more. */
    static final int MOST_WAYS = 24;

    /** Seconds; assumed. */
    private static final double TITLE = 2.5;

    private static final double BEFORE = 0.8;
    private static final double AFTER = 1.2;
    private static final double LEAST_READING = 3;
    private static final double LONGEST_READING = 15;
    private static final double WORDS_A_SECOND = 2.5;

    Reel {
        shots = List.copyOf(shots);
    }

    static Reel of(Order order) {
        List<Shot> shots = new ArrayList<>();
        List<Played> rungs = Played.of(order);
        for (Played rung : rungs) {
            List<Choices> ways = order.film().everyWay() ? Reads.ways(rung.stage()) : List.of(rung.choices());
            int shown = Math.min(MOST_WAYS, ways.size());
            if (rungs.size() > 1) {
                shots.add(new Shot.Title(
                        rung.name(), rung.rung().plan().dose().map(Dose::words).orElse(""), TITLE));
            }
            Optional<RepsPlayed> reps = order.film().reps() > 1
                    ? RepsPlayed.of(rung, order.film().reps(), FramePainter.unit(order, rung))
                    : Optional.empty();
            if (reps.isPresent()) {
                shots.add(new Shot.Many(
                        rung, reps.get(), reps.get().seconds() / order.film().speed()));
                continue;
            }
            for (int i = 0; i < shown; i++) {
                Played way = order.film().everyWay() ? rung.going(ways.get(i)) : rung;
                if (ways.size() > 1) {
                    shots.add(new Shot.Title("Way " + (i + 1) + " of " + ways.size(), chosen(way), TITLE));
                }
                play(way, order.film().speed(), shots);
            }
        }
        return new Reel(shots);
    }

    /** "7: pass to 9. 9: shoot" */
    private static String chosen(Played way) {
        Choices taken = way.timeline().settled(way.choices());
        List<String> words = new ArrayList<>();
        for (Read read : Reads.of(way.stage())) {
            Reads.taken(way.stage(), taken, read)
                    .flatMap(o -> ReadWords.option(way.stage(), read, o))
                    .ifPresent(
                            o -> words.add(ReadWords.decider(way.stage(), read).orElse("ball") + ": " + o));
        }
        return String.join(". ", words);
    }

    private static void play(Played played, double speed, List<Shot> shots) {
        shots.add(new Shot.Play(played, 0, 0, BEFORE));
        double t = 0;
        for (Stop stop :
                Stop.of(played.stage(), played.timeline(), played.timeline().settled(played.choices()))) {
            if (stop.kind() != Stop.Kind.QUESTION && stop.kind() != Stop.Kind.ANSWER) {
                continue;
            }
            if (stop.t() > t) {
                shots.add(new Shot.Play(played, t, stop.t(), (stop.t() - t) / speed));
                t = stop.t();
            }
            Freeze freeze = played.stage().instructions(Freeze.class).stream()
                    .filter(f -> f.id().equals(stop.about()))
                    .findFirst()
                    .orElseThrow();
            boolean answer = stop.kind() == Stop.Kind.ANSWER;
            shots.add(new Shot.Frozen(
                    played, stop.t(), freeze, answer, reading(answer ? freeze.answer() : freeze.question())));
        }
        double end = played.timeline().duration();
        if (end > t) {
            shots.add(new Shot.Play(played, t, end, (end - t) / speed));
        }
        shots.add(new Shot.Play(played, end, end, AFTER));
    }

    private static double reading(String words) {
        return Math.max(LEAST_READING, Math.min(LONGEST_READING, words.split("\\s+").length / WORDS_A_SECOND));
    }

    double seconds() {
        return shots.stream().mapToDouble(Shot::seconds).sum();
    }

    /** A shot and how far into it, seconds. */
    record Moment(Shot shot, double into) {}

    Moment at(double t) {
        double left = t;
        for (Shot shot : shots) {
            if (left < shot.seconds()) {
                return new Moment(shot, left);
            }
            left -= shot.seconds();
        }
        Shot last = shots.get(shots.size() - 1);
        return new Moment(last, last.seconds());
    }

    /** In a line, for whoever wants to know what is on it. */
    @Override
    public String toString() {
        return shots.stream()
                .map(s -> s.getClass().getSimpleName() + " " + s.seconds())
                .collect(Collectors.joining(", "));
    }
}
