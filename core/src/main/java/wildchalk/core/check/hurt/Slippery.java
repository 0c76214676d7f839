package wildchalk.core.check.hurt;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.check.mend.Remedies;
import wildchalk.core.check.rep.DrillCheck;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.check.rep.Track;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Surface;

/** Hard turns on ground that is wet. */
final class Slippery implements DrillCheck.OfRep {

    /** A turn as sharp as this is hard, radians; assumed. */
    private static final double SHARP = Math.toRadians(50);
    /** Slower than this nobody slips in it, m/s; assumed. */
    private static final double FAST = 2.8;
    /** Looks before and after. */
    private static final int AROUND = 5;

    @Override
    public String id() {
        return "slippery";
    }

    @Override
    public List<Spotted> in(Rep rep) {
        if (!rep.looked().conditions().wet() || rep.surface().ground() == Surface.Ground.ICE) {
            return List.of();
        }
        List<Spotted> found = new ArrayList<>();
        for (Track track : rep.tracks()) {
            for (int k = AROUND; k + AROUND < track.looks(); k++) {
                Vec before = track.velocity(k - AROUND);
                Vec after = track.velocity(k + AROUND - 1);
                double turn = Math.abs(Math.IEEEremainder(after.angle() - before.angle(), 2 * Math.PI));
                if (before.length() > FAST && after.length() > FAST && turn > SHARP) {
                    found.add(spotted(rep, track, k));
                    break;
                }
            }
        }
        return found;
    }

    private Spotted spotted(Rep rep, Track track, int k) {
        double t = k * Track.STEP;
        return Said.in(rep, id(), id(), rep.name(track.id()))
                .when(t)
                .at(track.at(k))
                .about(List.of(track.id()))
                .as(Spotted.Sure.LIKELY)
                .mending(() -> new Remedies(rep).slower(track.id(), t));
    }
}
