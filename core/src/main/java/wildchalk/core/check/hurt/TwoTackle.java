package wildchalk.core.check.hurt;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import wildchalk.core.check.mend.Remedies;
import wildchalk.core.check.rep.DrillCheck;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.check.rep.Track;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Shadow;
import wildchalk.core.timeline.ActionTimes;

/** Two who reach one at the same time to tackle them. */
final class TwoTackle implements DrillCheck.OfRep {

    /** Caught so near is a tackle, metres; assumed. */
    private static final double TACKLES = 1.2;
    /** Two who come so soon one after the other hit together, seconds; assumed. */
    private static final double TOGETHER = 1;

    @Override
    public String id() {
        return "two-tackle";
    }

    @Override
    public List<Spotted> in(Rep rep) {
        if (!Said.isContactSport(rep.surface())) {
            return List.of();
        }
        List<Shadow> chases = rep.stage().actions().stream()
                .filter(Shadow.class::isInstance)
                .map(Shadow.class::cast)
                .filter(s -> s.way() == Shadow.Way.CHASE && s.distance() < TACKLES)
                .toList();
        List<Spotted> found = new ArrayList<>();
        tackles(rep, found);
        for (int i = 0; i < chases.size(); i++) {
            for (int j = i + 1; j < chases.size(); j++) {
                Shadow one = chases.get(i);
                Shadow two = chases.get(j);
                OptionalDouble first = caught(rep, one);
                OptionalDouble second = caught(rep, two);
                boolean together = one.whom().equals(two.whom())
                        && first.isPresent()
                        && second.isPresent()
                        && Math.abs(first.getAsDouble() - second.getAsDouble()) < TOGETHER;
                if (together) {
                    found.add(spotted(rep, one, two, one.whom(), Math.max(first.getAsDouble(), second.getAsDouble())));
                }
            }
        }
        return found;
    }

    /** Two tackles of one that are drawn. */
    private void tackles(Rep rep, List<Spotted> found) {
        List<Act> tackles = rep.stage().actions().stream()
                .filter(a -> a instanceof Act act && act.what() == Act.What.TACKLE)
                .map(Act.class::cast)
                .filter(a -> rep.timeline().times(a.id()).isPresent())
                .toList();
        for (int i = 0; i < tackles.size(); i++) {
            for (int j = i + 1; j < tackles.size(); j++) {
                Act one = tackles.get(i);
                Act two = tackles.get(j);
                double t = rep.timeline().times(two.id()).orElseThrow().start();
                double first = rep.timeline().times(one.id()).orElseThrow().start();
                if (one.whom().equals(two.whom()) && Math.abs(t - first) < TOGETHER) {
                    found.add(spotted(rep, one, two, one.whom().orElseThrow(), Math.max(t, first)));
                }
            }
        }
    }

    private static OptionalDouble caught(Rep rep, Shadow chase) {
        Track who = rep.track(chase.who()).orElse(null);
        Track whom = rep.track(chase.whom()).orElse(null);
        double from = rep.timeline().times(chase.id()).map(ActionTimes::start).orElse(Double.NaN);
        if (who == null || whom == null || Double.isNaN(from)) {
            return OptionalDouble.empty();
        }
        for (int k = (int) (from / Track.STEP); k < who.looks(); k++) {
            if (who.at(k).distance(whom.at(k)) < TACKLES) {
                return OptionalDouble.of(k * Track.STEP);
            }
        }
        return OptionalDouble.empty();
    }

    private Spotted spotted(Rep rep, Action one, Action two, String tackled, double t) {
        Track whom = rep.track(tackled).orElseThrow();
        return Said.in(rep, id(), id(), rep.name(one.who()), rep.name(two.who()), rep.name(tackled))
                .when(t)
                .at(whom.at((int) Math.round(t / Track.STEP)))
                .about(List.of(one.who(), two.who(), tackled))
                .as(Spotted.Sure.LIKELY)
                .mending(() -> new Remedies(rep).later(two.who(), t, 2, 3));
    }
}
