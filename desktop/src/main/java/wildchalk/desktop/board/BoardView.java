package wildchalk.desktop.board;

import java.util.Locale;
import java.util.Set;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Drill.LineKey;
import wildchalk.core.drill.Piece;
import wildchalk.core.edit.ActionEdits;
import wildchalk.core.edit.DrillEdits;
import wildchalk.core.edit.LineEdits;
import wildchalk.core.edit.PathEdits;
import wildchalk.core.edit.PieceEdits;
import wildchalk.core.geometry.Route;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Clock;
import wildchalk.core.measure.Numbers;
import wildchalk.core.rehearsal.Places;
import wildchalk.core.scene.Look;
import wildchalk.core.stroke.CueChoices;

/** The Board with everything round it. */
public final class BoardView extends BorderPane {

    private static final double CALL_SHEET_SHARE = 0.231;
    private static final double CLOCK_WIDTH = 72;
    private static final double CLOCK_HEIGHT = 28;
    /** How far a key turns gear, degrees. */
    private static final double TURN = 15;
    /** How far an arrow key moves what is chosen, metres. */
    private static final double NUDGE = 0.5;
    private static final double FINE_NUDGE = 0.1;

    private final BoardState state;
    private final Player player;
    private final Tray tray;
    private final BoardPane board;
    private final KeyHand keyHand;
    private final Label clock = new Label();
    private final Button play = new Button();
    private final Label hint = new Label();
    private final MenuButton show = new MenuButton("show");
    private boolean keysShown;

    public BoardView(BoardState state) {
        this.state = state;
        this.player = new Player(state);
        this.tray = new Tray(state);
        this.board = new BoardPane(state);
        this.keyHand = new KeyHand(board, state);
        setId("board-view");
        LadderPane ladder = new LadderPane(state);
        HBox upper = new HBox(board, ladder);
        HBox.setHgrow(board, Priority.ALWAYS);
        VBox middle = new VBox(upper, tray, controls(), new Strip(state), status());
        VBox.setVgrow(upper, Priority.ALWAYS);
        middle.getChildren().get(3).getStyleClass().add("strip-scroll");
        ((Region) middle.getChildren().get(3)).setPrefHeight(182);
        middle.getStyleClass().add("middle");
        CallSheet words = new CallSheet(state);
        words.prefWidthProperty().bind(widthProperty().multiply(CALL_SHEET_SHARE));
        setLeft(words);
        setCenter(middle);
        show.getItems().addAll(shown("words", words), shown("strip", middle.getChildren().get(3)), shown("ladder", ladder));
        state.playheadProperty().addListener(o -> showTime());
        state.playingProperty().addListener(o -> showPlaying());
        state.changesProperty().addListener(o -> {
            showPlaying();
            showHint();
        });
        state.chosenProperty().addListener(o -> showHint());
        state.toolProperty().addListener(o -> showHint());
        showTime();
        showPlaying();
        showHint();
    }

    private HBox controls() {
        play.setId("play");
        play.getStyleClass().add("play");
        play.setOnAction(e -> player.playOrPause());
        clock.setId("clock");
        clock.getStyleClass().add("clock");
        ToggleButton loop = new ToggleButton("loop");
        loop.setId("loop");
        loop.getStyleClass().add("pill");
        loop.setTooltip(new Tooltip("Plays again and again (L)"));
        loop.selectedProperty().bindBidirectional(state.loopingProperty());
        ToggleButton paper = new ToggleButton("paper look");
        paper.setId("paper-look");
        paper.getStyleClass().add("pill");
        paper.selectedProperty().addListener((o, was, is) ->
                state.lookProperty().set(is ? Look.PAPER : Look.SLATE));
        ToggleButton key = new ToggleButton("passes plain, runs dashed");
        key.setId("line-key");
        key.getStyleClass().add("pill");
        key.setOnAction(e -> state.apply(DrillEdits.readLines(
                key.isSelected() ? LineKey.PASSES_PLAIN : LineKey.RUNS_PLAIN)));
        Runnable showKey = () -> key.setSelected(state.drill().lineKey() == LineKey.PASSES_PLAIN);
        state.changesProperty().addListener(o -> showKey.run());
        showKey.run();
        // The clock changes with every frame: unmanaged in a box of its own, it asks nobody else to lay out again.
        Pane clockBox = new Pane(clock);
        clockBox.setMinSize(CLOCK_WIDTH, CLOCK_HEIGHT);
        clockBox.setMaxSize(CLOCK_WIDTH, CLOCK_HEIGHT);
        clock.setManaged(false);
        clock.resizeRelocate(0, 0, CLOCK_WIDTH, CLOCK_HEIGHT);
        HBox controls = new HBox(10, play, clockBox, new SpeedMenu(state), loop, new EffortMenu(state), paper, key);
        controls.setAlignment(Pos.CENTER_LEFT);
        controls.getStyleClass().add("controls");
        return controls;
    }

    /** Lets a part of the window be hidden, so that the board has its room. */
    private static CheckMenuItem shown(String words, Node part) {
        CheckMenuItem item = new CheckMenuItem(words);
        item.setSelected(true);
        part.visibleProperty().bind(item.selectedProperty());
        part.managedProperty().bind(item.selectedProperty());
        return item;
    }

    private HBox status() {
        hint.getStyleClass().add("quiet");
        hint.setId("hint");
        show.setId("show");
        show.getStyleClass().add("pill");
        show.setMinWidth(Region.USE_PREF_SIZE);
        HBox.setHgrow(hint, Priority.ALWAYS);
        hint.setMaxWidth(Double.MAX_VALUE);
        ToggleButton units = new ToggleButton();
        units.setId("units");
        units.getStyleClass().add("pill");
        Runnable say = () -> units.setText(state.unitsProperty().get().unit().name().toLowerCase(Locale.ROOT)
                + " · pace " + Numbers.plain(state.unitsProperty().get().pace()) + " m");
        units.setMinWidth(Region.USE_PREF_SIZE);
        units.setTooltip(new Tooltip("The unit of lengths, your own pace, and how many cones fit in a hand"));
        state.unitsProperty().addListener(o -> say.run());
        say.run();
        units.setOnAction(e -> board.showCard(units.isSelected() ? new UnitsCard(state) : null));
        state.toolProperty().addListener(o -> units.setSelected(false));
        HBox status = new HBox(12, hint, show, units, new ScaleBar(board.scaleProperty()));
        status.setAlignment(Pos.CENTER_LEFT);
        status.getStyleClass().add("status");
        return status;
    }

    private void showTime() {
        clock.setText(Clock.seconds(state.playheadProperty().get()));
    }

    private void showPlaying() {
        boolean playing = state.playingProperty().get();
        play.setText(playing ? "❚❚" : "▶");
        play.setAccessibleText(playing ? "Pause" : "Play");
        play.setDisable(state.timeline().duration() == 0);
    }

    private void showHint() {
        Tool tool = state.toolProperty().get();
        if (tool == Tool.TAPE) {
            hint.setText("Click from place to place · digits set a length · Enter pins it · Esc takes it up");
        } else if (tool == Tool.PATTERN) {
            hint.setText("Drag the figure, change it by its ends or on its card · Enter puts it down");
        } else if (tool == Tool.CROP) {
            hint.setText("Drag a frame round the part to show · Esc lets go");
        } else if (tool.places()) {
            hint.setText("Click to put it down · digits set the distance · Alt frees it · Esc lets go");
        } else if (state.chosenAction().isPresent()) {
            hint.setText(state.chosenAction().get() instanceof Action.Travel
                    ? "Drag the line to bend it · drag on from its end · Del takes it away · ? shows the keys"
                    : "The keys beside it make something else of it · Del takes it away · ? shows the keys");
        } else if (state.stage().people().isEmpty()) {
            hint.setText("Press 1 and click on the board: that puts a player down");
        } else if (tool == Tool.MOVE) {
            hint.setText("Drag anything to move it · Esc lets go");
        } else {
            hint.setText("Drag from a player: a run · onto a team-mate: a pass · ? shows the keys");
        }
    }

    /** Does what a key asks for; called for every key in the window while the Board is shown. */
    public void key(KeyEvent e) {
        if (e.getTarget() instanceof TextInputControl || board.mouse().key(e)) {
            return;
        }
        if (!e.isShortcutDown() && keyHand.key(e)) {
            e.consume();
            return;
        }
        if (e.isShortcutDown()) {
            shortcut(e);
            return;
        }
        if ("?".equals(e.getText()) || e.getCode() == KeyCode.SLASH && e.isShiftDown()) {
            board.showCard(keysShown ? null : new KeysCard());
            keysShown = !keysShown;
            return;
        }
        switch (e.getCode()) {
            case SPACE -> player.playOrPause();
            case DELETE, BACK_SPACE -> delete();
            case ESCAPE -> letGo();
            case LEFT -> nudge(-1, 0, e);
            case RIGHT -> nudge(1, 0, e);
            case UP -> nudge(0, -1, e);
            case DOWN -> nudge(0, 1, e);
            case HOME -> state.playheadProperty().set(0);
            case END -> state.playheadProperty().set(state.timeline().duration());
            case COMMA, PAGE_UP -> player.step(-1);
            case PERIOD, PAGE_DOWN -> player.step(1);
            case MINUS, SUBTRACT -> SpeedMenu.step(state, -1);
            case PLUS, EQUALS, ADD -> SpeedMenu.step(state, 1);
            case L -> state.loopingProperty().set(!state.loopingProperty().get());
            case DIGIT0, NUMPAD0 -> board.fit();
            case W -> state.chosenAction().ifPresent(this::nextCue);
            case K -> state.chosenAction().flatMap(a -> ActionEdits.nextWay(state.rung(), a, state.surface())).ifPresent(state::apply);
            case E -> state.chosenAction().filter(Action.Travel.class::isInstance)
                    .ifPresent(a -> nextEnding((Action.Travel) a));
            case X -> state.chosenAction().filter(Action.Travel.class::isInstance).ifPresent(a -> cut((Action.Travel) a));
            case V -> state.chosenAction().ifPresent(this::turnRound);
            case T -> state.toolProperty().set(state.toolProperty().get() == Tool.TAPE ? Tool.GUESS : Tool.TAPE);
            case OPEN_BRACKET -> PieceCard.turn(state, -TURN);
            case CLOSE_BRACKET -> PieceCard.turn(state, TURN);
            default -> tray.takeByKey(e.getText());
        }
    }

    private void shortcut(KeyEvent e) {
        if (e.getCode() == KeyCode.Z && !e.isShiftDown()) {
            state.undo();
        } else if (e.getCode() == KeyCode.Y || e.getCode() == KeyCode.Z) {
            state.redo();
        } else if (e.getCode() == KeyCode.A) {
            state.choose(state.stage().pieces().stream().map(Piece::id).toArray(String[]::new));
        } else if (e.getCode() == KeyCode.D) {
            SeveralCard.copyBeside(state);
        } else if (e.getCode() == KeyCode.K || e.getCode() == KeyCode.F) {
            find();
        } else if (e.getCode() == KeyCode.C) {
            PartClipboard.copy(state);
        } else if (e.getCode() == KeyCode.X) {
            PartClipboard.copy(state);
            delete();
        } else if (e.getCode() == KeyCode.V) {
            PartClipboard.paste(state, hint::setText);
        }
    }

    private void find() {
        FindCard card = new FindCard(state, () -> board.showCard(null));
        board.showCard(card);
        card.take();
    }

    /** Moves what is chosen a little, on the page. */
    private void nudge(int right, int down, KeyEvent e) {
        Set<String> chosen = state.chosenProperty().get();
        if (chosen.stream().anyMatch(id -> state.stage().piece(id).isPresent())) {
            double step = e.isShiftDown() ? FINE_NUDGE : NUDGE;
            state.apply(PieceEdits.moveAll(state.rung(), state.stage(), chosen,
                    state.board().frame().onPage(right * step, down * step)));
            e.consume();
        }
    }

    private void letGo() {
        if (keysShown) {
            board.showCard(null);
            keysShown = false;
        }
        state.toolProperty().set(Tool.GUESS);
        state.choose();
    }

    private void delete() {
        if (!state.chosenProperty().get().isEmpty()) {
            state.apply(PieceEdits.remove(state.rung(), state.stage(), state.chosenProperty().get()));
        }
    }

    /** Cuts the line that is chosen: under the mouse when that is on it, else in the middle. */
    private void cut(Action.Travel travel) {
        Route route = state.board().route(travel.id());
        boolean pointed = route.distanceTo(board.mouse().pointer()) < 2 * state.board().frame().unit();
        Vec at = pointed ? board.mouse().pointer() : route.at(route.length() / 2);
        PathEdits.Held held = PathEdits.held(travel, route, new Places(state.stage(), state.surface()), at, state.board().frame().unit());
        LineEdits.cut(state.rung(), state.stage(), travel, route, held, at).ifPresentOrElse(state::apply,
                () -> hint.setText("There is too little of this line to cut it"));
    }

    private void turnRound(Action action) {
        LineEdits.reverse(state.rung(), state.stage(), action, state.board().route(action.id())).ifPresentOrElse(state::apply,
                () -> hint.setText("Only a line from where somebody stands, or a pass to somebody, can be turned round"));
    }

    private void nextCue(Action action) {
        state.apply(ActionEdits.cue(state.rung(), action,
                CueChoices.after(action, state.stage())));
    }

    private void nextEnding(Action.Travel travel) {
        Action.Ending[] all = Action.Ending.values();
        state.apply(ActionEdits.ending(state.rung(), travel, all[(travel.ending().ordinal() + 1) % all.length]));
    }
}
