package wildchalk.bench;

import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.stream.Collectors;
import wildchalk.core.drill.Drill;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.DrillWork;
import wildchalk.core.practice.Fit;
import wildchalk.core.practice.KnownNeeds;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.check.PracticeCheck;
import wildchalk.core.practice.check.PracticeCheck.Worked;
import wildchalk.core.setout.SetOut;
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
