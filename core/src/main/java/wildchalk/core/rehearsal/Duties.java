package wildchalk.core.rehearsal;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Game;
import wildchalk.core.drill.Going;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.drill.Whom;
import wildchalk.core.drill.implied.Ends;
import wildchalk.core.geometry.Spreading;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.End;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.Event;
import wildchalk.core.timeline.Timeline;

/**
 * Writes out what whoever is something at a moment does then, moment by moment: who that is follows from what has been
 * played up to it, and what they do only changes what comes after. Whoever has something drawn for that moment does
 * that.
 */
final class Duties {

    /** Stands between the id of what is said and that of the person; no id that is given has it. */
    private static final String OF = "^";
    /** Whoever is this far goal-side of the ball is behind it, metres; assumed. */
    private static final double BEHIND = 2;
    /** Nobody slides nearer to the ball than this, metres; assumed. */
    private static final double OFF = 2;
    /** A way shorter than this nobody goes, metres. */
    private static final double NOT_WORTH_IT = 0.3;
    /** Farther back than this nobody goes backwards, metres; assumed. */
    private static final double BACKWARDS = 6;

    private final Surface surface;
    private final Function<Stage, Timeline> play;
    private final List<Game.Duty> left;
    private final Map<String, List<String>> spreading = new HashMap<>();
    private Stage stage;
    private Timeline timeline;

    private Duties(Stage stage, Surface surface, Function<Stage, Timeline> play) {
        this.stage = stage;
        this.surface = surface;
        this.play = play;
        this.left = new ArrayList<>(stage.instructions(Game.Duty.class));
        this.timeline = play.apply(stage);
    }

    /** Whether an action is none that is drawn, but written out here; by its id. */
    static boolean isWritten(String action) {
        return action.contains(OF);
    }

    /** Id of what is said that somebody does because of what they were at a moment, while they do it. */
    static Optional<String> of(Timeline timeline, String who, double t) {
        return timeline.events().stream()
                .filter(e -> e.kind() == Event.Kind.START && who.equals(e.who()) && e.t() <= t)
                .reduce((a, b) -> b)
                .map(Event::action)
                .filter(Duties::isWritten)
                .map(a -> a.substring(0, a.indexOf(OF)));
    }

    /** The stage played with all that follows from what is said of whoever is something at a moment. */
    static Timeline played(Stage stage, Surface surface, Function<Stage, Timeline> play) {
        Duties duties = new Duties(stage, surface, play);
        Optional<Cue> next = duties.next();
        while (next.isPresent()) {
            duties.write(next.get());
            next = duties.next();
        }
        return duties.timeline;
    }

    /** The moment that comes first of those of which it is not written yet what happens. */
    private Optional<Cue> next() {
        return left.stream()
                .map(Game.Duty::at)
                .distinct()
                .filter(c -> timeline.moment(c).isPresent())
                .min((a, b) -> Double.compare(
                        timeline.moment(a).getAsDouble(), timeline.moment(b).getAsDouble()));
    }

    private void write(Cue cue) {
        double t = timeline.moment(cue).orElseThrow();
        Whoever whoever = new Whoever(stage, timeline, isThere(cue), balls(cue, t));
        Set<String> busy = drawn(cue);
        Set<String> spokenOf = new HashSet<>(busy);
        List<Action> written = new ArrayList<>();
        for (Game.Duty duty : left.stream().filter(d -> d.at().equals(cue)).toList()) {
            List<String> who = meant(duty, whoever, t, Set.copyOf(spokenOf));
            spreading.put(duty.id(), who);
            for (String each : who) {
                if (!busy.contains(each) && spokenOf.add(each)) {
                    action(duty, each, whoever, t).ifPresent(written::add);
                }
            }
        }
        left.removeIf(d -> d.at().equals(cue));
        if (!written.isEmpty()) {
            List<Action> all = new ArrayList<>(stage.actions());
            all.addAll(written);
            stage = stage.withActions(all);
            timeline = play.apply(stage);
        }
    }

    /** Nobody presses their own: where no team is named, the nearest who press are those of the others. */
    private List<String> meant(Game.Duty duty, Whoever whoever, double t, Set<String> spokenOf) {
        Optional<Bib> own = whoever.onTheBall(t).map(Piece.Person::bib);
        boolean any = duty.task() == Game.Task.PRESS
                && duty.whom() instanceof Whom.Being b
                && b.role() == Whom.Role.NEAREST
                && b.team().isEmpty();
        if (!any || own.isEmpty()) {
            return whoever.at(duty.whom(), t, spokenOf);
        }
        Whom.Being nearest = (Whom.Being) duty.whom();
        Whom all = new Whom.Being(nearest.role(), nearest.team(), stage.people().size(), nearest.of());
        return whoever.at(all, t, spokenOf).stream()
                .filter(w -> stage.person(w).filter(p -> p.bib() != own.get()).isPresent())
                .limit(nearest.number())
                .toList();
    }

    /** Of several balls in play those that the moment is about; all where it is about none. */
    private List<String> balls(Cue cue, double t) {
        List<String> actions =
                cue.trigger().parts().stream().flatMap(p -> p.of().stream()).toList();
        Set<String> doers = new HashSet<>();
        actions.forEach(a -> stage.action(a).map(Action::who).ifPresent(doers::add));
        List<String> about = timeline.balls().stream()
                .filter(b -> timeline.holder(b, t).filter(doers::contains).isPresent()
                        || timeline.events().stream().anyMatch(e -> b.equals(e.ball()) && actions.contains(e.action())))
                .toList();
        return about.isEmpty() ? timeline.balls() : about;
    }

    /** With stations, those of the station in which the moment comes. */
    private Predicate<Piece.Person> isThere(Cue cue) {
        Optional<Piece.Person> whose = cue.trigger().parts().stream()
                .flatMap(p -> p.of().stream())
                .flatMap(a -> stage.action(a).stream())
                .flatMap(a -> stage.person(a.who()).stream())
                .findFirst();
        return whose.isEmpty() || stage.stations().isEmpty()
                ? p -> true
                : p -> stage.stationOf(p).equals(stage.stationOf(whose.get()));
    }

    /** Ids of those for whom something is drawn that begins at the same moment. */
    private Set<String> drawn(Cue cue) {
        Set<String> busy = new HashSet<>();
        stage.actions().stream()
                .filter(a -> a.cue().equals(cue) && timeline.times(a.id()).isPresent())
                .forEach(a -> busy.add(a.who()));
        return busy;
    }

    private Optional<Action> action(Game.Duty duty, String who, Whoever whoever, double t) {
        Optional<Piece.Person> ball = whoever.onTheBall(t).filter(p -> !p.id().equals(who));
        Vec at = timeline.at(who, t);
        return switch (duty.task()) {
            case PRESS -> ball.map(p -> new Shadow(
                    duty.id() + OF + who,
                    who,
                    p.id(),
                    new Shadow.Style(
                            Shadow.Way.CLOSE_DOWN,
                            back(who, t).isPresent() ? Shadow.Side.GOAL : Shadow.Side.ANY,
                            Shadow.USUAL_DISTANCE),
                    Action.Gait.SPRINT,
                    Optional.empty(),
                    duty.at()));
            case DROP -> {
                Action.Gait gait = duty.metres() <= BACKWARDS ? Action.Gait.BACK : Action.Gait.RUN;
                Vec off = back(who, t).map(b -> new Vec(b, 0)).orElseGet(() -> away(at, whoever, t));
                yield to(duty, who, at, at.plus(off.times(duty.metres())), gait, ball);
            }
            case SHIFT -> {
                Vec ballward = whoever.ballPlace(t).map(b -> b.minus(at)).orElse(Vec.ZERO);
                // Across, where there is a way up the surface; else straight to it, but not onto it.
                Vec way = back(who, t).isPresent()
                        ? new Vec(0, ballward.y())
                        : ballward.unit().times(Math.max(0, ballward.length() - OFF));
                double far = Math.min(way.length(), duty.metres());
                yield to(duty, who, at, at.plus(way.unit().times(far)), Action.Gait.SIDE, ball);
            }
            case HOLD -> Optional.empty();
            case SPREAD -> spread(duty, who, t).flatMap(place -> to(duty, who, at, place, Action.Gait.RUN, ball));
            case BEHIND_BALL -> back(who, t).flatMap(back -> {
                double wanted = whoever.ballPlace(t).map(Vec::x).orElse(at.x()) + back * BEHIND;
                boolean behind = (at.x() - wanted) * back >= 0;
                return behind
                        ? Optional.<Action>empty()
                        : to(duty, who, at, new Vec(wanted, at.y()), Action.Gait.SPRINT, ball);
            });
        };
    }

    /** Somebody's share of the area that they spread over, with all who do so at that moment. */
    private Optional<Vec> spread(Game.Duty duty, String who, double t) {
        Optional<Surface.Zone> zone = duty.zone().flatMap(surface::zone);
        if (zone.isEmpty()) {
            return Optional.empty();
        }
        List<String> all = spreading.computeIfAbsent(duty.id(), k -> List.of(who));
        List<Vec> places = Spreading.over(
                zone.get().outline(), all.stream().map(w -> timeline.at(w, t)).toList());
        return Optional.of(places.get(all.indexOf(who)));
    }

    /** A way with an eye on whoever has the ball, on the surface; none where it would be no way. */
    private Optional<Action> to(
            Game.Duty duty, String who, Vec at, Vec place, Action.Gait gait, Optional<Piece.Person> ball) {
        double halfLength = surface.length() / 2;
        double halfWidth = surface.width() / 2;
        Vec there = new Vec(
                Math.max(-halfLength, Math.min(halfLength, place.x())),
                Math.max(-halfWidth, Math.min(halfWidth, place.y())));
        if (there.distance(at) < NOT_WORTH_IT) {
            return Optional.empty();
        }
        Going going = Going.of(gait);
        Going watching = ball.map(p -> going.watching(Spot.at(p.id()))).orElse(going);
        return Optional.of(new Travel.Run(
                duty.id() + OF + who,
                who,
                new TravelPath(List.of(Spot.at(there)), false),
                watching,
                Action.Ending.GO_ON,
                duty.at()));
    }

    /** Which way along the surface their own goal is, 1 or -1; empty where nothing tells. */
    private Optional<Double> back(String who, double t) {
        Ends ends = new Ends(stage, surface);
        return ends.team(who).flatMap(b -> ends.at(b, timeline::moment, t)).map(k -> k.end() == End.GOAL ? -1.0 : 1.0);
    }

    private static Vec away(Vec at, Whoever whoever, double t) {
        return whoever.ballPlace(t).map(b -> at.minus(b).unit()).orElse(Vec.ZERO);
    }
}
