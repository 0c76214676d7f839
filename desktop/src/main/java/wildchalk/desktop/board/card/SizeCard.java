package wildchalk.desktop.board.card;

import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import wildchalk.core.edit.DrillEdits;
import wildchalk.core.measure.Numbers;
import wildchalk.core.measure.Unit;
import wildchalk.core.surface.Size;
import wildchalk.core.surface.SurfacePlan;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.control.Fields;

/** The sizes that the rules leave open, each within its range. */
public final class SizeCard extends VBox {

    private final BoardState state;

    public SizeCard(BoardState state) {
        super(6);
        this.state = state;
        setId("size-card");
        getStyleClass().add("board-card");
        Label title = new Label("Sizes of the " + state.surface().word("bounds", "surface"));
        title.getStyleClass().add("card-heading");
        FlowPane fields = new FlowPane(14, 6);
        fields.setPrefWrapLength(560);
        List<Size> sizes = state.drill().venue().plan().map(SurfacePlan::sizes).orElse(List.of());
        sizes.forEach(s -> fields.getChildren().add(field(s)));
        getChildren().addAll(title, fields);
    }

    private VBox field(Size size) {
        Unit unit = state.viewing().unitsProperty().get().unit();
        Label range = new Label(Numbers.plain(size.least() / unit.metres()) + " to "
                + Numbers.plain(size.most() / unit.metres()) + " " + unit.sign());
        range.getStyleClass().add("quiet");
        return new VBox(
                0,
                Fields.length(
                        "size-" + size.id(),
                        size.name(),
                        state.surface().sizes().getOrDefault(size.id(), size.usual()),
                        unit,
                        metres -> state.apply(DrillEdits.size(size, Math.round(size.clamp(metres) * 1000) / 1000.0))),
                range);
    }
}
