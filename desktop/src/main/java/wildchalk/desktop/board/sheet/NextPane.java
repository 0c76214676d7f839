package wildchalk.desktop.board.sheet;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javafx.geometry.Side;
import javafx.scene.Node;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Piece;
import wildchalk.core.flow.Flows;
import wildchalk.core.flow.NextWords;
import wildchalk.core.flow.RepWords;
import wildchalk.core.measure.Unit;
import wildchalk.core.script.ScriptWriter;
import wildchalk.core.surface.Surface;
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
    private final CastPane cast;
    private final VBox said = new VBox(4);
    private final Label heading = new Label();
    private final VBox numbers = new VBox(4);
    private final VBox lines = new VBox(4);
    private final VBox copies = new VBox(4);
    private final VBox again = new VBox(4);
    private Map<String, String> lined = Map.of();
    private final VBox told = new VBox(4);

    NextPane(BoardState state) {
        this.state = state;
        this.cast = new CastPane(state);
        setId("next");
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
        setFocusTraversable(false);
        heading.getStyleClass().add("sheet-heading");
        heading.setWrapText(true);
        told.setId("next-told");
        said.setId("next-said");
        FlowDesk desk = state.flow();
        Hyperlink many = new Hyperlink(BOOK.say("many"));
        many.setId("next-many");
        many.setOnAction(e -> state.many().shownProperty().set(true));
        many.visibleProperty().bind(state.many().shownProperty().not());
        many.managedProperty().bind(many.visibleProperty());
        copies.setManaged(false);
        VBox all = new VBox(8, cast, said, heading, numbers, copies, lines, told, many);
        all.getStyleClass().addAll("call-sheet-words", "next-words");
        setContent(all);
        state.changesProperty().addListener(o -> rebuild());
        state.selection().chosenProperty().addListener((o, was, is) -> choose());
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
        Surface marked = state.stage().marked(state.surface());
        Unit unit = state.viewing().unitsProperty().get().unit();
        List<NextWords.Phrase> roles = new NextWords(state.rung(), state.stage(), marked, unit).roles();
        cast.fill();
        said.getChildren().clear();
        if (roles.isEmpty()) {
            said.getChildren().add(quiet(BOOK.say("nobody")));
            return;
        }
        RepWords reps = new RepWords(state.rung(), state.stage(), marked, unit);
        said.getChildren()
                .addAll(phrase("starts", reps.starts()), phrase("over", reps.over()), phrase("sides", reps.sides()));
        reps.shares().forEach(s -> said.getChildren().add(phrase("shares", s)));
        reps.steps(this::sentence).forEach(s -> said.getChildren().add(phrase("steps", s)));
        again.getChildren().clear();
        said.getChildren().add(again);
        showAgain(reps);
        roles.forEach(r -> said.getChildren().add(row(r)));
        said.getChildren().add(phrase("fetches", reps.fetches()));
        said.getChildren().add(quiet(BOOK.say("guess")));
        ask();
        tell();
    }

    private String sentence(Action action) {
        return ScriptWriter.sentence(
                state.stage(),
                state.timeline(),
                state.surface(),
                state.viewing().unitsProperty().get().unit(),
                action);
    }

    /** What happens again, or what of the lines that are chosen could. */
    private void showAgain(RepWords reps) {
        again.getChildren()
                .setAll(reps.again(state.selection().chosenProperty().get()).stream()
                        .map(a -> phrase("again", a))
                        .toList());
    }

    private void choose() {
        if (state.flow().wantedProperty().get()) {
            showAgain(new RepWords(
                    state.rung(),
                    state.stage(),
                    state.stage().marked(state.surface()),
                    state.viewing().unitsProperty().get().unit()));
        }
    }

    private Node row(NextWords.Phrase phrase) {
        Label who = Badge.of(state.stage().person(phrase.role()).orElseThrow(), BADGE);
        Hyperlink words = phrase(phrase.role(), phrase);
        HBox row = new HBox(8, who, words);
        HBox.setHgrow(words, Priority.ALWAYS);
        row.getStyleClass().add("next-row");
        words.setAccessibleText(BOOK.say("says", who.getAccessibleText(), phrase.words()));
        return row;
    }

    /** Words that open what could be said instead. */
    private Hyperlink phrase(String about, NextWords.Phrase phrase) {
        Hyperlink words = new Hyperlink(phrase.words());
        words.setId("next-" + about);
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
                menu.getItems().add(item(choice, phrase.several()));
            }
        }
        menu.show(at, Side.BOTTOM, 0, 2);
    }

    private MenuItem item(NextWords.Choice choice, boolean several) {
        MenuItem item;
        if (several) {
            CheckMenuItem check = new CheckMenuItem(choice.words());
            check.setSelected(choice.taken());
            item = check;
        } else {
            RadioMenuItem radio = new RadioMenuItem(choice.words());
            radio.setSelected(choice.taken());
            item = radio;
        }
        item.setOnAction(e -> state.apply(choice.edit()));
        return item;
    }

    /** How many stand in each of several lines; what was not said is even. */
    private void showLines(Map<String, Integer> standing) {
        if (standing.size() < 2) {
            lines.getChildren().clear();
            lined = Map.of();
            return;
        }
        Map<String, String> names = new LinkedHashMap<>();
        standing.keySet().forEach(role -> names.put(role, label(role)));
        if (!names.equals(lined)) {
            lined = names;
            lines.getChildren()
                    .setAll(standing.entrySet().stream()
                            .map(l -> Fields.count(
                                    "next-line-" + l.getKey(),
                                    names.get(l.getKey()),
                                    l.getValue(),
                                    1,
                                    Flows.MOST_PEOPLE,
                                    n -> state.flow().line(l.getKey(), n)))
                            .toList());
        }
        standing.forEach((role, n) -> {
            if (lines.lookup("#next-line-" + role) instanceof TextField field) {
                field.setText(Integer.toString(n));
            }
        });
    }

    /** That it is there more than once, which can be taken back. */
    private void showCopies() {
        FlowDesk.Setting now = state.flow().setting();
        copies.getChildren().clear();
        copies.setManaged(now.copies() > 1);
        if (now.copies() > 1) {
            Hyperlink one = new Hyperlink(BOOK.say("copies.one"));
            one.setId("next-one-copy");
            one.setOnAction(
                    e -> state.flow().set(new FlowDesk.Setting(now.people(), now.minutes(), now.lines(), List.of())));
            copies.getChildren().addAll(quiet(BOOK.say("copies", now.copies())), one);
        }
    }

    private String label(String role) {
        return state.stage()
                .person(role)
                .map(p -> p instanceof Piece.LineUp l && !l.name().isBlank() ? l.name() : BOOK.say("line", p.label()))
                .orElse(role);
    }

    private void tell() {
        FlowDesk desk = state.flow();
        heading.setText(BOOK.say(
                "heading",
                desk.peopleProperty().get(),
                Integer.toString(desk.minutesProperty().get())));
        FlowDesk.Answer answer = desk.answerProperty().get();
        showLines(answer == null ? Map.of() : answer.lines());
        showCopies();
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
