package wildchalk.desktop.board;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.canvas.Canvas;
import javafx.scene.layout.Pane;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Showing.Attack;
import wildchalk.core.drill.Spot;
import wildchalk.core.geometry.Vec;
import wildchalk.core.scene.Ink;
import wildchalk.core.scene.Shape;
import wildchalk.desktop.paint.ScreenBrush;
import wildchalk.desktop.paint.ScreenMap;

/** The board to be looked at only: no tool, no card, nothing that a hand could change. */
public final class StillBoard extends Pane {

    private final BoardState state;
    private final double tokens;
    private final Canvas ground = new Canvas();
    private final GlowLayer glow;
    private final Canvas chalk = new Canvas();
    private final LivePane live;
    private final FreezeLayer freeze;
    private ScreenMap map = new ScreenMap(1, Vec.ZERO, 1, 1, Attack.RIGHT);

    /** @param tokens how much larger people and lines are than usual: 1 as usual */
    public StillBoard(BoardState state, double tokens) {
        this.state = state;
        this.tokens = tokens;
        this.glow = new GlowLayer(state);
        this.live = new LivePane(state);
        this.freeze = new FreezeLayer(state);
        getStyleClass().add("board");
        setMouseTransparent(true);
        getChildren().addAll(ground, glow, chalk, live, freeze);
        state.changesProperty().addListener(o -> repaint());
        state.lookProperty().addListener(o -> repaint());
        state.focus().followedProperty().addListener(o -> repaint());
        state.focus().frozenProperty().addListener(o -> freeze.repaint(map));
        state.playheadProperty().addListener(o -> {
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

    /** From places on the surface to pixels of this pane. */
    public ScreenMap map() {
        return map;
    }

    private void repaint() {
        if (getWidth() < 1 || getHeight() < 1) {
            return;
        }
        state.scaleTokens(tokens);
        map = ScreenMap.fit(state.drill(), state.surface(), getWidth(), getHeight());
        ScreenBrush brush = new ScreenBrush(ground, state.lookProperty().get(), map);
        brush.fillAll(Ink.AROUND);
        brush.paint(state.board().ground());
        glow.repaint(map);
        paintChalk();
        live.show(map);
        freeze.repaint(map);
    }

    private void paintChalk() {
        ScreenBrush brush = new ScreenBrush(chalk, state.lookProperty().get(), map);
        brush.clear();
        Optional<String> followed = state.focus().followedProperty().get();
        if (followed.isEmpty()) {
            brush.paint(state.board().chalk(Set.of()));
            return;
        }
        List<Shape> others = state.board().chalk(Set.of(), id -> !isAbout(id, followed.get()));
        brush.paint(Shape.faint(others));
        brush.paint(state.board().chalk(Set.of(), id -> isAbout(id, followed.get())));
    }

    /** Whether it is somebody's own action, or a ball to them. */
    private boolean isAbout(String id, String who) {
        return state.stage().action(id).filter(a -> a.who().equals(who) || a instanceof Action.Pass p
                && p.to() instanceof Spot.AtPiece to && to.piece().equals(who)).isPresent();
    }
}
