package wildchalk.desktop.board.sheet;

import java.util.List;
import javafx.geometry.Side;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import wildchalk.core.flow.Flows;
import wildchalk.core.flow.NextWords;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.board.state.FlowDesk;
import wildchalk.desktop.control.Badge;
import wildchalk.desktop.control.Fields;

/** Who is next: where everybody goes between reps, in phrases that can be changed, and what many reps come to. */
final class NextPane extends ScrollPane {

    /** The words of this sheet. */
    static final Wordbook BOOK = Wordbook.beside(NextPane.class, "Next");

    private static final int MOST_MINUTES = 60;
    private static final double BADGE = 24;

    private final BoardState state;
    private final VBox said = new VBox(4);
    private final Label heading = new Label();
    private final VBox numbers = new VBox(4);
    private final VBox told = new VBox(4);

    NextPane(BoardState state) {
        this.state = state;
        setId("next");
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
        setFocusTraversable(false);
        heading.getStyleClass().add("sheet-heading");
        heading.setWrapText(true);
        told.setId("next-told");
        said.setId("next-said");
        FlowDesk desk = state.flow();
        VBox all = new VBox(8, said, heading, numbers, told);
        all.getStyleClass().addAll("call-sheet-words", "next-words");
        setContent(all);
        state.changesProperty().addListener(o -> rebuild());
        desk.wantedProperty().addListener(o -> rebuild());
        desk.answerProperty().addListener(o -> tell());
        desk.peopleProperty().addListener(o -> showPeople());
        rebuild();
    }

    private void ask() {
        FlowDesk desk = state.flow();
        numbers.getChildren()
                .setAll(
                        Fields.count(
                                "next-people",
                                BOOK.say("people"),
                                desk.peopleProperty().get(),
                                1,
                                Flows.MOST_PEOPLE,
                                desk::count),
                        Fields.count(
                                "next-minutes",
                                BOOK.say("minutes"),
                                desk.minutesProperty().get(),
                                1,
                                MOST_MINUTES,
                                desk.minutesProperty()::set));
    }

    /** Whoever said it, the number is the same everywhere. */
    private void showPeople() {
        if (numbers.lookup("#next-people") instanceof TextField field) {
            field.setText(Integer.toString(state.flow().peopleProperty().get()));
        }
    }

    private void rebuild() {
        if (!state.flow().wantedProperty().get()) {
            return;
        }
        NextWords words = new NextWords(
                state.rung(),
                state.stage(),
                state.stage().marked(state.surface()),
                state.viewing().unitsProperty().get().unit());
        said.getChildren().clear();
        List<NextWords.Phrase> roles = words.roles();
        if (roles.isEmpty()) {
            said.getChildren().add(quiet(BOOK.say("nobody")));
            return;
        }
        said.getChildren().addAll(phrase(words.starts()), phrase(words.sides()));
        roles.forEach(r -> said.getChildren().add(row(r)));
        said.getChildren().add(phrase(words.fetches()));
        said.getChildren().add(quiet(BOOK.say("guess")));
        ask();
        tell();
    }

    private Node row(NextWords.Phrase phrase) {
        Label who = Badge.of(state.stage().person(phrase.role()).orElseThrow(), BADGE);
        Hyperlink words = phrase(phrase);
        words.setId("next-" + phrase.role());
        HBox row = new HBox(8, who, words);
        HBox.setHgrow(words, Priority.ALWAYS);
        row.getStyleClass().add("next-row");
        words.setAccessibleText(BOOK.say("says", who.getAccessibleText(), phrase.words()));
        return row;
    }

    /** Words that open what could be said instead. */
    private Hyperlink phrase(NextWords.Phrase phrase) {
        Hyperlink words = new Hyperlink(phrase.words());
        words.setWrapText(true);
        words.getStyleClass().add(phrase.guess() ? "next-guess" : "next-phrase");
        words.setOnAction(e -> offer(phrase, words));
        return words;
    }

    private void offer(NextWords.Phrase phrase, Node at) {
        ContextMenu menu = new ContextMenu();
        menu.setId("next-menu");
        for (List<NextWords.Choice> group : phrase.choices()) {
            if (!group.isEmpty() && !menu.getItems().isEmpty()) {
                menu.getItems().add(new SeparatorMenuItem());
            }
            for (NextWords.Choice choice : group) {
                RadioMenuItem item = new RadioMenuItem(choice.words());
                item.setSelected(choice.taken());
                item.setOnAction(e -> state.apply(choice.edit()));
                menu.getItems().add(item);
            }
        }
        menu.show(at, Side.BOTTOM, 0, 2);
    }

    private void tell() {
        FlowDesk desk = state.flow();
        heading.setText(BOOK.say(
                "heading",
                desk.peopleProperty().get(),
                Integer.toString(desk.minutesProperty().get())));
        FlowDesk.Answer answer = desk.answerProperty().get();
        told.getChildren()
                .setAll(
                        answer == null
                                ? List.of()
                                : answer.told().stream().map(NextPane::sentence).toList());
    }

    private static Node sentence(String text) {
        Label label = new Label(text);
        label.setWrapText(true);
        label.setMinHeight(USE_PREF_SIZE);
        return label;
    }

    private static Label quiet(String text) {
        Label label = new Label(text);
        label.setWrapText(true);
        label.getStyleClass().addAll("quiet", "sheet-note");
        return label;
    }
}
