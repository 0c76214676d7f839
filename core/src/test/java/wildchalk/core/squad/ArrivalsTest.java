package wildchalk.core.squad;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wildchalk.core.grouping.Handed;
import wildchalk.core.squad.Arrivals.Kind;

/** What a list of people is to a squad, before anything of it is taken in. */
class ArrivalsTest {

    private static Member one(String name, String number, String... positions) {
        return Member.named("x", name).called(name, number).playing(List.of(positions), Handed.UNSAID);
    }

    private static final Squad SQUAD = Squad.empty("s", "Juniors")
            .with(List.of(
                    one("Odile", "1", "keeper").at(new Member.Level(4, 0, List.of(new Sprint(20, 3.2)))),
                    one("Paavo", "9", "back"),
                    one("Zoë", "7"),
                    one("Kim", "3"),
                    one("Kim", "5")));

    private static List<Kind> kinds(Arrivals arrivals) {
        return arrivals.arrivals().stream().map(Arrivals.Arrival::kind).toList();
    }

    @Test
    void whoIsNewChangedTheSameOrGone() {
        Arrivals a = Arrivals.of(SQUAD, List.of(one("Paavo", "10", "wing"), one("Ragna", "2"), one("Odile", "1")));
        assertEquals(List.of(Kind.CHANGED, Kind.NEW, Kind.SAME), kinds(a));
        assertEquals(
                List.of("number 9 is now 10", "plays wing now"),
                a.arrivals().get(0).words());
        assertEquals(
                List.of("Zoë", "Kim", "Kim"),
                a.gone().stream().map(Member::name).toList());
    }

    @Test
    void whatIsNotPlainIsDoubtfulAndSaysWhy() {
        Arrivals a = Arrivals.of(SQUAD, List.of(one("zoe", ""), one("Kim", "3"), one("Nine", "9"), one("Odile", "")));
        assertEquals(List.of(Kind.DOUBTFUL, Kind.DOUBTFUL, Kind.DOUBTFUL, Kind.SAME), kinds(a));
        assertEquals(List.of("written Zoë in the squad"), a.arrivals().get(0).words());
        assertEquals(List.of("is called so more than once"), a.arrivals().get(1).words());
        assertEquals(
                List.of("number 9 is Paavo in the squad"), a.arrivals().get(2).words());
    }

    @Test
    void whatTheListDoesNotSayStays() {
        Arrivals a = Arrivals.of(SQUAD, List.of(one("Odile", ""), one("Zoë", "8")));
        Squad after = a.takingIn(Set.of(), false).apply(SQUAD);
        assertEquals(SQUAD.people().get(0), after.people().get(0));
        assertEquals("8", after.people().get(2).number());
        assertEquals(5, after.people().size(), "nobody goes unasked");
        assertEquals(2, a.takingIn(Set.of(), true).apply(SQUAD).people().size());
    }

    @Test
    void aDoubtfulOneIsWhoTheCoachSays() {
        Arrivals a = Arrivals.of(SQUAD, List.of(one("zoe", "4")));
        Squad same = a.takingIn(Set.of(0), false).apply(SQUAD);
        assertEquals("zoe", same.person("m3").orElseThrow().name());
        assertEquals(5, same.people().size());
        Squad fresh = a.takingIn(Set.of(), false).apply(SQUAD);
        assertEquals("Zoë", fresh.person("m3").orElseThrow().name());
        assertEquals("m6", fresh.people().get(5).id(), "ids are never given twice");
    }

    @Test
    void fiveThousandAreCompared() {
        List<Member> many = new ArrayList<>();
        for (int i = 0; i < 5000; i++) {
            many.add(one("Name " + i, Integer.toString(i)));
        }
        Squad squad = Squad.empty("s", "All").with(many);
        Arrivals a = Arrivals.of(squad, many);
        assertTrue(a.arrivals().stream().allMatch(x -> x.kind() == Kind.SAME));
        assertEquals(List.of(), a.gone());
    }

    @Test
    void firstNamesTellPeopleApart() {
        Squad squad = Squad.empty("s", "")
                .with(List.of(
                        one("Ada Lund", ""),
                        one("Bo Kvist", ""),
                        one("Bo Lind", ""),
                        one("Cy Moe", ""),
                        one("Cy Myhr", ""),
                        one("Édda", "")));
        assertEquals(
                Map.of("m1", "Ada", "m2", "Bo K.", "m3", "Bo L.", "m4", "Cy Moe", "m5", "Cy Myhr", "m6", "Édda"),
                FirstNames.of(squad.people()));
        assertEquals("B. K.", FirstNames.initials("Bo Kvist"));
    }
}
