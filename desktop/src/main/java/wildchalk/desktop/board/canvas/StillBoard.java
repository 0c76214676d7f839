package wildchalk.desktop.board.canvas;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.beans.property.SimpleObjectProperty;
import javafx.scene.canvas.Canvas;
import javafx.scene.layout.Pane;
import wildchalk.core.drill.Showing.Attack;
import wildchalk.core.geometry.Vec;
import wildchalk.core.scene.Ink;
import wildchalk.core.scene.Shape;
import wildchalk.desktop.board.state.BoardModel;
import wildchalk.desktop.paint.ScreenBrush;
import wildchalk.desktop.paint.ScreenMap;

/** The board to be looked at only: no tool, no card, nothing that a hand could change. */
public final class StillBoard extends Pane {

    private final BoardModel model;
    private final double tokens;
    private final Canvas ground = new Canvas();
    private final GlowLayer glow;
    private final Canvas chalk = new Canvas();
    private final LivePane live;
    private final FreezeLayer freeze;
    private ScreenMap map = new ScreenMap(1, Vec.ZERO, 1, 1, Attack.RIGHT);

    /** @param tokens how much larger people and lines are than usual: 1 as usual */
    public StillBoard(BoardModel model, double tokens) {
        this.model = model;
        this.tokens = tokens;
        this.glow = new GlowLayer(model);
        this.live = new LivePane(model, new SimpleObjectProperty<>(Set.of()));
        this.freeze = new FreezeLayer(model);
        getStyleClass().add("board");
        setMouseTransparent(true);
        getChildren().addAll(ground, glow, chalk, live, freeze);
        model.changesProperty().addListener(o -> repaint());
        model.viewing().lookProperty().addListener(o -> repaint());
        model.focus().followedProperty().addListener(o -> repaint());
        model.focus().frozenProperty().addListener(o -> freeze.repaint(map));
        model.head().atProperty().addListener(o -> {
            glow.change();
            live.show(map);
        });
    }

    @Override
    protected void layoutChildren() {
        double w = Math.floor(getWidth());
        double h = Math.floor(getHeight());
        if (w != ground.getWidth() || h != ground.getHeight()) {
            for (Canvas canvas : new Canvas[] {ground, glow, chalk, freeze}) {
                canvas.setWidth(w);
                canvas.setHeight(h);
            }
            repaint();
        }
    }

    /** The moment that is shown, seconds after the whistle. */
    public double at() {
        return model.head().atProperty().get();
    }

    /** From places on the surface to pixels of this pane. */
    public ScreenMap map() {
        return map;
    }

    private void repaint() {
        if (getWidth() < 1 || getHeight() < 1) {
            return;
        }
        model.scaleTokens(tokens);
        map = ScreenMap.fit(model.drill(), model.surface(), getWidth(), getHeight());
        ScreenBrush brush =
                new ScreenBrush(ground, model.viewing().lookProperty().get(), map);
        brush.fillAll(Ink.AROUND);
        brush.paint(model.board().ground());
        glow.repaint(map);
        paintChalk();
        live.show(map);
        freeze.repaint(map);
    }

    private void paintChalk() {
        ScreenBrush brush =
                new ScreenBrush(chalk, model.viewing().lookProperty().get(), map);
        brush.clear();
        Optional<String> followed = model.focus().followedProperty().get();
        if (followed.isEmpty()) {
            brush.paint(model.board().chalk(Set.of()));
            return;
        }
        List<Shape> others = model.board().chalk(Set.of(), id -> !isAbout(id, followed.get()));
        brush.paint(Shape.faint(others));
        brush.paint(model.board().chalk(Set.of(), id -> isAbout(id, followed.get())));
    }

    /** Whether it is somebody's own action, or a ball to them. */
    private boolean isAbout(String id, String who) {
        return model.stage()
                .action(id)
                .filter(a ->
                        a.who().equals(who) || a.receiver().filter(who::equals).isPresent())
                .isPresent();
    }
}
