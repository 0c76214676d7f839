package wildchalk.core.rehearsal;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleFunction;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Action.Delivery;
import wildchalk.core.drill.Action.Result;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.BallMotion;
import wildchalk.core.motion.BallTrack;
import wildchalk.core.motion.Flight;
import wildchalk.core.motion.PersonTrack;
import wildchalk.core.motion.Speeds;

/** Keeps the balls of a stage: who has which, and where those on their way are met. */
final class Deliveries {

    /** A keeper this near the target can save, metres; assumed. */
    private static final double SAVES_WITHIN = 5;
    /** How far a rebound comes out when nobody says, metres; assumed. */
    private static final double REBOUND = 4;
    /** A ball this near can be taken up, metres; assumed. */
    private static final double IN_REACH = 1.2;

    /**
     * A ball on its way; found again by the action that sent it.
     *
     * @param taker who meets it: whom a pass is for, or the keeper who saves a shot
     */
    record Sent(Delivery delivery, String ball, Flight flight, int version, Optional<String> taker) {

        Vec from() {
            return flight.way().get(0);
        }

        double release() {
            return flight.start();
        }

        double arrival() {
            return flight.end();
        }
    }

    private final Stage stage;
    private final Places places;
    private final Speeds speeds;
    private final Bodies bodies;
    private final BallWays ways;
    private final Supplies supplies;
    private final Set<String> people;
    private final Map<String, BallTrack> tracks = new LinkedHashMap<>();
    private final Map<String, String> holder = new HashMap<>();
    private final Map<String, Double> since = new HashMap<>();
    private final Map<String, String> promised = new HashMap<>();
    private final Map<String, Sent> onTheirWay = new LinkedHashMap<>();
    private final Map<String, Supplier<List<Vec>>> lines;

    Deliveries(
            Stage stage,
            Places places,
            BallWays ways,
            Speeds speeds,
            Bodies bodies,
            Map<String, Supplier<List<Vec>>> lines) {
        this.stage = stage;
        this.places = places;
        this.ways = ways;
        this.speeds = speeds;
        this.bodies = bodies;
        this.supplies = new Supplies(stage);
        this.lines = lines;
        this.people = stage.people().stream().map(Piece::id).collect(Collectors.toSet());
        for (Piece.Ball ball : stage.balls()) {
            BallTrack track = new BallTrack();
            tracks.put(ball.id(), track);
            Optional<String> who = ball.heldBy().filter(w -> bodies.track(w) != null);
            if (who.isPresent()) {
                hold(ball.id(), who.get(), Double.NEGATIVE_INFINITY);
            } else {
                track.liesFrom(Double.NEGATIVE_INFINITY, ball.at());
            }
        }
    }

    Map<String, BallTrack> tracks() {
        return tracks;
    }

    /** Whether somebody has more than one ball; a coach or the front of a line may. */
    boolean hasSeveral(String who) {
        return holder.values().stream().filter(who::equals).count() > 1
                && stage.person(who).filter(Piece.Player.class::isInstance).isPresent();
    }

    boolean hasBall(String who) {
        return holder.containsValue(who);
    }

    /** Where a ball is; empty when there is none of that id. */
    Optional<Vec> place(String ball, double time) {
        return Optional.ofNullable(tracks.get(ball))
                .map(t -> t.at(time, w -> bodies.track(w).at(time)));
    }

    /** The place of the ball that somebody has, or else of the one that is nearest to them. */
    Vec ballFor(String who, double time) {
        Vec at = bodies.track(who).at(time);
        return tracks.keySet().stream()
                .filter(b -> who.equals(holder.get(b)))
                .findFirst()
                .map(b -> at)
                .or(() -> tracks.keySet().stream()
                        .map(b -> place(b, time).orElseThrow())
                        .min((a, b) -> Double.compare(a.distance(at), b.distance(at))))
                .orElse(at);
    }

    /** Promises a ball to a delivery and says when it can leave; empty when there is none to send. */
    Optional<Double> prepare(Delivery delivery, double time) {
        Optional<String> ball = holder.entrySet().stream()
                .filter(e -> e.getValue().equals(delivery.who()) && !promised.containsValue(e.getKey()))
                .map(Map.Entry::getKey)
                .sorted()
                .findFirst()
                .or(() -> supplies.inReach(bodies.track(delivery.who()).at(time))
                        .flatMap(supplies::take)
                        .map(t -> bringIn(t, delivery.who(), time)));
        ball.ifPresent(b -> promised.put(delivery.id(), b));
        return ball.map(b -> Math.max(
                time, since.get(b) + speeds.forPerson(delivery.who()).takes().before(delivery)));
    }

    /** A ball from a heap that is now in somebody's hands, or at their feet. */
    private String bringIn(Supplies.Taken taken, String who, double time) {
        BallTrack track = new BallTrack();
        track.liesFrom(Double.NEGATIVE_INFINITY, taken.from());
        tracks.put(taken.ball(), track);
        hold(taken.ball(), who, time);
        // A ball from the heap is in the hands that pass it on.
        since.put(taken.ball(), Double.NEGATIVE_INFINITY);
        return taken.ball();
    }

    /**
     * Where a ball that is to be collected will be, seen from a time on.
     *
     * @param from when it can be taken at the earliest, seconds
     * @param at where it is at a time from then on
     */
    record Course(double from, DoubleFunction<Vec> at) {}

    /** Where a ball that is to be collected will be; empty when somebody has it, or it is no ball. */
    Optional<Course> course(Travel.Collect collect, double time) {
        String ball = wanted(collect).orElse("");
        if (!tracks.containsKey(ball) || holder.containsKey(ball)) {
            return Optional.empty();
        }
        return Optional.of(new Course(
                Math.max(time, takeableFrom(ball)), t -> place(ball, t).orElseThrow()));
    }

    /** A ball that is passed to somebody, shot or in the air is nobody's before it gets there. */
    private double takeableFrom(String ball) {
        return onTheirWay.values().stream()
                .filter(s -> s.ball().equals(ball) && !rollsFree(s.delivery()))
                .mapToDouble(Sent::arrival)
                .max()
                .orElse(Double.NEGATIVE_INFINITY);
    }

    private boolean rollsFree(Delivery delivery) {
        return delivery instanceof Action.Pass p && receiver(delivery).isEmpty() && p.manner() != Action.Manner.LOB;
    }

    /** Takes a ball that somebody has off its way: the action that sent it there, when it was on its way. */
    Optional<String> cutShort(String ball) {
        Optional<String> sent = onTheirWay.values().stream()
                .filter(s -> s.ball().equals(ball))
                .map(s -> s.delivery().id())
                .findFirst();
        sent.ifPresent(onTheirWay::remove);
        return sent;
    }

    /** The piece that somebody goes for; empty for a bare place. */
    static Optional<String> wanted(Travel.Collect collect) {
        return collect.wanted();
    }

    /** Takes up a ball that lies there, or one from the heap; empty when there is none. */
    Optional<String> collect(Travel.Collect collect, double time) {
        String piece = wanted(collect).orElse("");
        if (supplies.isHeap(piece)) {
            // Who was sent another way before they got there takes none.
            return supplies.isInReach(piece, bodies.track(collect.who()).at(time))
                    ? supplies.take(piece).map(t -> bringIn(t, collect.who(), time))
                    : Optional.empty();
        }
        boolean there = course(collect, time)
                .filter(c -> c.from() <= time + 1e-9)
                .filter(c ->
                        c.at().apply(time).distance(bodies.track(collect.who()).at(time)) <= IN_REACH)
                .isPresent();
        if (there) {
            hold(piece, collect.who(), time);
        }
        return there ? Optional.of(piece) : Optional.empty();
    }

    /** Lets a promised ball go. */
    Sent release(Delivery delivery, double time) {
        String ball = promised.remove(delivery.id());
        holder.remove(ball);
        return aim(delivery, ball, bodies.track(delivery.who()).at(time), time, 0);
    }

    /** Everything on its way to people who have just changed their own way, aimed anew. */
    List<Sent> aimAnew(Predicate<String> receivers) {
        List<Sent> theirs = new ArrayList<>();
        for (Sent sent : onTheirWay.values()) {
            if (sent.taker().filter(receivers).isPresent()) {
                theirs.add(sent);
            }
        }
        theirs.replaceAll(s -> aim(s.delivery(), s.ball(), s.from(), s.release(), s.version() + 1));
        return theirs;
    }

    private Sent aim(Delivery delivery, String ball, Vec from, double release, int version) {
        Optional<String> receiver = receiver(delivery).or(() -> saver(delivery, release));
        BallMotion motion = speeds.forPerson(delivery.who()).motion(delivery, receiver.isPresent());
        double arrival;
        Vec to;
        if (receiver.isPresent()) {
            PersonTrack track = bodies.track(receiver.get());
            Vec beside =
                    delivery instanceof Action.Pass && delivery.to() instanceof Spot.AtPiece p ? p.offset() : Vec.ZERO;
            arrival = Lead.meeting(
                    release, t -> ways.length(delivery, from, track.at(t).plus(beside)), motion);
            to = track.at(arrival).plus(beside);
        } else {
            to = places.of(delivery.to());
            arrival = release + motion.time(ways.length(delivery, from, to));
        }
        Flight flight = new Flight(delivery.id(), ways.of(delivery, from, to), release, arrival, motion);
        tracks.get(ball).fliesFrom(release, flight);
        if (delivery instanceof Action.Shot s && s.result() == Result.REBOUND) {
            comesOut(s, ball, from, arrival);
        }
        lines.put(delivery.id(), flight::way);
        Sent sent = new Sent(delivery, ball, flight, version, receiver);
        onTheirWay.put(delivery.id(), sent);
        return sent;
    }

    /** Whether a pass off a wall or round the boards cannot be: there is none where it would meet it. */
    boolean missesItsWall(Action.Pass pass) {
        return (pass.off().isPresent() || BallWays.isRim(pass))
                && lines.get(pass.id()).get().size() < 3;
    }

    /** Takes a ball off its way: whoever it was meant for has it now, or it does what the drill says. */
    Sent arrive(String action, double time) {
        Sent sent = onTheirWay.remove(action);
        if (sent.taker().isPresent()) {
            hold(sent.ball(), sent.taker().get(), time);
        } else {
            comesDown(sent, time);
        }
        return sent;
    }

    private void comesDown(Sent sent, double time) {
        Vec at = places.of(sent.delivery().to());
        BallTrack track = tracks.get(sent.ball());
        Result result = sent.delivery() instanceof Action.Shot s ? s.result() : Result.OPEN;
        if (result == Result.REBOUND) {
            comesOut((Action.Shot) sent.delivery(), sent.ball(), sent.from(), time);
        } else {
            track.liesFrom(time, at);
        }
    }

    /** A ball comes off the goal and rolls on until it lies; whoever goes for it sees that coming. */
    private void comesOut(Action.Shot shot, String ball, Vec from, double time) {
        Vec at = places.of(shot.to());
        Vec out =
                shot.next().map(places::of).orElse(at.plus(from.minus(at).unit().times(REBOUND)));
        BallMotion motion = speeds.ways().getOrDefault(Action.Manner.ROLL, speeds.pass());
        double rest = time + motion.time(at.distance(out));
        BallTrack track = tracks.get(ball);
        track.fliesFrom(time, new Flight(shot.id(), List.of(at, out), time, rest, motion));
        track.liesFrom(rest, out);
    }

    /** The keeper who saves a shot that is to be saved: who is near enough to the goal as it leaves. */
    private Optional<String> saver(Delivery delivery, double time) {
        return delivery instanceof Action.Shot s && s.result() == Result.SAVED
                ? keeper(places.of(s.to()), time)
                : Optional.empty();
    }

    /** Whether a shot is to be saved and nobody is there to do so. */
    static boolean isUnsaved(Sent sent) {
        return sent.delivery() instanceof Action.Shot s
                && s.result() == Result.SAVED
                && sent.taker().isEmpty();
    }

    private Optional<String> keeper(Vec target, double time) {
        return stage.people().stream()
                .filter(Piece.Goalkeeper.class::isInstance)
                .map(Piece::id)
                .filter(k -> bodies.track(k).at(time).distance(target) <= SAVES_WITHIN)
                .min((a, b) -> Double.compare(
                        bodies.track(a).at(time).distance(target),
                        bodies.track(b).at(time).distance(target)));
    }

    /** A ball on its way, as it was aimed last; empty when it has been aimed anew since, or is there. */
    Optional<Sent> onItsWay(String action, int version) {
        return Optional.ofNullable(onTheirWay.get(action)).filter(s -> s.version() == version);
    }

    /** The person a delivery is for; empty when it is for a goal or a place. */
    Optional<String> receiver(Delivery delivery) {
        return delivery.receiver().filter(people::contains);
    }

    private void hold(String ball, String who, double time) {
        holder.put(ball, who);
        since.put(ball, time);
        tracks.get(ball).heldFrom(time, who);
    }
}
