package wildchalk.core.check.better;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import wildchalk.core.check.rep.DrillCheck;
import wildchalk.core.check.rep.Looked;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.implied.LivePlay;
import wildchalk.core.motion.Possession;

/** Somebody of the team with the ball who never has it, whatever is decided; or who does nothing at all. */
final class NoTouch implements DrillCheck {

    @Override
    public String id() {
        return "no-touch";
    }

    @Override
    public List<Spotted> in(Looked looked) {
        List<Spotted> found = new ArrayList<>();
        for (Rep rep : looked.rungs()) {
            Set<String> touch = new HashSet<>();
            looked.reps().stream()
                    .filter(r -> r.stage() == rep.stage())
                    .forEach(r -> r.timeline().balls().forEach(b -> r.timeline().possessions(b).stream()
                            .map(Possession::who)
                            .forEach(touch::add)));
            Set<Bib> withBall = new HashSet<>();
            touch.forEach(
                    w -> rep.stage().person(w).filter(Piece.Person::isOnATeam).ifPresent(p -> withBall.add(p.bib())));
            Set<String> live = LivePlay.people(rep.stage());
            Set<String> undrawn = LivePlay.undrawn(rep.stage());
            for (Piece.Person person : rep.stage().people()) {
                boolean plays = person.isOnATeam() && !(person instanceof Piece.Goalkeeper);
                boolean waits = rep.stage().actionsOf(person.id()).isEmpty() && !undrawn.contains(person.id());
                if (plays
                        && !touch.contains(person.id())
                        && !live.contains(person.id())
                        && (withBall.contains(person.bib()) || waits)) {
                    found.add(spotted(rep, person, waits));
                }
            }
        }
        return found;
    }

    private Spotted spotted(Rep rep, Piece.Person person, boolean waits) {
        String check = waits ? "only-waits" : id();
        return Said.in(rep, check, check, rep.name(person.id()))
                .at(person.at())
                .about(List.of(person.id()))
                .as(Spotted.Sure.LOOK);
    }
}
