package wildchalk.desktop.begin;

import javafx.scene.control.ListCell;
import wildchalk.core.surface.SurfacePlan;

/** A surface in a list, by its name. */
final class SurfaceName extends ListCell<SurfacePlan> {

    @Override
    protected void updateItem(SurfacePlan surface, boolean empty) {
        super.updateItem(surface, empty);
        setText(empty || surface == null ? "" : surface.name());
    }
}
