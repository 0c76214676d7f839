package wildchalk.core.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wildchalk.core.drill.GearKind;
import wildchalk.core.effort.Effort;

class DrillQueryTest {

    private record Known(String title, DrillSummary summary, long changed, long used) implements DrillQuery.Dated {}

    private static DrillSummary summary(
            int people, int cones, int balls, double minutes, Space space, Effort.Level age, Set<Skill> skills) {
        return new DrillSummary(
                "",
                new DrillSummary.Where("field-hockey", "", "field hockey"),
                new DrillSummary.Required(
                        people, people, cones == 0 ? Map.of() : Map.of(GearKind.CONE, cones), balls, ""),
                new DrillSummary.Room(10, 10, space),
                new DrillSummary.Dosage(minutes, 1),
                new DrillSummary.Players(age, Set.of(Effort.Intensity.LIVE)),
                new DrillSummary.Practised(skills, Map.of()),
                people > 20);
    }

    private static Known known(String title, int people, double minutes, long changed, long used) {
        return new Known(
                title, summary(people, 0, 0, minutes, Space.WHOLE, Effort.Level.ADULT, Set.of()), changed, used);
    }

    private static List<String> in(DrillQuery.Order order, List<Known> drills) {
        return drills.stream().sorted(order.comparator()).map(Known::title).toList();
    }

    @Test
    void everyOrderPutsFirstWhatItIsCalledAfter() {
        List<Known> drills =
                List.of(known("ferry", 6, 0, 50, 0), known("Anvil", 4, 12, 20, 90), known("cart", 9, 5, 70, 10));
        assertEquals(List.of("cart", "ferry", "Anvil"), in(DrillQuery.Order.CHANGED, drills));
        assertEquals(List.of("Anvil", "cart", "ferry"), in(DrillQuery.Order.USED, drills));
        assertEquals(
                List.of("Anvil", "cart", "ferry"),
                in(DrillQuery.Order.TITLE, drills),
                "whatever the case of the letters");
        assertEquals(List.of("Anvil", "ferry", "cart"), in(DrillQuery.Order.PEOPLE, drills));
        assertEquals(
                List.of("cart", "Anvil", "ferry"),
                in(DrillQuery.Order.MINUTES, drills),
                "what nobody timed comes last");
    }

    @Test
    void anOrderIsTheSameWhateverCameFirst() {
        List<Known> drills = new ArrayList<>();
        Random random = new Random(8);
        for (int i = 0; i < 60; i++) {
            drills.add(known(
                    "Drill " + i, random.nextInt(4), random.nextInt(3), random.nextInt(5), random.nextInt(3) * 100));
        }
        for (DrillQuery.Order order : DrillQuery.Order.values()) {
            List<Known> once = drills.stream().sorted(order.comparator()).toList();
            Collections.shuffle(drills, random);
            for (int i = 1; i < once.size(); i++) {
                assertTrue(order.comparator().compare(once.get(i - 1), once.get(i)) <= 0, order.words());
            }
        }
    }

    @Test
    void askingForMoreNeverFindsMore() {
        Random random = new Random(27);
        DrillQuery[] more = {
            DrillQuery.ANYTHING.people(OptionalInt.of(6)),
            DrillQuery.ANYTHING.balls(OptionalInt.of(2)),
            DrillQuery.ANYTHING.minutes(OptionalInt.of(10)),
            DrillQuery.ANYTHING.space(Optional.of(Space.HALF)),
            DrillQuery.ANYTHING.gear(GearKind.CONE, OptionalInt.of(3)),
            DrillQuery.ANYTHING.turning(Skill.PASSING),
            DrillQuery.ANYTHING.turning(Effort.Level.UNDER_12)
        };
        for (int i = 0; i < 500; i++) {
            DrillSummary g = summary(
                    random.nextInt(12),
                    random.nextInt(6),
                    random.nextInt(5),
                    random.nextInt(20),
                    Space.values()[random.nextInt(3)],
                    Effort.Level.values()[random.nextInt(6)],
                    random.nextBoolean() ? Set.of(Skill.PASSING) : Set.of());
            DrillQuery both = DrillQuery.ANYTHING
                    .people(OptionalInt.of(6))
                    .balls(OptionalInt.of(2))
                    .minutes(OptionalInt.of(10))
                    .space(Optional.of(Space.HALF))
                    .gear(GearKind.CONE, OptionalInt.of(3))
                    .turning(Skill.PASSING)
                    .turning(Effort.Level.UNDER_12);
            boolean each = true;
            for (DrillQuery one : more) {
                each &= one.fits(g);
            }
            assertEquals(each, both.fits(g), "all of it together is each of it alone");
            assertTrue(DrillQuery.ANYTHING.fits(g));
        }
    }

    @Test
    void gearOfWhichThereIsEnoughIsNoLongerAskedFor() {
        DrillQuery few =
                DrillQuery.ANYTHING.gear(GearKind.CONE, OptionalInt.of(2)).gear(GearKind.POLE, OptionalInt.of(0));
        assertFalse(few.fits(summary(4, 3, 0, 0, Space.WHOLE, Effort.Level.ADULT, Set.of())));
        assertTrue(few.fits(summary(4, 2, 0, 0, Space.WHOLE, Effort.Level.ADULT, Set.of())));
        assertEquals(
                DrillQuery.ANYTHING,
                few.gear(GearKind.CONE, OptionalInt.empty()).gear(GearKind.POLE, OptionalInt.empty()));
    }

    @Test
    void anyOfSeveralAgesWillDoButAllOfSeveralSkills() {
        DrillQuery ages = DrillQuery.ANYTHING.turning(Effort.Level.UNDER_10).turning(Effort.Level.UNDER_12);
        assertTrue(ages.fits(summary(1, 0, 0, 0, Space.WHOLE, Effort.Level.UNDER_12, Set.of())));
        assertFalse(ages.fits(summary(1, 0, 0, 0, Space.WHOLE, Effort.Level.ADULT, Set.of())));
        DrillQuery skills = DrillQuery.ANYTHING.turning(Skill.PASSING).turning(Skill.SHOOTING);
        assertFalse(skills.fits(summary(1, 0, 0, 0, Space.WHOLE, Effort.Level.ADULT, Set.of(Skill.PASSING))));
        assertTrue(skills.fits(summary(
                1, 0, 0, 0, Space.WHOLE, Effort.Level.ADULT, Set.of(Skill.PASSING, Skill.SHOOTING, Skill.TALKING))));
    }

    @Test
    void thoseThatCouldHurtCanBeAskedFor() {
        DrillSummary hurts = summary(22, 0, 0, 0, Space.WHOLE, Effort.Level.ADULT, Set.of());
        DrillSummary other = summary(8, 0, 0, 0, Space.WHOLE, Effort.Level.ADULT, Set.of());
        DrillQuery asked = DrillQuery.ANYTHING.hurting(true);
        assertTrue(asked.fits(hurts));
        assertFalse(asked.fits(other));
        assertTrue(asked.turning(Effort.Level.ADULT).hurting(), "the rest of the question leaves it as it is");
        assertTrue(DrillQuery.ANYTHING.fits(hurts));
    }
}
