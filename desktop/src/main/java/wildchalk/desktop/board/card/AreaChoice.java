package wildchalk.desktop.board.card;

import java.util.Locale;
import java.util.function.Consumer;
import javafx.geometry.Orientation;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.Separator;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import wildchalk.core.edit.StationEdits;
import wildchalk.core.geometry.Box;
import wildchalk.core.pattern.Division;
import wildchalk.desktop.board.state.AreaSample;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.board.state.Tool;
import wildchalk.desktop.control.Fields;

/** Which area is drawn next; or the whole view divided into stations at one go. */
final class AreaChoice extends FlowPane {

    private final BoardState state;
    private int count = Division.LANES.usual();

    AreaChoice(BoardState state) {
        super(8, 6);
        this.state = state;
        setId("area-choice");
        getStyleClass().add("board-card");
        setPrefWrapLength(720);
        AreaSample now = state.samples().areaProperty().get();
        getChildren()
                .addAll(
                        pills(
                                AreaSample.What.values(),
                                now.what(),
                                w -> change(state.samples().areaProperty().get().as(w))),
                        pills(
                                AreaSample.Figure.values(),
                                now.figure(),
                                f -> change(state.samples().areaProperty().get().as(f))),
                        Swatches.colours(
                                now.colour(),
                                c -> change(state.samples().areaProperty().get().in(c))),
                        new Separator(Orientation.VERTICAL),
                        new Label("or mark out stations:"));
        for (Division division : Division.values()) {
            getChildren()
                    .add(Fields.step(
                            division.title().toLowerCase(Locale.ROOT),
                            "mark-" + division.name().toLowerCase(Locale.ROOT),
                            "Divides what is shown into " + division.title().toLowerCase(Locale.ROOT),
                            () -> markOut(division)));
        }
        getChildren().add(Fields.count("mark-count", "lanes or rings", count, 1, Division.MOST, n -> count = n));
    }

    private void change(AreaSample sample) {
        state.samples().areaProperty().set(sample);
    }

    private static <E extends Enum<E>> Node pills(E[] values, E chosen, Consumer<E> choose) {
        ToggleGroup group = new ToggleGroup();
        HBox pills = new HBox(4);
        pills.setAlignment(Pos.CENTER_LEFT);
        for (E value : values) {
            String name = value.name().toLowerCase(Locale.ROOT);
            ToggleButton pill = new ToggleButton(name);
            pill.setId("area-" + name);
            pill.getStyleClass().add("pill");
            pill.setToggleGroup(group);
            pill.setSelected(value == chosen);
            pill.setOnAction(e -> {
                pill.setSelected(true);
                choose.accept(value);
            });
            pills.getChildren().add(pill);
        }
        return pills;
    }

    private void markOut(Division division) {
        state.apply(StationEdits.markOut(state.rung(), division, count, field()));
        state.toolProperty().set(Tool.GUESS);
        state.selection().choose(state.stage().stations().get(0).id());
    }

    /** As much of the playing area as is shown. */
    private Box field() {
        Box view = state.drill().showing().box(state.surface());
        double left = Math.max(view.x(), -state.surface().length() / 2);
        double top = Math.max(view.y(), -state.surface().width() / 2);
        double right = Math.min(view.x() + view.width(), state.surface().length() / 2);
        double bottom = Math.min(view.y() + view.height(), state.surface().width() / 2);
        return new Box(left, top, right - left, bottom - top);
    }
}
