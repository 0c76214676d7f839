package wildchalk.desktop.board;

import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Rung;

/** The ladder, bottom rung first. */
final class LadderPane extends VBox {

    private static final double WIDTH = 108;
    private static final double HEIGHT = 58;

    private final BoardState state;

    LadderPane(BoardState state) {
        super(10);
        this.state = state;
        setId("ladder");
        getStyleClass().add("ladder");
        setAlignment(Pos.BOTTOM_CENTER);
        state.changesProperty().addListener(o -> rebuild());
        rebuild();
    }

    private void rebuild() {
        getChildren().clear();
        int n = 1;
        for (Rung rung : state.drill().ladder()) {
            getChildren().add(0, card(rung, n++));
        }
    }

    private VBox card(Rung rung, int n) {
        Thumbnail picture = new Thumbnail(WIDTH, HEIGHT);
        picture.show(state.drill(), Ladder.build(state.drill(), rung.id()));
        Label name = new Label(n + " " + rung.title());
        name.getStyleClass().add("rung-name");
        VBox card = new VBox(4, picture, name);
        card.getStyleClass().addAll("rung", rung.id().equals(state.rung()) ? "rung-current" : "rung-other");
        card.setAccessibleText("Rung " + n + ": " + rung.title());
        return card;
    }
}
