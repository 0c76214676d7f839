package wildchalk.core.squad;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import wildchalk.core.grouping.Asked;
import wildchalk.core.grouping.Entrant;
import wildchalk.core.grouping.Style;
import wildchalk.core.grouping.Wish;

/** Who is there, as those see them who divide them into groups: without a name, and with no more than counts. */
public final class Gathering {

    private Gathering() {}

    /**
     * What is asked for those of a squad who play tonight.
     *
     * @param groups how many, at least 1
     * @param seed of lots and ties
     */
    public static Asked of(Squad squad, int groups, Style style, List<Wish> wishes, long seed) {
        List<Entrant> people =
                squad.playing().stream().map(p -> entrant(squad, p)).toList();
        return new Asked(people, groups, style, wishes, squad.lately(), seed);
    }

    private static Entrant entrant(Squad squad, Member member) {
        Presence.State state = squad.tonight().of(member.id()).state();
        Set<Entrant.Note> notes = EnumSet.noneOf(Entrant.Note.class);
        if (state == Presence.State.LATE) {
            notes.add(Entrant.Note.LATE);
        }
        if (state.isEasy()) {
            notes.add(Entrant.Note.EASY);
        }
        return new Entrant(member.id(), member.strength(), member.positions(), member.side(), notes);
    }
}
