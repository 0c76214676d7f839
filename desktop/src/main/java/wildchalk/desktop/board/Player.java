package wildchalk.desktop.board;

import java.util.stream.DoubleStream;
import javafx.animation.AnimationTimer;
import wildchalk.core.rehearsal.Beat;

/** Moves the play head while the drill plays. */
final class Player extends AnimationTimer {

    /** Nearer than this to a beat the play head stands at it, seconds. */
    private static final double STILL = 0.002;
    /** How long the end is shown before it plays again, seconds. */
    private static final double REST = 0.8;

    private final BoardState state;
    private long before;
    private double rested;

    Player(BoardState state) {
        this.state = state;
        state.playingProperty().addListener((o, was, is) -> {
            if (is) {
                before = 0;
                start();
            } else {
                stop();
            }
        });
    }

    /** Plays on, from the start again when all is over; or stands still. */
    void playOrPause() {
        boolean play = !state.playingProperty().get() && state.timeline().duration() > 0;
        if (play && state.playheadProperty().get() >= state.timeline().duration() - 1e-6) {
            state.playheadProperty().set(0);
        }
        state.playingProperty().set(play);
    }

    /** Goes to the beat before or after the moment that is looked at, and stands there. */
    void step(int by) {
        state.playingProperty().set(false);
        double now = state.playheadProperty().get();
        double end = state.timeline().duration();
        DoubleStream beats = state.timeline().beats().stream().mapToDouble(Beat::t);
        double to = by > 0 ? beats.filter(t -> t > now + STILL).min().orElse(end)
                : beats.filter(t -> t < now - STILL).max().orElse(0);
        // Just after the beat: its lines are lit.
        state.playheadProperty().set(to == 0 ? 0 : Math.min(end, to + STILL / 2));
    }

    @Override
    public void handle(long now) {
        if (before > 0) {
            play((now - before) / 1e9);
        }
        before = now;
    }

    private void play(double seconds) {
        double end = state.timeline().duration();
        double t = Math.min(end, state.playheadProperty().get() + seconds * state.speedProperty().get());
        if (t < end) {
            rested = 0;
            state.playheadProperty().set(t);
            return;
        }
        state.playheadProperty().set(end);
        rested += seconds;
        if (!state.loopingProperty().get()) {
            rested = 0;
            state.playingProperty().set(false);
        } else if (rested >= REST) {
            rested = 0;
            state.playheadProperty().set(0);
        }
    }
}
