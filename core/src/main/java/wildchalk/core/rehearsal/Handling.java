package wildchalk.core.rehearsal;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Action.Handle.Deed;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.BallTrack;

/** The gear that is put down and picked up in a rep: who has it, or where it stands. */
final class Handling {

    /** From this far a piece can be picked up, or put where it is drawn, metres; assumed. */
    private static final double IN_REACH = 1.5;

    /** Why a piece cannot be handled so. */
    enum Trouble {
        OUT_OF_REACH,
        NOT_IN_HAND,
        NOT_THERE
    }

    private final Stage stage;
    private final Bodies bodies;
    private final Map<String, BallTrack> tracks = new LinkedHashMap<>();
    private final Map<String, String> holder = new LinkedHashMap<>();

    Handling(Stage stage, Bodies bodies) {
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
        holder.remove(handle.piece());
        Vec drawn = piece.get().at();
        track.liesFrom(now, drawn.distance(at) <= IN_REACH ? drawn : at);
        return Optional.empty();
    }
}
