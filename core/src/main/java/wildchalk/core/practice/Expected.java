package wildchalk.core.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.casting.Caster;
import wildchalk.core.squad.Groups;
import wildchalk.core.squad.Helper;
import wildchalk.core.squad.Member;
import wildchalk.core.squad.Presence;
import wildchalk.core.squad.Squad;

/** Who of a squad is expected tonight, in counts: nobody of it can be known by them. */
public final class Expected {

    private Expected() {}

    /**
     * Who is expected as the squad is now. Whoever comes late and did not say when is counted among those who were not
     * heard from.
     */
    public static Company of(Squad squad) {
        List<Member> playing = squad.playing();
        List<Company.Late> late = new ArrayList<>();
        int unheard = 0;
        for (Member member : playing) {
            Presence how = squad.tonight().of(member.id());
            if (how.state() == Presence.State.LATE && how.from().isPresent()) {
                late.add(new Company.Late(how.from().get(), group(squad, member), Caster.keeps(member)));
            } else if (how.state() == Presence.State.LATE || how.state() == Presence.State.UNHEARD) {
                unheard++;
            }
        }
        List<String> absent = squad.staff().stream()
                .map(Helper::id)
                .filter(h -> squad.tonight().of(h).state() == Presence.State.AWAY)
                .toList();
        return new Company(
                squad.id(),
                new Company.Heads(
                        playing.size(),
                        (int) playing.stream().filter(Caster::keeps).count(),
                        squad.staff().size() - absent.size(),
                        unheard),
                groups(squad)
                        .map(g -> g.people().stream().map(List::size).toList())
                        .orElse(List.of()),
                late,
                absent,
                squad.usual().level());
    }

    private static Optional<Groups> groups(Squad squad) {
        return squad.tonight().groups();
    }

    private static int group(Squad squad, Member member) {
        List<List<String>> people = groups(squad).map(Groups::people).orElse(List.of());
        for (int g = 0; g < people.size(); g++) {
            if (people.get(g).contains(member.id())) {
                return g + 1;
            }
        }
        return 0;
    }
}
