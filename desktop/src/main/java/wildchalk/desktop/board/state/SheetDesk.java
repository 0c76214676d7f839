package wildchalk.desktop.board.state;

import java.util.function.Consumer;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleIntegerProperty;
import wildchalk.core.drill.Stage;
import wildchalk.core.measure.Units;
import wildchalk.core.setout.SetOut;
import wildchalk.core.setout.Sheet;
import wildchalk.core.surface.Surface;
import wildchalk.desktop.background.Background;

/** Works the set-out sheet out while it is wanted, beside the window's thread; the newest question wins. */
public final class SheetDesk {

    /** What a sheet is asked for. */
    private record Question(Stage stage, Surface surface, Units units, int handful) {}

    private final BooleanProperty wanted;
    private final IntegerProperty handful = new SimpleIntegerProperty(SetOut.USUAL_HANDFUL);
    private final ReadOnlyObjectWrapper<Sheet> sheet = new ReadOnlyObjectWrapper<>();
    private final Consumer<String> say;
    private Question newest;
    private Question answered;

    /**
     * @param wanted whether it is shown
     * @param say told when there can be none
     */
    SheetDesk(BooleanProperty wanted, Consumer<String> say) {
        this.wanted = wanted;
        this.say = say;
        wanted.addListener(o -> work());
        handful.addListener(o -> {
            newest = new Question(newest.stage(), newest.surface(), newest.units(), handful.get());
            work();
        });
    }

    void ask(Stage stage, Surface surface, Units units) {
        newest = new Question(stage, surface, units, handful.get());
        work();
    }

    private void work() {
        Question asked = newest;
        if (!wanted.get() || asked.equals(answered)) {
            return;
        }
        Background.work(
                "working the set-out sheet out",
                () -> SetOut.of(asked.stage(), asked.surface(), asked.units(), asked.handful()),
                done -> {
                    if (asked.equals(newest)) {
                        answered = asked;
                        sheet.set(done);
                    }
                },
                trouble -> {
                    if (asked.equals(newest)) {
                        answered = asked;
                        sheet.set(null);
                        say.accept("The set-out sheet could not be worked out for this drill. The drill is safe; "
                                + "it is tried anew when something is changed.");
                    }
                });
    }

    /** Whether the sheet is shown. */
    public BooleanProperty wantedProperty() {
        return wanted;
    }

    /** Cones that fit in a hand. */
    public IntegerProperty handfulProperty() {
        return handful;
    }

    /** The newest sheet; null before the first is worked out. */
    public ReadOnlyObjectProperty<Sheet> sheetProperty() {
        return sheet.getReadOnlyProperty();
    }
}
