package wildchalk.desktop.board.card;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Piece;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Curve;
import wildchalk.core.geometry.Vec;
import wildchalk.core.naming.PieceWords;
import wildchalk.core.pattern.Pattern;
import wildchalk.core.pattern.PatternKind;
import wildchalk.core.scene.Ink;
import wildchalk.core.scene.Shape;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.control.PictureButton;

/** Which figure is drawn next, of which gear. */
public final class PatternChoice extends VBox {

    private static final double WIDTH = 720;
    /** What figures are made of. */
    public static final List<GearKind> OF =
            List.of(GearKind.CONE, GearKind.MARKER, GearKind.POLE, GearKind.MANNEQUIN, GearKind.HURDLE, GearKind.HOOP);

    private static final Box ROOM = new Box(-6, -3.4, 12, 6.8);

    PatternChoice(BoardState state) {
        super(6);
        setId("pattern-choice");
        getStyleClass().add("board-card");
        FlowPane kinds = new FlowPane(4, 4);
        kinds.setPrefWrapLength(WIDTH);
        ToggleGroup group = new ToggleGroup();
        for (PatternKind kind : PatternKind.values()) {
            PictureButton button = new PictureButton(
                    "pattern-" + kind.name().toLowerCase(Locale.ROOT), kind.title(), picture(kind), ROOM);
            button.setToggleGroup(group);
            button.setSelected(state.samples().patternProperty().get() == kind);
            button.setOnAction(e -> {
                button.setSelected(true);
                state.samples().patternProperty().set(kind);
            });
            kinds.getChildren().add(button);
        }
        HBox colours = new HBox(6, new Label("of"));
        ToggleGroup of = new ToggleGroup();
        for (GearKind kind : OF) {
            ToggleButton button = new ToggleButton(PieceWords.several(PieceWords.kind(kind)));
            button.setId("pattern-of-" + PieceWords.kind(kind));
            button.getStyleClass().add("pill");
            button.setToggleGroup(of);
            button.setSelected(state.samples().gearProperty().get().kind() == kind);
            button.setOnAction(e -> {
                button.setSelected(true);
                state.samples().gearProperty().set(Piece.Item.of("", kind, Vec.ZERO));
            });
            colours.getChildren().add(button);
        }
        colours.getChildren()
                .add(Swatches.colours(state.samples().gearProperty().get().colour(), c -> state.samples()
                        .gearProperty()
                        .set(state.samples().gearProperty().get().withColour(c))));
        colours.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(kinds, colours);
    }

    private static List<Shape> picture(PatternKind kind) {
        Pattern pattern =
                switch (kind) {
                    case BOX, GRID -> Pattern.of(kind, new Vec(-4.5, -2.2), new Vec(4.5, 2.2));
                    case CIRCLE, STAR -> Pattern.of(kind, Vec.ZERO, new Vec(0, -2.7));
                    case V -> Pattern.of(kind, new Vec(-4, 0), new Vec(4, 0)).withCount(5);
                    case GATE -> Pattern.of(kind, new Vec(0, -2), new Vec(0, 2));
                    default -> Pattern.of(kind, new Vec(-5, 0), new Vec(5, 0));
                };
        List<Shape> dots = new ArrayList<>();
        pattern.places().forEach(p -> dots.add(new Shape.Fill(Curve.circle(p, 0.6), Ink.CONE_YELLOW, false)));
        return dots;
    }
}
