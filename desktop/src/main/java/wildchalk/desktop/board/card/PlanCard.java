package wildchalk.desktop.board.card;

import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.Length;
import wildchalk.core.drill.Plan;
import wildchalk.core.edit.LadderEdits;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.control.Fields;

/** How long a rung is practised and when to climb, to be written down. */
public final class PlanCard extends VBox {

    private static final double WIDE = 320;
    private static final int MOST = 200;

    private final BoardState state;
    private final String rung;

    public PlanCard(BoardState state, Runnable close) {
        super(6);
        this.state = state;
        this.rung = state.rung();
        setId("plan-card");
        getStyleClass().add("board-card");
        Label title = new Label("How long, when to climb");
        title.getStyleClass().add("card-heading");
        Plan plan = plan();
        TextField length = wide(Fields.text("plan-length", plan.length().map(Length::words).orElse(""), MOST, this::length));
        length.setPromptText("10 each side, then switch");
        TextField climb = wide(Fields.text("plan-climb", plan.climb(), MOST, this::climb));
        climb.setPromptText("8 of 10 passes are caught");
        Button done = Fields.pill("plan-close", "Close", close);
        getChildren().addAll(title, Fields.row("how long", length), Fields.row("climb when", climb), done);
    }

    private Plan plan() {
        return state.drill().ladder().stream().filter(r -> r.id().equals(rung)).findFirst().map(r -> r.plan()).orElse(Plan.USUAL);
    }

    private void length(String typed) {
        if (typed.isBlank() && plan().length().isPresent()) {
            state.apply(LadderEdits.planned(rung, "No length", p -> p.with(Optional.empty())));
        } else if (!typed.isBlank()) {
            Length.read(typed).ifPresentOrElse(l -> {
                if (!plan().length().equals(Optional.of(l))) {
                    state.apply(LadderEdits.planned(rung, "How long", p -> p.with(Optional.of(l))));
                }
            }, () -> state.announce("Begin with a number: 10 each side, or 4 min. Nothing was changed."));
        }
    }

    private void climb(String typed) {
        if (!typed.equals(plan().climb())) {
            state.apply(LadderEdits.planned(rung, "When to climb", p -> p.climbing(typed)));
        }
    }

    private static TextField wide(TextField field) {
        field.setPrefWidth(WIDE);
        return field;
    }
}
