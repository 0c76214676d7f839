package wildchalk.desktop.board.card;

import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import wildchalk.core.call.Calling;
import wildchalk.core.drill.RungPlan;
import wildchalk.core.edit.LadderEdits;
import wildchalk.core.effort.Dose;
import wildchalk.core.score.Scoring;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.control.Fields;

/** How long a rung is practised, when to climb, what counts and what is called, to be written down. */
public final class PlanCard extends VBox {

    private static final Wordbook BOOK = Wordbook.beside(PlanCard.class, "Plan");
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
        Label title = new Label(BOOK.say("title"));
        title.getStyleClass().add("card-heading");
        RungPlan plan = plan();
        TextField length =
                wide(Fields.text("plan-length", plan.dose().map(Dose::words).orElse(""), MOST, this::length));
        length.setPromptText(BOOK.say("length.prompt"));
        TextField climb = wide(Fields.text("plan-climb", plan.climb(), MOST, this::climb));
        climb.setPromptText(BOOK.say("climb.prompt"));
        TextField counts = wide(Fields.text(
                "plan-counts", plan.aloud().scoring().map(Scoring::words).orElse(""), MOST, this::counts));
        counts.setPromptText(BOOK.say("counts.prompt"));
        TextField called = wide(Fields.text(
                "plan-called", plan.aloud().calling().map(Calling::words).orElse(""), MOST, this::called));
        called.setPromptText(BOOK.say("called.prompt"));
        Button done = Fields.pill("plan-close", BOOK.say("close"), close);
        getChildren()
                .addAll(
                        title,
                        Fields.row(BOOK.say("length"), length),
                        Fields.row(BOOK.say("climb"), climb),
                        Fields.row(BOOK.say("counts"), counts),
                        Fields.row(BOOK.say("called"), called),
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
            state.apply(LadderEdits.planned(rung, BOOK.say("edit.none"), p -> p.with(Optional.empty())));
        } else if (!typed.isBlank()) {
            Dose.read(typed)
                    .ifPresentOrElse(
                            l -> {
                                if (!plan().dose().equals(Optional.of(l))) {
                                    state.apply(LadderEdits.planned(
                                            rung, BOOK.say("edit.length"), p -> p.with(Optional.of(l))));
                                }
                            },
                            () -> state.announce(BOOK.say("length.wrong")));
        }
    }

    private void climb(String typed) {
        if (!typed.equals(plan().climb())) {
            state.apply(LadderEdits.planned(rung, BOOK.say("edit.climb"), p -> p.climbing(typed)));
        }
    }

    private void counts(String typed) {
        Optional<Scoring> read = Scoring.read(typed);
        if (!typed.isBlank() && read.isEmpty()) {
            state.announce(BOOK.say("counts.wrong"));
        } else if (!read.equals(plan().aloud().scoring())) {
            state.apply(LadderEdits.planned(rung, BOOK.say("edit.counts"), p -> p.scoring(read)));
        }
    }

    private void called(String typed) {
        Optional<Calling> read = Calling.read(typed);
        if (!typed.isBlank() && read.isEmpty()) {
            state.announce(BOOK.say("called.wrong"));
        } else if (!read.equals(plan().aloud().calling())) {
            state.apply(LadderEdits.planned(rung, BOOK.say("edit.called"), p -> p.calling(read)));
        }
    }

    private static TextField wide(TextField field) {
        field.setPrefWidth(WIDE);
        return field;
    }
}
