package wildchalk.desktop.board.state;

import javafx.beans.property.BooleanProperty;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleDoubleProperty;

/** The moment that is looked at, and how the time goes on from there. */
public final class PlayHead {

    private final DoubleProperty at = new SimpleDoubleProperty();
    private final BooleanProperty playing = new SimpleBooleanProperty();
    private final DoubleProperty speed = new SimpleDoubleProperty(1);
    private final BooleanProperty looping = new SimpleBooleanProperty();

    /** The moment that is looked at, seconds after the whistle. */
    public DoubleProperty atProperty() {
        return at;
    }

    public BooleanProperty playingProperty() {
        return playing;
    }

    /** How fast it plays: 1 is as it is. */
    public DoubleProperty speedProperty() {
        return speed;
    }

    /** Whether it plays again from the start when all is over. */
    public BooleanProperty loopingProperty() {
        return looping;
    }
}
