package wildchalk.core.check.hurt;

import java.util.Optional;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Contest;
import wildchalk.core.drill.Hold;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Vec;
import wildchalk.core.rehearsal.Places;
import wildchalk.core.timeline.ActionTimes;

/** Whether two are meant to be near each other: marked, chased, handed the ball, raced to it. */
final class Meant {

    /** Before and after what brings two together, seconds; assumed. */
    private static final double AROUND = 1.5;
    /** A corner of a way so near to somebody was drawn round them, metres; assumed. */
    private static final double ROUND = 2;

    private Meant() {}

    /** Whether what one of two does brings them together at a time. */
    static boolean together(Rep rep, String a, String b, double t) {
        return rep.stage().actions().stream()
                .anyMatch(x ->
                        x.who().equals(a) && brings(rep, x, b, t) || x.who().equals(b) && brings(rep, x, a, t));
    }

    private static boolean brings(Rep rep, Action action, String other, double t) {
        Optional<ActionTimes> times = rep.timeline().times(action.id());
        boolean now = times.isPresent()
                && times.get().start() - AROUND <= t
                && t <= times.get().over() + AROUND;
        if (!now) {
            return false;
        }
        if (action instanceof Shadow s) {
            return s.whom().equals(other);
        }
        if (action instanceof Act act) {
            return act.whom().filter(other::equals).isPresent();
        }
        if (action instanceof Contest contest) {
            return contest.against().contains(other) || contest.gets().contains(other);
        }
        if (action instanceof Hold hold && hold.stance() == Hold.Stance.SCREEN) {
            return rep.timeline().heldBy(hold.id()).contains(other);
        }
        if (action instanceof Action.Pass p && p.manner() == Action.Manner.HAND_OFF) {
            return p.receiver().filter(other::equals).isPresent();
        }
        if (action instanceof Travel.Collect c && isRaced(rep, c, other)) {
            return true;
        }
        return action instanceof Travel travel
                && travel.path().through().stream()
                        .anyMatch(s -> s instanceof Spot.AtPiece p && p.piece().equals(other));
    }

    private static boolean isRaced(Rep rep, Travel.Collect collect, String other) {
        return rep.stage().actionsOf(other).stream()
                .anyMatch(o -> o instanceof Travel.Collect d && d.wanted().equals(collect.wanted()));
    }

    /** Whether the way that somebody goes at a time was drawn round a place. */
    static boolean drawnRound(Rep rep, String who, double t, Vec place) {
        Places places = new Places(rep.stage(), rep.surface());
        return rep.going(who, t)
                .filter(travel -> travel.path().through().stream()
                        .limit(travel.path().through().size() - 1L)
                        .anyMatch(s -> places.of(s).distance(place) < ROUND))
                .isPresent();
    }
}
