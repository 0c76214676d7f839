package wildchalk.core.check.work;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.check.Finding;
import wildchalk.core.check.mend.Remedies;
import wildchalk.core.check.rep.DrillCheck;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.check.rep.Track;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Piece;
import wildchalk.core.edit.DrillEdits;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Surface;

/** People and gear that stand or go where the surface has ended, or where nobody sees them. */
final class OffGround implements DrillCheck.OfRep {

    /** A token at the edge is still seen, metres. */
    private static final double EDGE = 0.5;
    /** What is led back stands so far within, metres. */
    private static final double WITHIN = 1;

    @Override
    public String id() {
        return "off-ground";
    }

    @Override
    public List<Spotted> in(Rep rep) {
        List<Spotted> found = new ArrayList<>();
        Surface surface = rep.surface();
        double by = surface.edge() == Surface.Edge.BOARDS ? 0 : surface.runOff();
        Box shown = rep.looked().drill().showing().box(surface).grown(EDGE);
        for (Piece piece : rep.stage().pieces()) {
            if (!(piece instanceof Piece.Mark) && piece.heldBy().isEmpty()) {
                Vec at = piece.at();
                if (!surface.contains(at, by + EDGE)) {
                    found.add(outside(rep, piece, at));
                } else if (!shown.contains(at)) {
                    found.add(unseen(rep, piece.id(), at, 0));
                }
            }
        }
        for (Track track : rep.tracks()) {
            for (int k = 1; track.moves() && k < track.looks(); k++) {
                boolean told = found.stream().anyMatch(f -> f.who().contains(track.id()));
                if (!told && !shown.contains(track.at(k))) {
                    found.add(unseen(rep, track.id(), track.at(k), k * Track.STEP));
                }
            }
        }
        return found;
    }

    private Spotted outside(Rep rep, Piece piece, Vec at) {
        Surface surface = rep.surface();
        double x = surface.length() / 2 - WITHIN;
        double y = surface.width() / 2 - WITHIN;
        Vec back = new Vec(Math.max(-x, Math.min(x, at.x())), Math.max(-y, Math.min(y, at.y())));
        return Said.in(rep, id(), id(), rep.name(piece.id()))
                .at(at)
                .about(List.of(piece.id()))
                .mending(() -> List.of(new Remedies(rep).moved(piece, back)));
    }

    private Spotted unseen(Rep rep, String who, Vec at, double t) {
        List<Finding.Mend<Drill>> mends = new ArrayList<>();
        mends.add(new Finding.Mend<>(Said.BOOK.say("whole"), DrillEdits.showView("whole")));
        Spotted spotted = Spotted.of(
                        id(),
                        Finding.Weight.COULD_BE_BETTER,
                        Said.BOOK.say("off-ground.unseen", rep.name(who)),
                        Said.BOOK.say("off-ground.unseen.do"))
                .in(rep)
                .at(at)
                .about(List.of(who))
                .mending(() -> mends);
        return t > 0 ? spotted.when(t) : spotted;
    }
}
