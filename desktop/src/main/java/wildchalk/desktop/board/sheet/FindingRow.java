package wildchalk.desktop.board.sheet;

import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.VBox;
import wildchalk.core.check.Finding;
import wildchalk.core.check.over.LookOver;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.board.state.BoardState;

/** One thing that was found: its words, which lead the board there, what would mend it, and leaving it. */
final class FindingRow extends VBox {

    private static final Wordbook BOOK = LookPane.BOOK;

    private final BoardState state;
    private final Spotted spotted;
    private final int number;
    private final Button words;
    private final VBox mends = new VBox();

    /**
     * A row.
     *
     * @param number of the row, from 0
     * @param tried whether its mends were tried
     */
    FindingRow(BoardState state, Spotted spotted, int number, boolean tried) {
        super(2);
        this.state = state;
        this.spotted = spotted;
        this.number = number;
        getStyleClass().add("found");
        pseudoClassStateChanged(PseudoClass.getPseudoClass(Wordbook.key(spotted.weight())), true);
        words = words(spotted, "look-" + number);
        words.setOnAction(e -> point());
        words.focusedProperty().addListener((o, was, is) -> {
            if (is) {
                point();
            }
        });
        words.setOnMouseEntered(e -> point());
        words.addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        Label where = LookPane.quiet(where(state, spotted));
        getChildren().addAll(words, LookPane.quiet(spotted.advice()), where, mends);
        if (spotted.finding().mends().isEmpty() && !tried) {
            mends.getChildren().add(LookPane.quiet(BOOK.say("trying")));
        }
        for (int i = 0; i < spotted.finding().mends().size(); i++) {
            Finding.Mend<Drill> mend = spotted.finding().mends().get(i);
            mends.getChildren().add(button("look-mend-" + number + "-" + i, mend.words(), () -> {
                // Whoever mends by mouse wants to see what it did there.
                getScene().lookup("#board").requestFocus();
                mend(mend);
            }));
        }
        if (spotted.weight() != Finding.Weight.SAID) {
            mends.getChildren().add(button("look-leave-" + number, BOOK.say("leave"), this::ask));
        }
    }

    /** One that was left, with why. */
    static VBox left(BoardState state, LookOver.Left left, int number) {
        Button words = words(left.spotted(), "look-left-" + number);
        words.setOnAction(e -> state.look().pointedProperty().set(Optional.of(left.spotted())));
        Label why = LookPane.quiet(BOOK.say(
                left.why().printed() ? "left.printed" : "left.one", left.why().reason()));
        Button again = button(
                "look-again-" + number, BOOK.say("again"), () -> state.look().lookAgain(left.spotted()));
        VBox row = new VBox(2, words, why, again);
        row.getStyleClass().add("found");
        return row;
    }

    private static Button words(Spotted spotted, String id) {
        Button words = new Button(spotted.finding().words());
        words.setId(id);
        words.getStyleClass().add("found-words");
        words.setWrapText(true);
        words.setMaxWidth(Double.MAX_VALUE);
        words.setMinWidth(0);
        words.setMinHeight(USE_PREF_SIZE);
        words.setAccessibleText(BOOK.say(
                "one",
                BOOK.say(Wordbook.key(spotted.weight())),
                BOOK.say("sure." + Wordbook.key(spotted.sure())),
                spotted.finding().words(),
                spotted.advice()));
        return words;
    }

    private static String where(BoardState state, Spotted spotted) {
        String sure = BOOK.say("sure." + Wordbook.key(spotted.sure()));
        String where = spotted.scene()
                .rung()
                .map(Ladder.signs(state.drill())::get)
                .map(r -> spotted.t().isPresent()
                        ? BOOK.say("when", r, spotted.t().getAsDouble())
                        : BOOK.say("rung", r))
                .orElse("");
        return String.join(
                " · ", List.of(where, sure).stream().filter(s -> !s.isEmpty()).toList());
    }

    private static Button button(String id, String text, Runnable does) {
        Button button = new Button(text);
        button.setId(id);
        button.getStyleClass().add("mend");
        button.setWrapText(true);
        button.setMinWidth(0);
        button.setMinHeight(USE_PREF_SIZE);
        button.setOnAction(e -> does.run());
        return button;
    }

    /** Takes the keyboard; the board goes where it leads. */
    void take() {
        words.requestFocus();
    }

    /** Shows whether it is the one that is pointed at. */
    void light(Optional<Spotted> pointed) {
        pseudoClassStateChanged(
                PseudoClass.getPseudoClass("pointed"),
                pointed.filter(spotted::isSameAs).isPresent());
    }

    private void point() {
        if (state.look().pointedProperty().get().filter(spotted::isSameAs).isEmpty()) {
            state.look().pointedProperty().set(Optional.of(spotted));
        } else if (state.look().drawn().isEmpty()) {
            // The board was elsewhere since.
            state.look().pointedProperty().set(Optional.empty());
            state.look().pointedProperty().set(Optional.of(spotted));
        }
    }

    private void key(KeyEvent e) {
        if (e.getCode() == KeyCode.M && !spotted.finding().mends().isEmpty()) {
            e.consume();
            mend(spotted.finding().mends().get(0));
        }
    }

    private void mend(Finding.Mend<Drill> mend) {
        state.look().mend(mend.edit());
    }

    /** Why it may stay so. */
    private void ask() {
        TextField reason = new TextField();
        reason.setId("look-reason-" + number);
        reason.setPromptText(BOOK.say("leave.prompt"));
        reason.setAccessibleText(BOOK.say("leave.prompt"));
        CheckBox print = new CheckBox(BOOK.say("leave.print"));
        print.setId("look-print-" + number);
        Runnable leave = () -> state.look().leave(spotted, reason.getText(), print.isSelected());
        reason.setOnAction(e -> leave.run());
        getChildren().remove(mends);
        getChildren().addAll(reason, print, button("look-leave-it-" + number, BOOK.say("leave.do"), leave));
        reason.requestFocus();
    }
}
