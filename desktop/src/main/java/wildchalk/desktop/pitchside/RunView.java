package wildchalk.desktop.pitchside;

import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import wildchalk.core.pitchside.Calls;
import wildchalk.core.pitchside.Run;
import wildchalk.core.pitchside.Rundown;
import wildchalk.core.pitchside.Stretch;

/** The screen of a run. The clock first: everything else makes room for it. */
final class RunView extends StackPane {

    /** How much of the height the figures of the clock have. */
    private static final double CLOCK = 0.26;
    /** The same beside a large board. */
    private static final double BESIDE_BOARD = 0.13;

    private static final double LEFT = 0.67;
    private static final double BOARD = 0.33;
    /** So many blocks that come are named, of which none is longer than that, pixels. */
    private static final int COMING = 5;

    private static final double LONGEST = 190;
    private static final double EDGE = 30;
    private static final PseudoClass REST = PseudoClass.getPseudoClass("rest");
    private static final PseudoClass BEFORE = PseudoClass.getPseudoClass("before");
    private static final PseudoClass ROOMY = PseudoClass.getPseudoClass("roomy");
    private static final PseudoClass STOPPED = PseudoClass.getPseudoClass("stopped");

    private final RunState state;
    private final Runnable leave;
    private final Runnable finish;
    private final RunActions actions;
    private final Label title = label("run-title");
    private final Label where = label("run-where");
    private final Label times = label("run-times");
    private final Label late = label("run-late-by");
    private final Label now = label("run-now");
    private final Label next = label("run-next");
    private final Label fair = label("run-fair");
    private final Label notice = label("run-notice");
    private final Label standing = label("run-standing");
    private final Label silent = label("run-silent");
    private final ClockFace clock = new ClockFace();
    private final StretchBar bar = new StretchBar();
    private final TallyCards tallies = new TallyCards();
    private final SaysPane says = new SaysPane();
    private final PlacesPane places = new PlacesPane();
    private final RunBoard board = new RunBoard();
    private final KeyRow keys;
    private final HBox coming = new HBox(26);
    private final VBox left = new VBox(9);
    private final VBox right = new VBox(14);
    private final HBox middle = new HBox(30, left, right);
    private final StackPane panels = new StackPane();
    private final Cover cover = new Cover();
    private Optional<RunPanel> panel = Optional.empty();
    private boolean large;
    private boolean audible = true;

    RunView(RunState state, Runnable leave, Runnable finish) {
        this.state = state;
        this.leave = leave;
        this.finish = finish;
        this.actions = new RunActions(state, this);
        this.keys = new KeyRow(actions);
        setId("run");
        getStyleClass().add("run");
        setFocusTraversable(true);
        coming.setId("run-coming");
        coming.setMinWidth(0);
        HBox above = new HBox(14, title, where, gap(), silent, gap(), times, late);
        above.setAlignment(Pos.BASELINE_LEFT);
        where.setMinWidth(0);
        HBox.setHgrow(right, Priority.ALWAYS);
        VBox foot = new VBox(8, keys, coming);
        VBox.setVgrow(middle, Priority.ALWAYS);
        VBox.setVgrow(says, Priority.SOMETIMES);
        VBox.setVgrow(places, Priority.ALWAYS);
        List.of(middle, left, right).forEach(r -> r.setMinHeight(0));
        VBox frame = new VBox(9, above, notice, standing, middle, foot);
        frame.setPadding(new Insets(16, EDGE, 14, EDGE));
        BorderPane whole = new BorderPane(frame);
        panels.setPickOnBounds(false);
        panels.setPadding(new Insets(0, EDGE, EDGE, EDGE));
        getChildren().addAll(whole, panels, cover);
        arrange();
        listen();
        fill();
    }

    private static Region gap() {
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        return gap;
    }

    private static Label label(String id) {
        Label label = new Label();
        label.setId(id);
        label.getStyleClass().add(id);
        label.setMinWidth(Region.USE_PREF_SIZE);
        return label;
    }

    /** The clock on the left and the board small beside it; or the board, and the clock small above what is said. */
    private void arrange() {
        left.getChildren().clear();
        right.getChildren().clear();
        if (large) {
            VBox.setVgrow(board, Priority.ALWAYS);
            left.getChildren().setAll(board);
            right.getChildren().setAll(clock, now, bar, next, tallies, fair);
        } else {
            // Where nothing counts there is room for words under the clock, and the board is as large as it can be.
            boolean counts = tallies.isManaged();
            VBox.setVgrow(board, counts ? Priority.NEVER : Priority.ALWAYS);
            left.getChildren().setAll(clock, now, bar, next, tallies, fair, places);
            right.getChildren().setAll(board);
            if (counts) {
                right.getChildren().add(says);
            } else {
                left.getChildren().add(left.getChildren().indexOf(places), says);
            }
            says.pseudoClassStateChanged(ROOMY, !counts);
        }
        // Who wants the board large reads nothing beside it.
        coming.setVisible(!large);
        coming.setManaged(!large);
        requestLayout();
    }

    private void listen() {
        state.changesProperty().addListener(o -> fill());
        state.ticksProperty().addListener(o -> tick());
        state.quietProperty().addListener(o -> fill());
        state.noticeProperty().addListener(o -> fill());
        state.standingProperty().addListener(o -> fill());
        state.onCall(word -> cover.call(word, state.calls().map(RunWords::fair).orElse("")));
    }

    private static void show(Label label, String words) {
        label.setText(words);
        label.setVisible(!words.isEmpty());
        label.setManaged(!words.isEmpty());
    }

    /** Shows everything as it is now. */
    void fill() {
        Run run = state.run();
        Optional<Stretch.Kind> kind = run.stretch().map(Stretch::kind);
        pseudoClassStateChanged(REST, kind.equals(Optional.of(Stretch.Kind.REST)));
        pseudoClassStateChanged(BEFORE, kind.equals(Optional.of(Stretch.Kind.BEFORE)));
        pseudoClassStateChanged(STOPPED, !run.isOver() && !run.going());
        title.setText(RunWords.title(state));
        where.setText(RunWords.where(state));
        show(now, RunWords.state(state));
        show(notice, state.noticeProperty().get());
        show(standing, state.standingProperty().get());
        show(silent, audible ? "" : RunWords.say("silent"));
        bar.fill(run);
        boolean counted = tallies.isManaged();
        tallies.fill(state);
        if (counted != tallies.isManaged()) {
            arrange();
        }
        Optional<Calls> calls = state.calls().filter(c -> !c.called().isEmpty());
        show(fair, calls.map(c -> RunWords.say("fair", RunWords.fair(c))).orElse(""));
        boolean wasPlaying = board.isPlaying();
        board.fill(state);
        playWhilePrepared(kind, wasPlaying);
        says.fill(state);
        places.fill(state);
        keys.fill(state, new KeyRow.Shown(large, board.isPlaying(), audible));
        comes();
        tick();
    }

    private Optional<Stretch> playedFor = Optional.empty();

    /** It plays of itself while a drill is explained, and stops when that begins. */
    private void playWhilePrepared(Optional<Stretch.Kind> kind, boolean wasPlaying) {
        Optional<Stretch> on = state.run().stretch();
        if (!on.equals(playedFor)) {
            boolean before = kind.equals(Optional.of(Stretch.Kind.BEFORE));
            boolean begun =
                    playedFor.filter(s -> s.kind() == Stretch.Kind.BEFORE).isPresent();
            playedFor = on;
            board.play(before || wasPlaying && !begun);
        }
    }

    private void comes() {
        coming.getChildren().clear();
        List<Rundown.Coming> all = state.rundown().coming();
        for (Rundown.Coming block : all.subList(0, Math.min(COMING, all.size()))) {
            Label time = new Label(RunWords.time(block.at()));
            time.getStyleClass().add("run-coming-time");
            Label words = new Label(block.words());
            words.getStyleClass().add("run-coming-words");
            HBox one = new HBox(7, time, words);
            one.setAlignment(Pos.BASELINE_LEFT);
            one.setMinWidth(Region.USE_PREF_SIZE);
            time.setMinWidth(Region.USE_PREF_SIZE);
            words.setMaxWidth(LONGEST);
            coming.getChildren().add(one);
        }
        if (all.size() > COMING) {
            Label more = new Label(RunWords.say("coming.more", all.size() - COMING));
            more.getStyleClass().add("run-coming-time");
            more.setMinWidth(Region.USE_PREF_SIZE);
            coming.getChildren().add(more);
        }
    }

    private void tick() {
        Run run = state.run();
        clock.show(run.isOver() ? RunWords.say("clock.over") : ClockFace.words(run.left()), colour(run));
        bar.tick(run);
        set(times, RunWords.times(state));
        set(late, RunWords.late(state));
        set(next, RunWords.next(state));
        panel.ifPresent(RunPanel::tick);
    }

    private static Color colour(Run run) {
        return run.left() < 0 || !run.going() && !run.isOver() ? Inks.BRIGHT : Inks.LIGHT;
    }

    private static void set(Label label, String words) {
        if (!words.equals(label.getText())) {
            label.setText(words);
        }
    }

    @Override
    protected void layoutChildren() {
        clock.high(getHeight() * (large ? BESIDE_BOARD : CLOCK));
        double wide = getWidth() - 2 * EDGE;
        left.setMinWidth(wide * LEFT);
        left.setPrefWidth(wide * LEFT);
        left.setMaxWidth(wide * LEFT);
        board.setPrefHeight(getHeight() * BOARD);
        board.setMaxHeight(large || !tallies.isManaged() ? Double.MAX_VALUE : getHeight() * BOARD);
        super.layoutChildren();
    }

    /** Whether there is something to be heard through. */
    void audible(boolean is) {
        if (is != audible) {
            audible = is;
            fill();
        }
    }

    RunActions actions() {
        return actions;
    }

    Cover cover() {
        return cover;
    }

    Optional<RunPanel> panel() {
        return panel;
    }

    void lay(RunPanel shown) {
        panel = Optional.of(shown);
        panels.getChildren().setAll((Node) shown);
        shown.begin();
    }

    void clear() {
        panel = Optional.empty();
        panels.getChildren().clear();
        requestFocus();
    }

    void enlarge() {
        large = !large;
        arrange();
        board.large(large, state);
        fill();
    }

    void play() {
        board.play(!board.isPlaying());
        fill();
    }

    void other() {
        board.other(state);
        fill();
    }

    void askToLeave() {
        lay(new LeavePanel(state, this::clear, leave, finish));
    }

    /** Nothing moves any more. */
    void end() {
        board.play(false);
    }
}
