package wildchalk.core.rehearsal;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Action.Handle.Deed;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.BallLaw;
import wildchalk.core.motion.BallTrack;
import wildchalk.core.motion.Flight;
import wildchalk.core.motion.PersonTrack;

/** The gear that is put down and picked up in a rep: who has it, or where it stands. */
final class Handling {

    /** From this far a piece can be picked up, or put where it is drawn, metres; assumed. */
    private static final double IN_REACH = 1.5;

    /** How long it takes to throw or swap what one has in the hands, seconds; assumed. */
    static final double IN_HANDS = 0.4;
    /** How fast a piece of gear is thrown, m/s; assumed. */
    private static final double THROWN = 8;

    /** Why a piece cannot be handled so. */
    enum Trouble {
        OUT_OF_REACH,
        NOT_IN_HAND,
        NOT_THERE,
        NOTHING_TO_SWAP
    }

    private final Stage stage;
    private final Bodies bodies;
    private final Places places;
    private final Map<String, BallTrack> tracks = new LinkedHashMap<>();
    private final Map<String, String> holder = new LinkedHashMap<>();

    Handling(Stage stage, Bodies bodies, Places places) {
        this.places = places;
        this.stage = stage;
        this.bodies = bodies;
        for (Action action : stage.actions()) {
            if (action instanceof Action.Handle h && !tracks.containsKey(h.piece())) {
                stage.piece(h.piece()).ifPresent(this::begin);
            }
        }
    }

    private void begin(Piece piece) {
        BallTrack track = new BallTrack();
        Optional<String> carrier = stage.inHand(piece.id()).filter(w -> bodies.track(w) != null);
        if (carrier.isPresent()) {
            track.heldFrom(Double.NEGATIVE_INFINITY, carrier.get());
            holder.put(piece.id(), carrier.get());
        } else {
            track.liesFrom(Double.NEGATIVE_INFINITY, piece.at());
        }
        tracks.put(piece.id(), track);
    }

    Map<String, BallTrack> tracks() {
        return tracks;
    }

    /** Where a spot is at a time: gear that somebody has in their hands is where they are. */
    Vec place(Spot spot, double now) {
        return spot.namedPiece()
                .map(tracks::get)
                .map(t -> t.at(now, w -> bodies.track(w).at(now)))
                .orElseGet(() -> places.of(spot));
    }

    /** Does it; why not, when it cannot be done. */
    Optional<Trouble> handle(Action.Handle handle, double now) {
        Optional<Piece> piece = stage.piece(handle.piece());
        if (piece.isEmpty()) {
            return Optional.of(Trouble.NOT_THERE);
        }
        BallTrack track = tracks.get(handle.piece());
        Vec at = bodies.track(handle.who()).at(now);
        if (handle.deed() == Deed.PICK_UP) {
            Optional<Vec> lies = track.rest(now);
            if (lies.isEmpty() || lies.get().distance(at) > IN_REACH) {
                return Optional.of(lies.isEmpty() ? Trouble.NOT_THERE : Trouble.OUT_OF_REACH);
            }
            track.heldFrom(now, handle.who());
            holder.put(handle.piece(), handle.who());
            return Optional.empty();
        }
        if (!handle.who().equals(holder.get(handle.piece()))) {
            return Optional.of(Trouble.NOT_IN_HAND);
        }
        if (handle.deed() == Deed.KEEP) {
            return Optional.empty();
        }
        if (handle.deed() == Deed.SWAP) {
            return swap(handle, now);
        }
        holder.remove(handle.piece());
        if (handle.deed() == Deed.THROW && handle.to().isPresent()) {
            fly(handle, track, at, now);
            return Optional.empty();
        }
        Vec drawn = piece.get().at();
        track.liesFrom(now, drawn.distance(at) <= IN_REACH ? drawn : at);
        return Optional.empty();
    }

    private Optional<Trouble> swap(Action.Handle handle, double now) {
        String other = handle.to().flatMap(Spot::namedPiece).orElse("");
        Optional<String> theirs = holder.entrySet().stream()
                .filter(h -> h.getValue().equals(other))
                .map(Map.Entry::getKey)
                .findFirst();
        if (theirs.isEmpty()) {
            return Optional.of(Trouble.NOTHING_TO_SWAP);
        }
        holder.put(handle.piece(), other);
        holder.put(theirs.get(), handle.who());
        tracks.get(handle.piece()).heldFrom(now, other);
        tracks.get(theirs.get()).heldFrom(now, handle.who());
        return Optional.empty();
    }

    /** To somebody, to where they will be; else it lies where it was thrown. */
    private void fly(Action.Handle handle, BallTrack track, Vec at, double now) {
        Optional<PersonTrack> catches = handle.to().flatMap(Spot::namedPiece).map(bodies::track);
        Vec to = places.of(handle.to().get());
        double arrival = now + at.distance(to) / THROWN;
        for (int i = 0; catches.isPresent() && i < 5; i++) {
            to = catches.get().at(arrival);
            arrival = now + at.distance(to) / THROWN;
        }
        track.fliesFrom(now, new Flight(handle.id(), List.of(at, to), now, arrival, BallLaw.even(THROWN, 0)));
        if (catches.isPresent()) {
            track.heldFrom(arrival, handle.to().flatMap(Spot::namedPiece).orElseThrow());
            holder.put(handle.piece(), handle.to().flatMap(Spot::namedPiece).orElseThrow());
        } else {
            track.liesFrom(arrival, to);
        }
    }
}
