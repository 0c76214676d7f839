package wildchalk.core.drill;

import java.util.Optional;

/** Anything that moves the body along a path. */
public sealed interface Travel extends Action {

    /** Where it goes, from where the person is. */
    TravelPath path();

    /** How the body goes. */
    Going going();

    @Override
    default Optional<String> called() {
        return going().called();
    }

    /** How the body moves. */
    default Gait gait() {
        return going().gait();
    }

    /** What is done at its end. */
    Ending ending();

    /** The same on another way. */
    Travel withPath(TravelPath newPath);

    /** The same, ended otherwise. */
    Travel withEnding(Ending newEnding);

    /** The same, gone otherwise. */
    Travel withGoing(Going newGoing);

    record Run(String id, String who, TravelPath path, Going going, Ending ending, Cue cue) implements Travel {

        public Run(String id, String who, TravelPath path, Gait gait, Ending ending, Cue cue) {
            this(id, who, path, Going.of(gait), ending, cue);
        }

        @Override
        public <R> R match(ActionCases<R> cases) {
            return cases.run(this);
        }

        @Override
        public Run withCue(Cue newCue) {
            return new Run(id, who, path, going, ending, newCue);
        }

        @Override
        public Run withPath(TravelPath newPath) {
            return new Run(id, who, newPath, going, ending, cue);
        }

        @Override
        public Run withEnding(Ending newEnding) {
            return new Run(id, who, path, going, newEnding, cue);
        }

        @Override
        public Run withGoing(Going newGoing) {
            return new Run(id, who, path, newGoing, ending, cue);
        }
    }

    /** Travel with the ball. */
    record Carry(String id, String who, TravelPath path, Going going, Ending ending, Cue cue) implements Travel {

        public Carry(String id, String who, TravelPath path, Gait gait, Ending ending, Cue cue) {
            this(id, who, path, Going.of(gait), ending, cue);
        }

        @Override
        public <R> R match(ActionCases<R> cases) {
            return cases.carry(this);
        }

        @Override
        public Carry withCue(Cue newCue) {
            return new Carry(id, who, path, going, ending, newCue);
        }

        @Override
        public Carry withPath(TravelPath newPath) {
            return new Carry(id, who, newPath, going, ending, cue);
        }

        @Override
        public Carry withEnding(Ending newEnding) {
            return new Carry(id, who, path, going, newEnding, cue);
        }

        @Override
        public Carry withGoing(Going newGoing) {
            return new Carry(id, who, path, newGoing, ending, cue);
        }
    }

    /** Goes to a ball that lies, or to a supply, and has it from then on. The path ends at that piece. */
    record Collect(String id, String who, TravelPath path, Going going, Ending ending, Cue cue) implements Travel {

        /** Id of the ball or supply that is gone for; empty for a bare place. */
        public Optional<String> wanted() {
            return path.last().namedPiece();
        }

        public Collect(String id, String who, TravelPath path, Gait gait, Ending ending, Cue cue) {
            this(id, who, path, Going.of(gait), ending, cue);
        }

        @Override
        public <R> R match(ActionCases<R> cases) {
            return cases.collect(this);
        }

        @Override
        public Collect withCue(Cue newCue) {
            return new Collect(id, who, path, going, ending, newCue);
        }

        @Override
        public Collect withPath(TravelPath newPath) {
            return new Collect(id, who, newPath, going, ending, cue);
        }

        @Override
        public Collect withEnding(Ending newEnding) {
            return new Collect(id, who, path, going, newEnding, cue);
        }

        @Override
        public Collect withGoing(Going newGoing) {
            return new Collect(id, who, path, newGoing, ending, cue);
        }
    }
}
