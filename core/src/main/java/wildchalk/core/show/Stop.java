package wildchalk.core.show;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Instruction.Freeze;
import wildchalk.core.drill.Instruction.Read;
import wildchalk.core.drill.Reads;
import wildchalk.core.drill.Stage;
import wildchalk.core.timeline.Beat;
import wildchalk.core.timeline.Timeline;

/**
 * A moment at which the showing stands still until somebody goes on.
 *
 * @param t seconds after the whistle
 * @param about id of the freeze or the read; empty for the others
 */
public record Stop(double t, Kind kind, String about) {

    /** Why it stands still. In this order where several come at one time. */
    public enum Kind {
        /** Nothing has begun. */
        START,
        /** A question is asked. */
        QUESTION,
        /** The answer is shown. */
        ANSWER,
        /** Somebody is to choose an option. */
        FORK,
        /** A beat begins. */
        BEAT,
        /** All is over. */
        END
    }

    /** Stops nearer together than this are one, seconds. */
    private static final double SAME = 0.02;

    /** An answer stays with its question. */
    private int rank() {
        return kind == Kind.ANSWER ? Kind.QUESTION.ordinal() : kind.ordinal();
    }

    /** Every stop of a stage, in order. The reads that are worked out are not stopped at. */
    public static List<Stop> of(Stage stage, Timeline timeline, Choices choices) {
        List<Stop> stops = new ArrayList<>();
        stops.add(new Stop(0, Kind.START, ""));
        for (Freeze freeze : stage.instructions(Freeze.class)) {
            OptionalDouble t = timeline.moment(freeze.at());
            if (t.isPresent() && t.getAsDouble() <= timeline.duration() + SAME) {
                double at = Math.max(0, Math.min(t.getAsDouble(), timeline.duration()));
                stops.add(new Stop(at, Kind.QUESTION, freeze.id()));
                stops.add(new Stop(at, Kind.ANSWER, freeze.id()));
            }
        }
        for (Read read : Reads.of(stage)) {
            OptionalDouble t = timeline.comesUp(read, stage);
            if (read.rule().isEmpty()
                    && t.isPresent()
                    && Reads.taken(stage, choices, read).isPresent()) {
                stops.add(new Stop(Math.max(0, t.getAsDouble()), Kind.FORK, read.id()));
            }
        }
        List<Stop> special = List.copyOf(stops);
        for (Beat beat : timeline.beats()) {
            // What is asked or chosen as a beat begins is reason enough to stop there.
            if (special.stream().noneMatch(s -> Math.abs(s.t() - beat.t()) < SAME)
                    && beat.t() < timeline.duration() - SAME) {
                stops.add(new Stop(beat.t(), Kind.BEAT, ""));
            }
        }
        stops.sort(Comparator.comparingDouble(Stop::t).thenComparing(Stop::rank));
        stops.add(new Stop(timeline.duration(), Kind.END, ""));
        return List.copyOf(stops);
    }
}
