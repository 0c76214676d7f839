package wildchalk.core.check.hurt;

import java.util.List;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import wildchalk.core.check.rep.DrillCheck;
import wildchalk.core.check.rep.Looked;
import wildchalk.core.check.rep.Spoken;
import wildchalk.core.check.rep.Spotted;

/**
 * Something written in a drill that could hurt those who do it: full contact for children, headers, grips. Whether it
 * is allowed is for the sport's own rules to say.
 *
 * @param counts whether it matters for those who play and what they play
 * @param careful whether a caution that speaks of it is enough
 */
record Written(String id, Predicate<Looked> counts, boolean careful) implements DrillCheck {

    /** Contact, below the ages at which it is usual. */
    static Written contact() {
        return new Written("contact-age", l -> Assumed.isChild(l.level()) && Said.isContactSport(l.surface()), false);
    }

    /** Head first on the ground. */
    static Written ground() {
        return new Written("ground-work", l -> true, false);
    }

    /** Grips, for children. */
    static Written grips() {
        return new Written("close-grip", l -> Assumed.isYouth(l.level()), false);
    }

    /** Balls headed, and blows to the head, for children. */
    static Written head() {
        return new Written("head-ball", l -> Assumed.isChild(l.level()), false);
    }

    /** Exercise as a forfeit, for all who are not grown up. */
    static Written forfeit() {
        return new Written("forfeit", l -> Assumed.isYouth(l.level()), false);
    }

    /** Contact of which it is not said what must be worn. */
    static Written worn() {
        return new Written("worn", l -> Said.isContactSport(l.surface()), true);
    }

    @Override
    public List<Spotted> in(Looked looked) {
        if (!counts.test(looked)) {
            return List.of();
        }
        Spoken spoken = looked.spoken();
        Pattern what = Said.pattern(id + ".words");
        if (careful && spoken.cautions(Said.pattern(id + ".care"))) {
            return List.of();
        }
        return spoken.asking(what).stream()
                .limit(1)
                .map(s -> {
                    Spotted spotted = Said.of(id, id, s).as(Spotted.Sure.LOOK);
                    return careful ? spotted.mending(() -> Said.caution(looked.drill(), id + ".caution")) : spotted;
                })
                .toList();
    }
}
