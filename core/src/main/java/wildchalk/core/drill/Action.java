package wildchalk.core.drill;

import java.util.ArrayList;
import java.util.List;

/** Something a person does. */
public sealed interface Action {

    String id();

    /** Id of the person who does it. */
    String who();

    Cue cue();

    Action withCue(Cue newCue);

    /** Anything that moves the body along a path. */
    sealed interface Travel extends Action {

        Path path();

        Gait gait();

        Ending ending();

        Travel withPath(Path newPath);

        Travel withEnding(Ending newEnding);
    }

    /** Anything that sends a ball. */
    sealed interface Delivery extends Action {

        Spot to();
    }

    record Run(String id, String who, Path path, Gait gait, Ending ending, Cue cue) implements Travel {
        @Override
        public Run withCue(Cue newCue) {
            return new Run(id, who, path, gait, ending, newCue);
        }

        @Override
        public Run withPath(Path newPath) {
            return new Run(id, who, newPath, gait, ending, cue);
        }

        @Override
        public Run withEnding(Ending newEnding) {
            return new Run(id, who, path, gait, newEnding, cue);
        }
    }

    /** Travel with the ball. */
    record Carry(String id, String who, Path path, Gait gait, Ending ending, Cue cue) implements Travel {
        @Override
        public Carry withCue(Cue newCue) {
            return new Carry(id, who, path, gait, ending, newCue);
        }

        @Override
        public Carry withPath(Path newPath) {
            return new Carry(id, who, newPath, gait, ending, cue);
        }

        @Override
        public Carry withEnding(Ending newEnding) {
            return new Carry(id, who, path, gait, newEnding, cue);
        }
    }

    record Pass(String id, String who, Spot to, Touch touch, Cue cue) implements Delivery {
        @Override
        public Pass withCue(Cue newCue) {
            return new Pass(id, who, to, touch, newCue);
        }
    }

    record Shot(String id, String who, Spot to, Touch touch, Cue cue) implements Delivery {
        @Override
        public Shot withCue(Cue newCue) {
            return new Shot(id, who, to, touch, newCue);
        }
    }

    /** How the body moves. */
    enum Gait { WALK, JOG, RUN, SPRINT, BACK, SIDE }

    /** What a person does at the end of a path. */
    enum Ending {
        /** Runs on into whatever comes next without slowing for it; comes to rest when nothing does. */
        GO_ON,
        /** Stands at the end, whatever comes next. */
        STOP,
        /** Stands at the end and waits there for a cue. */
        WAIT
    }

    /** How long a person has the ball before it leaves again. */
    enum Touch { FIRST_TIME, CONTROLLED }

    /**
     * A way across the surface from where the person is.
     *
     * @param through where it goes, in order; at least one
     * @param smooth whether it bends through the spots or turns a corner at each
     */
    record Path(List<Spot> through, boolean smooth) {
        public Path {
            through = List.copyOf(through);
        }

        public Spot last() {
            return through.get(through.size() - 1);
        }

        public Path endingAt(Spot end) {
            List<Spot> changed = new ArrayList<>(through);
            changed.set(changed.size() - 1, end);
            return new Path(changed, smooth);
        }
    }
}
