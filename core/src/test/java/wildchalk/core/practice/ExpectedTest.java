package wildchalk.core.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;

import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import wildchalk.core.colour.Bib;
import wildchalk.core.effort.Effort;
import wildchalk.core.grouping.Handed;
import wildchalk.core.grouping.Style;
import wildchalk.core.squad.Groups;
import wildchalk.core.squad.Helper;
import wildchalk.core.squad.Member;
import wildchalk.core.squad.Presence;
import wildchalk.core.squad.Squad;
import wildchalk.core.squad.SquadEdits;

/** Who of a squad is expected, in counts and never by name. */
class ExpectedTest {

    private static Squad squad() {
        Squad squad = Squad.empty("s", "Juniors")
                .usually(new Squad.Usual("handball", Effort.Level.UNDER_12))
                .with(Stream.of("Arvo", "Bente", "Ciro", "Dagny", "Egon", "Frida")
                        .map(n -> Member.named("", n))
                        .toList())
                .with(new Helper("", "Gudrun", Helper.Duty.COACH, List.of()))
                .with(new Helper("", "Holger", Helper.Duty.ASSISTANT, List.of()));
        Squad keeping = squad.knowing(squad.people().get(0).playing(List.of("Keeper"), Handed.UNSAID))
                .knowing(squad.people().get(1).playing(List.of("wing", "goalie"), Handed.UNSAID));
        Groups groups = new Groups(
                Style.EVEN,
                List.of(),
                1,
                List.of(
                        new Groups.Group(Bib.CORAL, List.of("m1", "m3", "m5")),
                        new Groups.Group(Bib.SKY, List.of("m2", "m4"))));
        return Stream.of(
                        SquadEdits.presence(
                                "Bente", "m2", new Presence(Presence.State.LATE, Optional.of(LocalTime.of(18, 40)))),
                        SquadEdits.presence("Ciro", "m3", Presence.of(Presence.State.LATE)),
                        SquadEdits.presence("Egon", "m5", Presence.of(Presence.State.UNHEARD)),
                        SquadEdits.presence("Frida", "m6", Presence.of(Presence.State.AWAY)),
                        SquadEdits.presence("Holger", "m8", Presence.of(Presence.State.AWAY)),
                        SquadEdits.group(groups))
                .reduce(keeping, (s, e) -> e.apply(s), (a, b) -> b);
    }

    @Test
    void theyAreCountedAsTheyAreTonight() {
        Company company = Expected.of(squad());
        assertEquals(
                new Company.Heads(5, 2, 1, 2), company.heads(), "late without a time is as good as not heard from");
        assertEquals(List.of(3, 2), company.groups());
        assertEquals(List.of(new Company.Late(LocalTime.of(18, 40), 2, true)), company.late());
        assertEquals(List.of("m8"), company.absent());
        assertEquals(Effort.Level.UNDER_12, company.age());
        assertEquals(3, company.in(1));
        assertEquals(5, company.in(0));
        assertEquals(5, company.in(7), "of a group of which nothing is known everybody may come");
        squad().all().forEach(m -> assertFalse(company.toString().contains(m.name())));
    }
}
