package wildchalk.core.drill;

import java.util.Optional;
import wildchalk.core.call.Calling;
import wildchalk.core.effort.Dose;
import wildchalk.core.effort.Effort;
import wildchalk.core.score.Aloud;
import wildchalk.core.score.Scoring;

/**
 * How a rung is practised, besides what happens on it.
 *
 * @param step how it stands to the rung it was made from
 * @param dose how long or how often; empty when nothing is said
 * @param climb when the players are ready for the next rung ("five clean ones in a row"); may be empty
 * @param intensity how hard they go; as on the rung it was made from, when empty
 * @param aloud what is called and what counts; what is not said here is as on the rung it was made from
 */
public record RungPlan(
        Step step, Optional<Dose> dose, String climb, Optional<Effort.Intensity> intensity, Aloud aloud) {

    public static final RungPlan USUAL = of(Step.PROGRESSION);

    /**
     * When to climb, as it goes on after "climb when": what was begun with a capital is not, unless that is all
     * capitals, as a number or a name of a position is.
     */
    public String climbWords() {
        boolean word =
                climb.length() > 1 && Character.isUpperCase(climb.charAt(0)) && Character.isLowerCase(climb.charAt(1));
        String begun = word ? Character.toLowerCase(climb.charAt(0)) + climb.substring(1) : climb;
        return begun.endsWith(".") ? begun.substring(0, begun.length() - 1) : begun;
    }

    /** How one rung stands to another. */
    public enum Step {
        /** Harder. */
        PROGRESSION,
        /** Easier. */
        REGRESSION,
        /** Neither: another side, a smaller space, other numbers. It stands beside the ladder. */
        VARIATION
    }

    /** One of which no more is said than how it stands to the other. */
    public static RungPlan of(Step step) {
        return new RungPlan(step, Optional.empty(), "", Optional.empty(), Aloud.NOTHING);
    }

    /** The same for so long or so often; empty when nothing is said. */
    public RungPlan with(Optional<Dose> newDose) {
        return new RungPlan(step, newDose, climb, intensity, aloud);
    }

    /** The same with the next rung coming at another time, in the coach's words; may be empty. */
    public RungPlan climbing(String when) {
        return new RungPlan(step, dose, when, intensity, aloud);
    }

    /** The same, going as hard as that; empty to go as on the rung it was made from. */
    public RungPlan going(Optional<Effort.Intensity> newIntensity) {
        return new RungPlan(step, dose, climb, newIntensity, aloud);
    }

    /** The same with something else called; empty for what is called on the rung it was made from. */
    public RungPlan calling(Optional<Calling> newCalling) {
        return new RungPlan(step, dose, climb, intensity, new Aloud(newCalling, aloud.scoring()));
    }

    /** The same with something else counting; empty for what counts on the rung it was made from. */
    public RungPlan scoring(Optional<Scoring> newScoring) {
        return new RungPlan(step, dose, climb, intensity, new Aloud(aloud.calling(), newScoring));
    }
}
