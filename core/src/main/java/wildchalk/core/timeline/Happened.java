package wildchalk.core.timeline;

import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.stream.DoubleStream;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Cue.Trigger;

/**
 * When moments came in a rep, as far as it has been played.
 *
 * @param when seconds after the whistle, by moment
 */
public record Happened(Map<Trigger, Double> when) {

    /** When a moment comes, its delay included, seconds after the whistle; empty when it never does. */
    public OptionalDouble moment(Cue cue) {
        OptionalDouble t = moment(cue.trigger());
        return t.isPresent() ? OptionalDouble.of(t.getAsDouble() + cue.delay()) : t;
    }

    /** When a moment comes, seconds after the whistle; empty when it never does. */
    public OptionalDouble moment(Trigger trigger) {
        if (trigger instanceof Cue.Several several) {
            List<OptionalDouble> parts =
                    several.parts().stream().map(this::moment).toList();
            DoubleStream there =
                    parts.stream().filter(OptionalDouble::isPresent).mapToDouble(OptionalDouble::getAsDouble);
            if (several instanceof Cue.FirstOf) {
                return there.min();
            }
            return parts.stream().allMatch(OptionalDouble::isPresent) ? there.max() : OptionalDouble.empty();
        }
        Double t = when.get(trigger.followsOwn() ? new Cue.Whistle() : trigger);
        return t == null ? OptionalDouble.empty() : OptionalDouble.of(t);
    }
}
