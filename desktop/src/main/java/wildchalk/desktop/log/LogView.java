package wildchalk.desktop.log;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wildchalk.core.log.Entry;
import wildchalk.core.log.chart.Chart;
import wildchalk.core.log.chart.RowsChart;
import wildchalk.core.log.chart.SeasonChart;
import wildchalk.core.log.chart.Sheet;
import wildchalk.core.log.chart.Sheets;
import wildchalk.core.log.chart.TogetherChart;
import wildchalk.core.log.season.PersonLine;
import wildchalk.core.log.season.Season;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.control.Fields;
import wildchalk.desktop.page.OpenDocument;

/** The log: what is asked for on top, the drawing or its table in the middle, an evening or an answer on the right. */
public final class LogView extends BorderPane {

    private static final KeyCombination FIND = new KeyCodeCombination(KeyCode.F, KeyCombination.SHORTCUT_DOWN);
    private static final KeyCombination UNDO = new KeyCodeCombination(KeyCode.Z, KeyCombination.SHORTCUT_DOWN);
    private static final KeyCombination REDO =
            new KeyCodeCombination(KeyCode.Z, KeyCombination.SHORTCUT_DOWN, KeyCombination.SHIFT_DOWN);
    private static final KeyCombination REDO_TOO = new KeyCodeCombination(KeyCode.Y, KeyCombination.SHORTCUT_DOWN);
    private static final double SIDE = 372;

    private final LogState state;
    private final QuestionRow question;
    private final Label count = new Label();
    private final Label told = new Label();
    private final ChartPane chart;
    private final SheetTable table;
    private final VBox middle = new VBox(8);
    private final Label workedOut = empty(say("worked.out"));
    private final ScrollPane scroll = new ScrollPane();
    private final ScrollPane side = new ScrollPane();
    /** What stands at the side. */
    private Object besides = "";

    private final Map<LogState.View, ToggleButton> tabs = new EnumMap<>(LogState.View.class);

    public LogView(LogState state) {
        this.state = state;
        this.question = new QuestionRow(state);
        this.chart = new ChartPane(this::tell, this::opened);
        this.table = new SheetTable(this::opened);
        setId("log-view");
        getStyleClass().add("log-view");
        count.setId("log-count");
        count.getStyleClass().add("quiet");
        told.setId("log-told");
        told.getStyleClass().add("log-told");
        scroll.setContent(chart);
        scroll.setFitToWidth(true);
        scroll.setFocusTraversable(false);
        scroll.getStyleClass().add("log-scroll");
        side.setFitToWidth(true);
        side.setFocusTraversable(false);
        side.setId("log-side");
        side.getStyleClass().add("log-scroll");
        side.setMinWidth(SIDE);
        side.setMaxWidth(SIDE);
        setTop(new VBox(8, head(), new AskedBar(state), tabs()));
        setCenter(middle);
        setRight(side);
        BorderPane.setMargin(middle, new Insets(10, 0, 0, 0));
        BorderPane.setMargin(side, new Insets(10, 0, 0, 16));
        state.shownProperty().addListener(o -> fill());
        state.viewProperty().addListener(o -> fill());
        state.tableProperty().addListener(o -> fill());
        state.unrunProperty().addListener(o -> fill());
        state.openProperty().addListener(o -> showSide());
        state.answerProperty().addListener(o -> showSide());
        fill();
    }

    private static String say(String key, Object... values) {
        return LogState.BOOK.say(key, values);
    }

    private HBox head() {
        Label title = new Label(say("title"));
        title.getStyleClass().add("squad-heading");
        VBox name = new VBox(0, title, count);
        name.setMinWidth(Region.USE_PREF_SIZE);
        HBox.setHgrow(question, Priority.ALWAYS);
        HBox head = new HBox(
                14,
                name,
                question,
                pill("log-type-in", say("type.in"), this::typeIn),
                pill("log-take-in", say("take.in"), () -> state.desk()
                        .takeIn(came -> state.desk().lay(new CameBackPane(state, came)))));
        head.setAlignment(Pos.CENTER_LEFT);
        return head;
    }

    private static Region pill(String id, String words, Runnable then) {
        Region pill = Fields.pill(id, words, then);
        pill.setMinWidth(Region.USE_PREF_SIZE);
        return pill;
    }

    private HBox tabs() {
        HBox row = new HBox(6);
        row.setAlignment(Pos.CENTER_LEFT);
        ToggleGroup one = new ToggleGroup();
        for (LogState.View view : LogState.View.values()) {
            ToggleButton tab = new ToggleButton(say("view." + Wordbook.key(view)));
            tab.setId("log-view-" + Wordbook.key(view));
            tab.getStyleClass().addAll("pill", "log-tab");
            tab.setToggleGroup(one);
            tab.setOnAction(e -> {
                tab.setSelected(true);
                state.view(view);
            });
            tabs.put(view, tab);
            row.getChildren().add(tab);
        }
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        ToggleButton as = new ToggleButton(say("table"));
        as.setId("log-as-table");
        as.getStyleClass().add("pill");
        as.setOnAction(e -> state.table(as.isSelected()));
        row.getChildren().addAll(gap, as);
        return row;
    }

    /** Opens where an evening is typed in. */
    void typeIn() {
        state.shownProperty().get().ifPresent(s -> {
            TypeIn page = new TypeIn(state, s.filled());
            state.desk().lay(page);
            page.lines().requestFocus();
        });
    }

    private void tell(String words) {
        told.setText(words.isEmpty() ? say("side.hint") : words);
        told.getStyleClass().remove("quiet");
        if (words.isEmpty()) {
            told.getStyleClass().add("quiet");
        }
    }

    private void opened(String ref) {
        if (state.viewProperty().get() == LogState.View.DRILLS
                && state.tableProperty().get()) {
            state.desk().onBoard(ref);
        } else if (state.viewProperty().get() == LogState.View.PEOPLE
                && state.tableProperty().get()) {
            state.ask(a -> a.ofPerson(ref));
        } else {
            state.openEntry(ref);
        }
    }

    private void fill() {
        tabs.forEach((view, tab) -> tab.setSelected(view == state.viewProperty().get()));
        state.shownProperty().get().ifPresent(this::fill);
    }

    private void fill(LogState.Shown shown) {
        Season season = shown.season();
        count.setText(say("count", season.evenings().size(), Math.round(season.minutes() / 60), season.load() / 1000));
        List<Node> nodes = new ArrayList<>();
        if (season.evenings().isEmpty() && state.viewProperty().get() != LogState.View.UNRUN) {
            nodes.add(new EmptyLog(shown.filled().entries().isEmpty(), this::typeIn));
        } else if (state.tableProperty().get() || state.viewProperty().get() == LogState.View.UNRUN) {
            tables(season, nodes);
        } else {
            chart.show(w -> drawn(season, w));
            nodes.add(told);
            nodes.add(
                    chart.isEmpty()
                            ? empty(say("nothing."
                                    + Wordbook.key(state.viewProperty().get())))
                            : scroll);
            VBox.setVgrow(scroll, Priority.ALWAYS);
        }
        if (state.viewProperty().get() == LogState.View.PEOPLE) {
            nodes.add(workedOut);
        }
        tell("");
        // Whoever goes through the drawing by keys goes on there.
        if (!middle.getChildren().equals(nodes)) {
            middle.getChildren().setAll(nodes);
        }
        showSide();
    }

    private static Label empty(String words) {
        Label label = new Label(words);
        label.getStyleClass().add("quiet");
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        return label;
    }

    private Chart drawn(Season season, double width) {
        return switch (state.viewProperty().get()) {
            case SEASON, UNRUN -> SeasonChart.of(season, width);
            case DRILLS -> RowsChart.drills(season, width);
            case PEOPLE -> people(season, width);
            case TOGETHER -> TogetherChart.of(season, state::name, width);
        };
    }

    /** Of one alone also what was measured of them. */
    private Chart people(Season season, double width) {
        if (season.asked().person().isEmpty() || season.people().isEmpty()) {
            return RowsChart.people(season, state::name, width);
        }
        PersonLine person = season.people().get(0);
        return RowsChart.one(person, season, state::name, width);
    }

    private void tables(Season season, List<Node> nodes) {
        Sheet sheet =
                switch (state.viewProperty().get()) {
                    case SEASON -> Sheets.evenings(season);
                    case DRILLS -> Sheets.drills(season);
                    case PEOPLE -> Sheets.people(season, state::name);
                    case TOGETHER -> Sheets.together(season, state::name);
                    case UNRUN -> state.unrunProperty()
                            .get()
                            .map(Sheets::unrun)
                            .orElse(new Sheet(List.of(), List.of()));
                };
        table.show(sheet, say("nothing." + Wordbook.key(state.viewProperty().get())));
        VBox.setVgrow(table, Priority.ALWAYS);
        nodes.add(table);
        if (state.viewProperty().get() == LogState.View.SEASON
                && !season.skills().isEmpty()) {
            SheetTable skills = new SheetTable(r -> {});
            skills.setId("log-table-skills");
            skills.show(Sheets.skills(season), "");
            nodes.add(skills);
        }
    }

    private void showSide() {
        Optional<Entry> entry = state.open().map(OpenDocument::document);
        Object now = List.of(entry, state.answerProperty().get(), state.names());
        if (now.equals(besides)) {
            // Nobody loses what they point at, or type in, because the book was read anew.
            return;
        }
        besides = now;
        double at = side.getVvalue();
        boolean same = side.getContent() instanceof EntryCard;
        Optional<Node> focus = Optional.ofNullable(getScene()).map(s -> s.getFocusOwner());
        String focused = focus.map(Node::getId).orElse("");
        Optional<Node> shown = entry.<Node>map(e -> new EntryCard(state, e))
                .or(() -> state.answerProperty().get().map(AnswerCard::new));
        side.setContent(shown.orElse(null));
        setRight(shown.isPresent() ? side : null);
        if (same && entry.isPresent()) {
            side.layout();
            side.setVvalue(at);
            if (!focused.isEmpty()) {
                Optional.ofNullable(side.getContent().lookup("#" + focused)).ifPresent(Node::requestFocus);
            }
        }
    }

    /** Opens the page on which what is shown is taken out of the program. */
    public Optional<Runnable> handingOut() {
        return state.shownProperty()
                .get()
                .filter(s -> !s.season().evenings().isEmpty())
                .map(s -> () -> state.desk().lay(new SendPane(state, s)));
    }

    /** A key that was pressed anywhere in the window while the page is shown. */
    public void key(KeyEvent e) {
        if (FIND.match(e)) {
            question.field().requestFocus();
            question.field().selectAll();
        } else if (UNDO.match(e)) {
            state.open().ifPresent(OpenDocument::undo);
        } else if (REDO.match(e) || REDO_TOO.match(e)) {
            state.open().ifPresent(OpenDocument::redo);
        } else if (e.getCode() == KeyCode.ESCAPE && state.open().isPresent()) {
            state.open(Optional.empty());
        } else {
            return;
        }
        e.consume();
    }
}
