package wildchalk.bench;

import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.stream.Collectors;
import wildchalk.core.drill.Drill;
import wildchalk.core.practice.Around;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.DrillWork;
import wildchalk.core.practice.Fit;
import wildchalk.core.practice.GoingRound;
import wildchalk.core.practice.KnownNeeds;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.PracticeEdits;
import wildchalk.core.practice.check.PracticeCheck;
import wildchalk.core.practice.check.PracticeCheck.Worked;
import wildchalk.core.practice.ground.Ground;
import wildchalk.core.practice.ground.GroundDrill;
import wildchalk.core.practice.ground.Laying;
import wildchalk.core.setout.SetOut;
import wildchalk.core.surface.Surfaces;
import wildchalk.desktop.DemoBook;

/**
 * An evening of ninety minutes, twelve blocks and forty people: how long it takes to know what is found, and to fit it.
 */
public final class PracticeBench {

    private static final int ROUNDS = 30;
    private static final double MILLION = 1e6;

    private PracticeBench() {}

    /** Prints what it measured. */
    public static void main(String[] args) {
        Map<String, Drill> drills = DemoBook.drills().stream().collect(Collectors.toMap(Drill::id, d -> d));
        Practice evening = Evening.full(DemoBook.drills());
        long begun = System.nanoTime();
        Map<String, DrillWork> works = new HashMap<>();
        evening.blocks().stream()
                .flatMap(Block::play)
                .forEach(p -> works.computeIfAbsent(
                        p.drill().id(), id -> new DrillWork(drills.get(id), SetOut.USUAL_HANDFUL)));
        KnownNeeds needs = block -> DrillWork.of(works, block, evening.company());
        evening.blocks().forEach(needs::of);
        System.out.printf(
                "what %d drills take, the first time: %.0f ms%n", works.size(), (System.nanoTime() - begun) / MILLION);
        measure("findings after an edit", () -> PracticeCheck.all(Worked.of(evening, needs))
                .size());
        measure("fitting it", () -> Fit.of(evening, needs).loss());
        round(drills);
    }

    /** Forty people in five groups that go round five places on one pitch. */
    private static void round(Map<String, Drill> drills) {
        Evening.Round round = Evening.round(drills);
        Practice evening = round.evening();
        Map<String, DrillWork> works = new HashMap<>();
        round.drills().values().forEach(d -> works.put(d.id(), new DrillWork(d, SetOut.USUAL_HANDFUL)));
        KnownNeeds needs = block -> DrillWork.of(works, block, evening.company());
        Block block = evening.blocks().get(0);
        Around around = Around.UNKNOWN.on(Ground.venue(evening, round.drills(), Surfaces.BUILT_IN));
        block.parts().forEach(needs::of);
        measure("who is where in a round of five by five", () -> GoingRound.of(block, evening.company(), needs)
                .orElseThrow()
                .turns()
                .count());
        Ground ground =
                Ground.of(evening, block, needs, around.venue().orElseThrow()).orElseThrow();
        measure(
                "laying it out",
                () -> Laying.out(ground, needs).map(g -> g.laid().size()).orElse(0));
        Ground laid = Laying.out(ground, needs).orElse(ground);
        Practice placed = PracticeEdits.stand(block, laid.stands()).apply(evening);
        measure("findings after an edit of it", () -> PracticeCheck.all(
                        Worked.of(placed, needs, Worked.Left.ALL, around))
                .size());
        Practice heap = PracticeEdits.stand(block, Laying.row(ground).stands()).apply(evening);
        measure("findings with everything in everything's way", () -> PracticeCheck.all(
                        Worked.of(heap, needs, Worked.Left.ALL, around))
                .size());
        measure(
                "the ground as a drill",
                () -> GroundDrill.of(laid, "ground", round.drills(), 0).ladder().size());
    }

    /** What is measured; its number is used, so that it is worked out. */
    private interface Work {
        int done();
    }

    private static void measure(String what, Work work) {
        double first = 0;
        double[] times = new double[ROUNDS];
        int used = 0;
        for (int i = -1; i < ROUNDS; i++) {
            long begun = System.nanoTime();
            used += work.done();
            double taken = (System.nanoTime() - begun) / MILLION;
            if (i < 0) {
                first = taken;
            } else {
                times[i] = taken;
            }
        }
        Arrays.sort(times);
        System.out.printf(
                "%s: %.1f ms the first time, then %.1f in the middle, at most %.1f (%d)%n",
                what, first, times[ROUNDS / 2], times[ROUNDS - 1], used);
    }
}
