package wildchalk.core.rehearsal;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Stream;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Action.Delivery;
import wildchalk.core.drill.ActionCases;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Contest;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Cue.Trigger;
import wildchalk.core.drill.Hold;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.PlayOn;
import wildchalk.core.drill.Reads;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.PersonTrack;
import wildchalk.core.motion.Speeds;
import wildchalk.core.rehearsal.Agenda.Entry;
import wildchalk.core.rehearsal.Agenda.Kind;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.Beat;
import wildchalk.core.timeline.Event;
import wildchalk.core.timeline.Happened;
import wildchalk.core.timeline.Timeline;

/**
 * Plays one stage through, moment by moment. Each action starts once at most, so it always comes to an end: after as
 * many moments as there are starts, releases, arrivals, ends, marks and things that are looked out for, and new aims
 * for balls on their way.
 */
final class Simulation {

    /** Who goes faster than this is on the move, m/s. */
    private static final double ON_THE_MOVE = 0.5;

    /** What is as little later as this is now, seconds. */
    private static final double AT_ONCE = 1e-9;

    /** Who touches the boards is no farther beyond them than this, metres. */
    private static final double AT_THE_BOARDS = 0.3;

    private final Surface surface;
    private final Stage stage;
    private final Choices choices;
    private final Places places;
    private final Meetings meetings;
    private final Bodies bodies;
    private final Deliveries deliveries;
    private final Handling handling;
    private final Watches watches;
    private final Problems problems;
    private final Begin begin = new Begin();
    private final End end = new End();
    private final RehearsalState rep;
    private final Locomotion legs;
    private final BallPlay balls;
    private final Map<String, Supplier<List<Vec>>> lines = new HashMap<>();
    private final Postures postures = new Postures();
    private final Acts acts;
    private final Screens screens;

    /** @param waits ids of the passes for which those wait who are to meet them */
    Simulation(Stage stage, Surface surface, Speeds speeds, Choices choices, Set<String> waits) {
        this.surface = surface;
        this.stage = stage;
        this.choices = choices;
        this.places = new Places(stage, surface, choices);
        Set<String> notTaken = Reads.notTaken(stage, choices);
        this.problems = new Problems(stage, notTaken);
        List<Action> played = stage.actions().stream()
                .filter(a -> !notTaken.contains(a.id()))
                .filter(a -> problems.canBePlayed(a, places))
                .toList();
        this.meetings = new Meetings(played, places, waits);
        this.bodies = new Bodies(stage, played, places, meetings, speeds, lines);
        this.deliveries = new Deliveries(stage, surface, places, speeds, bodies, meetings, lines);
        this.handling = new Handling(stage, bodies, places);
        Defended defended =
                new Defended(stage, surface, (who, t) -> bodies.track(who).at(t), cue -> happened(cue));
        this.rep = new RehearsalState(played);
        this.screens = new Screens(stage, rep, bodies);
        Shadows shadows =
                new Shadows(bodies::track, new Aims(defended::by, deliveries::ballFor, this::place), speeds, screens);
        this.watches = new Watches(surface, this::where);
        this.balls = new BallPlay(rep, stage, choices, deliveries, shadows, problems, speeds, meetings);
        this.legs = new Locomotion(rep, bodies, shadows, balls, watches, problems, speeds, lines);
        balls.onMet(legs::goOn);
        this.acts = new Acts(stage, rep, bodies, handling, deliveries, legs, postures, problems);
        Limits.moments(stage).forEach(rep::lookOutFor);
        legs.lookOutFor(moments());
        rep.onEnd(this::ended);
        rep.reactingBy(new Reacting(stage, speeds, who -> isOnTheMove(who))::before);
    }

    /** Where a spot is at a time: somebody is where they are then. */
    private Vec place(Spot spot, double t) {
        return spot.namedPiece().map(bodies::track).map(p -> p.at(t)).orElseGet(() -> places.of(spot));
    }

    private OptionalDouble happened(Cue cue) {
        return new Happened(rep.happened()).moment(cue);
    }

    private boolean isOnTheMove(String who) {
        PersonTrack track = bodies.track(who);
        return track != null && track.velocity(rep.now()).length() > ON_THE_MOVE;
    }

    /** Everything that something waits for, or that the coach says something about. */
    private Stream<Trigger> moments() {
        return Stream.concat(rep.moments().stream(), Limits.moments(stage).map(Trigger::counted))
                .distinct();
    }

    private Optional<Vec> where(String id, double t) {
        return Optional.ofNullable(bodies.track(id))
                .map(p -> p.at(t))
                .or(() -> deliveries.place(id, t))
                .or(() -> stage.piece(id).map(Piece::at));
    }

    Timeline run() {
        moments()
                .filter(Watches::isWatched)
                .sorted(Comparator.comparing(Object::toString))
                .forEach(m -> watches.lookOutFor(m, 0));
        rep.happens(new Cue.Whistle());
        for (double due = due(); due < Double.POSITIVE_INFINITY; due = due()) {
            Optional<Watches.Seen> seen = watches.lookUpTo(due);
            if (seen.isPresent()) {
                seen(seen.get());
            } else if (rep.agenda().due() <= due) {
                play(rep.agenda().next());
            } else {
                // Everybody stands, and nothing has been seen on the way there.
                rep.goOnTo(due);
            }
        }
        problems.neverStarted(rep.actions(), rep.times().keySet());
        problems.tooManyBalls(rep.actions());
        problems.leadsNowhere(choices, rep.times().keySet());
        for (Action action : stage.actions()) {
            lines.putIfAbsent(action.id(), () -> PlannedLine.of(places, action));
        }
        return new Timeline(
                new Timeline.Tracks(bodies.tracks(), deliveries.tracks(), handling.tracks()),
                rep.times(),
                lines,
                rep.happened(),
                rep.events(),
                Beat.of(rep.drawn(), rep.times()),
                problems.found());
    }

    /** Those who followed somebody and were held by a screen, as events. */
    List<Event> held() {
        return screens.held();
    }

    /** Ids of the passes that came after whoever was to meet them had gone by. */
    Set<String> late() {
        Map<String, Double> arrivals = new HashMap<>();
        rep.times().forEach((id, t) -> arrivals.put(id, t.arrival()));
        return meetings.late(arrivals);
    }

    /** When the next thing happens that is known of; while somebody moves or follows, things may yet be seen. */
    private double due() {
        if (rep.agenda().due() < Double.POSITIVE_INFINITY) {
            return rep.agenda().due();
        }
        legs.letFollowersRest();
        if (rep.agenda().due() < Double.POSITIVE_INFINITY) {
            return rep.agenda().due();
        }
        double quiet = legs.quiet();
        if (watches.any() && quiet > rep.now()) {
            return quiet;
        }
        // Who waits for what never comes has waited until all else is over.
        if (balls.holdNoLonger() || legs.stopWaiting()) {
            return rep.agenda().due() < Double.POSITIVE_INFINITY ? rep.agenda().due() : due();
        }
        rep.actions().stream()
                .filter(a -> a instanceof Hold && rep.isOn(a.id()))
                .forEach(a -> rep.plan(rep.now(), Kind.END, a.id()));
        return rep.agenda().due();
    }

    private void play(Entry entry) {
        rep.goOnTo(entry.time());
        switch (entry.kind()) {
            case START -> start(entry);
            case EARLY_START -> early(entry);
            case RELEASE -> balls.release(entry);
            case BANK -> balls.bank(entry);
            case ARRIVAL -> balls.arrive(entry);
            case MARK -> legs.mark(entry);
            case TURN -> legs.turn(entry);
            case END -> rep.end(entry.action());
        }
    }

    private void seen(Watches.Seen seen) {
        rep.goOnTo(seen.time());
        if (seen.trigger() instanceof Cue.Enters e) {
            rep.note(Event.Kind.ENTER, e.zone(), e.who(), null);
        }
        rep.happens(seen.trigger());
        if (rep.waitsAgainFor(seen.trigger())) {
            watches.lookOutAgainFor(seen.trigger(), seen.time());
        }
    }

    /** An early start counts only while what it foresees still stands. */
    private void early(Entry entry) {
        boolean stands = entry.moment() instanceof Cue.Received r
                ? deliveries.onItsWay(r.action(), entry.version()).isPresent()
                : entry.moment().of().filter(rep::isOn).isPresent();
        if (stands) {
            start(entry);
        }
    }

    private void start(Entry entry) {
        Action action = rep.action(entry.action());
        if (rep.hasStarted(action.id()) || problems.isDropped(action.id())) {
            return;
        }
        double ready = postures.readyFor(action, bodies.track(action.who()), rep.now());
        if (ready > rep.now() + AT_ONCE) {
            rep.startLater(action, ready, entry.cued());
            return;
        }
        rep.begin(action, entry.cued());
        if (!rep.isOn(action.id())) {
            // It lasts until its own start: it is over before it began.
            return;
        }
        action.match(begin);
    }

    private void ended(Action action) {
        action.match(end);
    }

    /** Sets an action going. */
    private final class Begin implements ActionCases.Families<Void> {

        @Override
        public Void travel(Travel travel) {
            boolean inside = surface.contains(bodies.track(travel.who()).at(rep.now()), 0);
            if (surface.edge() == Surface.Edge.BOARDS
                    && inside
                    && places.of(travel.path()).stream().anyMatch(p -> !surface.contains(p, AT_THE_BOARDS))) {
                problems.throughTheBoards(travel);
            }
            legs.travel(travel);
            return null;
        }

        @Override
        public Void delivery(Delivery delivery) {
            balls.deliver(delivery);
            return null;
        }

        @Override
        public Void shadow(Shadow shadow) {
            legs.shadow(shadow);
            return null;
        }

        @Override
        public Void hold(Hold hold) {
            legs.hold(hold);
            screens.changed(hold);
            return null;
        }

        @Override
        public Void act(Act act) {
            acts.begin(act);
            return null;
        }

        @Override
        public Void contest(Contest contest) {
            balls.contest(contest);
            return null;
        }

        @Override
        public Void call(Action.Call call) {
            rep.happens(new Cue.Called(call.word()));
            return overAtOnce(call);
        }

        @Override
        public Void blow(Action.Blow blow) {
            return overAtOnce(blow);
        }

        @Override
        public Void handle(Action.Handle handle) {
            rep.plan(legs.handle(handle), Kind.END, handle.id());
            return null;
        }

        @Override
        public Void playOn(PlayOn play) {
            rep.plan(rep.now() + play.lasts(), Kind.END, play.id());
            return null;
        }

        private Void overAtOnce(Action action) {
            rep.plan(rep.now(), Kind.END, action.id());
            return null;
        }
    }

    /** What the end of an action brings about besides. */
    private final class End implements ActionCases.Families<Void> {

        @Override
        public Void travel(Travel travel) {
            return null;
        }

        @Override
        public Void collect(Travel.Collect collect) {
            balls.collected(collect);
            return null;
        }

        @Override
        public Void delivery(Delivery delivery) {
            return null;
        }

        @Override
        public Void shadow(Shadow shadow) {
            legs.unshadow(shadow);
            return null;
        }

        @Override
        public Void hold(Hold hold) {
            screens.changed(hold);
            return null;
        }

        @Override
        public Void act(Act act) {
            acts.end(act);
            return null;
        }

        @Override
        public Void contest(Contest contest) {
            return null;
        }

        @Override
        public Void call(Action.Call call) {
            return null;
        }

        @Override
        public Void blow(Action.Blow blow) {
            return null;
        }

        @Override
        public Void playOn(PlayOn play) {
            balls.playedOut(play);
            return null;
        }

        @Override
        public Void handle(Action.Handle handle) {
            handling.handle(handle, rep.now()).ifPresent(what -> problems.cannotHandle(handle, what));
            return null;
        }
    }
}
