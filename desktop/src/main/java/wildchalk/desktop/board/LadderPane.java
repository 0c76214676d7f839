package wildchalk.desktop.board;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Rung;
import wildchalk.core.edit.LadderEdits;

/** The ladder, bottom rung first. */
final class LadderPane extends LiveScroll {

    private static final double WIDE = 140;

    private final BoardState state;
    private final VBox rungs = new VBox(10);
    private final Map<String, RungCard> cards = new HashMap<>();

    LadderPane(BoardState state) {
        this.state = state;
        setId("ladder");
        rungs.getStyleClass().add("ladder");
        rungs.setAlignment(Pos.BOTTOM_CENTER);
        setMinWidth(WIDE);
        setPrefWidth(WIDE);
        setContent(rungs);
        setFitToHeight(true);
        state.changesProperty().addListener(o -> rebuild());
        rebuild();
    }

    private void rebuild() {
        List<Rung> ladder = state.drill().ladder();
        cards.keySet().retainAll(ladder.stream().map(Rung::id).toList());
        List<Node> shown = new ArrayList<>();
        shown.add(harder(ladder.get(ladder.size() - 1)));
        for (int n = ladder.size(); n > 0; n--) {
            Rung rung = ladder.get(n - 1);
            RungCard card = cards.computeIfAbsent(rung.id(), id -> new RungCard(state, id));
            card.show(rung, n, Ladder.build(state.drill(), rung.id()));
            shown.add(card);
        }
        if (!rungs.getChildren().subList(Math.min(1, rungs.getChildren().size()), rungs.getChildren().size()).equals(shown.subList(1, shown.size()))) {
            rungs.getChildren().setAll(shown);
        }
    }

    /** Above the top: the same once more, to be made harder. */
    private Button harder(Rung top) {
        Button button = new Button("+ harder");
        button.setId("rung-harder");
        button.getStyleClass().add("pill");
        button.setAccessibleText("One more rung at the top, the same as the one below it until something is changed");
        button.setOnAction(e -> make(state, LadderEdits.harder(state.drill(), top.id())));
        return button;
    }

    /** Makes a rung and goes there. */
    static void make(BoardState state, LadderEdits.Made made) {
        if (state.apply(made.edit())) {
            state.climb(made.id());
        }
    }
}
