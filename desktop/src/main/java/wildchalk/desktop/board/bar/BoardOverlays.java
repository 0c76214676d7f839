package wildchalk.desktop.board.bar;

import java.util.Optional;
import java.util.stream.Stream;
import javafx.geometry.BoundingBox;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wildchalk.core.ask.Answer;
import wildchalk.core.ask.Balance;
import wildchalk.core.drill.Instruction.Freeze;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Unit;
import wildchalk.core.script.BalanceWords;
import wildchalk.desktop.board.canvas.BoardPane;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.board.state.Focus;

/** Words that lie over the board: the question of a freeze, what people decide, how many stand on each side. */
public final class BoardOverlays {

    private static final double MARGIN = 10;
    /** The rows at the top of the board, pixels. */
    private static final double TOP_BARS = 66;

    private static final double ROW = 38;
    /** Round a question, so that no token is cut, pixels. */
    private static final double ROUND = 22;
    /** How wide a question may be, as shares of the board. */
    private static final double[] SHARES = {0.7, 0.42};

    private final BoardState state;
    private final BoardPane pane;
    private final AskBar asks;
    private final Region chips;
    private final Label question = new Label();
    private final Label answer = new Label();
    private final VBox words = new VBox(4, question, answer);
    private final Label numbers = new Label();

    /** @param chips what stands in the other upper corner */
    public BoardOverlays(BoardState state, BoardPane pane, Region chips) {
        this.state = state;
        this.pane = pane;
        this.chips = chips;
        this.asks = new AskBar(state, pane);
        words.setId("freeze-words");
        words.getStyleClass().add("freeze-words");
        words.setManaged(false);
        words.setMouseTransparent(true);
        words.setVisible(false);
        question.setWrapText(true);
        question.getStyleClass().add("freeze-question");
        answer.setWrapText(true);
        answer.getStyleClass().add("freeze-answer");
        numbers.setId("numbers");
        numbers.getStyleClass().add("board-numbers");
        numbers.setManaged(false);
        numbers.setMouseTransparent(true);
        pane.over(asks, numbers, words);
        state.focus().frozenProperty().addListener(o -> tellFreeze());
        state.changesProperty().addListener(o -> {
            tellFreeze();
            arrange();
        });
        pane.mapProperty().addListener(o -> tellFreeze());
        pane.widthProperty().addListener(o -> arrange());
        pane.heightProperty().addListener(o -> arrange());
    }

    private void arrange() {
        seatAsks();
        tellNumbers();
        place();
    }

    /** Beside the chips of the view, or under them where both have no room. */
    private void seatAsks() {
        asks.size();
        boolean beside = asks.getWidth() + chips.getLayoutBounds().getWidth() + 4 * MARGIN < width();
        asks.relocate(MARGIN, beside ? MARGIN - 2 : ROW);
    }

    /** How many there are on each side of the ball, in the corner. */
    private void tellNumbers() {
        numbers.setText(BalanceWords.of(
                Balance.of(state.stage(), state.timeline(), state.surface()), state.stage(), state.surface()));
        numbers.setVisible(!numbers.getText().isEmpty());
        numbers.applyCss();
        numbers.autosize();
        numbers.relocate(width() - numbers.getWidth() - MARGIN, height() - numbers.getHeight() - MARGIN);
    }

    private void tellFreeze() {
        Optional<Freeze> at = state.focus().freeze(state.stage());
        words.setVisible(at.isPresent());
        at.ifPresent(f -> {
            question.setText(f.question().isBlank() ? "Freeze" : f.question());
            boolean told = state.focus()
                    .frozenProperty()
                    .get()
                    .filter(Focus.Frozen::answered)
                    .isPresent();
            answer.setText(
                    told
                            ? f.answer()
                            : "Space: " + (f.answer().isBlank() && f.signs().isEmpty() ? "go on" : "the answer"));
            answer.setVisible(!answer.getText().isBlank());
            answer.setManaged(answer.isVisible());
            place();
        });
    }

    private double width() {
        return Math.floor(pane.getWidth());
    }

    private double height() {
        return Math.floor(pane.getHeight());
    }

    /** Where the question hides the fewest of those it is about: wide at the top before narrow in a corner. */
    private void place() {
        words.applyCss();
        BoundingBox best = null;
        long least = Long.MAX_VALUE;
        for (double share : SHARES) {
            double most = width() * share;
            words.setMaxWidth(most);
            double wide = Math.min(most, words.prefWidth(-1));
            double tall = words.prefHeight(wide);
            double right = width() - wide - MARGIN;
            double bottom = height() - tall - MARGIN;
            for (double x : new double[] {Math.round(right / 2), right, MARGIN}) {
                for (double y : new double[] {MARGIN + TOP_BARS, bottom}) {
                    long hidden = hidden(x, y, wide, tall);
                    if (hidden < least) {
                        least = hidden;
                        best = new BoundingBox(x, y, wide, tall);
                    }
                }
            }
        }
        words.setMaxWidth(best.getWidth());
        words.resizeRelocate(best.getMinX(), best.getMinY(), best.getWidth(), best.getHeight());
    }

    /** How many of those that matter the question would hide, and of the words that stand on lines of the answer. */
    private long hidden(double x, double y, double wide, double tall) {
        BoundingBox box = new BoundingBox(x - ROUND, y - ROUND, wide + 2 * ROUND, tall + 2 * ROUND);
        return state.focus().freeze(state.stage()).stream()
                .flatMap(this::seen)
                .filter(at -> box.contains(pane.map().x(at), pane.map().y(at)))
                .count();
    }

    private Stream<Vec> seen(Freeze freeze) {
        double t = state.timeline().moment(freeze.at()).orElse(0);
        Stream<Vec> people = Answer.matters(freeze, state.stage(), state.timeline(), state.surface()).stream()
                .flatMap(id -> state.stage().person(id).stream())
                .map(p -> state.timeline().at(p.id(), t));
        Stream<Vec> middles = Answer.of(freeze, state.stage(), state.timeline(), state.surface(), Unit.METRES).stream()
                .filter(d -> d.points().size() == 2)
                .map(d -> d.points().get(0).towards(d.points().get(1), 0.5));
        return Stream.concat(people, middles);
    }
}
