package wildchalk.desktop.board.strip;

import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Reads;
import wildchalk.core.drill.Travel;
import wildchalk.core.edit.ActionEdits;
import wildchalk.core.scene.Ink;
import wildchalk.core.scene.Look;
import wildchalk.core.stroke.Kind;
import wildchalk.core.timeline.ActionTimes;
import wildchalk.core.timeline.Meeting;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.paint.ScreenBrush;
import wildchalk.desktop.paint.Type;

/** Paints the blocks, threads and forks of the reaction strip. */
final class StripBrush {

    /** Width of a letter, pixels; about. */
    private static final double LETTER = 6.6;

    private static final double ROW = StripMap.ROW;
    private static final Color GROUND = Color.web("#F6F1E7");
    private static final Color INK = Color.web("#1D2B2A");
    private static final Color HAIR = Color.web("#DCD4C2");
    private static final Color SOFT = Color.web("#66706C");
    private static final Color FORK = Color.web("#6B4FA0");
    private static final double FIRST_AWAY = 20;
    /** Length and spread of a fork's prongs, pixels. */
    private static final double PRONG = 15;

    private static final double SPREAD = 5;

    private final BoardState state;
    private final StripMap map;

    StripBrush(BoardState state, StripMap map) {
        this.state = state;
        this.map = map;
    }

    void grid(GraphicsContext g) {
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.CENTER);
        g.setFont(Type.plain(12.5));
        g.setLineWidth(1);
        g.setLineDashes();
        int every = Math.max(1, (int) Math.ceil(map.end() / 14));
        for (int s = 0; s <= map.end(); s += every) {
            double x = Math.round(map.x(s)) + 0.5;
            g.setStroke(HAIR);
            g.strokeLine(x, StripMap.TOP - 4, x, StripMap.TOP + ROW * map.rows());
            g.setFill(SOFT);
            // The first would lie under the play head at its start.
            g.fillText(s + " s", s == 0 ? x - FIRST_AWAY : x, 9);
        }
        g.setStroke(HAIR);
        for (int row = 0; row <= map.rows(); row++) {
            g.strokeLine(
                    StripMap.LEFT, StripMap.TOP + ROW * row + 0.5, map.x(map.end()), StripMap.TOP + ROW * row + 0.5);
        }
    }

    void block(GraphicsContext g, Action action, boolean bright) {
        ActionTimes t = state.timeline().times(action.id()).orElse(null);
        if (t == null) {
            return;
        }
        Color colour = colour(action);
        double x = map.x(t.start());
        double width = Math.max(6, map.x(t.end()) - x);
        double y = map.rowTop(action) + 3;
        g.setFill(colour.deriveColor(0, 1, 1, bright ? 1 : 0.55));
        g.fillRoundRect(x, y, width, ROW - 6, 8, 8);
        Optional<Meeting.Span> stands = stands(action);
        stands.ifPresent(s -> stand(g, s, y));
        if (state.selection().chosenProperty().get().contains(action.id())) {
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
        g.fillText(fitting(text(action, stands.isPresent()), room(action, t) - 19), x + 7, y + (ROW - 6) / 2);
    }

    private String text(Action action, boolean stands) {
        boolean sends = action instanceof Action.Delivery;
        if (sends || action instanceof Travel.Carry) {
            return (sends && stands ? "holds, then " : "") + ActionEdits.name(action);
        }
        return ActionEdits.describe(action, state.stage());
    }

    /** While the passer holds a ball that is to be met, or the runner waits for it. */
    private Optional<Meeting.Span> stands(Action action) {
        Meeting meeting = new Meeting(state.stage(), state.timeline());
        return action instanceof Travel travel ? meeting.waited(travel) : meeting.held(action);
    }

    /** A part of a block in which nothing is done but wait: paler, with strokes across. */
    private void stand(GraphicsContext g, Meeting.Span span, double y) {
        double from = map.x(span.from());
        double to = map.x(span.to());
        g.setStroke(GROUND);
        g.setLineWidth(2.5);
        g.setLineDashes();
        for (double x = from + 4; x < to - 4; x += 7) {
            g.strokeLine(x, y + ROW - 9, x + 4, y + 3);
        }
    }

    /** Whether a longer block of the same person begins at the same moment: its word stands there. */
    private boolean isCovered(Action action, ActionTimes t) {
        return state.stage().actionsOf(action.who()).stream()
                .filter(a -> !a.id().equals(action.id()))
                .flatMap(a -> state.timeline().times(a.id()).stream())
                .anyMatch(o -> Math.abs(o.start() - t.start()) < 0.05 && o.end() > t.end());
    }

    /** Pixels from the start of a block to the next one of the same person, or to where its ball arrives. */
    double room(Action action, ActionTimes t) {
        double next = state.stage().actionsOf(action.who()).stream()
                .filter(a -> !a.id().equals(action.id()))
                .flatMap(a -> state.timeline().times(a.id()).stream())
                .mapToDouble(ActionTimes::start)
                .filter(s -> s >= t.start())
                .min()
                .orElse(map.end());
        double arrives = Double.isFinite(t.arrival()) ? t.arrival() : next;
        return map.x(Math.min(next, arrives)) - map.x(t.start());
    }

    /** As much of a text as goes into a width; none when that says nothing. */
    private static String fitting(String text, double width) {
        int letters = (int) (width / LETTER);
        if (letters >= text.length()) {
            return text;
        }
        if (letters < 3) {
            return "";
        }
        return text.substring(0, letters - 1).strip() + "…";
    }

    private Color colour(Action action) {
        Bib bib = state.stage().person(action.who()).map(Piece.Person::bib).orElse(Bib.CHALK);
        return bib == Bib.CHALK
                ? ScreenBrush.colour(Look.PAPER, Ink.FAINT)
                : ScreenBrush.colour(Look.SLATE, Ink.of(bib));
    }

    /**
     * From the moment that sets an action off to its start, which takes a moment, and from a release to where the ball
     * arrives.
     */
    void thread(GraphicsContext g, Action action) {
        ActionTimes t = state.timeline().times(action.id()).orElse(null);
        if (t == null) {
            return;
        }
        double y = map.rowTop(action) + ROW / 2;
        g.setStroke(INK);
        g.setFill(INK);
        g.setLineWidth(1.2);
        g.setLineDashes(2, 3);
        Action cause = action.cue().trigger().followsOwn()
                ? null
                : action.cue().trigger().of().flatMap(state.stage()::action).orElse(null);
        boolean reacts = !action.cue().trigger().followsOwn() && t.start() - t.cued() > 0.01;
        if (cause != null) {
            g.strokeLine(map.x(t.cued()), causeY(action, cause), map.x(t.cued()), y);
        }
        if (cause != null || reacts) {
            g.strokeLine(map.x(t.cued()), y, map.x(t.start()), y);
            g.fillOval(map.x(t.start()) - 3.5, y - 3.5, 7, 7);
        }
        if (Kind.of(action).sendsBall() && !Double.isNaN(t.arrival())) {
            double to = receiverY(action, y);
            // After the word, which may be longer than its block.
            double from = Math.min(
                    map.x(t.arrival()),
                    Math.max(
                            map.x(t.end()),
                            map.x(t.start())
                                    + 11
                                    + LETTER * ActionEdits.name(action).length()));
            g.beginPath();
            g.moveTo(from, y);
            double middle = (from + map.x(t.arrival())) / 2;
            g.bezierCurveTo(middle, y, middle, to, map.x(t.arrival()), to);
            g.stroke();
            g.fillOval(map.x(t.arrival()) - 3.5, to - 3.5, 7, 7);
        }
        g.setLineDashes();
    }

    private double causeY(Action action, Action cause) {
        double y = map.rowTop(cause) + ROW / 2;
        return action.cue().trigger() instanceof Cue.Received ? receiverY(cause, y) : y;
    }

    private double receiverY(Action action, double otherwise) {
        return state.timeline().events().stream()
                .filter(e -> e.action().equals(action.id()) && e.who() != null && map.hasRow(e.who()))
                .reduce((a, b) -> a.t() > b.t() ? a : b)
                .map(e -> map.rowTop(e.who()) + ROW / 2)
                .orElse(otherwise);
    }

    /** A read as a fork: a prong for each way, the one that is taken long and drawn out. */
    void fork(GraphicsContext g, Instruction.Read read) {
        Optional<Instruction.Option> taken = Reads.taken(
                state.stage(),
                state.timeline().settled(state.focus().choicesProperty().get()),
                read);
        Optional<Action> first = taken.flatMap(o -> o.actions().stream()
                .flatMap(id -> state.stage().action(id).stream())
                .filter(a -> state.timeline().times(a.id()).isPresent())
                .min((a, b) -> Double.compare(cued(a), cued(b))));
        if (first.isEmpty()) {
            return;
        }
        double x = map.x(cued(first.get())) - PRONG;
        double y = map.rowTop(map.hasRow(read.who()) ? read.who() : first.get().who()) + ROW / 2;
        g.setStroke(FORK);
        g.setFill(FORK);
        g.setLineDashes();
        g.fillOval(x - 3.5, y - 3.5, 7, 7);
        for (int i = 0; i < read.options().size(); i++) {
            boolean isTaken = read.options().get(i).equals(taken.get());
            double to = y + (i - (read.options().size() - 1) / 2.0) * 2 * SPREAD;
            g.setLineWidth(isTaken ? 2.4 : 1.2);
            g.strokeLine(x, y, x + PRONG * (isTaken ? 1 : 0.8), to);
        }
    }

    /** Where the board stands still to ask. */
    void freeze(GraphicsContext g, Instruction.Freeze freeze) {
        state.timeline().moment(freeze.at()).ifPresent(t -> {
            double x = map.x(Math.max(0, t));
            g.setStroke(FORK);
            g.setLineWidth(1);
            g.setLineDashes(3, 3);
            g.strokeLine(x, StripMap.TOP - 4, x, StripMap.TOP + ROW * map.rows());
            g.setLineDashes();
            g.setFill(FORK);
            g.fillOval(x - 8, 1, 16, 16);
            g.setFill(Color.WHITE);
            g.setFont(Type.bold(12));
            g.setTextAlign(TextAlignment.CENTER);
            g.setTextBaseline(VPos.CENTER);
            g.fillText("?", x, 9);
        });
    }

    private double cued(Action action) {
        return state.timeline().times(action.id()).map(ActionTimes::cued).orElse(0.0);
    }
}
