package wildchalk.core.catalogue;

import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import wildchalk.core.drill.GearKind;
import wildchalk.core.effort.Effort;

/**
 * What drills are wanted; whatever is left empty does not matter.
 *
 * @param surfaces ids, any of which will do
 * @param there what there is to do it with
 * @param space there is; a drill that takes less fits too
 * @param minutes there are; a drill of which nothing is said fits too
 * @param skills that are practised, all of them
 * @param ages any of which will do
 * @param intensity on one of its rungs
 * @param hurting only those in which something was found that could hurt somebody
 */
public record DrillQuery(
        Set<String> surfaces,
        Available there,
        Optional<Space> space,
        OptionalInt minutes,
        Set<Skill> skills,
        Set<Effort.Level> ages,
        Optional<Effort.Intensity> intensity,
        boolean hurting) {

    /**
     * Who and what there is.
     *
     * @param people a drill fits when its lowest rung needs no more
     * @param gear of the kinds that are short; of others there is enough
     */
    public record Available(OptionalInt people, Map<GearKind, Integer> gear, OptionalInt balls) {
        public Available {
            gear = Map.copyOf(gear);
        }
    }

    public static final DrillQuery ANYTHING = new DrillQuery(
            Set.of(),
            new Available(OptionalInt.empty(), Map.of(), OptionalInt.empty()),
            Optional.empty(),
            OptionalInt.empty(),
            Set.of(),
            Set.of(),
            Optional.empty(),
            false);

    /** How many there are; empty when it does not matter. */
    public OptionalInt people() {
        return there.people();
    }

    /** Of what is short, how many pieces there are of each kind. */
    public Map<GearKind, Integer> gear() {
        return there.gear();
    }

    /** How many there are; empty when it does not matter. */
    public OptionalInt balls() {
        return there.balls();
    }

    public DrillQuery {
        surfaces = Set.copyOf(surfaces);
        skills = Set.copyOf(skills);
        ages = Set.copyOf(ages);
    }

    /** Whether a drill is wanted. */
    public boolean fits(DrillSummary g) {
        return (surfaces.isEmpty() || surfaces.contains(g.surface()))
                && (people().isEmpty() || g.people() <= people().getAsInt())
                && gear().entrySet().stream().allMatch(e -> g.gear().getOrDefault(e.getKey(), 0) <= e.getValue())
                && (balls().isEmpty() || g.balls() <= balls().getAsInt())
                && (space.isEmpty() || g.space().compareTo(space.get()) <= 0)
                && (minutes.isEmpty() || g.minutes() <= minutes.getAsInt())
                && g.skills().containsAll(skills)
                && (ages.isEmpty() || ages.contains(g.age()))
                && (intensity.isEmpty() || g.intensities().contains(intensity.get()))
                && (!hurting || g.couldHurt());
    }

    /** The same on one surface more, or one less where it was among them. */
    public DrillQuery turning(String surface) {
        return new DrillQuery(turned(surfaces, surface), there, space, minutes, skills, ages, intensity, hurting);
    }

    /** The same with one skill more, or one less where it was among them. */
    public DrillQuery turning(Skill skill) {
        return new DrillQuery(surfaces, there, space, minutes, turned(skills, skill), ages, intensity, hurting);
    }

    /** The same for one age more, or one less where it was among them. */
    public DrillQuery turning(Effort.Level age) {
        return new DrillQuery(surfaces, there, space, minutes, skills, turned(ages, age), intensity, hurting);
    }

    private static <T> Set<T> turned(Set<T> set, T value) {
        Set<T> turned = new HashSet<>(set);
        if (!turned.remove(value)) {
            turned.add(value);
        }
        return turned;
    }

    /** With so many people at most, 0 or more; empty for any number. */
    public DrillQuery people(OptionalInt most) {
        return with(new Available(most, gear(), balls()));
    }

    /** With so many of a kind of gear; empty for enough. */
    public DrillQuery gear(GearKind kind, OptionalInt most) {
        Map<GearKind, Integer> changed = new HashMap<>(gear());
        changed.remove(kind);
        most.ifPresent(n -> changed.put(kind, n));
        return with(new Available(people(), changed, balls()));
    }

    /** With so many balls at most, 0 or more; empty for any number. */
    public DrillQuery balls(OptionalInt most) {
        return with(new Available(people(), gear(), most));
    }

    private DrillQuery with(Available other) {
        return new DrillQuery(surfaces, other, space, minutes, skills, ages, intensity, hurting);
    }

    /** Within so much of the surface; empty for any. */
    public DrillQuery space(Optional<Space> most) {
        return new DrillQuery(surfaces, there, most, minutes, skills, ages, intensity, hurting);
    }

    /** Within so many minutes, 0 or more; empty for any time. */
    public DrillQuery minutes(OptionalInt most) {
        return new DrillQuery(surfaces, there, space, most, skills, ages, intensity, hurting);
    }

    /** With a rung on which people go so hard; empty for any. */
    public DrillQuery intensity(Optional<Effort.Intensity> wanted) {
        return new DrillQuery(surfaces, there, space, minutes, skills, ages, wanted, hurting);
    }

    /** Only those that could hurt somebody, or any. */
    public DrillQuery hurting(boolean only) {
        return new DrillQuery(surfaces, there, space, minutes, skills, ages, intensity, only);
    }

    /** In which order drills are shown. */
    public enum Order {
        CHANGED("changed last"),
        USED("used last"),
        TITLE("by title"),
        PEOPLE("fewest people"),
        MINUTES("shortest");

        private final String words;

        Order(String words) {
            this.words = words;
        }

        /** As it stands in a list. */
        public String words() {
            return words;
        }

        /** What comes first is least. Drills of which no length is said come after the others. */
        public Comparator<Dated> comparator() {
            Comparator<Dated> byTitle = Comparator.comparing(d -> d.title().toLowerCase(Locale.ROOT));
            Comparator<Dated> changed = Comparator.comparingLong(d -> -d.changed());
            return switch (this) {
                case CHANGED -> changed.thenComparing(byTitle);
                case USED -> Comparator.<Dated>comparingLong(d -> -d.used()).thenComparing(changed);
                case TITLE -> byTitle;
                case PEOPLE -> Comparator.<Dated>comparingInt(d -> d.summary().people())
                        .thenComparing(byTitle);
                case MINUTES -> Comparator.<Dated>comparingDouble(
                                d -> d.summary().minutes() == 0
                                        ? Double.MAX_VALUE
                                        : d.summary().minutes())
                        .thenComparing(byTitle);
            };
        }
    }

    /** A drill with when it was last changed and last used, in milliseconds since 1970; 0 for never. */
    public interface Dated {

        /** What the drill is called. */
        String title();

        /** What is known of it. */
        DrillSummary summary();

        /** When it was changed last, milliseconds since 1970. */
        long changed();

        /** When it was used last, milliseconds since 1970; 0 for never. */
        long used();
    }
}
