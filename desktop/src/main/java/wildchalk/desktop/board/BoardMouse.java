package wildchalk.desktop.board;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.shape.StrokeLineCap;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Piece;
import wildchalk.core.edit.ActionEdits;
import wildchalk.core.edit.Edit;
import wildchalk.core.edit.PieceEdits;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Unit;
import wildchalk.core.scene.Ink;
import wildchalk.core.script.ScriptWriter;
import wildchalk.core.stroke.Gesture;
import wildchalk.core.stroke.Guess;
import wildchalk.desktop.paint.ScreenBrush;

/** What the mouse does on the board: a drag from a person chalks, a drag of anything else moves it, a click chooses. */
final class BoardMouse {

    /** Shorter than this a drag is a click, in pixels. */
    private static final double CLICK = 5;

    private final BoardPane pane;
    private final BoardState state;
    private String strokeFrom;
    private final List<Vec> stroke = new ArrayList<>();
    private Piece moving;
    private Vec pressed = Vec.ZERO;
    private double pressedX;
    private double pressedY;
    private boolean dragged;

    BoardMouse(BoardPane pane, BoardState state) {
        this.pane = pane;
        this.state = state;
        pane.setOnMousePressed(this::press);
        pane.setOnMouseDragged(this::drag);
        pane.setOnMouseReleased(this::release);
    }

    private Vec place(MouseEvent e) {
        return pane.map().toSurface(e.getX(), e.getY());
    }

    private void press(MouseEvent e) {
        pane.requestFocus();
        state.playingProperty().set(false);
        forget();
        pressed = place(e);
        pressedX = e.getX();
        pressedY = e.getY();
        Tool tool = state.toolProperty().get();
        if (e.getButton() == MouseButton.PRIMARY && tool.places()) {
            put(tool);
            return;
        }
        boolean moves = tool == Tool.MOVE || e.isShortcutDown() || e.getButton() == MouseButton.SECONDARY;
        double t = state.playheadProperty().get();
        Optional<Piece.Person> person = state.picking().person(pressed, t);
        Optional<Piece.Ball> ball = state.picking().ball(pressed, t);
        if (person.isPresent() && !moves) {
            strokeFrom = person.get().id();
            stroke.add(state.timeline().pose(strokeFrom, t).at());
        } else if (person.isPresent()) {
            moving = person.get();
        } else if (ball.isPresent()) {
            moving = ball.get();
        } else {
            pressOnRest();
        }
        if (moving != null) {
            // Pieces are moved where they begin.
            state.playheadProperty().set(0);
        }
    }

    private void pressOnRest() {
        Optional<Action> end = state.picking().pathEnd(pressed);
        if (end.isPresent()) {
            strokeFrom = end.get().who();
            stroke.add(state.board().route(end.get().id()).end());
        } else {
            moving = state.picking().gear(pressed).orElse(null);
        }
    }

    private void put(Tool tool) {
        Piece piece = FreshPieces.of(tool, state.stage(), pressed, state.surface());
        Optional<Piece.Person> under = state.picking().person(pressed, 0);
        Edit edit = PieceEdits.place(state.rung(), piece);
        if (piece instanceof Piece.Ball ball && under.isPresent()) {
            edit = PieceEdits.giveBall(state.rung(), ball, under.get());
        }
        state.playheadProperty().set(0);
        state.apply(edit);
        state.choose(piece.id());
    }

    private void drag(MouseEvent e) {
        dragged |= Math.hypot(e.getX() - pressedX, e.getY() - pressedY) > CLICK;
        if (!dragged) {
            return;
        }
        Vec at = place(e);
        if (strokeFrom != null) {
            stroke.add(at);
            drawStroke();
            pane.showTag(Optional.of(words(guess(e.isShiftDown()))), e.getX(), e.getY());
        } else if (moving != null) {
            state.preview(move(at));
            double gone = at.distance(pressed);
            pane.showTag(Optional.of(Unit.METRES.exact(gone)), e.getX(), e.getY());
        }
    }

    private Edit move(Vec at) {
        Vec to = state.surface().bounds().grown(state.surface().runOff()).clamp(at);
        if (moving instanceof Piece.Ball ball) {
            return state.picking().person(at, 0).map(p -> PieceEdits.giveBall(state.rung(), ball, p))
                    .orElseGet(() -> PieceEdits.dropBall(state.rung(), ball, to));
        }
        Vec grip = pressed.minus(moving.at());
        return PieceEdits.move(state.rung(), moving, dragged ? to.minus(grip) : moving.at());
    }

    private Action guess(boolean straight) {
        Guess guess = new Guess(state.stage(), state.timeline(), state.surface());
        Gesture gesture = new Gesture(strokeFrom, stroke, straight, state.playheadProperty().get(),
                state.board().frame().unit() * 1.5);
        return state.toolProperty().get().kind().map(k -> guess.as(k, gesture)).orElseGet(() -> guess.of(gesture));
    }

    /** "pass to 9 · as 7 receives · 14.6 m" */
    private String words(Action action) {
        double length = 0;
        for (int i = 0; i + 1 < stroke.size(); i++) {
            length += stroke.get(i).distance(stroke.get(i + 1));
        }
        return ActionEdits.describe(action, state.stage()) + " · "
                + ScriptWriter.cue(state.stage().withAction(action), state.timeline(), state.surface(), action)
                + " · " + Unit.METRES.exact(length);
    }

    private void drawStroke() {
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

    private void release(MouseEvent e) {
        pane.showTag(Optional.empty(), 0, 0);
        if (!dragged) {
            click();
        } else if (strokeFrom != null) {
            Action action = guess(e.isShiftDown());
            state.apply(ActionEdits.chalk(state.rung(), action));
            state.choose(action.id());
        } else if (moving != null) {
            Edit edit = move(place(e));
            state.apply(edit);
            state.choose(moving.id());
        }
        forget();
        pane.clearSketch();
    }

    private void click() {
        if (state.toolProperty().get().places()) {
            return;
        }
        if (strokeFrom != null && state.picking().person(pressed, state.playheadProperty().get()).isPresent()) {
            state.choose(strokeFrom);
        } else if (moving != null) {
            state.choose(moving.id());
        } else {
            state.picking().line(pressed).ifPresentOrElse(a -> state.choose(a.id()), state::choose);
        }
    }

    private void forget() {
        state.putBack();
        strokeFrom = null;
        stroke.clear();
        moving = null;
        dragged = false;
    }
}
