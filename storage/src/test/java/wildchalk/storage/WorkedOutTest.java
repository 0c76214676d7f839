package wildchalk.storage;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Piece;
import wildchalk.core.flow.Flow;
import wildchalk.core.grouping.Handed;
import wildchalk.core.grouping.Style;
import wildchalk.core.log.Entry;
import wildchalk.core.log.Part;
import wildchalk.core.log.Work;
import wildchalk.core.log.Written;
import wildchalk.core.log.season.Asked;
import wildchalk.core.log.season.Season;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Company;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.DrillWork;
import wildchalk.core.practice.Plan;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.Slot;
import wildchalk.core.setout.SetOut;
import wildchalk.core.squad.Groups;
import wildchalk.core.squad.Member;
import wildchalk.core.squad.Squad;
import wildchalk.core.surface.Surfaces;
import wildchalk.storage.format.DrillReader;
import wildchalk.storage.format.FormatException;

/** What everybody did in an evening, worked out of the drills of the demo: together it is what the drills hold. */
class WorkedOutTest {

    private static final LocalDate DAY = LocalDate.of(2026, 11, 24);
    private static final int PEOPLE = 16;

    static List<Path> drills() {
        return DemoDrills.files();
    }

    private static Drill drill(Path file) throws FormatException {
        return DrillReader.told(file, Surfaces.BUILT_IN).document();
    }

    private static Content.Planned planned(Drill drill) {
        return new Content.Planned(drill.id(), 1, drill.title());
    }

    /** The first and the fifth are keepers. */
    private static Squad squad(int groups) {
        Squad squad = Squad.empty("sedges", "Sedges")
                .with(IntStream.rangeClosed(1, PEOPLE)
                        .mapToObj(i -> Member.named("", "P" + i)
                                .playing(i == 1 || i == 5 ? List.of("keeper") : List.of(), Handed.UNSAID))
                        .toList());
        List<String> ids = squad.people().stream().map(Member::id).toList();
        if (groups == 0) {
            return squad;
        }
        return squad.on(squad.tonight()
                .in(new Groups(
                        Style.EVEN,
                        List.of(),
                        1,
                        IntStream.range(0, groups)
                                .mapToObj(g -> new Groups.Group(
                                        Bib.values()[g], ids.subList(PEOPLE * g / groups, PEOPLE * (g + 1) / groups)))
                                .toList())));
    }

    private static Written.Known known(Optional<Squad> squad, Map<String, DrillWork> works) {
        return new Written.Known(
                squad, ZoneOffset.UTC, b -> Optional.empty(), d -> Optional.ofNullable(works.get(d.id())));
    }

    private static Entry written(Practice practice, Optional<Squad> squad, Map<String, DrillWork> works) {
        return Written.asPlanned(practice, 1, Plan.of(practice, b -> Optional.empty()), known(squad, works), DAY);
    }

    private static Practice evening(String squad, Content... contents) {
        Practice practice = Practice.empty("p", "Tuesday", new Slot(Optional.of(DAY), LocalTime.of(18, 0), 90))
                .given(Practice.Setting.UNSAID.with(Company.of(PEOPLE, 2, 2).of(squad)));
        for (Content content : contents) {
            practice = practice.with(9, Block.of("", content, Block.Time.of(12)));
        }
        return practice;
    }

    private static void sums(Drill drill, Work work, Flow flow, double share) {
        sum(drill, work, flow, share, Work.Each::metres, Flow.Each::metres);
        sum(drill, work, flow, share, Work.Each::sprints, Flow.Each::sprints);
        sum(drill, work, flow, share, Work.Each::touches, Flow.Each::touches);
        sum(drill, work, flow, share, Work.Each::shots, Flow.Each::shots);
        sum(drill, work, flow, share, w -> w.busy() * 60, e -> e.seconds(Flow.Doing.BUSY));
    }

    private static void sum(
            Drill drill,
            Work work,
            Flow flow,
            double share,
            ToDoubleFunction<Work.Each> mine,
            ToDoubleFunction<Flow.Each> flows) {
        double all = flow.each().values().stream().mapToDouble(flows).sum() / (flow.seconds() / 60);
        // Each is kept to the ten-thousandth.
        assertEquals(all * share, work.all(mine), 60 * PEOPLE * 1e-4, drill.title());
    }

    @ParameterizedTest
    @MethodSource("drills")
    void whatEachDidIsTogetherWhatTheDrillHolds(Path file) throws Exception {
        Drill drill = drill(file);
        DrillWork work = new DrillWork(drill, SetOut.USUAL_HANDFUL);
        Squad squad = squad(0);
        Content.Play play = new Content.Play(planned(drill), List.of(), 1, Content.Telling.NONE);
        Entry entry = written(evening("sedges", play), Optional.of(squad), Map.of(drill.id(), work));
        Part part = entry.parts().get(0);
        Work worked = part.work().orElseThrow();
        Flow flow = work.flow("", PEOPLE, 1);
        sums(drill, worked, flow, 1);
        assertEquals(
                new HashSet<>(entry.there().known()),
                new HashSet<>(worked.each().stream().map(Work.Each::who).toList()),
                "everybody once");
        assertEquals(PEOPLE, worked.each().size());
        assertEquals(1, worked.share());
        double skills = worked.skills().values().stream()
                .mapToDouble(Double::doubleValue)
                .sum();
        assertEquals(1, skills, 1e-3);
        keepersKeep(drill, squad, worked, flow);
        // What of it somebody did in a season is that of the minutes of the part.
        Season season = Season.of(List.of(entry), Asked.ALL);
        assertEquals(
                worked.all(Work.Each::metres) * 12,
                season.people().stream().mapToDouble(p -> p.did().metres()).sum(),
                1e-6);
        assertEquals(worked.all(Work.Each::metres) * 12 / PEOPLE, season.load(), 1e-6);
        Entry unknown = written(evening("", play), Optional.empty(), Map.of(drill.id(), work));
        sums(drill, unknown.parts().get(0).work().orElseThrow(), flow, 1);
    }

    /** Whoever is in goal in the first rep is one who can be. */
    private static void keepersKeep(Drill drill, Squad squad, Work worked, Flow flow) {
        List<String> letters = List.copyOf(flow.each().keySet());
        Flow.Rep first = flow.reps().get(0);
        drill.ladder().get(0).pieces().stream()
                .filter(Piece.Goalkeeper.class::isInstance)
                .map(p -> first.cast().get(p.id()))
                .filter(letter -> letter != null)
                .limit(2)
                .forEach(letter -> {
                    String who = worked.each().get(letters.indexOf(letter)).who();
                    assertTrue(
                            squad.person(who).orElseThrow().positions().contains("keeper"),
                            drill.title() + ": " + who + " is in goal");
                });
    }

    /** Rungs that are climbed share the time: five of them, those below too, with reads on some. */
    @ParameterizedTest
    @MethodSource("drills")
    void eachRungThatIsClimbedCountsForItsShare(Path file) throws Exception {
        Drill drill = drill(file);
        DrillWork work = new DrillWork(drill, SetOut.USUAL_HANDFUL);
        List<String> rungs = drill.ladder().stream().map(r -> r.id()).toList();
        Content.Play play = new Content.Play(
                planned(drill), rungs.stream().map(Content.Climb::of).toList(), 1, Content.Telling.NONE);
        Entry entry = written(evening("sedges", play), Optional.of(squad(0)), Map.of(drill.id(), work));
        Part part = entry.parts().get(0);
        assertEquals(rungs, part.rungs());
        double metres = rungs.stream()
                .mapToDouble(r -> work.flow(r, PEOPLE, 1).each().values().stream()
                        .mapToDouble(e -> e.metres())
                        .sum())
                .average()
                .orElseThrow();
        double minutes = work.flow("", PEOPLE, 1).seconds() / 60;
        Work worked = part.work().orElseThrow();
        assertEquals(metres / minutes, worked.all(Work.Each::metres), 1e-2);
        assertEquals(PEOPLE, worked.each().size(), "who is on several rungs is one");
    }

    @Test
    void someGoRoundAndEachDoesAShareOfEach() throws Exception {
        Drill one = drill(DemoDrills.files().get(0));
        Drill other = drill(DemoDrills.files().get(1));
        Map<String, DrillWork> works = Map.of(
                one.id(), new DrillWork(one, SetOut.USUAL_HANDFUL),
                other.id(), new DrillWork(other, SetOut.USUAL_HANDFUL));
        Content.Beside beside = new Content.Beside(
                List.of(
                        Block.of(
                                "x",
                                new Content.Play(planned(one), List.of(), 1, Content.Telling.NONE),
                                Block.Time.of(12)),
                        Block.of(
                                "y",
                                new Content.Play(planned(other), List.of(), 1, Content.Telling.NONE),
                                Block.Time.of(12))),
                Optional.of(new Content.Round(false)),
                Map.of());
        Entry entry = written(evening("sedges", beside), Optional.of(squad(2)), works);
        assertEquals(2, entry.parts().size(), "each place is a part");
        assertFalse(entry.parts().get(0).time().meanwhile());
        assertTrue(entry.parts().get(1).time().meanwhile());
        assertEquals(12 * 60, entry.parts().get(0).took(), "what is on at one time counts once");
        assertEquals(12 * 60, entry.seconds() - entry.parts().get(0).before());
        Work first = entry.parts().get(0).work().orElseThrow();
        assertEquals(0.5, first.share());
        assertEquals(PEOPLE, first.each().size(), "everybody was there");
        Flow half = works.get(one.id()).flow("", PEOPLE / 2, 1);
        sums(one, first, half, 2 * 0.5);
        // Those who do not go round are at one of the two all the time.
        Entry stays = written(evening("sedges", new Content.Beside(beside.blocks())), Optional.of(squad(2)), works);
        Work mine = stays.parts().get(1).work().orElseThrow();
        assertEquals(PEOPLE / 2, mine.each().size());
        assertEquals(0.5, mine.share());
        sums(other, mine, works.get(other.id()).flow("", PEOPLE / 2, 1), 1);
    }

    @Test
    void aGameIsAssumedAndWaterIsNothing() {
        Practice practice = evening(
                "sedges",
                new Content.Game("to both ends", Optional.empty(), ""),
                new Content.Words(Content.Sort.WATER, ""));
        Entry entry = written(practice, Optional.of(squad(0)), Map.of());
        assertEquals(90, entry.parts().get(0).work().orElseThrow().metres(), 1e-9);
        assertTrue(entry.parts().get(1).work().isEmpty());
    }

    @Test
    void whatWasTypedInIsWorkedOutToo() throws Exception {
        Drill drill = drill(DemoDrills.files().get(3));
        Map<String, DrillWork> works = Map.of(drill.id(), new DrillWork(drill, SetOut.USUAL_HANDFUL));
        Entry.There there = Written.there(Optional.of(squad(0)), 0);
        Entry entry = Written.typed(
                "Typed",
                new Entry.When(DAY, LocalTime.of(18, 0)),
                there,
                List.of(
                        Part.of("x", Optional.of(planned(drill)), Part.Time.asPlanned(0, 600)),
                        Part.of("Water", Optional.empty(), Part.Time.asPlanned(0, 60))),
                known(Optional.of(squad(0)), works));
        sums(
                drill,
                entry.parts().get(0).work().orElseThrow(),
                works.get(drill.id()).flow("", PEOPLE, 1),
                1);
        assertTrue(entry.parts().get(1).work().isEmpty());
        assertEquals(Entry.Source.TYPED, entry.source());
    }
}
