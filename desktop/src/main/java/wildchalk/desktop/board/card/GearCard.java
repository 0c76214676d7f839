package wildchalk.desktop.board.card;

import java.util.Locale;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Piece;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Vec;
import wildchalk.core.naming.PieceWords;
import wildchalk.core.scene.Sample;
import wildchalk.desktop.board.canvas.FoldingCard;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.board.state.Tool;
import wildchalk.desktop.control.PictureButton;

/** Which gear is put down, and in which colour. */
final class GearCard extends VBox implements FoldingCard {

    private static final double WIDTH = 720;
    private static final Box ROOM = new Box(-5.6, -3.1, 11.2, 6.2);

    private final BoardState state;
    private final ToggleGroup group = new ToggleGroup();
    private final FlowPane kinds = new FlowPane(4, 4);
    private final Button others = new Button();

    GearCard(BoardState state) {
        super(6);
        this.state = state;
        setId("gear-card");
        getStyleClass().add("board-card");
        kinds.setPrefWrapLength(WIDTH);
        for (GearKind kind : GearKind.values()) {
            kinds.getChildren().add(button(kind));
        }
        kinds.getChildren().add(supply());
        kinds.managedProperty().bind(kinds.visibleProperty());
        others.setId("gear-others");
        others.setOnAction(e -> kinds.setVisible(true));
        others.visibleProperty().bind(kinds.visibleProperty().not());
        others.managedProperty().bind(others.visibleProperty());
        HBox colours = new HBox(
                10,
                others,
                Swatches.colours(state.samples().gearProperty().get().colour(), c -> state.samples()
                        .gearProperty()
                        .set(state.samples().gearProperty().get().withColour(c))));
        colours.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(kinds, colours);
        fold();
        kinds.setVisible(state.toolProperty().get() == Tool.GEAR);
    }

    /** Leaves the board free: only what is in hand and its colour are shown. */
    @Override
    public void fold() {
        kinds.setVisible(false);
        others.setText((state.toolProperty().get() == Tool.SUPPLY
                        ? "ball supply"
                        : PieceWords.kind(state.samples().gearProperty().get().kind()))
                + "  ·  other gear …");
    }

    private PictureButton button(GearKind kind) {
        Piece.Item item = Piece.Item.of("", kind, Vec.ZERO);
        PictureButton button = new PictureButton(
                "gear-" + kind.name().toLowerCase(Locale.ROOT).replace('_', '-'),
                PieceWords.kind(kind),
                Sample.piece(item.turnedTo(-Math.PI / 2)),
                ROOM);
        button.setToggleGroup(group);
        Tool tool = state.toolProperty().get();
        button.setSelected(
                tool != Tool.SUPPLY && state.samples().gearProperty().get().kind() == kind);
        button.setOnAction(e -> {
            button.setSelected(true);
            Piece.Item now = state.samples().gearProperty().get();
            state.samples().gearProperty().set(now.kind() == kind ? now : item);
            state.toolProperty().set(kind == GearKind.CONE ? Tool.CONE : Tool.GEAR);
            fold();
        });
        return button;
    }

    private PictureButton supply() {
        PictureButton button =
                new PictureButton("gear-supply", "ball supply", Sample.piece(new Piece.Supply("", Vec.ZERO, 6)), ROOM);
        button.setToggleGroup(group);
        button.setSelected(state.toolProperty().get() == Tool.SUPPLY);
        button.setOnAction(e -> {
            button.setSelected(true);
            state.toolProperty().set(Tool.SUPPLY);
            fold();
        });
        return button;
    }
}
