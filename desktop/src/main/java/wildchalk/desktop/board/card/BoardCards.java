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
    private String shown = "";

    public BoardCards(BoardPane pane, BoardState state) {
        this.pane = pane;
        this.state = state;
        state.toolProperty().addListener(o -> show());
        state.selection().chosenProperty().addListener(o -> show());
        state.changesProperty().addListener(o -> show());
    }

    private void show() {
        Tool tool = state.toolProperty().get();
        Optional<Piece> piece = chosen();
        String wanted = tool == Tool.AREA ? "area" : tool == Tool.PATTERN || tool.handlesGear() ? tool == Tool.PATTERN ? "pattern" : "gear"
                : tool != Tool.GUESS && tool != Tool.MOVE ? "" : several() ? "several" + state.selection().chosenProperty().get()
                : piece.map(Object::toString).orElse("");
        if (wanted.equals(shown)) {
            return;
        }
        boolean samePiece = pane.getScene() != null && piece.isPresent() && shown.contains(piece.get().id())
                && PieceCard.isFocused(pane.getScene().getFocusOwner());
        shown = wanted;
        // A card that is written in stays, whatever it has just changed.
        if (!samePiece) {
            pane.showUsualCard(card(wanted, piece));
        }
    }

    private Region card(String wanted, Optional<Piece> piece) {
        if (wanted.startsWith("several")) {
            return new SeveralCard(state);
        }
        return switch (wanted) {
            case "" -> null;
            case "gear" -> new GearCard(state);
            case "pattern" -> new PatternChoice(state);
            case "area" -> new AreaChoice(state);
            default -> piece.orElseThrow() instanceof Piece.Area area ? new AreaCard(state, area)
                    : new PieceCard(state, piece.orElseThrow());
        };
    }

    /** The one piece that is chosen, when there is something about it that a card can change. */
    private Optional<Piece> chosen() {
        Set<String> ids = state.selection().chosenProperty().get();
        return ids.size() != 1 ? Optional.empty() : state.stage().piece(ids.iterator().next())
                .filter(p -> p instanceof Piece.Item || p instanceof Piece.Supply || p instanceof Piece.Note
                        || p instanceof Piece.Person || p instanceof Piece.Area);
    }

    private boolean several() {
        return state.selection().chosenProperty().get().stream().filter(id -> state.stage().piece(id).isPresent()).count() > 1;
    }
}
