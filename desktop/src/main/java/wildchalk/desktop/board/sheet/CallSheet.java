package wildchalk.desktop.board.sheet;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Cursor;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rotation;
import wildchalk.core.edit.DrillEdits;
import wildchalk.core.edit.Mends;
import wildchalk.core.measure.TimeFormat;
import wildchalk.core.otherwise.Retelling;
import wildchalk.core.script.Counts;
import wildchalk.core.script.Script;
import wildchalk.core.timeline.Problem;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.board.state.Lights;
import wildchalk.desktop.control.Badge;
import wildchalk.desktop.control.LiveScroll;

/** The call sheet: the drill in words, in step with the picture. */
public final class CallSheet extends VBox {

    private static final int NOTHING_LIT = -2;
    /** Where on the sheet a beat comes to lie that was out of sight, as a share of its height. */
    private static final double TURNED_TO = 0.15;

    private static final double CHIP_MARGIN = 40;

    /** What a row says, and how those look who are named in it. */
    private record Told(Script.Line line, List<List<Object>> looks) {}

    /** What is wrong takes no more of the height than this; more of it is scrolled. */
    private static final double MOST_WRONG = 0.3;

    private final BoardState state;
    private final Map<Told, Node> told = new HashMap<>();
    private List<String> counted = List.of();
    /** What is lit up: the playing board asks with every frame. */
    private int litBeat = NOTHING_LIT;

    private Set<String> litChosen = Set.of();
    private final TitleField title;
    private final SurfaceMenu where;
    private final DiffersPane differs;
    private final FlowPane chips = new FlowPane(6, 6);
    private final VBox limits = new VBox(4);
    private final VBox lines = new VBox(4);
    private final LiveScroll scroll = new LiveScroll();
    /** The action whose words are being dragged to another beat; empty for none. */
    private String carried = "";

    private final NotesPane notes;
    private final VBox problems = new VBox(6);

    /** @param write shows where it is written down how long the rung is practised */
    public CallSheet(BoardState state, Runnable write) {
        this.state = state;
        this.title = new TitleField(name -> state.apply(DrillEdits.rename(name)));
        this.differs = new DiffersPane(state, write);
        this.notes = new NotesPane(state);
        this.where = new SurfaceMenu(state);
        setId("call-sheet");
        getStyleClass().add("call-sheet");
        VBox words = new VBox(10, differs, chips, limits, lines, notes);
        words.getStyleClass().add("call-sheet-words");
        scroll.setContent(words);
        SetOutPane setOut = new SetOutPane(state);
        NextPane next = new NextPane(state);
        LookPane look = new LookPane(state);
        RulesPane rules = new RulesPane(state, write);
        StackPane body = new StackPane(scroll, setOut, next, look, rules);
        VBox.setVgrow(body, Priority.ALWAYS);
        setOut.visibleProperty().bind(state.sheets().wantedProperty());
        next.visibleProperty().bind(state.flow().wantedProperty());
        look.visibleProperty().bind(state.look().wantedProperty());
        rules.visibleProperty().bind(state.rulesProperty());
        scroll.visibleProperty()
                .bind(state.sheets()
                        .wantedProperty()
                        .or(state.flow().wantedProperty())
                        .or(state.look().wantedProperty())
                        .or(state.rulesProperty())
                        .not());
        problems.getStyleClass().add("problems");
        problems.setId("problems");
        chips.getStyleClass().add("chips");
        chips.setMinWidth(0);
        lines.setId("script");
        LiveScroll wrong = new LiveScroll();
        wrong.setContent(problems);
        wrong.getStyleClass().add("problems-scroll");
        // Where the drill is looked over it is said among the rest.
        wrong.visibleProperty()
                .bind(problems.visibleProperty()
                        .and(state.look().wantedProperty().not()));
        wrong.managedProperty().bind(wrong.visibleProperty());
        wrong.maxHeightProperty().bind(heightProperty().multiply(MOST_WRONG));
        wrong.setMinHeight(USE_PREF_SIZE);
        getChildren().addAll(title, where, new SheetTabs(state), body, wrong);
        state.changesProperty().addListener(o -> rebuild());
        state.head().atProperty().addListener(o -> light());
        state.selection().chosenProperty().addListener(o -> light());
        state.head().playingProperty().addListener(o -> light());
        rebuild();
    }

    private void rebuild() {
        title.show(state.drill().title());
        where.tell();
        differs.rebuild();
        count();
        limits.getChildren()
                .setAll(state.script().limits().stream()
                        .filter(l -> !isOnTheOtherSheet(l))
                        .map(l -> limit(l.text()))
                        .toList());
        limits.setManaged(!limits.getChildren().isEmpty());
        tell();
        notes.rebuild();
        problems.getChildren()
                .setAll(state.timeline().problems().stream().map(this::problem).toList());
        problems.setVisible(!state.timeline().problems().isEmpty());
        problems.setManaged(problems.isVisible());
        litBeat = NOTHING_LIT;
        light();
    }

    /** What comes between reps has a sheet of its own; what repeats within one is said here. */
    private boolean isOnTheOtherSheet(Script.Phrase said) {
        return state.stage().instructions(Rotation.class).stream()
                .anyMatch(r -> r.id().equals(said.action()) && !(r instanceof Rotation.Repeats));
    }

    /** The lines of the script. Those that say what they said stay: making them again is what costs most of an edit. */
    private void tell() {
        Map<Told, Node> before = Map.copyOf(told);
        told.clear();
        List<Node> rows = new ArrayList<>();
        for (Script.Line line : state.script().lines()) {
            if (!line.heading().isEmpty()) {
                Label heading = new Label(line.heading());
                heading.getStyleClass().add("station-heading");
                heading.setWrapText(true);
                rows.add(heading);
            }
            Told key = new Told(
                    line,
                    line.phrases().stream()
                            .flatMap(p -> state.stage().person(p.piece()).stream())
                            .map(p -> List.<Object>of(p.getClass(), p.bib(), p.label()))
                            .toList());
            Node row = before.containsKey(key) ? before.get(key) : line(line);
            told.put(key, row);
            rows.add(row);
        }
        if (rows.isEmpty()) {
            rows.add(quiet("Nothing yet. Take a player from the ledge, put it on the board, "
                    + "then drag from it: that chalks a line."));
        }
        if (!rows.equals(lines.getChildren())) {
            lines.getChildren().setAll(rows);
        }
    }

    private void count() {
        List<String> wanted = new ArrayList<>(Counts.of(state.stage(), state.surface()));
        if (state.timeline().duration() > 0) {
            wanted.add("one rep " + TimeFormat.seconds(state.timeline().duration()));
        }
        if (!wanted.equals(counted)) {
            counted = wanted;
            chips.getChildren().setAll(wanted.stream().map(this::chip).toList());
        }
    }

    private Label chip(String text) {
        Label chip = new Label(text);
        chip.getStyleClass().add("chip");
        // Cones in seven colours are too long for the sheet: what is cut off is said when it is pointed at.
        chip.maxWidthProperty().bind(widthProperty().subtract(CHIP_MARGIN));
        chip.setTooltip(new Tooltip(text));
        return chip;
    }

    private static Label quiet(String text) {
        Label label = new Label(text);
        label.setWrapText(true);
        label.getStyleClass().addAll("quiet", "sheet-note");
        return label;
    }

    private static Label limit(String text) {
        Label label = new Label(text);
        label.setWrapText(true);
        label.getStyleClass().add("limit");
        label.setMaxWidth(Double.MAX_VALUE);
        return label;
    }

    private Node line(Script.Line line) {
        BeatRow row = new BeatRow(line, this::phrase);
        row.setOnMouseClicked(e -> {
            if (!line.isTaken()) {
                return;
            }
            state.head().playingProperty().set(false);
            state.head().atProperty().set(Math.min(state.timeline().duration(), line.t() + 0.001));
        });
        row.setOnMouseDragEntered(e -> row.light(true));
        row.setOnMouseDragExited(e -> row.light(line.beat() == litBeat));
        row.setOnMouseDragReleased(e -> drop(line));
        return row;
    }

    /** What was carried here from another beat begins with this one. */
    private void drop(Script.Line line) {
        setCursor(null);
        Optional<Action> action = state.stage().action(carried);
        Optional<Action> first = line.phrases().stream()
                .flatMap(p -> state.stage().action(p.action()).stream())
                .filter(a -> !a.id().equals(carried))
                .findFirst();
        boolean here = line.phrases().stream().anyMatch(p -> p.action().equals(carried));
        carried = "";
        if (action.isEmpty() || first.isEmpty() || here) {
            return;
        }
        Optional<Edit<Drill>> edit = Retelling.together(state.rung(), state.stage(), action.get(), first.get());
        edit.ifPresentOrElse(state::apply, () -> state.desk()
                .say((line.isTaken() ? "Beat " + line.number() : "That") + " waits for this itself, so it cannot begin "
                        + "with it. Nothing was changed."));
        state.selection().choose(action.get().id());
    }

    private Node phrase(Script.Phrase phrase) {
        Node node;
        if (phrase.part() == Script.Part.WHO
                && state.stage().person(phrase.piece()).isPresent()
                && state.stage().person(phrase.piece()).get().label().equals(phrase.text())) {
            node = Badge.of(state.stage().person(phrase.piece()).get(), 20);
        } else {
            // A number and its unit stay on one line.
            Text text = new Text(phrase.text().replaceAll("(\\d) (m|yd|ft|s)\\b", "$1\u00a0$2"));
            text.getStyleClass().add(phrase.part() == Script.Part.WHAT ? "phrase-what" : "phrase");
            node = text;
        }
        node.setUserData(phrase);
        if (state.stage().action(phrase.action()).isPresent()) {
            node.setOnMouseEntered(e -> state.focus()
                    .pointedAtProperty()
                    .set(phrase.piece().isEmpty() ? Set.of(phrase.action()) : Set.of(phrase.action(), phrase.piece())));
            node.setOnMouseExited(e -> state.focus().pointedAtProperty().set(Set.of()));
            node.setOnMouseClicked(e -> {
                state.selection().choose(phrase.action());
                state.stage().action(phrase.action()).ifPresent(a -> PhraseMenu.show(state, a, phrase.part(), node));
                e.consume();
            });
            node.setOnDragDetected(e -> {
                carried = phrase.action();
                node.startFullDrag();
                setCursor(Cursor.CLOSED_HAND);
                e.consume();
            });
        }
        return node;
    }

    private Node problem(Problem problem) {
        Label mark = new Label("!");
        mark.getStyleClass().add("problem-mark");
        String who = state.stage()
                .action(problem.action())
                .flatMap(a -> state.model().shown().through().stage().person(a.who()))
                .map(Piece.Person::label)
                .orElse("");
        Label text = new Label(
                problem.message().startsWith(who) || who.isEmpty()
                        ? problem.message()
                        : who + ": " + problem.message());
        text.setWrapText(true);
        text.setMinHeight(USE_PREF_SIZE);
        FlowPane mends = new FlowPane(6, 4);
        for (Mends.Mend mend : Mends.of(state.rung(), state.stage(), problem)) {
            Button button = new Button(mend.words());
            button.getStyleClass().add("mend");
            button.setOnAction(e -> state.apply(mend.edit()));
            mends.getChildren().add(button);
        }
        VBox words = mends.getChildren().isEmpty() ? new VBox(text) : new VBox(4, text, mends);
        HBox.setHgrow(words, Priority.ALWAYS);
        HBox row = new HBox(8, mark, words);
        row.setOnMouseClicked(e -> {
            if (state.stage().action(problem.action()).isPresent()) {
                state.selection().choose(problem.action());
            }
            if (!Double.isNaN(problem.t())) {
                state.head().playingProperty().set(false);
                state.head().atProperty().set(problem.t());
            }
        });
        return row;
    }

    private void light() {
        int now = Lights.beat(state.model()).map(b -> b.n()).orElse(-1);
        Set<String> chosen = state.selection().chosenProperty().get();
        if (now == litBeat && chosen.equals(litChosen)) {
            return;
        }
        litBeat = now;
        litChosen = chosen;
        for (Node node : lines.getChildren()) {
            if (node instanceof BeatRow row) {
                row.light(row.line().beat() == now
                        || row.line().phrases().stream().anyMatch(p -> chosen.contains(p.action())));
                row.words()
                        .getChildren()
                        .forEach(n -> mark(
                                n,
                                "chosen-phrase",
                                n.getUserData() instanceof Script.Phrase p
                                        && !p.action().isEmpty()
                                        && chosen.contains(p.action())));
                if (row.line().beat() == now) {
                    show(row);
                }
            }
        }
    }

    /** Whoever reads along need not turn the sheet. */
    private void show(BeatRow row) {
        double room = scroll.getViewportBounds().getHeight();
        double over = scroll.getContent().getLayoutBounds().getHeight() - room;
        double top = lines.getLayoutY() + row.getLayoutY();
        double above = scroll.getVvalue() * over;
        if (over > 0 && row.getHeight() > 0 && (top < above || top + row.getHeight() > above + room)) {
            scroll.setVvalue(Math.max(0, Math.min(1, (top - room * TURNED_TO) / over)));
        }
    }

    private static void mark(Node node, String style, boolean on) {
        // Touching style classes costs a layout of the whole sheet, so only when something changes.
        if (on != node.getStyleClass().contains(style)) {
            if (on) {
                node.getStyleClass().add(style);
            } else {
                node.getStyleClass().remove(style);
            }
        }
    }
}
