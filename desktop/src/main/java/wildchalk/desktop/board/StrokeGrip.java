package wildchalk.desktop.board;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.shape.StrokeLineCap;
import wildchalk.core.drill.Action;
import wildchalk.core.edit.ActionEdits;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Ruler;
import wildchalk.core.scene.Ink;
import wildchalk.core.script.ScriptWriter;
import wildchalk.core.stroke.Gesture;
import wildchalk.core.stroke.Guess;
import wildchalk.desktop.paint.ScreenBrush;

/** Chalks a line from a person, or on from the end of one. */
final class StrokeGrip implements Grip {

    private final BoardPane pane;
    private final BoardState state;
    private final String who;
    private final boolean fromToken;
    private final List<Vec> stroke = new ArrayList<>();

    /** @param fromToken whether the hand is on the person, so that a click chooses them */
    StrokeGrip(BoardPane pane, BoardState state, String who, Vec from, boolean fromToken) {
        this.pane = pane;
        this.state = state;
        this.who = who;
        this.fromToken = fromToken;
        stroke.add(from);
    }

    @Override
    public void drag(Hand hand) {
        stroke.add(hand.at());
        draw();
        pane.showTag(Optional.of(words(guess(hand.straight()))), hand.x(), hand.y());
    }

    @Override
    public void release(Hand hand, boolean dragged) {
        pane.showTag(Optional.empty(), 0, 0);
        pane.clearSketch();
        if (dragged) {
            Action action = guess(hand.straight());
            state.apply(ActionEdits.chalk(state.rung(), action));
            state.choose(action.id());
        } else if (fromToken) {
            state.choose(who);
            state.refer(who);
        } else {
            new ChooseGrip(state).release(hand, false);
        }
    }

    @Override
    public boolean escape() {
        stroke.subList(1, stroke.size()).clear();
        pane.clearSketch();
        return true;
    }

    private Action guess(boolean straight) {
        Guess guess = new Guess(state.stage(), state.timeline(), state.surface());
        Gesture gesture = new Gesture(who, stroke, straight, state.playheadProperty().get(),
                state.board().frame().unit() * 1.5);
        return state.toolProperty().get().kind().map(k -> guess.as(k, gesture)).orElseGet(() -> guess.of(gesture));
    }

    /** "pass to 9 · as 7 receives · 14.6 m" */
    private String words(Action action) {
        return ActionEdits.describe(action, state.stage()) + " · "
                + ScriptWriter.cue(state.stage().withAction(action), state.timeline(), state.surface(), action)
                + " · " + state.unitsProperty().get().unit().exact(Ruler.length(stroke));
    }

    private void draw() {
        pane.clearSketch();
        GraphicsContext g = pane.sketch().getGraphicsContext2D();
        g.setStroke(ScreenBrush.colour(state.lookProperty().get(), Ink.CHALK));
        g.setLineWidth(state.board().frame().unit() * 0.25 * pane.map().scale());
        g.setLineCap(StrokeLineCap.ROUND);
        g.setLineDashes();
        g.beginPath();
        g.moveTo(pane.map().x(stroke.get(0)), pane.map().y(stroke.get(0)));
        stroke.forEach(p -> g.lineTo(pane.map().x(p), pane.map().y(p)));
        g.stroke();
    }
}
