package wildchalk.core.rehearsal;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Action.Delivery;
import wildchalk.core.drill.Action.Touch;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;

/** Keeps the balls of a stage: who has which, and where those on their way are met. */
final class Deliveries {

    /** A ball on its way; found again by the action that sent it. */
    record Sent(Delivery delivery, String ball, Vec from, double release, double arrival, int version) {
    }

    private final Stage stage;
    private final Places places;
    private final Speeds speeds;
    private final Bodies bodies;
    private final Map<String, BallTrack> tracks = new LinkedHashMap<>();
    private final Map<String, String> holder = new HashMap<>();
    private final Map<String, Double> since = new HashMap<>();
    private final Map<String, String> promised = new HashMap<>();
    private final Map<String, Sent> onTheirWay = new LinkedHashMap<>();
    private final Map<String, List<Vec>> lines;

    Deliveries(Stage stage, Places places, Speeds speeds, Bodies bodies, Map<String, List<Vec>> lines) {
        this.stage = stage;
        this.places = places;
        this.speeds = speeds;
        this.bodies = bodies;
        this.lines = lines;
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

    boolean hasBall(String who) {
        return holder.containsValue(who);
    }

    /** Promises a ball to a delivery and says when it can leave; empty when there is none to send. */
    Optional<Double> prepare(Delivery delivery, double time) {
        Optional<String> ball = holder.entrySet().stream()
                .filter(e -> e.getValue().equals(delivery.who()) && !promised.containsValue(e.getKey()))
                .map(Map.Entry::getKey).sorted().findFirst();
        ball.ifPresent(b -> promised.put(delivery.id(), b));
        return ball.map(b -> Math.max(time, since.get(b) + controlTime(delivery)));
    }

    private double controlTime(Delivery delivery) {
        Touch touch = delivery instanceof Action.Pass p ? p.touch() : ((Action.Shot) delivery).touch();
        return touch == Touch.FIRST_TIME ? 0 : speeds.control();
    }

    /** Lets a promised ball go. */
    Sent release(Delivery delivery, double time) {
        String ball = promised.remove(delivery.id());
        holder.remove(ball);
        return aim(delivery, ball, bodies.track(delivery.who()).at(time), time, 0);
    }

    /** Everything on its way to somebody who has just changed their own way, aimed anew. */
    List<Sent> aimAnew(String receiver) {
        List<Sent> theirs = onTheirWay.values().stream()
                .filter(s -> receiver(s.delivery()).filter(receiver::equals).isPresent()).toList();
        return theirs.stream().map(s -> aim(s.delivery(), s.ball(), s.from(), s.release(), s.version() + 1)).toList();
    }

    private Sent aim(Delivery delivery, String ball, Vec from, double release, int version) {
        BallLaw law = delivery instanceof Action.Pass ? speeds.pass() : speeds.shot();
        Optional<String> receiver = receiver(delivery);
        double arrival;
        Vec to;
        if (receiver.isPresent()) {
            PersonTrack track = bodies.track(receiver.get());
            Vec beside = ((Spot.AtPiece) delivery.to()).offset();
            arrival = Lead.meeting(from, release, t -> track.at(t).plus(beside), law);
            to = track.at(arrival).plus(beside);
        } else {
            to = places.of(delivery.to());
            arrival = release + law.time(from.distance(to));
        }
        tracks.get(ball).fliesFrom(release, new Flight(delivery.id(), from, to, release, arrival, law));
        lines.put(delivery.id(), List.of(from, to));
        Sent sent = new Sent(delivery, ball, from, release, arrival, version);
        onTheirWay.put(delivery.id(), sent);
        return sent;
    }

    /** Takes a ball off its way: whoever it was meant for has it now, or it lies where it went. */
    Sent arrive(String action, double time) {
        Sent sent = onTheirWay.remove(action);
        Optional<String> receiver = receiver(sent.delivery());
        if (receiver.isPresent()) {
            hold(sent.ball(), receiver.get(), time);
        } else {
            tracks.get(sent.ball()).liesFrom(time, places.of(sent.delivery().to()));
        }
        return sent;
    }

    boolean isNewest(String action, int version) {
        Sent sent = onTheirWay.get(action);
        return sent != null && sent.version() == version;
    }

    /** The person a delivery is for; empty when it is for a goal or a place. */
    Optional<String> receiver(Delivery delivery) {
        return delivery instanceof Action.Pass && delivery.to() instanceof Spot.AtPiece p
                ? stage.person(p.piece()).map(Piece::id) : Optional.empty();
    }

    private void hold(String ball, String who, double time) {
        holder.put(ball, who);
        since.put(ball, time);
        tracks.get(ball).heldFrom(time, who);
    }
}
