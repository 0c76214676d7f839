package wildchalk.desktop.board.card;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import javafx.beans.InvalidationListener;
import javafx.beans.WeakInvalidationListener;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Instruction.Freeze;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Sign;
import wildchalk.core.drill.Spot;
import wildchalk.core.edit.FreezeEdits;
import wildchalk.desktop.board.canvas.BoardPane;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.board.state.Focus;
import wildchalk.desktop.control.Fields;

/** What a freeze asks and what is drawn with its answer: for whoever and whatever is chosen on the board. */
public final class FreezeCard extends VBox {

    private static final int MOST = 200;
    private static final double WIDE = 300;
    private static final double WRAP = 430;

    /** A button that draws something about what is chosen. */
    private record Drawing(String words, Sign.Kind kind, String help) {}

    private static final List<Drawing> DRAWINGS = List.of(
            new Drawing("Ring", Sign.Kind.RING, "Round each that is chosen"),
            new Drawing("Line", Sign.Kind.LINE, "From each that is chosen to the next"),
            new Drawing("Lane", Sign.Kind.LANE, "Between two: is it open for a ball?"),
            new Drawing("Ground", Sign.Kind.REGION, "Between three or more"),
            new Drawing("Note", Sign.Kind.NOTE, "The answer beside what is chosen"),
            new Drawing("What they see", Sign.Kind.SIGHT, "From where the nose points"),
            new Drawing("Gap", Sign.Kind.GAP, "How far apart two are"),
            new Drawing("Passes away", Sign.Kind.AWAY, "How many passes through open lanes they are from the ball"),
            new Drawing(
                    "Who is sooner",
                    Sign.Kind.SOONER,
                    "The first that is not a person is where they go, else the first"));

    private final BoardState state;
    private final BoardPane pane;
    private final String id;
    private final Label drawn = new Label();
    private final InvalidationListener gone = o -> closeWhenGone();

    private FreezeCard(BoardState state, BoardPane pane, Freeze freeze) {
        super(6);
        this.state = state;
        this.pane = pane;
        this.id = freeze.id();
        setId("freeze-card");
        getStyleClass().add("board-card");
        Label title = new Label("Freeze and ask");
        title.getStyleClass().add("card-heading");
        TextField question = wide(Fields.text(
                "freeze-question",
                freeze.question(),
                MOST,
                t -> change(f -> FreezeEdits.ask(state.rung(), f, t), f -> f.question()
                        .equals(t))));
        TextField answer = wide(Fields.text(
                "freeze-answer",
                freeze.answer(),
                MOST,
                t -> change(f -> FreezeEdits.answer(state.rung(), f, t), f -> f.answer()
                        .equals(t))));
        FlowPane draw = new FlowPane(6, 6, drawn);
        draw.setPrefWrapLength(WRAP);
        for (Drawing d : DRAWINGS) {
            Button button =
                    Fields.pill("sign-" + d.kind().name().toLowerCase(Locale.ROOT), d.words(), () -> draw(d.kind()));
            button.setAccessibleText(d.words() + ": " + d.help());
            button.setTooltip(new Tooltip(d.help()));
            draw.getChildren().add(button);
        }
        draw.getChildren()
                .add(Fields.pill(
                        "sign-wipe",
                        "Wipe the last",
                        () -> change(f -> FreezeEdits.undraw(state.rung(), f), f -> f.signs()
                                .isEmpty())));
        HBox head = new HBox(
                8,
                title,
                Fields.pill("freeze-show", "The question", () -> show(false)),
                Fields.pill("freeze-show-answer", "The answer", () -> show(true)),
                Fields.pill("freeze-remove", "Take it away", this::remove),
                Fields.pill("freeze-close", "Close", this::close));
        head.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(head, Fields.row("asks", question), Fields.row("answer", answer), draw);
        tell(freeze);
        state.changesProperty().addListener(new WeakInvalidationListener(gone));
    }

    /** Goes to the moment of a freeze and shows its card. */
    public static void open(BoardState state, BoardPane pane, String id) {
        Optional<Freeze> freeze = find(state, id);
        freeze.ifPresent(f -> {
            state.head().playingProperty().set(false);
            state.timeline()
                    .moment(f.at())
                    .ifPresentOrElse(
                            t -> state.head()
                                    .atProperty()
                                    .set(Math.max(0, Math.min(state.timeline().duration(), t))),
                            () -> state.announce(
                                    "What this freeze waits for does not happen the way that is looked at"));
            pane.showCard(new FreezeCard(state, pane, f));
        });
    }

    /** A new freeze at the moment that is looked at. */
    public static void make(BoardState state, BoardPane pane) {
        state.head().playingProperty().set(false);
        FreezeEdits.Made made = FreezeEdits.at(
                state.rung(),
                state.stage(),
                state.freeIds(),
                state.timeline(),
                state.head().atProperty().get());
        if (state.apply(made.edit())) {
            open(state, pane, made.freeze());
            pane.lookup("#freeze-question").requestFocus();
        }
    }

    private static Optional<Freeze> find(BoardState state, String id) {
        return state.stage().instructions(Freeze.class).stream()
                .filter(f -> f.id().equals(id))
                .findFirst();
    }

    private void change(Function<Freeze, Edit<Drill>> edit, Predicate<Freeze> same) {
        find(state, id).filter(same.negate()).ifPresent(f -> {
            state.apply(edit.apply(f));
            find(state, id).ifPresent(this::tell);
        });
    }

    private void tell(Freeze freeze) {
        drawn.setText(
                freeze.signs().isEmpty()
                        ? "Choose people or gear, then draw:"
                        : freeze.signs().size() + " drawn. More, about who is chosen:");
    }

    private void draw(Sign.Kind kind) {
        List<Piece> chosen = chosen(kind);
        if (chosen.size() < kind.least()) {
            state.announce("Choose "
                    + (kind.least() == 1 ? "somebody or something" : kind.least() + " or more, with Shift held,")
                    + " on the board first");
            return;
        }
        int most;
        if (kind == Sign.Kind.LANE || kind == Sign.Kind.GAP) {
            most = 2;
        } else if (kind == Sign.Kind.SIGHT || kind == Sign.Kind.AWAY || kind == Sign.Kind.NOTE) {
            most = 1;
        } else {
            most = chosen.size();
        }
        List<Spot> spots = chosen.stream().limit(most).map(p -> Spot.at(p.id())).toList();
        change(
                f -> FreezeEdits.draw(state.rung(), f, new Sign(kind, spots, kind == Sign.Kind.NOTE ? f.answer() : "")),
                f -> false);
        show(true);
    }

    /** What is chosen, in the order of the stage; for a race the place before the people. */
    private List<Piece> chosen(Sign.Kind kind) {
        List<Piece> chosen = new ArrayList<>(state.stage().pieces().stream()
                .filter(p -> state.selection().chosenProperty().get().contains(p.id()))
                .toList());
        if (kind == Sign.Kind.SIGHT || kind == Sign.Kind.AWAY) {
            chosen.removeIf(p -> !(p instanceof Piece.Person));
        } else if (kind == Sign.Kind.SOONER) {
            chosen.sort((a, b) -> Boolean.compare(a instanceof Piece.Person, b instanceof Piece.Person));
        }
        return chosen;
    }

    private void show(boolean answer) {
        state.focus().frozenProperty().set(Optional.of(new Focus.Frozen(id, answer)));
    }

    private void remove() {
        find(state, id).ifPresent(f -> state.apply(FreezeEdits.remove(state.rung(), f)));
        close();
    }

    /** When the freeze is undone, or is not on the rung that is looked at, its card goes too. */
    private void closeWhenGone() {
        if (find(state, id).isEmpty()) {
            close();
        }
    }

    private void close() {
        state.focus().frozenProperty().set(Optional.empty());
        pane.showCard(null);
    }

    private static TextField wide(TextField field) {
        field.setPrefWidth(WIDE);
        return field;
    }
}
