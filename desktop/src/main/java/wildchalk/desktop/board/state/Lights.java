package wildchalk.desktop.board.state;

import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.timeline.Beat;

/** What shines in picture, words and strip at the moment that is looked at. */
public final class Lights {

    private Lights() {}

    /** The actions under way, and what is pointed at, by id. */
    public static Set<String> of(BoardModel model) {
        Set<String> lit = new HashSet<>(model.focus().pointedAtProperty().get());
        double t = model.head().atProperty().get();
        if (t > 0 || model.head().playingProperty().get()) {
            lit.addAll(model.timeline().underWay(t));
        }
        return lit;
    }

    /** The beat to light up; none before the rep has begun. */
    public static Optional<Beat> beat(BoardModel model) {
        double t = model.head().atProperty().get();
        return t > 0 || model.head().playingProperty().get() ? model.timeline().beatAt(t) : Optional.empty();
    }
}
