package wildchalk.core.check.hurt;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import wildchalk.core.check.mend.Remedies;
import wildchalk.core.check.rep.BallFlight;
import wildchalk.core.check.rep.DrillCheck;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.drill.Piece;
import wildchalk.core.rehearsal.Places;

/** A keeper who is shot at again before they can stand set. */
final class KeeperSet implements DrillCheck.OfRep {

    /** So far from the goal a keeper still keeps it, metres; assumed. */
    private static final double KEEPS = 8;

    @Override
    public String id() {
        return "keeper-set";
    }

    @Override
    public List<Spotted> in(Rep rep) {
        Places places = new Places(rep.stage(), rep.surface());
        List<BallFlight> shots = rep.flights().stream()
                .filter(BallFlight::isShot)
                .sorted(Comparator.comparingDouble(BallFlight::from))
                .toList();
        List<Spotted> found = new ArrayList<>();
        for (int i = 0; i < shots.size(); i++) {
            for (int j = i + 1; j < shots.size(); j++) {
                BallFlight first = shots.get(i);
                BallFlight next = shots.get(j);
                boolean again = first.by().to().equals(next.by().to())
                        && !first.ball().equals(next.ball())
                        && next.from() - first.to() < Assumed.SET;
                if (again) {
                    rep.stage().people().stream()
                            .filter(Piece.Goalkeeper.class::isInstance)
                            .filter(k -> rep.timeline()
                                            .at(k.id(), first.to())
                                            .distance(places.of(first.by().to()))
                                    < KEEPS)
                            .findFirst()
                            .ifPresent(k -> found.add(spotted(rep, first, next, k)));
                }
            }
        }
        return found;
    }

    private Spotted spotted(Rep rep, BallFlight first, BallFlight next, Piece.Person keeper) {
        return Said.in(rep, id(), id(), rep.name(keeper.id()), Math.max(0, next.from() - first.to()), Assumed.SET)
                .when(next.from())
                .at(rep.timeline().at(keeper.id(), next.from()))
                .about(List.of(first.by().id(), next.by().id(), keeper.id()))
                .as(Spotted.Sure.LIKELY)
                .mending(() -> new Remedies(rep).later(next.by().who(), next.from(), 1, 2, 3, 4));
    }
}
