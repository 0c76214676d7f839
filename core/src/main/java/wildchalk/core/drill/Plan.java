package wildchalk.core.drill;

import java.util.Optional;

/**
 * How a rung is practised, besides what happens on it.
 *
 * @param step how it stands to the rung it was made from
 * @param length how long or how often; empty when nothing is said
 * @param climb when the players are ready for the next rung ("8 of 10 passes caught"); may be empty
 * @param intensity how hard they go; as on the rung it was made from, when empty
 */
public record Plan(Step step, Optional<Length> length, String climb, Optional<Effort.Intensity> intensity) {

    public static final Plan USUAL = new Plan(Step.PROGRESSION, Optional.empty(), "", Optional.empty());

    /** How one rung stands to another. */
    public enum Step {
        /** Harder. */
        PROGRESSION,
        /** Easier. */
        REGRESSION,
        /** Neither: another side, a smaller space, other numbers. It stands beside the ladder. */
        VARIATION
    }

    public static Plan of(Step step) {
        return new Plan(step, Optional.empty(), "", Optional.empty());
    }

    public Plan with(Optional<Length> newLength) {
        return new Plan(step, newLength, climb, intensity);
    }

    public Plan climbing(String when) {
        return new Plan(step, length, when, intensity);
    }

    public Plan going(Optional<Effort.Intensity> newIntensity) {
        return new Plan(step, length, climb, newIntensity);
    }
}
