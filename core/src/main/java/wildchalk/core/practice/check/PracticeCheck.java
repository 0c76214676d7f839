package wildchalk.core.practice.check;

import java.util.Comparator;
import java.util.List;
import wildchalk.core.check.Finding;
import wildchalk.core.practice.Fit;
import wildchalk.core.practice.KnownNeeds;
import wildchalk.core.practice.Plan;
import wildchalk.core.practice.Practice;

/** Looks for one thing. */
public interface PracticeCheck {

    /** All there are. */
    List<PracticeCheck> ALL = List.of(
            new FitsSlot(),
            new DrillsThere(),
            new Enough(),
            new GearThere(),
            new LeadersFree(),
            new WaterSoon(),
            new Standing());

    /**
     * A practice, worked out.
     *
     * @param plan of what is left of it
     * @param needs of its drills
     * @param left what is left of it
     */
    record Worked(Practice practice, Plan plan, KnownNeeds needs, Left left) {

        /**
         * What is left of a practice.
         *
         * @param done how many blocks are over
         * @param now seconds after the start of the slot
         */
        public record Left(int done, int now) {

            /** All of it. */
            public static final Left ALL = new Left(0, 0);
        }

        /** Works a practice out. */
        public static Worked of(Practice practice, KnownNeeds needs) {
            return of(practice, needs, Left.ALL);
        }

        /** Works out what is left of a practice. */
        public static Worked of(Practice practice, KnownNeeds needs, Left left) {
            return new Worked(practice, Plan.from(practice, needs, left.done(), left.now()), needs, left);
        }

        /** What is left of it, made to fit. */
        public Fit fit() {
            return fit(practice);
        }

        Fit fit(Practice other) {
            return Fit.from(other, needs, left.done(), left.now());
        }
    }

    /** What is found; nothing where all is well. */
    List<Finding<Practice>> of(Worked evening);

    /** What all of them find, the weightiest first. */
    static List<Finding<Practice>> all(Worked evening) {
        return ALL.stream()
                .flatMap(c -> c.of(evening).stream())
                .sorted(Comparator.comparing(Finding::weight))
                .toList();
    }
}
