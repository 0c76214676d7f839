package wildchalk.core.log;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.colour.Bib;
import wildchalk.core.grouping.Style;
import wildchalk.core.pitchside.Course;
import wildchalk.core.pitchside.Deed;
import wildchalk.core.pitchside.Running;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Company;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.Plan;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.Slot;
import wildchalk.core.score.Counter;
import wildchalk.core.score.Scoring;
import wildchalk.core.squad.Groups;
import wildchalk.core.squad.Helper;
import wildchalk.core.squad.Member;
import wildchalk.core.squad.Presence;
import wildchalk.core.squad.Squad;
import wildchalk.core.squad.SquadEdits;

/** An evening writes its own entry, worked out by hand. */
class WrittenTest {

    private static final ZoneId ZONE = ZoneId.of("Europe/Vienna");
    /** 30 November 2026, 18:04:20 there. */
    private static final long BEGUN = Instant.parse("2026-11-30T17:04:20Z").toEpochMilli();

    private static final Content.Planned WEIR = new Content.Planned("weir", 4, "Weir");

    private static Squad squad() {
        Squad squad = Squad.empty("otters", "Plovers")
                .with(List.of(Member.named("", "Ina"), Member.named("", "Joss"), Member.named("", "Kit")))
                .with(new Helper("", "Lev", Helper.Duty.COACH, List.of()));
        List<String> ids = squad.all().map(Member::id).toList();
        return SquadEdits.presence("x", ids.get(2), Presence.of(Presence.State.AWAY))
                .apply(squad)
                .on(squad.tonight()
                        .with(ids.get(2), Presence.of(Presence.State.AWAY))
                        .in(new Groups(
                                Style.EVEN,
                                List.of(),
                                1,
                                List.of(new Groups.Group(Bib.SKY, List.of(ids.get(0), ids.get(1)))))));
    }

    /** A drill of ten minutes, a game of six and a talk of two that nobody came to. */
    private static Practice evening() {
        Company company = Company.of(3, 0, 1).of("otters");
        return Practice.empty("p", "Wet Monday", new Slot(Optional.empty(), LocalTime.of(18, 0), 30))
                .given(Practice.Setting.UNSAID.with(company))
                .of(List.of(
                        Block.of(
                                "b1",
                                new Content.Play(
                                        WEIR,
                                        List.of(Content.Climb.of("s1"), Content.Climb.of("s2")),
                                        1,
                                        Content.Telling.NONE),
                                Block.Time.of(10)),
                        Block.of("b2", new Content.Game("two ends", Optional.empty(), ""), Block.Time.of(6)),
                        Block.of("b3", new Content.Words(Content.Sort.TALK, ""), Block.Time.of(2))));
    }

    private static Running running() {
        Plan plan = Plan.of(evening(), b -> Optional.empty());
        return new Running(
                "r",
                "Wet Monday",
                evening(),
                9,
                Course.of(plan, Course.Doses.UNSAID, Practice.Warned.USUAL),
                new Running.Chance(BEGUN, 3),
                List.of(),
                true);
    }

    private static Running doing(Running running, long seconds, Deed deed) {
        return running.with(new Running.Moment(seconds * 1000, BEGUN + seconds * 1000, Optional.of(deed)));
    }

    private static Written.Known known(Optional<Squad> squad) {
        return new Written.Known(squad, ZONE, WrittenTest::counted, d -> Optional.empty());
    }

    private static Optional<Scoring> counted(Block block) {
        return block.id().equals("b2")
                ? Optional.of(new Scoring(
                        List.of(
                                new Counter("end", "over the end", Counter.Way.EACH, 3),
                                new Counter("throw", "throws", Counter.Way.TRIES, 1)),
                        false,
                        false,
                        0,
                        "",
                        ""))
                : Optional.empty();
    }

    @Test
    void whatARunWas() {
        Running run = running();
        // Twenty seconds until the whistle, five minutes on each rung.
        run = doing(run, 0, new Deed.Go());
        run = doing(run, 20, new Deed.Next());
        run = doing(run, 200, new Deed.Called("green"));
        run = doing(run, 240, new Deed.Noted("Ina late on the second"));
        // The first rung is cut after four minutes: the second begins at 4:20.
        run = doing(run, 260, new Deed.Next());
        // It is over at 9:20 by itself; the game is whistled at 10:05 and left at 13:05.
        run = doing(run, 605, new Deed.Next());
        run = doing(run, 620, new Deed.Counted("end", "sky", 1));
        run = doing(run, 630, new Deed.Counted("end", "sky", 1));
        run = doing(run, 640, new Deed.Counted("end", "sky", -1));
        run = doing(run, 650, new Deed.Counted("throw", "sky", 1));
        run = doing(run, 655, new Deed.Counted("throw", "sky", -1));
        run = doing(run, 660, new Deed.Timed("throw", "m1", 20, List.of(1400L, 3300L)));
        run = doing(run, 785, new Deed.Stop());
        Entry entry = Written.of(run, 800_000, known(Optional.of(squad())));
        assertEquals("Wet Monday", entry.title());
        assertEquals(new Entry.When(LocalDate.of(2026, 11, 30), LocalTime.of(18, 4)), entry.when());
        assertEquals(new Entry.Source("p", 9, "r"), entry.source());
        assertEquals(2, entry.there().people(), "one is away");
        assertEquals(List.of(List.of("m1", "m2")), entry.there().groups());
        assertEquals(1, entry.there().staff().size());
        assertEquals(2, entry.parts().size(), "nobody came to the talk");
        Part drill = entry.parts().get(0);
        assertEquals(Optional.of(WEIR), drill.drill(), "in the version that was run");
        assertEquals(List.of("s1", "s2"), drill.rungs());
        assertEquals(20, drill.before());
        assertEquals(4 * 60 + 5 * 60, drill.seconds());
        assertEquals(600, drill.time().planned());
        assertEquals(1, drill.result().calls());
        assertEquals(List.of("Ina late on the second"), drill.result().notes());
        Part game = entry.parts().get(1);
        assertEquals(45, game.before());
        assertEquals(180, game.seconds());
        assertEquals(
                List.of(new Part.Counted("over the end", "sky", 1, 0, 3), new Part.Counted("throws", "sky", 1, 1, 1)),
                game.result().counted());
        assertEquals(
                List.of(new Part.Timed("throws", "m1", 20, List.of(1400L, 3300L))),
                game.result().timed());
        assertEquals(20 + 540 + 45 + 180, entry.seconds());
        assertFalse(entry.silentOf("Ina").toString().contains("Ina late"), "forgotten by name, counts stay");
    }

    @Test
    void asItWasPlannedAndThenCorrected() {
        Practice evening = evening();
        Plan plan = Plan.of(evening, b -> Optional.empty());
        LocalDate day = LocalDate.of(2026, 12, 2);
        Entry entry = Written.asPlanned(evening, 7, plan, known(Optional.empty()), day);
        assertEquals(new Entry.When(day, LocalTime.of(18, 0)), entry.when());
        assertEquals(new Entry.Source("p", 7, ""), entry.source());
        assertEquals(3, entry.there().people());
        assertEquals(List.of(), entry.there().known());
        assertEquals(
                List.of(600, 360, 120),
                entry.parts().stream().map(Part::seconds).toList());
        assertEquals(plan.seconds(), entry.seconds(), "the parts are the evening");
        Entry corrected = EntryEdits.lasted(0, 30, 540).apply(entry);
        corrected = EntryEdits.went(0, Part.Went.SO_SO).apply(corrected);
        corrected = EntryEdits.nextTime(0, "two balls").apply(corrected);
        corrected = EntryEdits.remove(2).apply(corrected);
        corrected = EntryEdits.thought("cold, but awake").apply(corrected);
        assertEquals(540, corrected.parts().get(0).seconds());
        assertEquals(600, corrected.parts().get(0).time().planned(), "what was planned stays");
        assertEquals(2, corrected.parts().size());
        assertEquals(List.of("now: cold, but awake", "2 parts instead of 3"), LogChanges.of(entry, corrected));
        assertEquals(
                List.of("Weir: 9 min instead of 10"),
                LogChanges.of(entry, EntryEdits.lasted(0, 0, 540).apply(entry)));
        assertEquals(corrected, EntryEdits.went(5, Part.Went.WORKED).apply(corrected), "there is no sixth part");
    }

    /** More letters than a file holds would make an entry that cannot be read again. */
    @Test
    void whatIsLongerThanAFileHoldsIsCut() {
        Practice evening = evening()
                .withTitle("t".repeat(300))
                .of(List.of(Block.of(
                        "b1", new Content.Game("to both ends ".repeat(90), Optional.empty(), ""), Block.Time.of(10))));
        Entry entry = Written.asPlanned(
                evening, 7, Plan.of(evening, b -> Optional.empty()), known(Optional.empty()), LocalDate.EPOCH);
        assertEquals(200, entry.title().length());
        assertEquals(200, entry.parts().get(0).title().length());
    }

    @Test
    void whatCannotBeIsRefused() {
        assertThrows(IllegalArgumentException.class, () -> new Part.Time(0, 0, 30 * 3600, 0));
        assertThrows(IllegalArgumentException.class, () -> new Part.Counted("x", "", -5, 0, 1));
        assertThrows(IllegalArgumentException.class, () -> new Part.Timed("x", "", 10, List.of(2000L, 1000L)));
        assertThrows(
                IllegalArgumentException.class, () -> new Entry.There("", 1, List.of("a", "b"), List.of(), List.of()));
    }
}
