package wildchalk.desktop.practice;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.VBox;

/** What is beside the column of time: what was found, and the card of what is looked at. */
final class BesideTime extends ScrollPane {

    private static final double WIDE = 346;

    private final PracticeState state;
    private final Runnable toColumn;
    private final VBox found = new VBox();
    private final VBox card = new VBox();
    private Optional<Object> shown = Optional.empty();

    /** @param toColumn lets keys go to the column of time */
    BesideTime(PracticeState state, Runnable toColumn) {
        this.state = state;
        this.toColumn = toColumn;
        setId("beside-time");
        VBox all = new VBox(14, found, card);
        all.getStyleClass().add("beside-time");
        setContent(all);
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
        getStyleClass().add("groups-scroll");
        setMinWidth(WIDE);
        setPrefWidth(WIDE);
        setMaxWidth(WIDE);
    }

    /** Shows what is to be known of the evening as it was worked out last. */
    void fill() {
        boolean found = state.sideProperty().get() == PracticeState.Side.FOUND;
        boolean keys = isIn(this.found);
        this.found.getChildren().setAll(found ? List.of(new FoundList(state)) : List.of());
        this.found.setManaged(found);
        if (keys) {
            toColumn.run();
        }
        fillCard();
    }

    /** Shows the card of what is looked at as it is now. */
    void fillCard() {
        PracticeState.Side side = state.sideProperty().get();
        switch (side) {
            case FIT -> show(List.of(side, state.asking(), state.practice()), () -> {
                FitPane fitting = new FitPane(state);
                fitting.begin();
                return fitting;
            });
            case EVENING -> show(
                    List.of(side, state.practice(), state.fetched(), EveningCard.gear(state)),
                    () -> new EveningCard(state));
            case VERSIONS -> show(List.of(side, state.practice()), () -> new VersionsCard(state));
            case HAND_OUT -> show(List.of(side, state.fetched()), () -> new EveningOut(state));
            case CAME_BACK -> show(List.of(side, state.practice(), state.cameBack()), () -> new CameBackCard(state));
            case FOUND -> state.chosen()
                    .ifPresentOrElse(
                            b -> show(List.of(b, BlockCard.around(state, b)), () -> new BlockCard(state, b)),
                            () -> show(state.seenProperty().get(), () -> new MadeOf(state)));
        }
    }

    /** Whoever types in a card that is still the same goes on typing. */
    private void show(Object what, Supplier<Node> made) {
        if (Optional.of(what).equals(shown)) {
            return;
        }
        shown = Optional.of(what);
        Optional<String> typing = Optional.ofNullable(getScene())
                .map(s -> s.getFocusOwner())
                .filter(n -> isIn(card))
                .map(Node::getId);
        card.getChildren().setAll(made.get());
        typing.ifPresent(
                id -> Optional.ofNullable(card.lookup("#" + id)).ifPresentOrElse(Node::requestFocus, toColumn));
    }

    /** Whether keys go to something in it. */
    private boolean isIn(Node room) {
        Node at = getScene() == null ? null : getScene().getFocusOwner();
        while (at != null && at != room) {
            at = at.getParent();
        }
        return at != null;
    }
}
