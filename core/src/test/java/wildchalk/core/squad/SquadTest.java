package wildchalk.core.squad;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wildchalk.core.colour.Bib;
import wildchalk.core.document.Edit;
import wildchalk.core.document.History;
import wildchalk.core.grouping.Asked;
import wildchalk.core.grouping.Entrant;
import wildchalk.core.grouping.Style;
import wildchalk.core.grouping.Wish;
import wildchalk.core.squad.Presence.State;

/** People come and go, evenings begin and end, and nobody gets an id that somebody had. */
class SquadTest {

    private static Squad squad(String... names) {
        Squad squad = Squad.empty("s", "Juniors");
        for (String name : names) {
            squad = squad.with(Member.named("", name));
        }
        return squad;
    }

    private static Groups two(List<String> one, List<String> other, Wish... wishes) {
        return new Groups(
                Style.EVEN,
                List.of(wishes),
                1,
                List.of(new Groups.Group(Bib.CORAL, one), new Groups.Group(Bib.SKY, other)));
    }

    @Test
    void anIdIsNeverGivenTwiceAlsoAfterAnUndo() {
        History<Squad> history = History.of(squad("Odile", "Paavo"));
        history = history.after(new Edit<>("Add", s -> s.with(Member.named("", "Wenna"))));
        assertEquals("m3", history.now().people().get(2).id());
        history = history.after(new Edit<>("Forget", s -> s.without("m3"))).undo(2);
        assertEquals(2, history.now().people().size());
        history = history.after(new Edit<>("Add", s -> s.with(Member.named("", "Calla"))));
        assertEquals("m4", history.now().people().get(2).id());
    }

    @Test
    void whoIsThereIsPutIntoGroupsAndNobodyElse() {
        Squad squad = squad("Odile", "Paavo", "Wenna", "Calla", "Tibor").welcoming(Member.named("", "Guest"));
        Evening tonight = squad.tonight()
                .with("m1", new Presence(State.LATE, Optional.of(LocalTime.of(18, 45))))
                .with("m2", Presence.of(State.AWAY))
                .with("m3", Presence.of(State.NO_CONTACT))
                .with("m4", Presence.of(State.KEEPS_TIME));
        Squad there = squad.on(tonight);
        assertEquals(
                List.of("m1", "m3", "m5", "m6"),
                there.playing().stream().map(Member::id).toList());
        Asked asked = Gathering.of(there, 2, Style.EVEN, List.of(), 1);
        assertEquals(Set.of(Entrant.Note.LATE), asked.people().get(0).notes());
        assertEquals(Set.of(Entrant.Note.EASY), asked.people().get(1).notes());
        assertEquals(3, asked.people().get(2).strength(), "in the middle where nothing is said");
        Squad again = there.on(there.tonight().with("m2", Presence.THERE));
        assertFalse(again.tonight().presence().containsKey("m2"));
    }

    @Test
    void anEveningThatIsOverIsRememberedByIdsAlone() {
        Squad squad = squad("Odile", "Paavo").welcoming(Member.named("", "Guest"));
        Squad over = squad.on(squad.tonight().in(two(List.of("m1", "m3"), List.of("m2"))))
                .evening();
        assertEquals(List.of(List.of(List.of("m1", "m3"), List.of("m2"))), over.lately());
        assertEquals(Evening.UNSAID, over.tonight());
        assertEquals(2, over.all().count());
        Squad many = over;
        for (int i = 0; i < 20; i++) {
            many = many.on(many.tonight().in(two(List.of("m1"), List.of("m2")))).evening();
        }
        assertEquals(Squad.MOST_LATELY, many.lately().size());
    }

    @Test
    void whoIsForgottenIsInNoGroupAndInNoWish() {
        Squad squad = squad("Odile", "Paavo", "Wenna");
        Squad in = squad.on(squad.tonight()
                .in(two(
                        List.of("m1", "m2"),
                        List.of("m3"),
                        new Wish.Together(List.of("m1", "m2"), true),
                        new Wish.Together(List.of("m1", "m2", "m3"), false),
                        new Wish.Pinned("m1", 0, true),
                        new Wish.BothSides(false)))
                .with("m1", Presence.of(State.AWAY)));
        Squad without = in.without("m1");
        assertEquals(
                two(
                        List.of("m2"),
                        List.of("m3"),
                        new Wish.Together(List.of("m2", "m3"), false),
                        new Wish.BothSides(false)),
                without.tonight().groups().orElseThrow());
        assertTrue(without.tonight().presence().isEmpty());
        assertEquals("Odile is no longer there", SquadChanges.of(in, without).get(0));
    }

    @Test
    void changesAreSaid() {
        Squad before = squad("Odile", "Paavo", "Wenna");
        Squad after = before.with(Member.named("", "Calla"))
                .knowing(before.people().get(0).called("Odile", "7"))
                .withTitle("Under sixteens");
        Evening tonight = after.tonight()
                .with("m2", new Presence(State.LATE, Optional.of(LocalTime.of(18, 45))))
                .in(two(List.of("m1", "m4"), List.of("m2", "m3")));
        after = after.on(tonight);
        assertEquals(
                List.of(
                        "called Under sixteens now",
                        "Calla was added",
                        "Odile was changed",
                        "Paavo: late, from 18:45",
                        "2 groups"),
                SquadChanges.of(before, after));
        Squad dragged = after.on(tonight.in(tonight.groups().orElseThrow().moved("m4", 1)));
        assertEquals(List.of("Calla is in another group"), SquadChanges.of(after, dragged));
        assertEquals(List.of("a new evening"), SquadChanges.of(dragged, dragged.evening()));
        assertEquals(List.of(), SquadChanges.of(dragged, dragged));
    }

    @Test
    void aCautionEndsWithItsDay() {
        Caution caution = new Caution(Caution.From.CONTACT, "", Optional.of(LocalDate.of(2027, 3, 3)));
        assertTrue(caution.holds(LocalDate.of(2027, 3, 3)));
        assertFalse(caution.holds(LocalDate.of(2027, 3, 4)));
        assertTrue(new Caution(Caution.From.OTHER, "", Optional.empty()).holds(LocalDate.of(2099, 1, 1)));
    }
}
