package wildchalk.desktop.board;

import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import wildchalk.core.drill.Piece;
import wildchalk.core.edit.PieceEdits;
import wildchalk.core.measure.Unit;
import wildchalk.core.naming.PieceWords;

/** What can be changed about a piece of gear: colour, label, size, turn, how many balls. */
final class PieceCard extends FlowPane {

    private static final int MOST_LABEL = 12;
    private static final double TURN = 15;

    private final BoardState state;
    private final String id;

    PieceCard(BoardState state, Piece piece) {
        super(12, 6);
        this.state = state;
        this.id = piece.id();
        setId("piece-card");
        getStyleClass().add("board-card");
        setPrefWrapLength(680);
        Label title = new Label(PieceWords.among(state.stage(), piece));
        title.getStyleClass().add("card-heading");
        getChildren().add(title);
        if (piece instanceof Piece.Item item) {
            item(item);
        } else if (piece instanceof Piece.Supply supply) {
            getChildren().add(Fields.count("piece-count", "balls", supply.count(), 0, 500,
                    n -> apply("Count", new Piece.Supply(supply.id(), supply.at(), n))));
        } else if (piece instanceof Piece.Note note) {
            getChildren().add(Fields.row("says", text("piece-text", note.text(), 200,
                    t -> apply("Write", new Piece.Note(note.id(), note.at(), t)))));
        }
    }

    /** Whether the keyboard is in a field of such a card. */
    static boolean isFocused(Node focused) {
        Node node = focused;
        while (node != null && !(node instanceof PieceCard)) {
            node = node.getParent();
        }
        return node != null && focused instanceof TextField;
    }

    private void item(Piece.Item item) {
        Unit unit = state.unitsProperty().get().unit();
        if (item.kind().isColoured()) {
            getChildren().add(new Swatches(item.colour(), c -> change("Colour", i -> i.withColour(c))));
        }
        getChildren().add(Fields.row("label", text("piece-label", item.label(), MOST_LABEL,
                t -> change("Label", i -> i.withLabel(t)))));
        getChildren().add(Fields.length("piece-width", item.kind().isRound() ? "size" : "width", item.width(), unit,
                m -> change("Size", i -> i.kind().isRound() ? i.sized(m, m) : i.sized(m, i.depth()))));
        if (!item.kind().isRound()) {
            getChildren().add(Fields.length("piece-depth", "depth", item.depth(), unit,
                    m -> change("Size", i -> i.sized(i.width(), m))));
            double degrees = Math.toDegrees(item.facing());
            getChildren().add(Fields.row("turn",
                    Fields.step("↺", "piece-turn-left", "Turn left (key [)", () -> turn(state, -TURN)),
                    Fields.degrees("piece-turn", "", Math.round(degrees * 10) / 10.0,
                            d -> change("Turn", i -> i.turnedTo(Math.toRadians(d)))),
                    Fields.step("↻", "piece-turn-right", "Turn right (key ])", () -> turn(state, TURN))));
        }
    }

    private static TextField text(String id, String shown, int most, java.util.function.Consumer<String> set) {
        TextField field = new TextField(shown);
        field.setId(id);
        field.setPrefColumnCount(Math.min(most, 14) / 2 + 2);
        field.setAccessibleText(id.replace("piece-", ""));
        Runnable take = () -> {
            String text = field.getText().strip();
            set.accept(text.substring(0, Math.min(most, text.length())));
        };
        field.setOnAction(e -> take.run());
        field.focusedProperty().addListener((o, was, is) -> {
            if (!is && !field.getText().strip().equals(shown)) {
                take.run();
            }
        });
        return field;
    }

    private void change(String verb, UnaryOperator<Piece.Item> edit) {
        state.stage().piece(id).map(Piece.Item.class::cast).ifPresent(i -> apply(verb, edit.apply(i)));
    }

    private void apply(String verb, Piece changed) {
        if (state.stage().piece(id).isPresent()) {
            state.apply(PieceEdits.change(state.rung(), verb, changed));
        }
    }

    /** Turns the gear that is chosen. */
    static void turn(BoardState state, double degrees) {
        for (String chosen : state.chosenProperty().get()) {
            state.stage().piece(chosen).filter(Piece.Item.class::isInstance).map(Piece.Item.class::cast)
                    .filter(i -> !i.kind().isRound()).ifPresent(i -> state.apply(PieceEdits.change(state.rung(), "Turn",
                            i.turnedTo(Math.IEEEremainder(i.facing() + Math.toRadians(degrees), 2 * Math.PI)))));
        }
    }
}
