package wildchalk.core.squad;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.colour.Bib;
import wildchalk.core.grouping.Asked;
import wildchalk.core.grouping.Division;
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

    /**
     * The same, with what is wished of tonight's groups. Who was to be in a group that there is no longer may be in
     * any.
     *
     * @param groups how many, at least 1
     */
    public static Asked of(Squad squad, int groups, Style style, long seed) {
        List<Wish> wishes = squad.tonight().groups().orElse(Groups.NONE).wishes().stream()
                .filter(w -> !(w instanceof Wish.Pinned p) || p.group() < groups)
                .toList();
        return of(squad, groups, style, wishes, seed);
    }

    /** What is asked of the groups that there are; empty while there are none. */
    public static Optional<Asked> now(Squad squad) {
        return squad.tonight()
                .groups()
                .filter(g -> !g.groups().isEmpty())
                .map(g -> of(squad, g.groups().size(), g.style(), g.seed()));
    }

    /** The groups of tonight as they are judged, by hand or not; empty while there are none. */
    public static Optional<Division> judged(Squad squad) {
        return now(squad)
                .map(asked -> Division.judged(
                        asked, squad.tonight().groups().orElseThrow().people()));
    }

    /** Groups for tonight as a division has them: with the bibs that are worn already, people in the squad's order. */
    public static Groups made(Squad squad, Asked asked, Division division) {
        List<Bib> worn = squad.tonight().groups().orElse(Groups.NONE).bibs();
        List<Bib> bibs = GroupNames.bibs(worn, division.groups().size());
        List<String> order = squad.all().map(Member::id).toList();
        List<Groups.Group> all = new ArrayList<>();
        for (int g = 0; g < bibs.size(); g++) {
            all.add(new Groups.Group(
                    bibs.get(g),
                    division.groups().get(g).stream()
                            .sorted(Comparator.comparingInt(order::indexOf))
                            .toList()));
        }
        return new Groups(asked.style(), asked.wishes(), asked.seed(), all);
    }

    /** The groups of the evening before for those who play tonight; empty when there was none. */
    public static Optional<Groups> asLastTime(Squad squad) {
        if (squad.lately().isEmpty()) {
            return Optional.empty();
        }
        List<List<String>> last = squad.lately().get(squad.lately().size() - 1);
        Groups now = squad.tonight().groups().orElse(Groups.NONE);
        Asked asked = of(squad, last.size(), now.style(), now.seed());
        return Optional.of(made(squad, asked, Division.judged(asked, last)));
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
