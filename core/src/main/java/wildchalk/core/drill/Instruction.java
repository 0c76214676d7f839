package wildchalk.core.drill;

import java.util.List;
import java.util.Optional;

/** What a coach says besides what is drawn: a limit, a decision, a stop. */
public sealed interface Instruction permits Limit, Instruction.Read, Instruction.Freeze,
        Instruction.MoveOn {

    String id();

    /**
     * A moment where one person decides. Actions that belong to no option happen whatever is chosen.
     *
     * @param who id of the person who decides; of the ball, for who wins it
     * @param options two to five; the first is what happens when nobody chooses
     * @param under id of the option of another read in which this one arises; empty when it always does
     */
    record Read(String id, String who, List<Option> options, Optional<String> under) implements Instruction {
        public Read {
            options = List.copyOf(options);
        }

        public Optional<Option> option(String optionId) {
            return options.stream().filter(o -> o.id().equals(optionId)).findFirst();
        }
    }

    /**
     * One way a read can go.
     *
     * @param label in a word or two ("shoot")
     * @param reason when it is right, as a coach says it ("the defender stays off"); may be empty
     * @param actions ids of the actions that happen only then
     */
    record Option(String id, String label, String reason, List<String> actions) {
        public Option {
            actions = List.copyOf(actions);
        }
    }

    /**
     * A moment to stop at, with a question to ask.
     *
     * @param answer what the coach wants to hear; may be empty
     */
    record Freeze(String id, Cue at, String question, String answer) implements Instruction {
    }

    /** How groups go from station to station. */
    record MoveOn(String id, Way way) implements Instruction {
    }

    /** The ways of moving on. */
    enum Way {
        /** Each group to the next station, the last one to the first. */
        ONE_WAY,
        /** Neighbours swap: the first with the second, the third with the fourth; then the other neighbours. */
        ALTERNATING
    }
}
