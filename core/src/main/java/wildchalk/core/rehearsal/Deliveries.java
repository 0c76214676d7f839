package wildchalk.core.rehearsal;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
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
import wildchalk.core.drill.Contest;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.BallMotion;
import wildchalk.core.motion.BallTrack;
import wildchalk.core.motion.Flight;
import wildchalk.core.motion.Lead;
import wildchalk.core.motion.PersonTrack;
import wildchalk.core.motion.Pose;
import wildchalk.core.motion.Speeds;
import wildchalk.core.surface.Surface;

/** Keeps the balls of a stage: who has which, and where those on their way are met. */
final class Deliveries {

    /** A keeper this near the target can save, metres; assumed. */
    private static final double SAVES_WITHIN = 5;
    /** A ball that somebody puts down lies so far in front of them, metres; assumed. */
    private static final double AT_THE_FEET = 0.7;
    /** A ball this near can be taken up, metres; assumed. */
    private static final double IN_REACH = 1.2;

    private final Stage stage;
    private final Places places;
    private final Speeds speeds;
    private final Bodies bodies;
    private final BallWays ways;
    private final Supplies supplies;
    private final ReleaseTimes released;
    private final Loose loose;
    private final Set<String> people;
    private final Map<String, BallTrack> tracks = new LinkedHashMap<>();
    private final Map<String, String> holder = new HashMap<>();
    private final Map<String, Double> since = new HashMap<>();
    private final Map<String, String> promised = new HashMap<>();
    private final Map<String, Sent> onTheirWay = new LinkedHashMap<>();
    private final Map<String, Double> down = new HashMap<>();
    private final Map<String, Supplier<List<Vec>>> lines;

    Deliveries(
            Stage stage,
            Surface surface,
            Places places,
            Speeds speeds,
            Bodies bodies,
            Meetings meetings,
            Map<String, Supplier<List<Vec>>> lines) {
        this.stage = stage;
        this.places = places;
        this.ways = new BallWays(surface);
        this.loose = new Loose(stage, surface, places, speeds);
        this.speeds = speeds;
        this.bodies = bodies;
        this.supplies = new Supplies(stage);
        this.lines = lines;
        this.released = new ReleaseTimes(meetings, bodies, speeds, ways, surface, places);
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

    /** When passes that are met on a line are let go. */
    ReleaseTimes released() {
        return released;
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
                        .min(Comparator.comparingDouble(at::distance)))
                .orElse(at);
    }

    /** Promises a ball to a delivery and says when it can leave; empty when there is none to send. */
    Optional<Double> prepare(Delivery delivery, double time) {
        Optional<String> ball = holder.entrySet().stream()
                .filter(e -> e.getValue().equals(delivery.who()) && !promised.containsValue(e.getKey()))
                .map(Map.Entry::getKey)
                // The first that was drawn.
                .min(Comparator.comparingInt(b -> List.copyOf(tracks.keySet()).indexOf(b)))
                .or(() -> supplies.inReach(bodies.track(delivery.who()).at(time))
                        .flatMap(supplies::take)
                        .map(t -> bringIn(t, delivery.who(), time)));
        ball.ifPresent(b -> promised.put(delivery.id(), b));
        return ball.map(b -> Math.max(time, since.get(b) + released.handling(delivery, time)));
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
        String ball = collect.wanted().orElse("");
        if (!tracks.containsKey(ball) || holder.containsKey(ball)) {
            return Optional.empty();
        }
        return Optional.of(new Course(Math.max(time, takeableFrom(ball, collect.who())), t -> place(ball, t)
                .orElseThrow()));
    }

    /** A ball that is shot or in the air is nobody's before it gets there. */
    private double takeableFrom(String ball, String by) {
        return onTheirWay.values().stream()
                .filter(s -> s.ball().equals(ball) && !canBeTaken(s.delivery(), by))
                .mapToDouble(Sent::arrival)
                .reduce(loose.freeFrom(ball), Math::max);
    }

    /**
     * Whether a ball can be taken on its way: one that goes to a place by anybody, one that goes to somebody by whoever
     * else is there sooner. High up it cannot.
     */
    private boolean canBeTaken(Delivery delivery, String by) {
        return delivery instanceof Action.Pass p
                && p.manner() != Action.Manner.LOB
                && p.manner() != Action.Manner.HAND_OFF
                && !by.equals(delivery.who())
                && receiver(delivery).filter(by::equals).isEmpty();
    }

    /** Takes a ball that somebody has off its way: what had sent it there, when it was on its way. */
    Optional<Sent> cutShort(String ball) {
        Optional<Sent> sent =
                onTheirWay.values().stream().filter(s -> s.ball().equals(ball)).findFirst();
        sent.ifPresent(s -> onTheirWay.remove(s.delivery().id()));
        return sent;
    }

    /** Takes up a ball that lies there, or one from the heap; empty when there is none. */
    Optional<String> collect(Travel.Collect collect, double time) {
        String piece = collect.wanted().orElse("");
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
        // What is fought for leaves from whoever had it, not from whoever sends it on.
        String had = holder.remove(ball);
        Vec from = had == null
                ? place(ball, time).orElseThrow()
                : bodies.track(had).at(time);
        return aim(delivery, ball, from, time, 0);
    }

    /** Promises the ball that is fought for: one of them has it, or it lies by them; whether there is one. */
    boolean promise(Contest contest, double time) {
        Vec at = bodies.track(contest.who()).at(time);
        Optional<String> ball = tracks.keySet().stream()
                .filter(b ->
                        contest.who().equals(holder.get(b)) || contest.against().contains(holder.getOrDefault(b, "")))
                .findFirst()
                .or(() -> tracks.keySet().stream()
                        .filter(b -> !holder.containsKey(b)
                                && tracks.get(b).sentBy(time).isEmpty())
                        .filter(b -> place(b, time).orElseThrow().distance(at) <= Piece.Supply.IN_REACH)
                        .min(Comparator.comparingDouble(
                                b -> place(b, time).orElseThrow().distance(at))))
                .or(() -> supplies.inReach(at).flatMap(supplies::take).map(t -> bringIn(t, contest.who(), time)));
        ball.ifPresent(b -> promised.put(contest.id(), b));
        return ball.isPresent();
    }

    /** How far somebody is from a place at a time, metres. */
    double off(String who, Vec place, double time) {
        return bodies.track(who).at(time).distance(place);
    }

    /** The balls on their way, by what sent them. */
    Collection<Sent> flying() {
        return onTheirWay.values();
    }

    /** A ball that is touched on its way goes another way. */
    Sent deflect(Delivery delivery, String ball, double time) {
        return aim(delivery, ball, place(ball, time).orElseThrow(), time, 0);
    }

    /** The ball that somebody has lies where they are from now on. */
    void layDown(String who, double time) {
        holder.entrySet().stream()
                .filter(h -> h.getValue().equals(who))
                .map(Map.Entry::getKey)
                .findFirst()
                .ifPresent(b -> {
                    holder.remove(b);
                    Pose pose = bodies.track(who).pose(time);
                    tracks.get(b).liesFrom(time, pose.at().plus(Vec.polar(AT_THE_FEET, pose.facing())));
                });
    }

    /** Everything on its way to people who have just changed their own way, aimed anew. */
    List<Sent> aimAnew(Predicate<String> receivers) {
        List<Sent> theirs = new ArrayList<>(onTheirWay.values());
        theirs.removeIf(s -> s.taker().filter(receivers).isEmpty());
        theirs.replaceAll(s -> aim(s.delivery(), s.ball(), s.from(), s.release(), s.version() + 1));
        return theirs;
    }

    private Sent aim(Delivery delivery, String ball, Vec from, double release, int version) {
        Optional<String> receiver = receiver(delivery).or(() -> saver(delivery, release));
        BallMotion motion = speeds.forPerson(delivery.who()).motion(delivery, met(delivery, ball, receiver));
        double arrival;
        Vec to;
        if (receiver.isPresent()) {
            PersonTrack track = bodies.track(receiver.get());
            double there = version > 0 ? Double.NaN : released.meets(delivery, release);
            Vec beside =
                    delivery instanceof Action.Pass && delivery.to() instanceof Spot.AtPiece p ? p.offset() : Vec.ZERO;
            if (Double.isFinite(there)) {
                arrival = Math.max(there, release + motion.time(ways.length(delivery, from, track.at(there))));
                to = track.at(arrival);
            } else {
                arrival = Lead.meeting(
                        release, t -> ways.length(delivery, from, track.at(t).plus(beside)), motion);
                to = track.at(arrival).plus(beside);
            }
        } else {
            to = places.of(delivery.to());
            arrival = release + motion.time(ways.length(delivery, from, to));
        }
        Flight flight = new Flight(delivery.id(), ways.of(delivery, from, to), release, arrival, motion);
        tracks.get(ball).fliesFrom(release, flight);
        down.put(ball, arrival);
        lines.put(delivery.id(), flight::way);
        Sent sent = new Sent(delivery, ball, flight, version, receiver);
        if (receiver.isEmpty()) {
            // Whoever goes for it sees where it will come.
            loose.comesDown(sent, tracks.get(ball), arrival);
        }
        onTheirWay.put(delivery.id(), sent);
        return sent;
    }

    private Speeds.Met met(Delivery delivery, String ball, Optional<String> receiver) {
        if (receiver.isPresent()) {
            return Speeds.Met.ON_ITS_WAY;
        }
        // Whoever sends it does not know yet which way a read will go.
        boolean goneFor = stage.actions().stream()
                .anyMatch(a -> a instanceof Travel.Collect c
                        && !c.who().equals(delivery.who())
                        && c.wanted().filter(ball::equals).isPresent());
        return goneFor ? Speeds.Met.LATER : Speeds.Met.NEVER;
    }

    /** Whether a pass off a wall or round the boards cannot be: there is none where it would meet it. */
    boolean missesItsWall(Action.Pass pass) {
        return (pass.off().isPresent() || BallWays.isRim(pass))
                && lines.get(pass.id()).get().size() < 3;
    }

    /** Takes a ball off its way: whoever it was meant for has it now, or it does what the drill says. */
    Sent arrive(String action, double time) {
        Sent sent = onTheirWay.remove(action);
        sent.taker().ifPresent(who -> hold(sent.ball(), who, time));
        return sent;
    }

    /** The keeper who saves a shot that is to be saved: who is near enough to the goal as it leaves. */
    private Optional<String> saver(Delivery delivery, double time) {
        return delivery instanceof Action.Shot s && s.result() == Result.SAVED
                ? keeper(places.of(s.to()), time)
                : Optional.empty();
    }

    private Optional<String> keeper(Vec target, double time) {
        return stage.people().stream()
                .filter(Piece.Goalkeeper.class::isInstance)
                .map(Piece::id)
                .filter(k -> bodies.track(k).at(time).distance(target) <= SAVES_WITHIN)
                .min(Comparator.comparingDouble(k -> bodies.track(k).at(time).distance(target)));
    }

    /** A ball on its way, as it was aimed last; empty when it has been aimed anew since, or is there. */
    Optional<Sent> onItsWay(String action, int version) {
        return Optional.ofNullable(onTheirWay.get(action)).filter(s -> s.version() == version);
    }

    Optional<String> receiver(Delivery delivery) {
        return delivery.receiver().filter(people::contains);
    }

    /** When a ball came down that was sent last, seconds; never, for one that was not sent or lies. */
    double downAt(String ball) {
        return down.getOrDefault(ball, Double.NEGATIVE_INFINITY);
    }

    /**
     * Somebody has the ball from now on that another has, or else the one nearest to that other that nobody has; a ball
     * on its way is left alone. Which ball it was; empty when there is none.
     */
    Optional<String> handOver(String from, String to, double time) {
        Vec at = bodies.track(from).at(time);
        Optional<String> ball = holder.entrySet().stream()
                .filter(h -> h.getValue().equals(from))
                .map(Map.Entry::getKey)
                .findFirst()
                .or(() -> tracks.keySet().stream()
                        .filter(b -> tracks.get(b).sentBy(time).isEmpty())
                        .min(Comparator.comparingDouble(
                                b -> place(b, time).orElse(Vec.ZERO).distance(at))));
        ball.ifPresent(b -> hold(b, to, time));
        return ball;
    }

    private void hold(String ball, String who, double time) {
        holder.put(ball, who);
        since.put(ball, time);
        tracks.get(ball).heldFrom(time, who);
    }
}
