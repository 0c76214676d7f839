package wildchalk.desktop.board.hand;

import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.util.StringConverter;
import wildchalk.core.measure.Units;
import wildchalk.core.pattern.Pattern;
import wildchalk.core.pattern.Pattern.Numbering;
import wildchalk.core.pattern.PatternKind;
import wildchalk.desktop.control.Fields;

/** What can still be changed about a figure before it is let go. */
final class PatternCard extends FlowPane {

    private Pattern pattern;
    private final Consumer<Pattern> change;

    /**
     * @param change told of every change
     * @param keep lets the figure stand
     * @param drop takes it away
     */
    PatternCard(Pattern pattern, Units units, Consumer<Pattern> change, Runnable keep, Runnable drop) {
        super(10, 6);
        this.pattern = pattern;
        this.change = change;
        setId("pattern-card");
        getStyleClass().add("board-card");
        setPrefWrapLength(760);
        PatternKind kind = pattern.kind();
        Label title = new Label(kind.title());
        title.getStyleClass().add("card-heading");
        getChildren().add(title);
        if (kind.isCounted()) {
            getChildren()
                    .add(Fields.count(
                            "pattern-count",
                            "count",
                            pattern.count(),
                            2,
                            Pattern.MOST,
                            n -> change(p -> p.withCount(n))));
        }
        if (kind.hasRows()) {
            getChildren()
                    .add(Fields.count(
                            "pattern-rows", "rows", pattern.rows(), 1, Pattern.MOST, n -> change(p -> p.withRows(n))));
        }
        if (kind.hasBreadth()) {
            getChildren()
                    .add(Fields.length(
                            "pattern-breadth",
                            "across",
                            pattern.breadth(),
                            units.unit(),
                            m -> change(p -> p.withBreadth(m))));
        }
        if (kind.hasAngle()) {
            getChildren()
                    .add(Fields.degrees("pattern-angle", "open", pattern.angle(), d -> change(p -> p.withAngle(d))));
        }
        if (kind.isNumbered()) {
            getChildren().add(Fields.row("gaps", numbering()));
        }
        Button stand = new Button("Put down  Enter");
        stand.setId("pattern-keep");
        stand.setOnAction(e -> keep.run());
        Button away = new Button("Take away  Esc");
        away.setId("pattern-drop");
        away.setOnAction(e -> drop.run());
        getChildren().addAll(stand, away);
    }

    private void change(UnaryOperator<Pattern> edit) {
        pattern = edit.apply(pattern);
        change.accept(pattern);
    }

    private ChoiceBox<Numbering> numbering() {
        ChoiceBox<Numbering> box = new ChoiceBox<>();
        box.setId("pattern-numbering");
        box.setPrefWidth(164);
        box.getItems().addAll(Numbering.values());
        box.setConverter(new StringConverter<>() {
            @Override
            public String toString(Numbering n) {
                if (n == null || n == Numbering.NONE) {
                    return "no numbers";
                }
                if (n == Numbering.OUTWARD) {
                    return "odd and even";
                }
                return "left to right";
            }

            @Override
            public Numbering fromString(String text) {
                throw new UnsupportedOperationException("nobody types here");
            }
        });
        box.setValue(pattern.numbering());
        box.valueProperty().addListener((o, was, is) -> change(p -> p.numbered(is)));
        return box;
    }
}
