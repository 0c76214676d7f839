package wildchalk.core.phase;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.phase.Phase.Why;
import wildchalk.core.script.Script;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.Beat;
import wildchalk.core.timeline.BeatNumbers;
import wildchalk.core.timeline.Timeline;

/**
 * Cuts what happens on a rung into pictures of three to six beats, at a read, a turn of possession, a new ball or where
 * the far half begins. What could happen instead is on the picture where it is decided; an option of which much is told
 * has pictures of its own.
 */
public final class Phases {

    /** An option of which so many things are told has pictures of its own. */
    static final int LONG_OPTION = 5;
    /** How good a beginning something is. */
    private static final Map<Why, Double> GAIN =
            Map.of(Why.READ, 2.5, Why.TURN, 2.0, Why.NEW_BALL, 1.8, Why.FAR_HALF, 1.2, Why.ENOUGH, 0.0);

    private final Stage stage;
    private final Surface surface;
    private final Script script;
    private final Timeline taken;

    private Phases(Stage stage, Surface surface, Timeline taken, Script script) {
        this.stage = stage;
        this.surface = surface;
        this.taken = taken;
        this.script = script;
    }

    /**
     * The pictures of a rung, in the order in which they are told; never none.
     *
     * @param taken the way that is looked at
     * @param script of that way
     */
    public static List<Phase> of(Stage stage, Surface surface, Timeline taken, Script script) {
        return new Phases(stage, surface, taken, script).all();
    }

    private List<Phase> all() {
        List<Branch> branches = Branch.of(stage, script);
        boolean apart = stage.stations().size() > 1 && taken.beats().size() > Cuts.MOST;
        List<Phase> phases = new ArrayList<>();
        if (apart) {
            phases.add(new Phase(taken, 0, "", "", Set.of(), Why.START, Optional.empty(), Optional.empty()));
            for (Piece.Station station : stage.stations()) {
                phases.addAll(main(branches, Optional.of(station)));
            }
        } else {
            phases.addAll(main(branches, Optional.empty()));
        }
        branches.stream().filter(a -> a.actions().size() >= LONG_OPTION).forEach(a -> phases.addAll(own(a)));
        phases.set(0, withWhatIsShownNowhere(phases));
        return phases;
    }

    /**
     * What no line tells, what cannot happen, and what is done at no station is shown with the set-out, so that nothing
     * that was drawn is lost.
     */
    private Phase withWhatIsShownNowhere(List<Phase> phases) {
        Set<String> shown = new HashSet<>();
        phases.forEach(p -> shown.addAll(p.actions()));
        Set<String> all = new LinkedHashSet<>(phases.get(0).actions());
        stage.actions().stream()
                .map(Action::id)
                .filter(id -> !shown.contains(id))
                .forEach(all::add);
        return phases.get(0).with(all);
    }

    /** What is taken, of a station or of everybody. */
    private List<Phase> main(List<Branch> branches, Optional<Piece.Station> station) {
        List<Beat> beats = taken.beats().stream()
                .map(b -> new Beat(
                        b.n(),
                        b.t(),
                        b.actions().stream().filter(a -> isOf(a, station)).toList()))
                .filter(b -> !b.actions().isEmpty())
                .toList();
        BeatNumbers numbers = new BeatNumbers(stage, taken);
        List<Phase> phases = new ArrayList<>();
        List<Integer> cuts = Cuts.of(
                beats.size(),
                i -> GAIN.get(why(beats, i, branches)),
                i -> beats.get(i).actions().size()
                        + instead(branches, beats.get(i), station).size());
        for (int i = 0; i < cuts.size() && !beats.isEmpty(); i++) {
            List<Beat> here = beats.subList(cuts.get(i), i + 1 < cuts.size() ? cuts.get(i + 1) : beats.size());
            Set<String> actions = new LinkedHashSet<>();
            here.forEach(b -> actions.addAll(b.actions()));
            here.forEach(b -> actions.addAll(instead(branches, b, station)));
            boolean first = cuts.get(i) == 0;
            Beat end = here.get(here.size() - 1);
            phases.add(new Phase(
                    taken,
                    first ? 0 : here.get(0).t(),
                    Integer.toString(numbers.of(here.get(0).actions().get(0))),
                    Integer.toString(numbers.of(end.actions().get(0))),
                    actions,
                    first ? Why.START : why(beats, cuts.get(i), branches),
                    Optional.empty(),
                    station.map(Piece::id)));
        }
        if (beats.isEmpty() && station.isEmpty()) {
            phases.add(new Phase(taken, 0, "", "", Set.of(), Why.START, Optional.empty(), Optional.empty()));
        }
        return phases;
    }

    private boolean isOf(String action, Optional<Piece.Station> station) {
        // What is repeated within a rep is drawn, and told, once.
        return stage.action(action)
                .filter(a -> station.isEmpty()
                        || stage.person(a.who())
                                .flatMap(stage::stationOf)
                                .filter(station.get()::equals)
                                .isPresent())
                .isPresent();
    }

    /** What could happen instead of what is decided in a beat: of a long option only how it begins. */
    private Set<String> instead(List<Branch> branches, Beat beat, Optional<Piece.Station> station) {
        Set<String> actions = new LinkedHashSet<>();
        branches.stream()
                .filter(a -> a.beat() == beat.n())
                .forEach(a -> actions.addAll(a.actions().size() >= LONG_OPTION ? a.begins() : a.actions()));
        actions.removeIf(a -> !isOf(a, station));
        return actions;
    }

    private Why why(List<Beat> beats, int i, List<Branch> branches) {
        Beat beat = beats.get(i);
        if (branches.stream().anyMatch(a -> a.beat() == beat.n())) {
            return Why.READ;
        }
        if (i == 0) {
            return Why.ENOUGH;
        }
        Beat before = beats.get(i - 1);
        if (team(beat.t()).isPresent() && !team(beat.t()).equals(team(before.t()))) {
            return team(before.t()).isEmpty() ? Why.ENOUGH : Why.TURN;
        }
        if (inPlay(beats, i).size() > inPlay(beats, i - 1).size()) {
            return Why.NEW_BALL;
        }
        return isOver(beat) && beats.subList(0, i).stream().noneMatch(this::isOver) ? Why.FAR_HALF : Why.ENOUGH;
    }

    /** Which team has a ball at a time; of several balls that of the first that is held. */
    private Optional<Object> team(double t) {
        return taken.balls().stream()
                .flatMap(b -> taken.holder(b, t).stream())
                .flatMap(w -> stage.person(w).stream())
                .filter(Piece.Person::isOnATeam)
                .findFirst()
                .map(Piece.Person::bib);
    }

    /** The balls that have been used up to a beat and with it. */
    private Set<String> inPlay(List<Beat> beats, int upTo) {
        double end = upTo + 1 < beats.size() ? beats.get(upTo + 1).t() : taken.duration();
        return taken.events().stream()
                .filter(e -> e.ball() != null && e.t() < end)
                .map(e -> e.ball())
                .collect(Collectors.toSet());
    }

    /** Whether it goes on beyond half-way from where the first ball, else the first to act, began. */
    private boolean isOver(Beat beat) {
        Vec start = place(0);
        Vec here = place(beat.t());
        return Math.abs(start.x()) > surface.length() / 20 && start.x() * here.x() < 0;
    }

    private Vec place(double t) {
        return taken.balls().stream()
                .findFirst()
                .map(b -> taken.ball(b, t))
                .orElseGet(() -> taken.beats().isEmpty()
                        ? Vec.ZERO
                        : stage.action(taken.beats().get(0).actions().get(0))
                                .map(a -> taken.at(a.who(), t))
                                .orElse(Vec.ZERO));
    }

    /** An option by itself, on the way on which it is taken. */
    private List<Phase> own(Branch branch) {
        Timeline way = taken.playing(branch.actions().iterator().next());
        List<Beat> beats = way.beats().stream()
                .map(b -> new Beat(
                        b.n(),
                        b.t(),
                        b.actions().stream().filter(branch.actions()::contains).toList()))
                .filter(b -> !b.actions().isEmpty())
                .toList();
        List<Integer> cuts =
                Cuts.of(beats.size(), i -> 0, i -> beats.get(i).actions().size());
        List<Phase> phases = new ArrayList<>();
        for (int i = 0; i < cuts.size() && !beats.isEmpty(); i++) {
            int next = i + 1 < cuts.size() ? cuts.get(i + 1) : beats.size();
            double until = next < beats.size() ? beats.get(next).t() : Double.MAX_VALUE;
            double from =
                    i == 0 ? Double.NEGATIVE_INFINITY : beats.get(cuts.get(i)).t();
            Set<String> actions = new LinkedHashSet<>();
            beats.subList(cuts.get(i), next).forEach(b -> actions.addAll(b.actions()));
            branch.actions().stream()
                    .filter(a -> way.times(a).isEmpty())
                    .filter(a -> when(way, a) >= from && when(way, a) < until)
                    .forEach(actions::add);
            List<String> in = branch.lines().stream()
                    .filter(l -> l.does().stream().anyMatch(actions::contains))
                    .map(Script.Line::mark)
                    .toList();
            phases.add(new Phase(
                    way,
                    beats.get(cuts.get(i)).t(),
                    in.isEmpty() ? "" : in.get(0),
                    in.isEmpty() ? "" : in.get(in.size() - 1),
                    actions,
                    Why.READ,
                    branch.option(),
                    Optional.empty()));
        }
        return phases;
    }

    private static double when(Timeline way, String action) {
        return way.playing(action).times(action).map(t -> t.cued()).orElse(0.0);
    }
}
