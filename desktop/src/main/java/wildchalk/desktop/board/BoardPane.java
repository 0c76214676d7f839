package wildchalk.desktop.board;

import java.util.Optional;
import java.util.Set;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyDoubleWrapper;
import javafx.geometry.Pos;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Rectangle;
import wildchalk.core.drill.Drill;
import wildchalk.core.edit.DrillEdits;
import wildchalk.core.geometry.Vec;
import wildchalk.core.scene.Ink;
import wildchalk.core.surface.Surface;
import wildchalk.desktop.paint.ScreenBrush;
import wildchalk.desktop.paint.ScreenMap;

/**
 * The board itself: a canvas for each layer of the scene that stands still, and what moves in front of them.
 */
final class BoardPane extends Pane {

    private final BoardState state;
    private final Canvas ground = new Canvas();
    private final Canvas chalk = new Canvas();
    private final LivePane live;
    private final Canvas sketch = new Canvas();
    private final HBox views = new HBox(6);
    private final Label tag = new Label();
    private ScreenMap map = new ScreenMap(1, Vec.ZERO, 1, 1);
    private final ReadOnlyDoubleWrapper scale = new ReadOnlyDoubleWrapper(1);
    private String groundShown = "";
    private String viewsShown = "";
    private Set<String> litShown = Set.of();

    BoardPane(BoardState state) {
        this.state = state;
        this.live = new LivePane(state);
        sketch.setMouseTransparent(true);
        setId("board");
        getStyleClass().add("board");
        setFocusTraversable(true);
        setAccessibleText("The board. Drag from a player to chalk a line.");
        setMinSize(300, 200);
        views.setAlignment(Pos.CENTER_RIGHT);
        views.setId("views");
        tag.setId("stroke-tag");
        tag.getStyleClass().add("stroke-tag");
        tag.setVisible(false);
        tag.setManaged(false);
        tag.setMouseTransparent(true);
        getChildren().addAll(ground, chalk, live, sketch, views, tag);
        clipToBounds();
        state.changesProperty().addListener((o, was, is) -> drillChanged());
        state.chosenProperty().addListener((o, was, is) -> paintAll());
        state.pointedAtProperty().addListener((o, was, is) -> moved());
        state.playheadProperty().addListener((o, was, is) -> moved());
        state.playingProperty().addListener((o, was, is) -> paintLive());
        state.lookProperty().addListener((o, was, is) -> paintAll());
        new BoardMouse(this, state);
        drillChanged();
    }

    @Override
    protected void layoutChildren() {
        double w = Math.floor(getWidth());
        double h = Math.floor(getHeight());
        views.autosize();
        views.relocate(w - views.getWidth() - 12, 8);
        if (w != ground.getWidth() || h != ground.getHeight()) {
            for (Canvas canvas : new Canvas[] {ground, chalk, sketch}) {
                canvas.setWidth(w);
                canvas.setHeight(h);
            }
            groundShown = "";
            drillChanged();
        }
    }

    ScreenMap map() {
        return map;
    }

    /** Pixels per metre. */
    ReadOnlyDoubleProperty scaleProperty() {
        return scale.getReadOnlyProperty();
    }

    /** Where a stroke is shown while it is drawn. */
    Canvas sketch() {
        return sketch;
    }

    void clearSketch() {
        brush(sketch).clear();
    }

    /** Nobody is shown outside the board. */
    private void clipToBounds() {
        Rectangle clip = new Rectangle();
        clip.widthProperty().bind(widthProperty());
        clip.heightProperty().bind(heightProperty());
        setClip(clip);
    }

    private void drillChanged() {
        Surface surface = state.surface();
        map = ScreenMap.fit(surface, surface.view(state.drill().view()).box(), Math.max(1, getWidth()),
                Math.max(1, getHeight()));
        scale.set(map.scale());
        showViews(surface, state.drill());
        paintAll();
    }

    private void showViews(Surface surface, Drill drill) {
        String wanted = surface.id() + " " + drill.view();
        if (wanted.equals(viewsShown)) {
            return;
        }
        viewsShown = wanted;
        views.getChildren().clear();
        ToggleGroup group = new ToggleGroup();
        for (Surface.View view : surface.views()) {
            ToggleButton button = new ToggleButton(view.name());
            button.setToggleGroup(group);
            button.setSelected(view.id().equals(surface.view(drill.view()).id()));
            button.getStyleClass().add("view-chip");
            button.setOnAction(e -> state.apply(DrillEdits.showView(view.id())));
            views.getChildren().add(button);
        }
        requestLayout();
    }

    private void paintAll() {
        String wanted = state.surface().id() + map + state.lookProperty().get();
        if (!wanted.equals(groundShown)) {
            groundShown = wanted;
            ScreenBrush brush = brush(ground);
            brush.fillAll(Ink.AROUND);
            brush.paint(state.board().ground());
        }
        paintChalk();
        paintLive();
    }

    private void paintChalk() {
        litShown = state.lit();
        ScreenBrush brush = brush(chalk);
        brush.clear();
        brush.paint(state.board().chalk(litShown, state.chosenProperty().get()));
    }

    private void moved() {
        if (!litShown.equals(state.lit())) {
            paintChalk();
        }
        paintLive();
    }

    private void paintLive() {
        live.show(map);
    }

    private ScreenBrush brush(Canvas canvas) {
        return new ScreenBrush(canvas, state.lookProperty().get(), map);
    }

    /** Shows words beside the pointer; none takes them away. */
    void showTag(Optional<String> words, double x, double y) {
        tag.setVisible(words.isPresent());
        words.ifPresent(w -> {
            tag.setText(w);
            tag.autosize();
            tag.relocate(Math.max(4, Math.min(getWidth() - tag.getWidth() - 4, x + 14)),
                    Math.max(4, Math.min(getHeight() - tag.getHeight() - 4, y + 10)));
        });
    }
}
