package wildchalk.desktop.board.state;

import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;
import wildchalk.core.measure.Units;
import wildchalk.core.scene.Aids;
import wildchalk.core.scene.Look;
import wildchalk.desktop.keeping.Room;

/** How the coach likes to look at a board, whatever drill is on it. */
public final class Viewing {

    private final ObjectProperty<Look> look = new SimpleObjectProperty<>(Look.SLATE);
    private final ObjectProperty<Aids> aids = new SimpleObjectProperty<>(Aids.USUAL);
    private final ObjectProperty<Units> units = new SimpleObjectProperty<>(Units.METRIC);
    private final ObjectProperty<Room> room = new SimpleObjectProperty<>(Room.USUAL);
    private final ReadOnlyObjectWrapper<Room> settledRoom = new ReadOnlyObjectWrapper<>(Room.USUAL);
    private final BooleanProperty alone = new SimpleBooleanProperty();
    private final BooleanProperty settingOut = new SimpleBooleanProperty();

    /** How the window is shared out. */
    public ObjectProperty<Room> roomProperty() {
        return room;
    }

    /** How it is shared out once an edge that is pulled has come to rest. */
    public ReadOnlyObjectProperty<Room> settledRoomProperty() {
        return settledRoom.getReadOnlyProperty();
    }

    /** The window stays shared out as it is now. */
    public void settleRoom() {
        settledRoom.set(room.get());
    }

    /** Whether the board has all of the window for now. */
    public BooleanProperty aloneProperty() {
        return alone;
    }

    public ObjectProperty<Look> lookProperty() {
        return look;
    }

    /** What helps to read the board. */
    public ObjectProperty<Aids> aidsProperty() {
        return aids;
    }

    /** How lengths are said. */
    public ObjectProperty<Units> unitsProperty() {
        return units;
    }

    /**
     * Whether the gear is looked at as it is put down: whoever does that is not helped by the lines of what happens
     * later.
     */
    public BooleanProperty settingOutProperty() {
        return settingOut;
    }
}
