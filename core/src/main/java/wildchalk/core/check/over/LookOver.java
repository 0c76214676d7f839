package wildchalk.core.check.over;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import wildchalk.core.check.Finding;
import wildchalk.core.check.better.BetterChecks;
import wildchalk.core.check.hurt.HurtChecks;
import wildchalk.core.check.rep.Conditions;
import wildchalk.core.check.rep.DrillCheck;
import wildchalk.core.check.rep.Looked;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.check.work.WorkChecks;
import wildchalk.core.drill.Drill;
import wildchalk.core.measure.Unit;

/**
 * What all checks find in a drill.
 *
 * @param found what is to be looked at, the worst first
 * @param left what was put aside for a reason
 */
public record LookOver(List<Spotted> found, List<Left> left) {

    /** All checks there are. */
    public static final List<DrillCheck> ALL = Stream.of(HurtChecks.ALL, WorkChecks.ALL, BetterChecks.ALL)
            .flatMap(List::stream)
            .toList();

    /** Two things so near in time are one, seconds. */
    private static final double SAME_MOMENT = 1;

    public LookOver {
        found = List.copyOf(found);
        left = List.copyOf(left);
    }

    /** Something found that was put aside, and why. */
    public record Left(Spotted spotted, Drill.PutAside why) {}

    /** Looks a drill over. Mends are proposals until they were tried. */
    public static LookOver of(Drill drill, Conditions conditions, Unit unit) {
        return of(new Looked(drill, conditions, unit));
    }

    /** Looks over what was played already. */
    public static LookOver of(Looked looked) {
        return of(looked, () -> {});
    }

    /**
     * Looks over what was played already.
     *
     * @param between is run between one check and the next, by whoever leaves others some of the machine
     */
    public static LookOver of(Looked looked, Runnable between) {
        List<Spotted> found = new ArrayList<>();
        List<Left> left = new ArrayList<>();
        all(looked, between).forEach(s -> aside(looked.drill(), s)
                .ifPresentOrElse(why -> left.add(new Left(s, why)), () -> found.add(s)));
        return new LookOver(found, left);
    }

    /** Whether anything in a drill could hurt somebody that was not left for a reason: quicker than all of it. */
    public static boolean hurts(Looked looked) {
        return HurtChecks.ALL.stream()
                .flatMap(c -> c.in(looked).stream())
                .anyMatch(s -> s.weight() == Finding.Weight.COULD_HURT
                        && aside(looked.drill(), s).isEmpty());
    }

    private static List<Spotted> all(Looked looked, Runnable between) {
        List<Spotted> all = new ArrayList<>();
        for (DrillCheck check : ALL) {
            for (Spotted s : check.in(looked)) {
                if (all.stream().noneMatch(s::isSameAs)) {
                    all.add(s);
                }
            }
            between.run();
        }
        return all.stream()
                .filter(s -> !isSaidAlready(all, s))
                .sorted(Comparator.comparing(Spotted::weight))
                .map(s -> SportsWords.of(s, looked.surface()))
                .toList();
    }

    /** Who runs right through somebody is told once: as what could hurt. */
    private static boolean isSaidAlready(List<Spotted> all, Spotted spotted) {
        return spotted.check().equals(WorkChecks.IN_THE_WAY)
                && all.stream()
                        .anyMatch(o -> o.weight() == Finding.Weight.COULD_HURT
                                && o.scene().rung().equals(spotted.scene().rung())
                                && o.t().isPresent()
                                && spotted.t().isPresent()
                                && Math.abs(o.t().getAsDouble() - spotted.t().getAsDouble()) < SAME_MOMENT);
    }

    /** Why something was put aside; empty for what was not. */
    public static Optional<Drill.PutAside> aside(Drill drill, Spotted spotted) {
        return drill.notes().aside().stream()
                .filter(a -> a.check().equals(spotted.check()) && a.about().equals(spotted.who()))
                .findFirst();
    }

    /** How many of a weight there are. */
    public int count(Finding.Weight weight) {
        return (int) found.stream().filter(s -> s.weight() == weight).count();
    }

    /** Whether anything is left to be looked at that could hurt. */
    public boolean couldHurt() {
        return count(Finding.Weight.COULD_HURT) > 0;
    }

    /**
     * The first few of each kind, the worst first: nobody reads more.
     *
     * @param each how many of one check, at least 1
     */
    public List<Spotted> few(int each) {
        Map<String, Integer> told = new HashMap<>();
        return found.stream()
                .filter(s -> told.merge(s.check(), 1, Integer::sum) <= each)
                .toList();
    }
}
