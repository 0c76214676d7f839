package wildchalk.core.check.hurt;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.check.mend.Remedies;
import wildchalk.core.check.rep.DrillCheck;
import wildchalk.core.check.rep.Near;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.check.rep.Track;
import wildchalk.core.drill.Action;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.Pose;

/** Two bodies that meet at speed without being meant to: runners, those who stand, those who wait in line. */
final class Meets implements DrillCheck.OfRep {

    /** Nearer than this it is no near miss, metres; assumed. */
    private static final double THROUGH = 0.4;
    /** Past somebody whom a way was drawn round one goes as near as that, metres; assumed. */
    private static final double ROUND = 0.5;
    /** Leaving one's own line takes so long, seconds; assumed. */
    private static final double LEAVES = 1;

    @Override
    public String id() {
        return "meet";
    }

    @Override
    public List<Spotted> in(Rep rep) {
        double most = Assumed.mostRoom(rep.surface().ground());
        double closing = Assumed.closing(rep.looked().level());
        List<Spotted> found = new ArrayList<>();
        List<Track> tracks = rep.tracks();
        for (int i = 0; i < tracks.size(); i++) {
            for (int j = i + 1; j < tracks.size(); j++) {
                Track a = tracks.get(i);
                Track b = tracks.get(j);
                Near.bodies(rep, a, b, most, closing)
                        .flatMap(n -> bodies(rep, a, b, n))
                        .ifPresent(found::add);
            }
        }
        for (Track track : tracks) {
            if (track.moves()) {
                queued(rep, track, most, closing).ifPresent(found::add);
            }
        }
        return found;
    }

    private Optional<Spotted> bodies(Rep rep, Track a, Track b, Near near) {
        double before = Math.max(0, near.t() - Assumed.TO_GIVE_WAY);
        boolean backwards = isBackwards(rep, a, near.t()) || isBackwards(rep, b, near.t());
        if (backwards || Meant.together(rep, a.id(), b.id(), near.t())) {
            return Optional.empty();
        }
        Vec placeA = rep.timeline().at(a.id(), before);
        Vec placeB = rep.timeline().at(b.id(), before);
        int looking = (rep.sees(a.id(), before, placeB) ? 1 : 0) + (rep.sees(b.id(), before, placeA) ? 1 : 0);
        double room = Assumed.room(rep.surface().ground(), looking);
        boolean round = !b.moves() && Meant.drawnRound(rep, a.id(), near.t(), placeB)
                || !a.moves() && Meant.drawnRound(rep, b.id(), near.t(), placeA);
        if (near.metres() >= (round ? ROUND : room)) {
            return Optional.empty();
        }
        Track goes = a.moves() ? a : b;
        Track other = goes == a ? b : a;
        Vec at = rep.timeline().at(goes.id(), near.t());
        Remedies remedies = new Remedies(rep);
        Spotted spotted = Said.in(
                        rep,
                        id(),
                        other.moves() ? "meet.both" : "meet.stands",
                        rep.name(goes.id()),
                        rep.name(other.id()),
                        rep.metres(near.metres()),
                        Math.round(near.closing()),
                        looking)
                .when(near.t())
                .at(at)
                .metres(near.metres())
                .about(List.of(goes.id(), other.id()))
                .as(sure(near.metres(), looking));
        if (other.moves()) {
            return Optional.of(spotted.mending(() -> remedies.later(other.id(), near.t(), 1, 2))
                    .mending(() -> remedies.later(goes.id(), near.t(), 1, 2))
                    .mending(() -> remedies.past(goes.id(), near.t(), at, rep.name(other.id()), 2)));
        }
        Vec stands = rep.timeline().at(other.id(), near.t());
        return Optional.of(spotted.mending(() -> remedies.past(goes.id(), near.t(), stands, rep.name(other.id()), 2))
                .mending(() -> remedies.aside(other.who(), rep.timeline().at(goes.id(), before), stands, 2, 3)));
    }

    private static Spotted.Sure sure(double metres, int looking) {
        if (metres < THROUGH) {
            return Spotted.Sure.CERTAIN;
        }
        return looking < 2 ? Spotted.Sure.LIKELY : Spotted.Sure.LOOK;
    }

    private static boolean isBackwards(Rep rep, Track track, double t) {
        return rep.going(track.id(), t)
                .filter(x -> x.gait() == Action.Gait.BACK)
                .isPresent();
    }

    /** The first of those who wait in a line whom somebody runs into. */
    private Optional<Spotted> queued(Rep rep, Track track, double most, double closing) {
        for (Rep.Stander stander : rep.standers()) {
            Optional<Near> met = Near.place(rep, track, stander.at(), most, closing);
            boolean own = stander.line().id().equals(track.id());
            if (met.isPresent() && !(own && met.get().t() < LEAVES)) {
                Near near = met.get();
                double before = Math.max(0, near.t() - Assumed.TO_GIVE_WAY);
                Vec from = rep.timeline().at(track.id(), before);
                int looking =
                        1 + (Rep.sees(new Pose(stander.at(), stander.line().facing()), from) ? 1 : 0);
                boolean round = Meant.drawnRound(rep, track.id(), near.t(), stander.at());
                if (near.metres() < (round ? ROUND : Assumed.room(rep.surface().ground(), looking))) {
                    return Optional.of(queue(rep, track, stander, near));
                }
            }
        }
        return Optional.empty();
    }

    private Spotted queue(Rep rep, Track track, Rep.Stander stander, Near near) {
        Remedies remedies = new Remedies(rep);
        Vec from = rep.timeline().at(track.id(), Math.max(0, near.t() - Assumed.TO_GIVE_WAY));
        return Said.in(
                        rep,
                        id(),
                        "meet.queue",
                        rep.name(track.id()),
                        rep.name(stander.line().id()),
                        rep.metres(near.metres()),
                        Math.round(near.closing()))
                .when(near.t())
                .at(rep.timeline().at(track.id(), near.t()))
                .metres(near.metres())
                .about(List.of(track.id(), stander.line().id()))
                .as(near.metres() < THROUGH ? Spotted.Sure.CERTAIN : Spotted.Sure.LIKELY)
                .mending(() -> remedies.queued(stander.line()))
                .mending(() -> remedies.past(
                        track.id(),
                        near.t(),
                        stander.at(),
                        rep.name(stander.line().id()),
                        2))
                .mending(() -> remedies.aside(stander.line(), from, stander.at(), 3, 5));
    }
}
