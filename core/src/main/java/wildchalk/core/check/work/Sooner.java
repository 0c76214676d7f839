package wildchalk.core.check.work;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.ask.Race;
import wildchalk.core.check.mend.Remedies;
import wildchalk.core.check.rep.DrillCheck;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.check.rep.Track;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.Abilities;
import wildchalk.core.timeline.ActionTimes;
import wildchalk.core.timeline.Lane;

/** A loose ball that an opponent who is on the move could have sooner than who it is meant for. */
final class Sooner implements DrillCheck.OfRep {

    /** By less than this nobody can say who is sooner, seconds; assumed. */
    private static final double CLEAR = 0.4;

    @Override
    public String id() {
        return "sooner";
    }

    @Override
    public List<Spotted> in(Rep rep) {
        List<Spotted> found = new ArrayList<>();
        rep.stage().actions().stream()
                .filter(Travel.Collect.class::isInstance)
                .map(Travel.Collect.class::cast)
                .forEach(c -> rep.timeline()
                        .times(c.id())
                        .flatMap(t -> sooner(rep, c, t))
                        .ifPresent(found::add));
        return found;
    }

    private Optional<Spotted> sooner(Rep rep, Travel.Collect collect, ActionTimes times) {
        Optional<Piece.Person> meant = rep.stage().person(collect.who()).filter(Piece.Person::isOnATeam);
        boolean ball = collect.wanted()
                .flatMap(rep.stage()::piece)
                .filter(Piece.Ball.class::isInstance)
                .isPresent();
        boolean played = ball
                && rep.flights().stream()
                        .anyMatch(f -> f.ball().equals(collect.wanted().get()) && f.from() <= times.start() + 1);
        if (meant.isEmpty() || !played) {
            return Optional.empty();
        }
        Vec to = rep.timeline().at(collect.who(), times.end());
        List<Piece.Person> others = rep.tracks().stream()
                .filter(Track::moves)
                .map(Track::who)
                .filter(p -> Lane.isOpponent(p, meant.get().bib()))
                .filter(p -> rep.stage().actionsOf(p.id()).stream()
                        .noneMatch(
                                a -> a instanceof Travel.Collect o && o.wanted().equals(collect.wanted())))
                .toList();
        if (others.isEmpty()) {
            return Optional.empty();
        }
        Race race = Race.of(to, others, rep.timeline(), Abilities.speeds(rep.stage(), rep.surface()), times.start());
        Race.Runner first = race.runners().get(0);
        double theirs = times.end() - times.start();
        return first.seconds() + CLEAR < theirs
                ? Optional.of(Said.in(
                                rep,
                                id(),
                                id(),
                                rep.name(first.who().id()),
                                rep.name(collect.who()),
                                first.seconds(),
                                theirs,
                                rep.metres(first.metres()))
                        .when(times.start())
                        .at(to)
                        .metres(first.metres())
                        .about(List.of(collect.id(), first.who().id()))
                        .as(Spotted.Sure.LOOK)
                        .mending(() -> new Remedies(rep).away(first.who(), to, 5, 10, 20)))
                : Optional.empty();
    }
}
