package wildchalk.desktop.board.card;

import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import wildchalk.core.call.Calling;
import wildchalk.core.drill.Dose;
import wildchalk.core.drill.RungPlan;
import wildchalk.core.edit.LadderEdits;
import wildchalk.core.score.Scoring;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.control.Fields;

/** How long a rung is practised, when to climb, what counts and what is called, to be written down. */
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
        Label title = new Label("How long, when to climb, what counts");
        title.getStyleClass().add("card-heading");
        RungPlan plan = plan();
        TextField length =
                wide(Fields.text("plan-length", plan.dose().map(Dose::words).orElse(""), MOST, this::length));
        length.setPromptText("6 off each foot, then swap ends");
        TextField climb = wide(Fields.text("plan-climb", plan.climb(), MOST, this::climb));
        climb.setPromptText("five clean ones in a row");
        TextField counts = wide(Fields.text(
                "plan-counts", plan.aloud().scoring().map(Scoring::words).orElse(""), MOST, this::counts));
        counts.setPromptText("far half 3, through a gate 4; limit 8 s");
        TextField called = wide(Fields.text(
                "plan-called", plan.aloud().calling().map(Calling::words).orElse(""), MOST, this::called));
        called.setPromptText("colours · gaps 10 odd and even, jump 2");
        Button done = Fields.pill("plan-close", "Close", close);
        getChildren()
                .addAll(
                        title,
                        Fields.row("how long", length),
                        Fields.row("climb when", climb),
                        Fields.row("what counts", counts),
                        Fields.row("what is called", called),
                        done);
    }

    private RungPlan plan() {
        return state.drill().ladder().stream()
                .filter(r -> r.id().equals(rung))
                .findFirst()
                .map(r -> r.plan())
                .orElse(RungPlan.USUAL);
    }

    private void length(String typed) {
        if (typed.isBlank() && plan().dose().isPresent()) {
            state.apply(LadderEdits.planned(rung, "No length", p -> p.with(Optional.empty())));
        } else if (!typed.isBlank()) {
            Dose.read(typed)
                    .ifPresentOrElse(
                            l -> {
                                if (!plan().dose().equals(Optional.of(l))) {
                                    state.apply(LadderEdits.planned(rung, "How long", p -> p.with(Optional.of(l))));
                                }
                            },
                            () -> state.announce("Begin with a number: 10 each side, or 4 min. Nothing was changed."));
        }
    }

    private void climb(String typed) {
        if (!typed.equals(plan().climb())) {
            state.apply(LadderEdits.planned(rung, "When to climb", p -> p.climbing(typed)));
        }
    }

    private void counts(String typed) {
        Optional<Scoring> read = Scoring.read(typed);
        if (!typed.isBlank() && read.isEmpty()) {
            state.announce("Write what counts, with commas between: far half 3, through a gate. Nothing was changed.");
        } else if (!read.equals(plan().aloud().scoring())) {
            state.apply(LadderEdits.planned(rung, "What counts", p -> p.scoring(read)));
        }
    }

    private void called(String typed) {
        Optional<Calling> read = Calling.read(typed);
        if (!typed.isBlank() && read.isEmpty()) {
            state.announce("Write what is called, with commas between, or: colours. Nothing was changed.");
        } else if (!read.equals(plan().aloud().calling())) {
            state.apply(LadderEdits.planned(rung, "What is called", p -> p.calling(read)));
        }
    }

    private static TextField wide(TextField field) {
        field.setPrefWidth(WIDE);
        return field;
    }
}
