package wildchalk.desktop.board;

import javafx.animation.AnimationTimer;

/** Moves the play head while the drill plays. */
final class Player extends AnimationTimer {

    private static final double HALF = 0.5;

    private final BoardState state;
    private long before;

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

    @Override
    public void handle(long now) {
        if (before > 0) {
            double step = (now - before) / 1e9 * (state.halfSpeedProperty().get() ? HALF : 1);
            double t = Math.min(state.timeline().duration(), state.playheadProperty().get() + step);
            state.playheadProperty().set(t);
            if (t >= state.timeline().duration()) {
                state.playingProperty().set(false);
            }
        }
        before = now;
    }
}
