package wildchalk.core.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import wildchalk.core.drill.GearKind;
import wildchalk.core.practice.check.PracticeCheck;
import wildchalk.core.practice.check.PracticeCheck.Worked;

/** What holds of any evening, sensible or not. */
class PracticeProperties {

    @Provide
    Arbitrary<Practice> practices() {
        Arbitrary<Content> contents = Arbitraries.of(
                new Content.Game("on", Optional.empty(), ""),
                new Content.Words(Content.Sort.WATER, ""),
                new Content.Words(Content.Sort.TALK, "why"),
                play("weir", Content.Telling.FRESH),
                play("mill", Content.Telling.KNOWN),
                play("lost", Content.Telling.NONE),
                new Content.Beside(List.of(
                        PlanTest.drill("x1", "weir", 5, Content.Telling.KNOWN),
                        PlanTest.drill("x2", "mill", 5, Content.Telling.NONE))));
        Arbitrary<Block.Time> times = Arbitraries.integers()
                .between(1, 12)
                .tuple3()
                .map(t -> new Block.Time(t.get1(), t.get1() + t.get2() - 1, t.get1() + t.get2() + t.get3() - 2));
        Arbitrary<Block> blocks = Combinators.combine(contents, times, Arbitraries.of(true, false))
                .as((c, t, must) -> Block.of("b", c, t).having(must));
        return Combinators.combine(
                        blocks.list().ofMaxSize(9),
                        Arbitraries.integers().between(1, 120),
                        Arbitraries.integers().between(0, 20),
                        Arbitraries.integers().between(0, 3))
                .as((list, minutes, people, staff) -> {
                    Practice practice = Practice.empty(
                                    "p", "p", new Slot(Optional.empty(), LocalTime.of(19, 0), minutes))
                            .given(PlanTest.SETTING
                                    .with(Company.of(people, 0, staff))
                                    .with(new Bag(Map.of(GearKind.CONE, people), OptionalInt.empty())));
                    for (Block block : list) {
                        practice = practice.with(practice.blocks().size(), block);
                    }
                    return practice;
                });
    }

    private static Content play(String drill, Content.Telling told) {
        return new Content.Play(new Content.Planned(drill, 0, drill), List.of(), 1, told);
    }

    @Property(tries = 600, seed = "19081")
    void theTimesAddUpToTheSecond(@ForAll("practices") Practice practice) {
        Plan plan = Plan.of(practice, PlanTest.NEEDS);
        int t = 0;
        for (Plan.Entry entry : plan.entries()) {
            assertEquals(t + entry.before().seconds(), entry.start());
            assertEquals(entry.start() + entry.block().time().now() * 60, entry.end());
            t = entry.end();
        }
        assertEquals(t, plan.seconds());
        assertEquals(
                practice.blocks(),
                plan.entries().stream().map(Plan.Entry::block).toList());
    }

    @Property(tries = 400, seed = "19081")
    void fittingBreaksNeitherMustNorLeastAndFitsWhatItSays(@ForAll("practices") Practice practice) {
        Fit fit = Fit.of(practice, PlanTest.NEEDS);
        Set<String> left = new HashSet<>();
        for (Block block : fit.practice().blocks()) {
            Block before = practice.block(block.id()).orElseThrow();
            left.add(block.id());
            assertTrue(block.time().now() >= before.time().least()
                    && block.time().now() <= before.time().now());
        }
        assertTrue(practice.blocks().stream().filter(Block::must).allMatch(b -> left.contains(b.id())));
        int seconds = Plan.of(fit.practice(), PlanTest.NEEDS).seconds();
        assertEquals(Math.max(0, seconds - practice.slot().seconds()), fit.over());
        assertEquals(fit, Fit.of(practice, PlanTest.NEEDS));
        assertEquals(
                0,
                Fit.of(fit.practice(), PlanTest.NEEDS).loss() * (fit.over() == 0 ? 1 : 0),
                "what fits loses no more");
    }

    @Property(tries = 300, seed = "19081")
    void takenOutAndPutBackItIsTheSamePlan(@ForAll("practices") Practice practice) {
        for (int i = 0; i < practice.blocks().size(); i++) {
            List<Block> without = new ArrayList<>(practice.blocks());
            Block block = without.remove(i);
            List<Block> back = new ArrayList<>(without);
            back.add(i, block);
            assertEquals(Plan.of(practice, PlanTest.NEEDS), Plan.of(practice.of(back), PlanTest.NEEDS));
        }
    }

    @Property(tries = 300, seed = "19081")
    void whateverIsFoundIsWithinTheEveningAndSaysSomething(@ForAll("practices") Practice practice) {
        Worked worked = Worked.of(practice, PlanTest.NEEDS);
        int end = Math.max(worked.plan().seconds(), practice.slot().seconds());
        PracticeCheck.all(worked).forEach(f -> {
            assertTrue(f.words().endsWith(".") && f.words().length() > 8, f.words());
            f.span().ifPresent(s -> assertTrue(s.from() >= 0 && s.from() <= s.to() && s.to() <= end, f.toString()));
            assertTrue(f.where().stream().allMatch(id -> practice.block(id).isPresent()), f.toString());
            f.mends().forEach(m -> assertTrue(!m.edit().apply(practice).isLike(practice), m.words()));
        });
    }

    @Property(tries = 300, seed = "19081")
    void thereAndBackChangesNothing(@ForAll("practices") Practice practice) {
        for (int from = 0; from < practice.blocks().size(); from++) {
            Block block = practice.blocks().get(from);
            for (int to = 0; to <= practice.blocks().size(); to++) {
                Practice moved = PracticeEdits.move(block, to).apply(practice);
                int back = moved.place(block.id()) < from ? from + 1 : from;
                assertEquals(practice, PracticeEdits.move(block, back).apply(moved));
            }
            int minutes = block.time().now();
            Practice pulled = PracticeEdits.last(block, minutes).apply(practice);
            assertEquals(practice, pulled);
        }
    }

    /** Nobody and nothing is in two places at one time without its being said. */
    @Property(tries = 400, seed = "19081")
    void whatIsInTwoPlacesIsSaid(@ForAll("practices") Practice practice) {
        Worked worked = Worked.of(practice, PlanTest.NEEDS);
        Set<String> said = new HashSet<>();
        PracticeCheck.all(worked).forEach(f -> f.where().forEach(id -> said.add(f.check() + " " + id)));
        for (Plan.Entry entry : worked.plan().entries()) {
            int people = 0;
            int cones = 0;
            Set<Integer> groups = new HashSet<>();
            boolean twice = false;
            for (Block part : entry.block().parts()) {
                Needs needs = PlanTest.NEEDS.of(part).orElse(null);
                people += needs == null ? 0 : needs.fewest();
                cones += needs == null ? 0 : needs.gear().getOrDefault(GearKind.CONE, 0);
                twice |= entry.block().parts().size() > 1 && (part.group() == 0 || !groups.add(part.group()));
            }
            String id = entry.block().id();
            assertEquals(
                    practice.company().isSaid() && people > practice.company().people(), said.contains("people " + id));
            assertEquals(cones > practice.bag().of(GearKind.CONE).orElse(1000), said.contains("gear " + id));
            assertEquals(twice, said.contains("group.twice " + id));
        }
    }
}
