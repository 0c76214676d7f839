package wildchalk.desktop.board;

import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.rehearsal.Beat;

/** What shines in picture, words and strip at the moment that is looked at. */
public final class Lights {

    private Lights() {
    }

    /** The actions under way, and what is pointed at, by id. */
    public static Set<String> of(BoardState state) {
        Set<String> lit = new HashSet<>(state.pointedAtProperty().get());
        double t = state.playheadProperty().get();
        if (t > 0 || state.playingProperty().get()) {
            lit.addAll(state.timeline().underWay(t));
        }
        return lit;
    }

    /** The beat to light up; none before the rep has begun. */
    public static Optional<Beat> beat(BoardState state) {
        double t = state.playheadProperty().get();
        return t > 0 || state.playingProperty().get() ? state.timeline().beatAt(t) : Optional.empty();
    }
}
