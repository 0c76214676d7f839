package wildchalk.core.rehearsal;

import java.util.Map;
import java.util.function.DoubleFunction;
import wildchalk.core.drill.Action.Gait;
import wildchalk.core.drill.Going;
import wildchalk.core.drill.Hold;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.Leg;
import wildchalk.core.motion.PersonTrack;
import wildchalk.core.motion.Speeds;

/** How bodies turn, and what people look at, as they go. */
final class Turning {

    private final Places places;
    private final Map<String, PersonTrack> tracks;

    Turning(Places places, Map<String, PersonTrack> tracks) {
        this.places = places;
        this.tracks = tracks;
    }

    /** By how much a body turns that could turn by {@code shorter}; clockwise is to the right. */
    static double by(Hold.Turn turn, double shorter) {
        return switch (turn) {
            case SHORTER -> shorter;
            case OPEN_LEFT -> shorter > 1e-9 ? shorter - 2 * Math.PI : shorter;
            case OPEN_RIGHT -> shorter < -1e-9 ? shorter + 2 * Math.PI : shorter;
            case SPIN -> shorter + (shorter < 0 ? -2 * Math.PI : 2 * Math.PI);
        };
    }

    /** How far a body is turned from the way it goes. */
    static double with(Gait gait, double facing, double heading) {
        return switch (gait) {
            case BACK -> Math.PI;
            case SIDE -> Math.sin(facing - heading) < 0 ? -Math.PI / 2 : Math.PI / 2;
            default -> 0;
        };
    }

    /** How a body turns as it begins a path, that could turn by {@code shorter}. */
    static Leg.Pivot pivot(Travel travel, Speeds speeds, double shorter) {
        boolean left = travel.going().pivot() == Going.Pivot.LEFT;
        if (travel.going().pivot() == Going.Pivot.NONE || Math.abs(shorter) < 0.1) {
            return Leg.Pivot.NONE;
        }
        double by = by(left ? Hold.Turn.OPEN_LEFT : Hold.Turn.OPEN_RIGHT, shorter);
        return new Leg.Pivot(
                by,
                Math.abs(by) / Math.PI * speeds.forPerson(travel.who()).takes().turning());
    }

    /** Where what somebody watches on the way is at a time; null for who looks where they go. */
    DoubleFunction<Vec> watched(Travel travel) {
        Spot spot = travel.going().watching().orElse(null);
        if (spot instanceof Spot.AtPiece p && tracks.containsKey(p.piece())) {
            PersonTrack other = tracks.get(p.piece());
            return t -> other.at(t).plus(p.offset());
        }
        return spot == null ? null : t -> places.of(spot);
    }
}
