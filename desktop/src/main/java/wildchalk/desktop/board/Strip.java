package wildchalk.desktop.board;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import javafx.beans.binding.Bindings;
import javafx.geometry.VPos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import javafx.scene.layout.StackPane;
import javafx.scene.paint.Color;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;
import javafx.scene.text.TextAlignment;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Team;
import wildchalk.core.edit.ActionEdits;
import wildchalk.core.rehearsal.ActionTimes;
import wildchalk.core.scene.Ink;
import wildchalk.core.scene.Look;
import wildchalk.core.stroke.Kind;
import wildchalk.desktop.paint.ScreenBrush;
import wildchalk.desktop.paint.Type;

/** The reaction strip: a row for each person, a block for each action, threads from what happens to what it sets off. */
final class Strip extends StackPane {

    private static final double LEFT = 56;
    private static final double RIGHT = 16;
    private static final double TOP = 22;
    /** Width of a letter, pixels; about. */
    private static final double LETTER = 6.6;
    private static final double ROW = 25;
    private static final Color INK = Color.web("#1D2B2A");
    private static final Color HAIR = Color.web("#DCD4C2");
    private static final Color SOFT = Color.web("#66706C");

    private final BoardState state;
    private final Canvas canvas = new Canvas();
    private final Map<String, Canvas> bright = new HashMap<>();
    private final Pane content = new Pane(canvas);
    private final Line playhead = new Line();
    private final Polygon handle = new Polygon(-6, 0, 6, 0, 0, 9);
    private final Map<String, Integer> rowOf = new HashMap<>();
    private Set<String> litShown = Set.of();

    Strip(BoardState state) {
        this.state = state;
        setId("strip");
        getStyleClass().add("strip");
        LiveScroll scroll = new LiveScroll();
        scroll.setContent(content);
        Pane over = new Pane(playhead, handle);
        over.setMouseTransparent(true);
        playhead.endYProperty().bind(Bindings.min(heightProperty(), content.heightProperty()).subtract(6));
        getChildren().addAll(scroll, over);
        setMinHeight(90);
        content.setAccessibleText("Reaction strip: who does what, when");
        playhead.getStyleClass().add("playhead");
        handle.getStyleClass().add("playhead-handle");
        playhead.setStartY(6);
        content.setOnMousePressed(e -> point(e.getX(), e.getY()));
        content.setOnMouseDragged(e -> scrub(e.getX()));
        content.widthProperty().addListener(o -> rebuild());
        state.changesProperty().addListener(o -> rebuild());
        state.chosenProperty().addListener(o -> paint());
        state.playheadProperty().addListener(o -> moved());
        state.pointedAtProperty().addListener(o -> moved());
        rebuild();
    }

    private double end() {
        return Math.max(4, Math.ceil(state.timeline().duration() + 0.4));
    }

    private double x(double t) {
        return LEFT + t / end() * Math.max(10, content.getWidth() - LEFT - RIGHT);
    }

    private double time(double x) {
        double t = (x - LEFT) / Math.max(10, content.getWidth() - LEFT - RIGHT) * end();
        return Math.max(0, Math.min(state.timeline().duration(), t));
    }

    private void point(double x, double y) {
        state.playingProperty().set(false);
        for (Action action : state.stage().actions()) {
            ActionTimes t = state.timeline().times(action.id()).orElse(null);
            if (t != null && y >= rowTop(action) && y < rowTop(action) + ROW
                    && x >= x(t.start()) && x <= Math.max(x(t.end()), x(t.start()) + 40)) {
                state.choose(action.id());
                return;
            }
        }
        scrub(x);
    }

    private void scrub(double x) {
        state.playingProperty().set(false);
        state.playheadProperty().set(time(x));
    }

    private double rowTop(Action action) {
        return TOP + ROW * rowOf.getOrDefault(action.who(), 0);
    }

    private void rebuild() {
        rowOf.clear();
        content.getChildren().setAll(canvas);
        List<Piece.Person> actors = state.stage().people().stream()
                .filter(p -> !state.stage().actionsOf(p.id()).isEmpty()).toList();
        for (Piece.Person person : actors) {
            rowOf.put(person.id(), rowOf.size());
            Label badge = Badge.of(person, 21);
            badge.relocate(LEFT - 38, TOP + ROW * rowOf.get(person.id()) + 2);
            content.getChildren().add(badge);
        }
        double height = TOP + ROW * actors.size() + 8;
        content.setMinHeight(height);
        canvas.setWidth(Math.max(1, content.getWidth()));
        canvas.setHeight(height);
        paint();
        moved();
    }

    private void moved() {
        double x = x(state.playheadProperty().get());
        playhead.setStartX(x);
        playhead.setEndX(x);
        handle.relocate(x - 6, 0);
        if (!litShown.equals(state.lit())) {
            changeLit();
        }
    }

    private void paint() {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        grid(g);
        state.stage().actions().forEach(a -> block(g, a, false));
        state.stage().actions().forEach(a -> thread(g, a));
        forgetLit();
    }

    /**
     * Shows the blocks under way in full colour, each on a canvas of its own over the others: while the board plays only
     * what lights up or goes out is painted.
     */
    private void changeLit() {
        litShown = state.lit();
        bright.forEach((id, canvas) -> canvas.setVisible(litShown.contains(id)));
        state.stage().actions().stream().filter(a -> litShown.contains(a.id()) && !bright.containsKey(a.id()))
                .forEach(this::light);
    }

    private void light(Action action) {
        state.timeline().times(action.id()).ifPresent(t -> {
            double left = Math.floor(x(t.start())) - 2;
            double width = Math.ceil(Math.max(x(t.end()) - x(t.start()) + 6, room(action, t))) + 2;
            Canvas canvas = new Canvas(width, ROW);
            canvas.relocate(left, rowTop(action));
            canvas.setManaged(false);
            GraphicsContext g = canvas.getGraphicsContext2D();
            g.translate(-left, -rowTop(action));
            block(g, action, true);
            thread(g, action);
            bright.put(action.id(), canvas);
            content.getChildren().add(canvas);
        });
    }

    private void forgetLit() {
        content.getChildren().removeAll(bright.values());
        bright.clear();
        changeLit();
    }

    private void grid(GraphicsContext g) {
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.CENTER);
        g.setFont(Type.plain(12.5));
        g.setLineWidth(1);
        g.setLineDashes();
        int every = Math.max(1, (int) Math.ceil(end() / 14));
        for (int s = 0; s <= end(); s += every) {
            double x = Math.round(x(s)) + 0.5;
            g.setStroke(HAIR);
            g.strokeLine(x, TOP - 4, x, TOP + ROW * rowOf.size());
            g.setFill(SOFT);
            g.fillText(s + " s", x, 9);
        }
        g.setStroke(HAIR);
        for (int row = 0; row <= rowOf.size(); row++) {
            g.strokeLine(LEFT, TOP + ROW * row + 0.5, x(end()), TOP + ROW * row + 0.5);
        }
    }

    private void block(GraphicsContext g, Action action, boolean bright) {
        ActionTimes t = state.timeline().times(action.id()).orElse(null);
        if (t == null) {
            return;
        }
        Color colour = colour(action);
        double x = x(t.start());
        double width = Math.max(6, x(t.end()) - x);
        double y = rowTop(action) + 3;
        g.setFill(colour.deriveColor(0, 1, 1, bright ? 1 : 0.55));
        g.fillRoundRect(x, y, width, ROW - 6, 8, 8);
        if (state.chosenProperty().get().contains(action.id())) {
            g.setStroke(Color.web("#C8442B"));
            g.setLineWidth(2);
            g.strokeRoundRect(x, y, width, ROW - 6, 8, 8);
        }
        g.setFill(INK);
        g.setFont(bright ? Type.bold(12.5) : Type.plain(12.5));
        g.setTextAlign(TextAlignment.LEFT);
        g.setTextBaseline(VPos.CENTER);
        if (isCovered(action, t)) {
            return;
        }
        boolean inFull = !(action instanceof Action.Carry) && !(action instanceof Action.Delivery);
        String text = inFull ? ActionEdits.describe(action, state.stage()) : ActionEdits.kind(action);
        g.fillText(fitting(text, Math.max(width, room(action, t) - 10) - 9), x + 7, y + (ROW - 6) / 2);
    }

    /** Whether a longer block of the same person begins at the same moment: its word stands there. */
    private boolean isCovered(Action action, ActionTimes t) {
        return state.stage().actionsOf(action.who()).stream().filter(a -> !a.id().equals(action.id()))
                .flatMap(a -> state.timeline().times(a.id()).stream())
                .anyMatch(o -> Math.abs(o.start() - t.start()) < 0.05 && o.end() > t.end());
    }

    /** Pixels from the start of a block to the next one of the same person. */
    private double room(Action action, ActionTimes t) {
        double next = state.stage().actionsOf(action.who()).stream().filter(a -> !a.id().equals(action.id()))
                .flatMap(a -> state.timeline().times(a.id()).stream()).mapToDouble(ActionTimes::start)
                .filter(s -> s >= t.start()).min().orElse(end());
        return x(next) - x(t.start());
    }

    /** As much of a text as goes into a width; none when that says nothing. */
    private static String fitting(String text, double width) {
        int letters = (int) (width / LETTER);
        return letters >= text.length() ? text : letters < 3 ? "" : text.substring(0, letters - 1).strip() + "…";
    }

    private Color colour(Action action) {
        Team team = state.stage().person(action.who()).map(Piece.Person::team).orElse(Team.CHALK);
        return team == Team.CHALK ? ScreenBrush.colour(Look.PAPER, Ink.FAINT)
                : ScreenBrush.colour(Look.SLATE, Ink.valueOf(team.name()));
    }

    /** From the moment that sets an action off to its start, and from a release to where the ball arrives. */
    private void thread(GraphicsContext g, Action action) {
        ActionTimes t = state.timeline().times(action.id()).orElse(null);
        if (t == null) {
            return;
        }
        double y = rowTop(action) + ROW / 2;
        g.setStroke(INK);
        g.setFill(INK);
        g.setLineWidth(1.2);
        g.setLineDashes(2, 3);
        Action cause = action.cue().trigger() instanceof Cue.Next ? null
                : action.cue().trigger().of().flatMap(state.stage()::action).orElse(null);
        if (cause != null) {
            g.strokeLine(x(t.cued()), causeY(action, cause), x(t.cued()), y);
            g.strokeLine(x(t.cued()), y, x(t.start()), y);
            g.fillOval(x(t.start()) - 3.5, y - 3.5, 7, 7);
        }
        if (Kind.of(action).sendsBall() && !Double.isNaN(t.arrival())) {
            double to = receiverY(action, y);
            // After the word, which may be longer than its block.
            double from = Math.min(x(t.arrival()), Math.max(x(t.end()), x(t.start()) + 11 + LETTER * ActionEdits.kind(action).length()));
            g.beginPath();
            g.moveTo(from, y);
            double middle = (from + x(t.arrival())) / 2;
            g.bezierCurveTo(middle, y, middle, to, x(t.arrival()), to);
            g.stroke();
            g.fillOval(x(t.arrival()) - 3.5, to - 3.5, 7, 7);
        }
        g.setLineDashes();
    }

    private double causeY(Action action, Action cause) {
        double y = rowTop(cause) + ROW / 2;
        return action.cue().trigger() instanceof Cue.Received ? receiverY(cause, y) : y;
    }

    private double receiverY(Action action, double otherwise) {
        return state.timeline().events().stream()
                .filter(e -> e.action().equals(action.id()) && e.who() != null && rowOf.containsKey(e.who()))
                .reduce((a, b) -> a.t() > b.t() ? a : b)
                .map(e -> TOP + ROW * rowOf.get(e.who()) + ROW / 2).orElse(otherwise);
    }
}
