package wildchalk.desktop.board.hand;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.shape.StrokeLineCap;
import wildchalk.core.drill.Action;
import wildchalk.core.edit.ActionEdits;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Ruler;
import wildchalk.core.scene.Ink;
import wildchalk.core.script.ScriptWriter;
import wildchalk.core.snap.Reference;
import wildchalk.core.snap.Snapped;
import wildchalk.core.stroke.Gesture;
import wildchalk.core.stroke.Guess;
import wildchalk.core.stroke.Meant;
import wildchalk.desktop.board.canvas.BoardPane;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.paint.ScreenBrush;

/** Chalks a line from a person, or on from the end of one. */
final class StrokeGrip implements Grip {

    private final BoardPane pane;
    private final BoardState state;
    private final From from;
    private final Guides guides;
    private final Reference start;
    private final List<Vec> stroke = new ArrayList<>();
    private Pointer last;
    private boolean dropped;

    /**
     * Where a stroke begins.
     *
     * @param token whether the hand is on the person, so that a click chooses them
     * @param after the action that it goes on from when others follow that
     */
    record From(String who, Vec at, boolean token, Optional<String> after) {

        /** From somebody, after all they do so far. */
        static From person(String who, Vec at) {
            return new From(who, at, true, Optional.empty());
        }

        /** On from the end of a line. */
        static From line(BoardState state, Action line) {
            return new From(
                    line.who(),
                    state.board().route(line.id()).end(),
                    false,
                    state.picking().isLast(line) ? Optional.empty() : Optional.of(line.id()));
        }
    }

    StrokeGrip(BoardPane pane, BoardState state, Guides guides, From from) {
        this.pane = pane;
        this.state = state;
        this.guides = guides;
        this.from = from;
        this.start = new Reference(from.at(), "where it begins");
        stroke.add(from.at());
    }

    @Override
    public void drag(Pointer hand) {
        if (dropped) {
            return;
        }
        stroke.add(hand.at());
        last = hand;
        show();
    }

    @Override
    public void typed() {
        if (last != null) {
            show();
        }
    }

    private void show() {
        Snapped end = end(last);
        List<Vec> meant = meant(end, last.straight());
        draw(meant);
        String where = end.reason().namesTheGround() ? " · " + end.reason().words() : "";
        String words = guess(meant, last.straight()) instanceof Meant.Chalked chalked
                ? words(chalked.actions(), meant) + where
                : StrokeWords.of(state, guess(meant, last.straight()));
        pane.showTag(Optional.of(words), last.x(), last.y());
    }

    private Snapped end(Pointer hand) {
        // Later in the rep people are elsewhere than where they could be snapped to.
        return guides.snap(
                hand,
                Set.of(from.who()),
                Optional.of(start),
                state.head().atProperty().get() == 0);
    }

    /** The stroke as it will be: its end where the hand snaps to; a typed length makes it straight. */
    private List<Vec> meant(Snapped end, boolean straight) {
        if (guides.isTyped() || straight) {
            return List.of(start.at(), end.at());
        }
        // The whole stroke leans over to where its end belongs: a hook there would be nobody's idea.
        Vec by = end.at().minus(stroke.get(stroke.size() - 1));
        List<Vec> meant = new ArrayList<>();
        for (int i = 0; i < stroke.size(); i++) {
            meant.add(stroke.get(i).plus(by.times((double) i / (stroke.size() - 1))));
        }
        return meant;
    }

    @Override
    public void release(Pointer hand, boolean dragged) {
        pane.showTag(Optional.empty(), 0, 0);
        pane.clearSketch();
        if (dropped) {
            return;
        }
        if (dragged) {
            stroke.add(hand.at());
            Snapped end = end(hand);
            if (guides.isBeyond(end.at())) {
                state.announce("The line ended outside the run-off, so it was not drawn.");
                return;
            }
            Meant meant = guess(meant(end, hand.straight()), hand.straight());
            if (!(meant instanceof Meant.Chalked chalked)) {
                StrokeWords.apply(state, meant);
                return;
            }
            List<Action> actions = chalked.actions();
            state.apply(from.after()
                    .map(a -> ActionEdits.chalkAfter(state.rung(), a, actions))
                    .orElseGet(() -> ActionEdits.chalk(state.rung(), actions)));
            state.selection().choose(actions.get(0).id());
        } else if (from.token()) {
            state.selection().chooseAlso(from.who(), hand.straight());
            state.selection().refer(from.who());
        } else {
            new ChooseGrip(state).release(hand, false);
        }
    }

    @Override
    public boolean escape() {
        dropped = true;
        pane.clearSketch();
        pane.showTag(Optional.empty(), 0, 0);
        return true;
    }

    private Meant guess(List<Vec> meant, boolean straight) {
        Guess guess = state.guess();
        Gesture gesture = new Gesture(
                from.who(),
                meant,
                straight || guides.isTyped(),
                state.head().atProperty().get(),
                state.board().frame().unit() * 1.5,
                from.after());
        return state.toolProperty()
                .get()
                .kind()
                .map(k -> (Meant) new Meant.Chalked(guess.all(k, gesture)))
                .orElseGet(() -> guess.meant(gesture));
    }

    /** "pass to 9 · as 7 receives · 14.6 m · 19.5 paces" */
    private String words(List<Action> actions, List<Vec> meant) {
        Action action = actions.get(0);
        return StrokeWords.of(state, actions) + " · "
                + ScriptWriter.cue(state.stage().withAction(action), state.timeline(), state.surface(), action)
                + " · " + guides.units().both(Ruler.length(meant));
    }

    private void draw(List<Vec> line) {
        pane.clearSketch();
        GraphicsContext g = pane.sketch().getGraphicsContext2D();
        g.setStroke(ScreenBrush.colour(state.viewing().lookProperty().get(), Ink.CHALK));
        g.setLineWidth(state.board().frame().unit() * 0.25 * pane.map().scale());
        g.setLineCap(StrokeLineCap.ROUND);
        g.setLineDashes();
        g.beginPath();
        g.moveTo(pane.map().x(line.get(0)), pane.map().y(line.get(0)));
        line.forEach(p -> g.lineTo(pane.map().x(p), pane.map().y(p)));
        g.stroke();
    }
}
