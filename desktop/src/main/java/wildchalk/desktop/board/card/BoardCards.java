package wildchalk.desktop.board.card;

import java.util.Optional;
import java.util.Set;
import javafx.scene.layout.Region;
import wildchalk.core.drill.Piece;
import wildchalk.desktop.board.canvas.BoardPane;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.board.state.Tool;

/** Chooses the card in the corner of the board: for the tool in hand, or for the piece that is chosen. */
public final class BoardCards {

    private final BoardPane pane;
    private final BoardState state;
    private Subject shown = new Subject.Nothing();

    public BoardCards(BoardPane pane, BoardState state) {
        this.pane = pane;
        this.state = state;
        state.toolProperty().addListener(o -> show());
        state.selection().chosenProperty().addListener(o -> show());
        state.changesProperty().addListener(o -> show());
    }

    /** What a card is about. */
    private sealed interface Subject {

        record Nothing() implements Subject {}

        record OfTool(Tool tool) implements Subject {}

        record Several(Set<String> ids) implements Subject {}

        record OfPiece(Piece piece) implements Subject {}
    }

    private void show() {
        Subject wanted = wanted();
        if (wanted.equals(shown)) {
            return;
        }
        boolean samePiece = wanted instanceof Subject.OfPiece now
                && shown instanceof Subject.OfPiece before
                && now.piece().id().equals(before.piece().id())
                && pane.getScene() != null
                && PieceCard.isFocused(pane.getScene().getFocusOwner());
        shown = wanted;
        // A card that is written in stays, whatever it has just changed.
        if (!samePiece) {
            pane.showUsualCard(card(wanted));
        }
    }

    private Subject wanted() {
        Tool tool = state.toolProperty().get();
        if (tool == Tool.AREA || tool == Tool.PATTERN) {
            return new Subject.OfTool(tool);
        }
        if (tool.handlesGear()) {
            return new Subject.OfTool(Tool.GEAR);
        }
        if (tool != Tool.GUESS && tool != Tool.MOVE) {
            return new Subject.Nothing();
        }
        if (several()) {
            return new Subject.Several(state.selection().chosenProperty().get());
        }
        return chosen().map(p -> (Subject) new Subject.OfPiece(p)).orElseGet(Subject.Nothing::new);
    }

    private Region card(Subject wanted) {
        if (wanted instanceof Subject.OfTool of) {
            return switch (of.tool()) {
                case AREA -> new AreaChoice(state);
                case PATTERN -> new PatternChoice(state);
                default -> new GearCard(state);
            };
        }
        if (wanted instanceof Subject.OfPiece of) {
            return of.piece() instanceof Piece.Area area ? new AreaCard(state, area) : new PieceCard(state, of.piece());
        }
        return wanted instanceof Subject.Several ? new SeveralCard(state) : null;
    }

    /** The one piece that is chosen, when there is something about it that a card can change. */
    private Optional<Piece> chosen() {
        Set<String> ids = state.selection().chosenProperty().get();
        return ids.size() != 1
                ? Optional.empty()
                : state.stage()
                        .piece(ids.iterator().next())
                        .filter(p -> p instanceof Piece.Item
                                || p instanceof Piece.Supply
                                || p instanceof Piece.Note
                                || p instanceof Piece.Person
                                || p instanceof Piece.Area);
    }

    private boolean several() {
        return state.selection().chosenProperty().get().stream()
                        .filter(id -> state.stage().piece(id).isPresent())
                        .count()
                > 1;
    }
}
