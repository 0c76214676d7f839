package wildchalk.desktop.board.state;

import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Piece;
import wildchalk.core.geometry.Vec;
import wildchalk.core.pattern.PatternKind;

/**
 * What the next thing that is put down, drawn or copied looks like: as the last one did, until something else is
 * chosen.
 */
public final class Samples {

    private final ObjectProperty<Piece.Item> gear =
            new SimpleObjectProperty<>(Piece.Item.of("", GearKind.CONE, Vec.ZERO));
    private final ObjectProperty<PatternKind> pattern = new SimpleObjectProperty<>(PatternKind.LINE);
    private final ObjectProperty<AreaSample> area = new SimpleObjectProperty<>(AreaSample.USUAL);
    private final BooleanProperty freshLabels = new SimpleBooleanProperty(true);

    Samples() {}

    public ObjectProperty<Piece.Item> gearProperty() {
        return gear;
    }

    public ObjectProperty<PatternKind> patternProperty() {
        return pattern;
    }

    public ObjectProperty<AreaSample> areaProperty() {
        return area;
    }

    /** Whether copies of people get numbers of their own. */
    public BooleanProperty freshLabelsProperty() {
        return freshLabels;
    }
}
