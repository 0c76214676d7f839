package wildchalk.core.catalogue;

import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.GearKind;

/**
 * What drills are wanted; whatever is left empty does not matter.
 *
 * @param surfaces ids, any of which will do
 * @param people there are; a drill fits when its lowest rung needs no more
 * @param gear there is, of the kinds that are short; of others there is enough
 * @param balls there are
 * @param space there is; a drill that takes less fits too
 * @param minutes there are; a drill of which nothing is said fits too
 * @param skills that are practised, all of them
 * @param ages any of which will do
 * @param intensity on one of its rungs
 */
public record Asked(Set<String> surfaces, OptionalInt people, Map<GearKind, Integer> gear, OptionalInt balls, Optional<Space> space,
                    OptionalInt minutes, Set<Skill> skills, Set<Effort.Level> ages, Optional<Effort.Intensity> intensity) {

    public static final Asked ANYTHING = new Asked(Set.of(), OptionalInt.empty(), Map.of(), OptionalInt.empty(), Optional.empty(),
            OptionalInt.empty(), Set.of(), Set.of(), Optional.empty());

    public Asked {
        surfaces = Set.copyOf(surfaces);
        gear = Map.copyOf(gear);
        skills = Set.copyOf(skills);
        ages = Set.copyOf(ages);
    }

    /** Whether a drill is wanted. */
    public boolean fits(Glance g) {
        return (surfaces.isEmpty() || surfaces.contains(g.surface()))
                && (people.isEmpty() || g.people() <= people.getAsInt())
                && gear.entrySet().stream().allMatch(e -> g.gear().getOrDefault(e.getKey(), 0) <= e.getValue())
                && (balls.isEmpty() || g.balls() <= balls.getAsInt())
                && (space.isEmpty() || g.space().compareTo(space.get()) <= 0)
                && (minutes.isEmpty() || g.minutes() <= minutes.getAsInt())
                && g.skills().containsAll(skills)
                && (ages.isEmpty() || ages.contains(g.age()))
                && (intensity.isEmpty() || g.intensities().contains(intensity.get()));
    }

    /** The same on one surface more, or one less where it was among them. */
    public Asked turning(String surface) {
        return new Asked(turned(surfaces, surface), people, gear, balls, space, minutes, skills, ages, intensity);
    }

    public Asked turning(Skill skill) {
        return new Asked(surfaces, people, gear, balls, space, minutes, turned(skills, skill), ages, intensity);
    }

    public Asked turning(Effort.Level age) {
        return new Asked(surfaces, people, gear, balls, space, minutes, skills, turned(ages, age), intensity);
    }

    private static <T> Set<T> turned(Set<T> set, T value) {
        Set<T> turned = new HashSet<>(set);
        if (!turned.remove(value)) {
            turned.add(value);
        }
        return turned;
    }

    public Asked people(OptionalInt there) {
        return new Asked(surfaces, there, gear, balls, space, minutes, skills, ages, intensity);
    }

    /** With so many of a kind of gear; empty for enough. */
    public Asked gear(GearKind kind, OptionalInt there) {
        Map<GearKind, Integer> changed = new HashMap<>(gear);
        changed.remove(kind);
        there.ifPresent(n -> changed.put(kind, n));
        return new Asked(surfaces, people, changed, balls, space, minutes, skills, ages, intensity);
    }

    public Asked balls(OptionalInt there) {
        return new Asked(surfaces, people, gear, there, space, minutes, skills, ages, intensity);
    }

    public Asked space(Optional<Space> there) {
        return new Asked(surfaces, people, gear, balls, there, minutes, skills, ages, intensity);
    }

    public Asked minutes(OptionalInt there) {
        return new Asked(surfaces, people, gear, balls, space, there, skills, ages, intensity);
    }

    public Asked intensity(Optional<Effort.Intensity> wanted) {
        return new Asked(surfaces, people, gear, balls, space, minutes, skills, ages, wanted);
    }

    /** In which order drills are shown. */
    public enum Order {
        CHANGED("changed last"), USED("used last"), TITLE("by title"), PEOPLE("fewest people"), MINUTES("shortest");

        private final String words;

        Order(String words) {
            this.words = words;
        }

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
                case PEOPLE -> Comparator.<Dated>comparingInt(d -> d.glance().people()).thenComparing(byTitle);
                case MINUTES -> Comparator.<Dated>comparingDouble(d -> d.glance().minutes() == 0 ? Double.MAX_VALUE : d.glance().minutes())
                        .thenComparing(byTitle);
            };
        }
    }

    /** A drill with when it was last changed and last used, in milliseconds since 1970; 0 for never. */
    public interface Dated {

        String title();

        Glance glance();

        long changed();

        long used();
    }
}
