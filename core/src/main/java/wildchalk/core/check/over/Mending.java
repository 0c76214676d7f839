package wildchalk.core.check.over;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.check.Finding;
import wildchalk.core.check.rep.Conditions;
import wildchalk.core.check.rep.Looked;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.edit.Twins;
import wildchalk.core.measure.Unit;

/**
 * Tries mends out: the drill is played and looked over with each, and only those stay after which the finding is gone
 * and nothing new is found.
 */
public final class Mending {

    /** Nobody chooses among more. */
    private static final int MOST = 2;
    /** More than these are not tried for one finding. */
    private static final int TRIES = 8;

    private final Drill drill;
    private final Conditions conditions;
    private final Unit unit;
    private Set<Key> before;

    /** What is found, and where: enough to see whether it is there again. */
    private record Key(String check, List<String> who, Optional<String> rung) {}

    /** Mends of what was found in a drill so looked over. */
    public Mending(Drill drill, Conditions conditions, Unit unit) {
        this.drill = drill;
        this.conditions = conditions;
        this.unit = unit;
    }

    private Set<Key> keys(Drill of) {
        Set<Key> keys = new HashSet<>();
        Looked looked = new Looked(of, conditions, unit);
        LookOver.ALL.forEach(c -> c.in(looked).forEach(s -> keys.add(key(s))));
        return keys;
    }

    private static Key key(Spotted spotted) {
        return new Key(spotted.check(), spotted.who(), spotted.scene().rung());
    }

    /** The same finding with only those mends that hold, two at most; none for what cannot be mended so. */
    public Spotted tried(Spotted spotted) {
        List<Finding.Mend<Drill>> hold = new ArrayList<>();
        int tries = 0;
        Optional<String> rung = spotted.scene().rung();
        Optional<Drill> alone = rung.map(r -> Ladder.alone(drill, r));
        Set<Key> aloneBefore = alone.map(this::keys).orElse(Set.of());
        for (Finding.Mend<Drill> mend : spotted.proposals()) {
            boolean room = hold.size() < MOST && tries < TRIES;
            if (room && hold.stream().noneMatch(m -> kind(m).equals(kind(mend)))) {
                tries++;
                boolean quick = alone.isEmpty()
                        || holds(
                                spotted,
                                aloneBefore,
                                keys(Twins.tied(mend.edit()).apply(alone.get())));
                if (quick
                        && holds(spotted, before(), keys(Twins.tied(mend.edit()).apply(drill)))) {
                    hold.add(mend);
                }
            }
        }
        return spotted.mendedBy(hold);
    }

    /** Two that differ only in how far or how long are one to choose. */
    private static String kind(Finding.Mend<Drill> mend) {
        return mend.words().replaceAll("[\\d.]+", "");
    }

    private static boolean holds(Spotted spotted, Set<Key> was, Set<Key> is) {
        return !is.contains(key(spotted)) && was.containsAll(is);
    }

    private Set<Key> before() {
        if (before == null) {
            before = keys(drill);
        }
        return before;
    }
}
