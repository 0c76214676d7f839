package wildchalk.core.timeline;

import java.util.List;
import wildchalk.core.drill.Instruction.Rule;

/**
 * How a read came out that follows from where people are.
 *
 * @param read its id
 * @param option id of the option that is taken
 * @param t when it was looked at, seconds after the whistle
 * @param weighed one for each option, in order
 */
public record Decision(String read, Rule rule, String option, double t, List<Weighed> weighed) {

    public Decision {
        weighed = List.copyOf(weighed);
    }

    /**
     * What spoke for an option.
     *
     * @param who id of the person it is about
     * @param metres how far ahead they are, or how much room the lane to them has; infinite where no opponent is
     */
    public record Weighed(String option, String who, double metres) {}
}
