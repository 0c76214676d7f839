package wildchalk.core.log;

import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import wildchalk.core.catalogue.Skill;

/**
 * What those who were in a part did, worked out of its drill and not measured. All of it is for a minute of the part,
 * so that it stays true when somebody corrects how long that was.
 *
 * @param skills what was practised, with its share: together 1, or none
 * @param share of the people of the evening's time that it took: 1 for all of them, a third where three parts were on
 *     at one time
 * @param contact whether bodies met on purpose
 * @param each what everybody did who was in it, in order
 */
public record Work(Map<Skill, Double> skills, double share, boolean contact, List<Each> each) {

    private static final double GRAIN = 10_000.0;

    /**
     * What one did in a minute of the part.
     *
     * @param who id of the one of the squad; empty where nobody knows who it was
     * @param busy share of the time in which they did something, 0 to 1
     * @param metres that they went, in reps and between them
     * @param sprints how often they sprinted
     * @param touches of the ball
     * @param shots that they took
     */
    public record Each(String who, double busy, double metres, double sprints, double touches, double shots) {

        /** The same to the ten-thousandth: more digits say nothing, and make files long. */
        Each rounded() {
            return new Each(who, rounded(busy), rounded(metres), rounded(sprints), rounded(touches), rounded(shots));
        }

        private static double rounded(double value) {
            return Math.round(value * GRAIN) / GRAIN;
        }

        /** The same as often as that. */
        Each times(double k) {
            return new Each(who, busy * k, metres * k, sprints * k, touches * k, shots * k);
        }

        /** Both together. */
        Each and(Each other) {
            return new Each(
                    who,
                    busy + other.busy,
                    metres + other.metres,
                    sprints + other.sprints,
                    touches + other.touches,
                    shots + other.shots);
        }
    }

    public Work {
        Map<Skill, Double> copy = new EnumMap<>(Skill.class);
        copy.putAll(skills);
        skills = Collections.unmodifiableMap(copy);
        each = List.copyOf(each);
        if (!(share >= 0 && share <= 1)) {
            throw new IllegalArgumentException("share=" + share);
        }
    }

    /** Of all of them together, in a minute. */
    public double all(ToDoubleFunction<Each> of) {
        return each.stream().mapToDouble(of).sum();
    }

    /** What somebody did in a minute; empty for whoever was not in it. */
    public Optional<Each> of(String who) {
        return each.stream().filter(e -> e.who().equals(who)).findFirst();
    }

    /** Metres in a minute of one who was in it, everybody in the middle. */
    public double metres() {
        return each.isEmpty() ? 0 : all(Each::metres) / each.size();
    }
}
