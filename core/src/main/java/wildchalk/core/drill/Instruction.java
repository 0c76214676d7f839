package wildchalk.core.drill;

import java.util.List;
import java.util.Optional;
import wildchalk.core.colour.Bib;
import wildchalk.core.surface.End;

/**
 * What a coach says besides what is drawn: a limit, a decision, a stop, how groups go from station to station, or which
 * end a team attacks.
 */
public sealed interface Instruction
        permits Limit, Rotation, Game, Instruction.Read, Instruction.Freeze, Instruction.MoveOn, Instruction.Attacks {

    /** Unique within its drill. */
    String id();

    /** The same under another id. */
    Instruction withId(String newId);

    /** What the cases say of this kind of instruction. */
    <R> R match(Cases<R> cases);

    /** One answer for each kind of instruction; limits have kinds of their own ({@link LimitCases}). */
    interface Cases<R> {

        /** For {@link Read}. */
        R read(Read read);

        /** For {@link Freeze}. */
        R freeze(Freeze freeze);

        /** For {@link MoveOn}. */
        R moveOn(MoveOn moveOn);

        /** For {@link Attacks}. */
        R attacks(Attacks attacks);

        /** For {@link Limit}. */
        R limit(Limit limit);

        /** For {@link Rotation}. */
        R rotation(Rotation rotation);

        /** For {@link Game}. */
        R game(Game game);
    }

    /**
     * A moment where one person decides. Actions that belong to no option happen whatever is chosen.
     *
     * @param who id of the person who decides; of the ball, for who wins it
     * @param options two to five; the first is what happens when nobody chooses
     * @param rule how it is worked out who is chosen, when nobody decides; empty for a decision
     * @param under id of the option of another read in which this one arises; empty when it always does
     */
    record Read(String id, String who, List<Option> options, Optional<String> under, Optional<Rule> rule)
            implements Instruction {
        public Read {
            options = List.copyOf(options);
        }

        /** A read that somebody decides. */
        public Read(String id, String who, List<Option> options, Optional<String> under) {
            this(id, who, options, under, Optional.empty());
        }

        /** The same with other options. */
        public Read with(List<Option> newOptions) {
            return new Read(id, who, newOptions, under, rule);
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.read(this);
        }

        @Override
        public Read withId(String newId) {
            return new Read(newId, who, options, under, rule);
        }

        /** The option with this id; empty when there is none. */
        public Optional<Option> option(String optionId) {
            return options.stream().filter(o -> o.id().equals(optionId)).findFirst();
        }
    }

    /**
     * Reads that follow from where people are: whom the first pass of an option goes to, or else who does its first
     * action.
     */
    enum Rule {
        /**
         * Whoever is farther ahead: nearer to the goal that the decider attacks, else farther the way the decider
         * faces.
         */
        AHEAD,
        /** Whoever has no opponent near the way of the ball; the first of those. */
        OPEN
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

        /** The same with other actions, by id. */
        public Option with(List<String> newActions) {
            return new Option(id, label, reason, newActions);
        }
    }

    /**
     * A moment to stop at, with a question to ask.
     *
     * @param answer what the coach wants to hear; may be empty
     * @param signs what is drawn with the answer
     */
    record Freeze(String id, Cue at, String question, String answer, List<Sign> signs) implements Instruction {
        public Freeze {
            signs = List.copyOf(signs);
        }

        /** One whose answer is only said. */
        public Freeze(String id, Cue at, String question, String answer) {
            this(id, at, question, answer, List.of());
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.freeze(this);
        }

        @Override
        public Freeze withId(String newId) {
            return new Freeze(newId, at, question, answer, signs);
        }

        /** The same at another moment. */
        public Freeze at(Cue cue) {
            return new Freeze(id, cue, question, answer, signs);
        }

        /** The same with other signs. */
        public Freeze showing(List<Sign> newSigns) {
            return new Freeze(id, at, question, answer, newSigns);
        }
    }

    /** How groups go from station to station. */
    record MoveOn(String id, Way way) implements Instruction {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.moveOn(this);
        }

        @Override
        public MoveOn withId(String newId) {
            return new MoveOn(newId, way);
        }
    }

    /**
     * Which end a team attacks.
     *
     * @param from the moment from which they do, a change of ends; empty for from the start
     */
    record Attacks(String id, Bib team, End end, Optional<Cue> from) implements Instruction {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.attacks(this);
        }

        @Override
        public Attacks withId(String newId) {
            return new Attacks(newId, team, end, from);
        }

        /** The same towards the other end. */
        public Attacks towards(End newEnd) {
            return new Attacks(id, team, newEnd, from);
        }

        /** The same from another moment on. */
        public Attacks from(Cue moment) {
            return new Attacks(id, team, end, Optional.of(moment));
        }
    }

    /** The ways of moving on. */
    enum Way {
        /** Each group to the next station, the last one to the first. */
        ONE_WAY,
        /** Neighbours swap: the first with the second, the third with the fourth; then the other neighbours. */
        ALTERNATING
    }
}
