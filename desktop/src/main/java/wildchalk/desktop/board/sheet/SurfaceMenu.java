package wildchalk.desktop.board.sheet;

import java.util.Comparator;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.Tooltip;
import wildchalk.core.drill.Venue;
import wildchalk.core.edit.SurfaceEdits;
import wildchalk.core.surface.SurfacePlan;
import wildchalk.desktop.board.state.BoardState;

/** On which surface the drill is, and which part of it is shown; takes it onto another one. */
final class SurfaceMenu extends MenuButton {

    private final BoardState state;

    SurfaceMenu(BoardState state) {
        this.state = state;
        setId("surface-menu");
        getStyleClass().addAll("quiet", "surface-menu");
        setTooltip(new Tooltip("Takes the drill onto another surface"));
        setOnShowing(e -> fill());
        // A menu without items does not open.
        getItems().add(new MenuItem("…"));
    }

    void tell() {
        String view = state.drill().showing().name(state.surface()).toLowerCase(Locale.ROOT);
        setText(capital(state.surface().sport()) + " · " + view);
        setAccessibleText("Surface: " + getText());
    }

    private static String capital(String text) {
        return text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
    }

    private void fill() {
        Map<String, Menu> sports = new TreeMap<>();
        state.desk().surfaces().plans().stream()
                .sorted(Comparator.comparing(SurfacePlan::name))
                .forEach(surface -> {
                    Menu here = new Menu(surface.name());
                    here.setDisable(surface.id().equals(state.drill().venue().surface()));
                    here.getItems()
                            .addAll(
                                    item("places by their landmarks", surface, SurfaceEdits.Carrying.LANDMARK),
                                    item("places to scale", surface, SurfaceEdits.Carrying.SCALE));
                    sports.computeIfAbsent(capital(surface.sport()), sport -> new Menu(sport))
                            .getItems()
                            .add(here);
                });
        getItems().setAll(sports.values());
    }

    private MenuItem item(String words, SurfacePlan surface, SurfaceEdits.Carrying carrying) {
        MenuItem item = new MenuItem(words);
        item.setOnAction(e -> state.apply(SurfaceEdits.onto(state.drill(), Venue.of(surface), carrying)));
        return item;
    }
}
