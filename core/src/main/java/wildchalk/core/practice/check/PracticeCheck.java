package wildchalk.core.practice.check;

import java.util.Comparator;
import java.util.List;
import wildchalk.core.check.Finding;
import wildchalk.core.practice.Around;
import wildchalk.core.practice.Fit;
import wildchalk.core.practice.KnownNeeds;
import wildchalk.core.practice.Plan;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.Strain;

/** Looks for one thing. */
public interface PracticeCheck {

    /** All there are. */
    List<PracticeCheck> ALL = List.of(
            new FitsSlot(),
            new DrillsThere(),
            new Enough(),
            new GearThere(),
            new LeadersFree(),
            new AllBusy(),
            new RoomThere(),
            new GroundClear(),
            new RoundThere(),
            new OnlyOne(),
            new Loaded(),
            new WaterSoon(),
            new Standing(),
            new BothSides(),
            new AboutTheme());

    /**
     * A practice, worked out.
     *
     * @param plan of what is left of it
     * @param needs of its drills
     * @param left what is left of it
     * @param around what is known of the book around it
     * @param strain how hard what is left of it is
     */
    record Worked(Practice practice, Plan plan, KnownNeeds needs, Left left, Around around, Strain strain) {

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

        /** Works a practice out that is in a book. */
        public static Worked of(Practice practice, KnownNeeds needs, Around around) {
            return of(practice, needs, Left.ALL, around);
        }

        /** Works out what is left of a practice. */
        public static Worked of(Practice practice, KnownNeeds needs, Left left) {
            return of(practice, needs, left, Around.UNKNOWN);
        }

        /** Works out what is left of a practice that has something around it. */
        public static Worked of(Practice practice, KnownNeeds needs, Left left, Around around) {
            Plan plan = Plan.from(practice, needs, left.done(), left.now());
            return new Worked(practice, plan, needs, left, around, Strain.of(plan, needs));
        }

        /** What is left of it, made to fit. */
        public Fit fit() {
            return fit(practice);
        }

        /** Along the clock, if it were another. */
        Plan plan(Practice other) {
            return Plan.from(other, needs, left.done(), left.now());
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
