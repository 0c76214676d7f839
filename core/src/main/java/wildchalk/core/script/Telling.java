package wildchalk.core.script;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Reads;
import wildchalk.core.drill.Stage;
import wildchalk.core.measure.Unit;
import wildchalk.core.script.Script.Line;
import wildchalk.core.script.Script.Phrase;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.Beat;
import wildchalk.core.timeline.BeatNumbers;
import wildchalk.core.timeline.Timeline;

/**
 * Tells every way through a stage: what happens anyway beat by beat, and where somebody decides, each option with all
 * that follows from it, a step further in. What happens on several ways is told once.
 */
final class Telling {

    private final Stage stage;
    private final Timeline chosen;
    private final StationWords.Group group;
    private final Set<String> stops;
    private final Forks all;
    private final BeatNumbers numbers;
    private final Ground any;
    private final IdentityHashMap<Timeline, Ground> grounds = new IdentityHashMap<>();
    private final List<Line> lines = new ArrayList<>();

    /**
     * @param chosen the way that is looked at
     * @param group whom it is about
     * @param stops ids of the freezes that are said already
     */
    Telling(Stage stage, Surface surface, Unit unit, Timeline chosen, StationWords.Group group, Set<String> stops) {
        this.stage = stage;
        this.chosen = chosen;
        this.group = group;
        this.stops = stops;
        this.all = new Forks(stage);
        this.numbers = new BeatNumbers(stage, chosen);
        this.any = Ground.of(stage, chosen, surface, unit);
    }

    private Ground ground(Timeline way) {
        return grounds.computeIfAbsent(way, any::on);
    }

    List<Line> lines() {
        new Level(chosen, Fork.played(stage, chosen), 0, Set.of(), Optional.empty()).tell();
        tellRest();
        return lines;
    }

    /** What only happens when several decide otherwise in a way that no single decision shows is told last. */
    private void tellRest() {
        Set<String> said = new HashSet<>();
        lines.forEach(l -> l.phrases().forEach(p -> said.add(p.action())));
        Map<Timeline, Set<String>> rest = new LinkedHashMap<>();
        for (Action action : stage.actions()) {
            Timeline way = chosen.playing(action.id());
            if (!said.contains(action.id())
                    && group.people().contains(action.who())
                    && way.times(action.id()).isPresent()) {
                rest.computeIfAbsent(way, w -> new LinkedHashSet<>()).add(action.id());
            }
        }
        Set<String> reads = new HashSet<>();
        Reads.of(stage).forEach(r -> reads.add(r.id()));
        rest.forEach((way, ids) -> new Level(way, ids, 1, reads, Optional.empty()).tell());
    }

    /**
     * How the part of an option begins.
     *
     * @param said whose cue is told already, which is not said again
     * @param pause the pause before it that is said already, seconds
     */
    private record Head(Fork fork, int branch, Action said, double pause) {}

    /** What is told of one way at one depth. */
    private final class Level {

        private final Timeline way;
        private final Set<String> only;
        private final int depth;
        private final Optional<Head> head;
        private final List<Fork> forks;
        private final Set<String> told;
        /** In which decision's part something is told. */
        private final Map<String, Fork> owners = new HashMap<>();

        /** Ids of the reads that were told by themselves. */
        private final Set<String> left = new HashSet<>();

        private boolean begun;
        private boolean parted;

        Level(Timeline way, Set<String> only, int depth, Set<String> toldBefore, Optional<Head> head) {
            this.way = way;
            this.only = only;
            this.depth = depth;
            this.head = head;
            List<Fork> open =
                    all.of(way, toldBefore).stream().filter(this::belongsHere).toList();
            this.forks = open.stream()
                    .filter(f -> open.stream().noneMatch(f::liesIn))
                    .toList();
            this.told = new HashSet<>(toldBefore);
            forks.forEach(f -> told.add(f.read().id()));
            for (Fork fork : forks) {
                fork.way().only().stream()
                        .filter(only::contains)
                        .forEach(id -> owners.merge(id, fork, (a, b) -> a.at() > b.at() ? a : b));
            }
        }

        private boolean belongsHere(Fork fork) {
            boolean ours =
                    fork.branches().stream().flatMap(b -> b.only().stream()).anyMatch(this::isOurs);
            boolean within = head.isEmpty()
                    || fork.way().only().stream().anyMatch(only::contains)
                    || fork.read()
                            .under()
                            .filter(u -> u.equals(head.get()
                                    .fork()
                                    .branches()
                                    .get(head.get().branch())
                                    .option()
                                    .id()))
                            .isPresent();
            return ours && within;
        }

        private boolean isOurs(String action) {
            return stage.action(action)
                    .filter(a -> group.people().contains(a.who()))
                    .isPresent();
        }

        void tell() {
            List<Beat> beats = way.beats();
            for (int i = 0; i < beats.size(); i++) {
                Beat beat = beats.get(i);
                forks.stream().filter(f -> f.at() < beat.t() - 1e-6).forEach(this::tellLeft);
                double from = i == 0 ? Double.NEGATIVE_INFINITY : beat.t();
                double until = i + 1 < beats.size() ? beats.get(i + 1).t() : Double.POSITIVE_INFINITY;
                List<Action> here = group.of(beat).stream()
                        .flatMap(b -> b.actions().stream())
                        .filter(only::contains)
                        .flatMap(id -> stage.action(id).stream())
                        .toList();
                if (!here.isEmpty()) {
                    tell(beat, here, from, until);
                }
            }
            forks.forEach(this::tellLeft);
            if (!begun && head.isPresent() && !head.get().fork().isContest(stage)) {
                Sentence sentence = sentence();
                sentence.forks().headed(head.get().fork(), head.get().branch());
                sentence.clauses().say(head.get().fork().read(), "option.nothing");
                add(head.get().fork().at(), sentence.ended());
            }
        }

        /** A decision after which nothing happens on this way is told by itself when it has come up. */
        private void tellLeft(Fork fork) {
            boolean owns = owners.containsValue(fork)
                    && owners.entrySet().stream().anyMatch(e -> e.getValue() == fork && isOurs(e.getKey()));
            Optional<Fork.Branch> other = fork.branches().stream()
                    .filter(b -> b.begins(stage).isPresent())
                    .findFirst();
            if (owns
                    || fork.isContest(stage)
                    || other.isEmpty()
                    || !left.add(fork.read().id())) {
                return;
            }
            Action first = other.get().begins(stage).orElseThrow();
            double pause = shared(fork);
            Sentence sentence = new Sentence(ground(other.get().way()));
            if (head.isPresent() && !begun) {
                sentence.forks().headed(head.get().fork(), head.get().branch());
            }
            sentence.cueOfFork(first, pause, fork.isShort(stage));
            decide(sentence, fork, first, pause, false);
            add(fork.at(), sentence.ended());
            if (!fork.isShort(stage)) {
                part(fork, first, pause);
            }
        }

        /** What happens anyway may be set off by what only happens on one of the ways that begin here. */
        private Sentence sentence() {
            return new Sentence(
                    ground(way),
                    id -> forks.stream().flatMap(f -> f.branches().stream()).anyMatch(b -> b.only()
                                    .contains(id))
                            || ground(way).isHere(id));
        }

        /** What only comes on a way that is not taken. */
        private void add(double t, List<Phrase> phrases) {
            lines.add(new Line(0, 0, t, phrases, "", depth));
            begun = true;
        }

        private void add(Beat beat, Action first, List<Phrase> phrases) {
            if (way == chosen) {
                lines.add(new Line(beat.n(), numbers.of(first.id()), beat.t(), phrases, "", depth));
                begun = true;
            } else {
                add(beat.t(), phrases);
            }
        }

        /** One beat: what happens anyway, then whatever is decided there. */
        private void tell(Beat beat, List<Action> here, double from, double until) {
            List<Action> sure =
                    here.stream().filter(a -> !owners.containsKey(a.id())).toList();
            List<Fork> beginning = forks.stream().filter(f -> begins(f, here)).toList();
            List<Fork> decided =
                    beginning.stream().filter(f -> !f.isContest(stage)).toList();
            Action first = sure.isEmpty() ? here.get(0) : sure.get(0);
            // What begins here may only hang on the decision: its pause is not the decision's.
            boolean own = decided.size() == 1 && decided.get(0).isOptionOf(first.id());
            double pause = sure.isEmpty() && own ? shared(decided.get(0)) : 0;
            if (!sure.isEmpty() || !decided.isEmpty()) {
                // What is told option by option comes last; a second one of those has a line of its own.
                List<Fork> inLine = new ArrayList<>(
                        decided.stream().filter(f -> f.isShort(stage)).toList());
                List<Fork> parts =
                        decided.stream().filter(f -> !f.isShort(stage)).toList();
                inLine.addAll(parts.subList(0, Math.min(1, parts.size())));
                Sentence sentence = sentence();
                begin(sentence, first, sure, inLine, pause);
                inLine.forEach(f -> decide(sentence, f, first, pause, f != inLine.get(0) || !sure.isEmpty()));
                sentence.forks().contests(sure, only);
                List<Phrase> phrases = sentence.withStops(sentence.ended(), from, until, stops);
                add(beat, here.get(0), phrases);
                for (Fork fork : parts.subList(Math.min(1, parts.size()), parts.size())) {
                    Sentence more = sentence();
                    more.forks().decides(fork);
                    add(beat, here.get(0), more.ended());
                }
            }
            beginning.stream()
                    .filter(f -> f.isContest(stage) || !f.isShort(stage))
                    .forEach(f -> part(f, first, pause));
        }

        /** Whether a decision comes up in a beat: what follows from it begins there. */
        private boolean begins(Fork fork, List<Action> here) {
            if (fork.isContest(stage)) {
                return here.stream()
                        .anyMatch(a -> fork.read().options().stream()
                                        .anyMatch(o -> o.actions().contains(a.id()))
                                && Math.abs(way.times(a.id()).orElseThrow().start() - fork.at()) < 1e-6);
            }
            Optional<String> begun = fork.way().only().stream()
                    .filter(id -> owners.get(id) == fork && isOurs(id))
                    .min((a, b) -> Double.compare(
                            way.times(a).orElseThrow().cued(),
                            way.times(b).orElseThrow().cued()));
            return here.stream().anyMatch(a -> begun.filter(a.id()::equals).isPresent());
        }

        /** The pause before a decision that all its options share, seconds. */
        private double shared(Fork fork) {
            List<Double> pauses = fork.branches().stream()
                    .flatMap(b -> Fork.first(stage, b).stream().limit(1))
                    .map(a -> a.cue().delay())
                    .distinct()
                    .toList();
            return pauses.size() == 1 ? pauses.get(0) : 0;
        }

        private void begin(Sentence sentence, Action first, List<Action> sure, List<Fork> decided, double pause) {
            if (head.isPresent() && !begun) {
                Head h = head.get();
                sentence.forks().headed(h.fork(), h.branch());
                Set<String> won = h.fork().isContest(stage)
                        ? Set.copyOf(
                                h.fork().branches().get(h.branch()).option().actions())
                        : Set.of();
                sentence.after(sure, h.said(), h.pause(), won);
                boolean decidedAtOnce = sure.isEmpty() && !decided.isEmpty();
                sentence.forks().because(h.fork(), h.fork().branches().get(h.branch()), decidedAtOnce);
                if (decidedAtOnce) {
                    sentence.cueWithin(first, pause, h.said(), h.pause());
                }
                return;
            }
            if (parted) {
                sentence.forks().eitherWay(forks.get(0));
                parted = false;
            }
            if (decided.isEmpty()) {
                sentence.cue(sure.isEmpty() ? List.of(first) : sure);
            } else {
                boolean sayAll = !sure.isEmpty() || decided.get(0).isShort(stage);
                sentence.cueOfFork(first, pause, sayAll);
            }
            sentence.all(sure);
        }

        private void decide(Sentence sentence, Fork fork, Action first, double pause, boolean joined) {
            if (joined) {
                sentence.clauses().join("join.list");
            }
            if (fork.isShort(stage)) {
                sentence.forks().eitherOr(fork, first, pause);
            } else {
                sentence.forks().decides(fork);
            }
        }

        /** All options of a decision, each with what follows from it. */
        private void part(Fork fork, Action said, double pause) {
            int before = lines.size();
            for (int i = 0; i < fork.branches().size(); i++) {
                Fork.Branch branch = fork.branches().get(i);
                Set<String> mine = new LinkedHashSet<>(branch.only());
                if (i == fork.taken()) {
                    mine.removeIf(id -> owners.getOrDefault(id, fork) != fork);
                }
                new Level(branch.way(), mine, depth + 1, told, Optional.of(new Head(fork, i, said, pause))).tell();
            }
            parted = lines.size() > before;
        }
    }
}
