package wildchalk.desktop.board.bar;

import java.util.Locale;
import java.util.stream.Stream;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Travel;
import wildchalk.core.measure.Numbers;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.board.canvas.BoardPane;
import wildchalk.desktop.board.card.UnitsCard;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.board.state.Tool;
import wildchalk.desktop.keeping.Room;

/** The line at the foot of the window: what can be done now, what is shown, how lengths are said. */
public final class BoardStatus extends HBox {

    private static final Wordbook BOOK = Wordbook.beside(BoardStatus.class, "Hints");

    private static final PseudoClass SAID = PseudoClass.getPseudoClass("said");

    private final BoardState state;
    private final BoardPane board;
    private final Label hint = new Label();
    private final MenuButton show = new MenuButton("show");

    public BoardStatus(BoardState state, BoardPane board) {
        super(12);
        this.state = state;
        this.board = board;
        hint.getStyleClass().add("quiet");
        hint.setId("hint");
        show.setId("show");
        show.getStyleClass().add("pill");
        show.setMinWidth(Region.USE_PREF_SIZE);
        Stream.of(Room.Part.values()).forEach(this::offer);
        HBox.setHgrow(hint, Priority.ALWAYS);
        hint.setMaxWidth(Double.MAX_VALUE);
        getChildren().addAll(hint, show, units(), new ScaleBar(board.mapProperty()));
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().add("status");
        state.changesProperty().addListener(o -> showHint());
        state.selection().chosenProperty().addListener(o -> showHint());
        state.toolProperty().addListener(o -> showHint());
        state.many().shownProperty().addListener(o -> showHint());
        state.noticeProperty().addListener(o -> showSaid());
        showHint();
    }

    /** What was just said stands out until the next thing is done. */
    private void showSaid() {
        if (!state.noticeProperty().get().isEmpty()) {
            hint.setText(state.noticeProperty().get());
            hint.pseudoClassStateChanged(SAID, true);
        }
    }

    /** Lets a part of the window be hidden, so that the board has its room. */
    private void offer(Room.Part part) {
        CheckMenuItem item = new CheckMenuItem(part.name().toLowerCase(Locale.ROOT));
        item.setSelected(true);
        item.selectedProperty().addListener((o, was, is) -> {
            state.viewing()
                    .roomProperty()
                    .set(state.viewing().roomProperty().get().showing(part, is));
            state.viewing().settleRoom();
        });
        Runnable tell = () ->
                item.setSelected(state.viewing().roomProperty().get().shown().contains(part));
        tell.run();
        state.viewing().roomProperty().addListener(o -> tell.run());
        show.getItems().add(item);
    }

    private ToggleButton units() {
        ToggleButton units = new ToggleButton();
        units.setId("units");
        units.getStyleClass().add("pill");
        Runnable say = () -> units.setText(
                state.viewing().unitsProperty().get().unit().name().toLowerCase(Locale.ROOT) + " · pace "
                        + Numbers.plain(state.viewing().unitsProperty().get().pace()) + " m");
        units.setMinWidth(Region.USE_PREF_SIZE);
        units.setTooltip(new Tooltip("The unit of lengths, your own pace, and how many cones fit in a hand"));
        state.viewing().unitsProperty().addListener(o -> say.run());
        say.run();
        units.setOnAction(e -> board.showCard(units.isSelected() ? new UnitsCard(state) : null));
        state.toolProperty().addListener(o -> units.setSelected(false));
        return units;
    }

    private void showHint() {
        hint.pseudoClassStateChanged(SAID, false);
        Tool tool = state.toolProperty().get();
        if (state.many().shownProperty().get()) {
            hint.setText(BOOK.say("many"));
        } else if (tool == Tool.TAPE) {
            hint.setText("Click from place to place · digits set a length · Enter pins it · Esc takes it up");
        } else if (tool == Tool.PATTERN) {
            hint.setText("Drag the figure, change it by its ends or on its card · Enter puts it down");
        } else if (tool == Tool.NEXT) {
            hint.setText(BOOK.say("next"));
        } else if (tool == Tool.CROP) {
            hint.setText("Drag a frame round the part to show · Esc lets go");
        } else if (tool == Tool.AREA) {
            hint.setText("Drag from corner to corner, or click the corners one by one and press Enter · Esc lets go");
        } else if (tool.places()) {
            hint.setText("Click to put it down · digits set the distance · Alt frees it · Esc lets go");
        } else if (state.selection().action().isPresent()) {
            if (state.selection().action().get() instanceof Travel) {
                hint.setText("Drag the line to bend it · drag on from its end · Del takes it away · ? shows the keys");
            } else if (state.selection().action().get() instanceof Action.Delivery) {
                hint.setText("Drag the line to send it elsewhere · the keys beside it make something else of it · ? "
                        + "shows the keys");
            } else {
                hint.setText("The keys beside it make something else of it · Del takes it away · ? shows the keys");
            }
        } else if (state.stage().people().isEmpty()) {
            hint.setText("Press 1 and click on the board: that puts a player down");
        } else if (tool == Tool.MOVE) {
            hint.setText("Drag anything to move it · Esc lets go");
        } else {
            hint.setText("Drag from a player: a run · onto a team-mate: a pass · ? shows the keys");
        }
    }
}
