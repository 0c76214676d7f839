package wildchalk.desktop.board.card;

import java.util.Set;
import java.util.stream.Collectors;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Piece;
import wildchalk.core.edit.ArrangeEdits;
import wildchalk.core.edit.CopyEdits;
import wildchalk.core.edit.PersonEdits;
import wildchalk.core.edit.Placement;
import wildchalk.core.geometry.Vec;
import wildchalk.desktop.board.state.BoardState;

/** What can be done with several pieces at once. */
public final class SeveralCard extends FlowPane {

    private final BoardState state;

    SeveralCard(BoardState state) {
        super(8, 6);
        this.state = state;
        setId("several-card");
        getStyleClass().add("board-card");
        setPrefWrapLength(780);
        Label title = new Label(pieces().size() + " pieces");
        title.getStyleClass().add("card-heading");
        ToggleButton fresh = new ToggleButton("new numbers");
        fresh.setId("fresh-labels");
        fresh.getStyleClass().add("pill");
        fresh.setTooltip(new Tooltip("Copies of players get numbers that nobody wears yet; else the same ones"));
        fresh.selectedProperty().bindBidirectional(state.samples().freshLabelsProperty());
        getChildren()
                .addAll(
                        title,
                        Swatches.teams(null, this::wear),
                        button("Copy", "copy", "Once more, beside these (Ctrl D)", () -> copyBeside(state)),
                        button(
                                "Copy to other side",
                                "copy-side",
                                "Once more, from left to right",
                                () -> copy(state, "Copy to other side", Placement.OTHER_SIDE)),
                        button(
                                "Copy to other end",
                                "copy-end",
                                "Once more, at the other end",
                                () -> copy(state, "Copy to other end", Placement.OTHER_END)),
                        button(
                                "Straighten",
                                "straighten",
                                "Onto the straight line that fits them best",
                                () -> state.apply(ArrangeEdits.straighten(state.rung(), state.stage(), pieces()))),
                        button(
                                "Space evenly",
                                "space-evenly",
                                "The same distance from each to the next",
                                () -> state.apply(ArrangeEdits.spaceEvenly(state.rung(), state.stage(), pieces()))),
                        button(
                                "Mirror ⇅",
                                "mirror-side",
                                "These, from left to right",
                                () -> mirror("Mirror left and right", Placement.OTHER_SIDE)),
                        button(
                                "Mirror ⇄",
                                "mirror-end",
                                "These, at the other end",
                                () -> mirror("Mirror end to end", Placement.OTHER_END)),
                        button(
                                "Half round",
                                "half-round",
                                "These, turned half round the middle of the surface",
                                () -> mirror("Turn half round", Placement.HALF_ROUND)),
                        button(
                                "To four corners",
                                "four-corners",
                                "Once more in each of the other three corners",
                                () -> toFourCorners(state)),
                        fresh,
                        button("↺", "several-left", "Turn these to the left ([)", () -> turn(state, -PieceCard.TURN)),
                        button("↻", "several-right", "Turn these to the right (])", () -> turn(state, PieceCard.TURN)));
    }

    private Set<String> pieces() {
        return pieces(state);
    }

    private static Set<String> pieces(BoardState state) {
        return state.selection().chosenProperty().get().stream()
                .filter(id -> state.stage().piece(id).isPresent())
                .collect(Collectors.toSet());
    }

    private static Button button(String text, String id, String words, Runnable action) {
        Button button = new Button(text);
        button.setId(id);
        button.getStyleClass().add("step");
        button.setTooltip(new Tooltip(words));
        button.setAccessibleText(words);
        button.setOnAction(e -> action.run());
        return button;
    }

    private void wear(Bib bib) {
        state.apply(PersonEdits.wear(state.rung(), pieces(), bib));
    }

    private void mirror(String name, Placement placement) {
        state.apply(CopyEdits.mirror(state.rung(), name, state.stage(), pieces(), placement, state.surface()));
    }

    /** Turns what is chosen round its middle, with all that happens there. */
    static void turn(BoardState state, double degrees) {
        Set<String> chosen = pieces(state);
        Vec middle = state.stage().pieces().stream()
                .filter(p -> chosen.contains(p.id()))
                .map(Piece::at)
                .reduce(Vec.ZERO, Vec::plus)
                .times(1.0 / Math.max(1, chosen.size()));
        state.apply(CopyEdits.mirror(
                state.rung(),
                "Turn",
                state.stage(),
                chosen,
                Placement.turned(middle, Math.toRadians(degrees), Vec.ZERO),
                state.surface()));
    }

    private static void toFourCorners(BoardState state) {
        state.apply(CopyEdits.toFourCorners(
                state.rung(),
                state.stage(),
                pieces(state),
                state.surface(),
                state.samples().freshLabelsProperty().get()));
    }

    /** Puts what is chosen there once more, a little beside it. */
    public static void copyBeside(BoardState state) {
        double by = 4 * state.board().frame().unit();
        copy(state, "Copy", Placement.beside(state.board().frame().onPage(by, by)));
    }

    private static void copy(BoardState state, String name, Placement placement) {
        Set<String> chosen = pieces(state);
        if (!chosen.isEmpty()) {
            CopyEdits.Copy copy = CopyEdits.copy(
                    state.rung(),
                    name,
                    state.stage(),
                    state.freeIds(),
                    chosen,
                    placement,
                    state.surface(),
                    state.samples().freshLabelsProperty().get());
            if (state.apply(copy.edit())) {
                state.selection().choose(copy.ids().toArray(new String[0]));
            }
        }
    }
}
