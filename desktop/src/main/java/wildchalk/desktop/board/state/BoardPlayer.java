package wildchalk.desktop.board.state;

/** Plays whatever is on the board: one rep, or many. */
public final class BoardPlayer {

    private final BoardState state;
    private final Playing one;

    public BoardPlayer(BoardState state) {
        this.state = state;
        this.one = new Playing(state.model());
    }

    private boolean isMany() {
        return state.many().shownProperty().get();
    }

    /** Plays on, or stands still. */
    public void playOrPause() {
        if (isMany()) {
            state.many().playOrPause();
        } else {
            one.playOrPause();
        }
    }

    /** One beat back or on; one rep, of many. */
    public void step(int by) {
        if (isMany()) {
            state.many().step(by);
        } else {
            one.step(by);
        }
    }

    /** To the start. */
    public void toStart() {
        if (isMany()) {
            state.many().atProperty().set(0);
        } else {
            state.head().atProperty().set(0);
        }
    }

    /** To the end. */
    public void toEnd() {
        if (isMany()) {
            state.many().atProperty().set(state.many().end());
        } else {
            state.head().atProperty().set(state.timeline().duration());
        }
    }
}
