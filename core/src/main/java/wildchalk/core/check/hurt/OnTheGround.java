package wildchalk.core.check.hurt;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.check.mend.Remedies;
import wildchalk.core.check.rep.DrillCheck;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.check.rep.Track;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.Posture;

/** Somebody who lies or kneels, and another who runs over them. */
final class OnTheGround implements DrillCheck.OfRep {

    /** A body on the ground reaches so far round its middle, metres; assumed. */
    private static final double REACHES = 0.9;
    /** Slower than this one looks where one steps, m/s; assumed. */
    private static final double LOOKS_DOWN = 2.8;
    /** Whoever tackles somebody comes down beside them so soon before, seconds; assumed. */
    private static final double BESIDE = 1;

    @Override
    public String id() {
        return "on-the-ground";
    }

    @Override
    public List<Spotted> in(Rep rep) {
        List<Spotted> found = new ArrayList<>();
        for (Track low : rep.tracks()) {
            if (!rep.timeline().postures(low.id()).isEmpty()) {
                for (Track other : rep.tracks()) {
                    if (other != low && other.fastest() > LOOKS_DOWN) {
                        over(rep, low, other).ifPresent(found::add);
                    }
                }
            }
        }
        return found;
    }

    private Optional<Spotted> over(Rep rep, Track low, Track other) {
        for (int k = 0; k + 1 < other.looks(); k++) {
            double t = k * Track.STEP;
            Vec there = low.at(k);
            boolean near =
                    there.distanceToStretch(other.at(k), other.at(k + 1)) < REACHES && other.speed(k) > LOOKS_DOWN;
            if (near
                    && rep.timeline().posture(low.id(), t) != Posture.UP
                    && !Meant.together(rep, low.id(), other.id(), t + BESIDE)) {
                return Optional.of(spotted(rep, low, other, t));
            }
        }
        return Optional.empty();
    }

    private Spotted spotted(Rep rep, Track low, Track other, double t) {
        Remedies remedies = new Remedies(rep);
        Vec there = low.at((int) Math.round(t / Track.STEP));
        boolean lies = rep.timeline().posture(low.id(), t) == Posture.LYING;
        return Said.in(rep, id(), lies ? id() : "on-the-ground.kneels", rep.name(other.id()), rep.name(low.id()))
                .when(t)
                .at(there)
                .about(List.of(other.id(), low.id()))
                .as(Spotted.Sure.LIKELY)
                .mending(() -> remedies.past(other.id(), t, there, rep.name(low.id()), 2))
                .mending(() -> remedies.later(other.id(), t, 1, 2));
    }
}
