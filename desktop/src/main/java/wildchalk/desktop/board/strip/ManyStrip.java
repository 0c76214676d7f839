package wildchalk.desktop.board.strip;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyDoubleWrapper;
import javafx.geometry.VPos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.layout.StackPane;
import javafx.scene.paint.Color;
import javafx.scene.shape.Line;
import javafx.scene.text.TextAlignment;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.implied.NextInLine;
import wildchalk.core.flow.Flow;
import wildchalk.core.flow.Flow.Doing;
import wildchalk.core.flow.Replay;
import wildchalk.core.scene.Ink;
import wildchalk.core.scene.Look;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.board.state.ManyReps;
import wildchalk.desktop.control.LiveScroll;
import wildchalk.desktop.paint.ScreenBrush;
import wildchalk.desktop.paint.Type;

/** Many reps: a row for each person, minutes along; busy, on the way and waiting are told apart without colour too. */
public final class ManyStrip extends StackPane {

    private static final Wordbook BOOK = Wordbook.beside(ManyStrip.class, "Strip");
    private static final double LEFT = 104;
    private static final double RIGHT = 28;
    private static final double TOP = 22;
    private static final double ROW = 19;
    private static final int USUAL_ROWS = 12;
    private static final double LETTER = 6.6;
    private static final Color INK = Color.web("#1D2B2A");
    private static final Color SOFT = Color.web("#66706C");
    private static final Color HAIR = Color.web("#DCD4C2");
    private static final Color FOLLOWED = Color.web("#EADFC6");

    private final BoardState state;
    private final ManyReps many;
    private final Canvas canvas = new Canvas();
    private final Pane content = new Pane(canvas);
    private final Line playhead = new Line();
    private final Label none = new Label();
    private final Tooltip words = new Tooltip();
    private final ReadOnlyDoubleWrapper needed = new ReadOnlyDoubleWrapper(TOP + ROW * USUAL_ROWS);
    private List<String> rows = List.of();
    private final Map<Turn, String> roles = new HashMap<>();

    /** Somebody in a rep. */
    private record Turn(String letter, int rep) {}

    public ManyStrip(BoardState state) {
        this.state = state;
        this.many = state.many();
        setId("many-strip");
        getStyleClass().add("strip");
        LiveScroll scroll = new LiveScroll();
        scroll.setContent(content);
        playhead.getStyleClass().add("playhead");
        playhead.setManaged(false);
        playhead.setMouseTransparent(true);
        content.getChildren().add(playhead);
        content.getStyleClass().add("strip-content");
        content.setFocusTraversable(true);
        content.setAccessibleText(BOOK.say("many.point"));
        none.setWrapText(true);
        none.getStyleClass().addAll("quiet", "many-none");
        getChildren().addAll(scroll, none);
        visibleProperty().bind(many.shownProperty());
        content.widthProperty().addListener(o -> rebuild());
        many.shownProperty().addListener(o -> rebuild());
        many.byWaitingProperty().addListener(o -> rebuild());
        many.followedProperty().addListener(o -> rebuild());
        state.flow().answerProperty().addListener(o -> rebuild());
        many.atProperty().addListener(o -> moved());
        Tooltip.install(content, words);
        content.addEventHandler(MouseEvent.MOUSE_MOVED, e -> tell(e.getX(), e.getY()));
        content.addEventHandler(MouseEvent.MOUSE_PRESSED, this::press);
        content.addEventHandler(MouseEvent.MOUSE_DRAGGED, e -> stand(e.getX()));
        content.addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        rebuild();
    }

    /** How high it would be with the rows of a usual group in sight, pixels. */
    public ReadOnlyDoubleProperty neededProperty() {
        return needed;
    }

    private void press(MouseEvent e) {
        content.requestFocus();
        if (e.getX() < LEFT) {
            row(e.getY()).ifPresent(many::follow);
        } else {
            stand(e.getX());
        }
    }

    private void stand(double x) {
        if (x >= LEFT) {
            many.playingProperty().set(false);
            many.atProperty().set(Math.max(0, Math.min(many.end(), seconds(x))));
        }
    }

    /** Up and down go from one person to the next. */
    private void key(KeyEvent e) {
        switch (e.getCode()) {
            case UP -> many.followNext(-1);
            case DOWN -> many.followNext(1);
            case LEFT -> many.atProperty().set(Math.max(0, many.atProperty().get() - 1));
            case RIGHT -> many.atProperty()
                    .set(Math.min(many.end(), many.atProperty().get() + 1));
            default -> {
                return;
            }
        }
        e.consume();
    }

    private double scale() {
        return Math.max(10, content.getWidth() - LEFT - RIGHT) / Math.max(1, many.end());
    }

    private double x(double t) {
        return LEFT + t * scale();
    }

    private double seconds(double x) {
        return (x - LEFT) / scale();
    }

    private Optional<String> row(double y) {
        int row = (int) Math.floor((y - TOP) / ROW);
        return row >= 0 && row < rows.size() ? Optional.of(rows.get(row)) : Optional.empty();
    }

    private void rebuild() {
        if (!isVisible()) {
            return;
        }
        rows = many.inOrder();
        none.setText(
                state.flow().answerProperty().get() == null || !rows.isEmpty()
                        ? ""
                        : String.join(" ", state.flow().answerProperty().get().told()));
        double height = TOP + ROW * rows.size() + 4;
        content.setMinHeight(height);
        canvas.setWidth(Math.max(1, content.getWidth()));
        canvas.setHeight(height);
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        many.replay().ifPresent(r -> paint(g, r));
        playhead.setVisible(!rows.isEmpty());
        content.setAccessibleText(many.replay().map(this::aloud).orElse(none.getText()));
        moved();
    }

    private void moved() {
        double x = Math.round(x(many.atProperty().get()));
        playhead.setStartX(x);
        playhead.setEndX(x);
        playhead.setStartY(6);
        playhead.setEndY(TOP + ROW * rows.size());
    }

    private void paint(GraphicsContext g, Replay replay) {
        learn(replay);
        minutes(g, replay.flow().seconds());
        for (int i = 0; i < rows.size(); i++) {
            String letter = rows.get(i);
            double top = TOP + ROW * i;
            boolean followed =
                    many.followedProperty().get().filter(letter::equals).isPresent();
            if (followed) {
                g.setFill(FOLLOWED);
                g.fillRect(0, top, canvas.getWidth(), ROW);
            }
            g.setFill(INK);
            g.setFont(followed ? Type.bold(12.5) : Type.plain(12.5));
            g.setTextAlign(TextAlignment.LEFT);
            g.setTextBaseline(VPos.CENTER);
            g.fillText(fitting(many.name(letter), LEFT - 22), 14, top + ROW / 2);
            for (Flow.Span span : replay.flow().each().get(letter).spans()) {
                span(g, letter, span, top);
            }
        }
    }

    private void minutes(GraphicsContext g, double seconds) {
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.CENTER);
        g.setFont(Type.plain(12.5));
        int all = (int) (seconds / 60);
        int every = Math.max(1, (int) Math.ceil(all / 14.0));
        for (int m = 0; m <= all; m += every) {
            double x = Math.round(x(m * 60)) + 0.5;
            g.setStroke(HAIR);
            g.setLineWidth(1);
            g.setLineDashes();
            g.strokeLine(x, TOP - 4, x, TOP + ROW * rows.size());
            g.setFill(SOFT);
            g.fillText(BOOK.say("minute", m), x, 9);
        }
    }

    private void span(GraphicsContext g, String letter, Flow.Span span, double top) {
        double from = x(span.from());
        double width = x(span.to()) - from;
        Piece.Person role = role(letter, span).orElse(null);
        double[] box = {from, top + 3, width, ROW - 6};
        DoingMark.paint(g, span.doing(), colour(role), box);
        if (span.doing() == Doing.BUSY && role != null && !role.label().isBlank()) {
            String label = role.label();
            if (label.length() * LETTER + 6 <= width) {
                g.setFill(INK);
                g.setFont(Type.plain(11.5));
                g.setTextAlign(TextAlignment.CENTER);
                g.fillText(label, from + width / 2, top + ROW / 2);
            }
        }
    }

    /** The role in which somebody is busy; that which they had, on the way. */
    private Optional<Piece.Person> role(String letter, Flow.Span span) {
        return Optional.ofNullable(roles.get(new Turn(letter, span.rep()))).flatMap(state.stage()::person);
    }

    /** Who has which role in which rep, looked up once. */
    private void learn(Replay replay) {
        roles.clear();
        for (Flow.Rep rep : replay.flow().reps()) {
            rep.cast().forEach((role, letter) -> roles.put(new Turn(letter, rep.n()), NextInLine.token(role)));
        }
    }

    private static Color colour(Piece.Person role) {
        Bib bib = role == null ? Bib.CHALK : role.bib();
        return bib == Bib.CHALK
                ? ScreenBrush.colour(Look.PAPER, Ink.FAINT)
                : ScreenBrush.colour(Look.SLATE, Ink.of(bib));
    }

    private static String fitting(String text, double width) {
        int letters = (int) (width / LETTER);
        return letters >= text.length() ? text : text.substring(0, letters - 1).strip() + "…";
    }

    /** Says what is under the mouse. */
    private void tell(double x, double y) {
        String now = many.replay()
                .flatMap(r -> row(y).map(l -> x < LEFT ? told(r, l) : told(r, l, seconds(x))))
                .orElse("");
        words.setText(now.isEmpty() ? BOOK.say("many.point") : now);
    }

    private String told(Replay replay, String letter, double t) {
        return replay.flow().each().get(letter).spans().stream()
                .filter(s -> s.from() <= t && t < s.to())
                .findFirst()
                .map(s -> BOOK.say(
                        s.doing() == Doing.BUSY ? "many.busy" : "many.else",
                        many.name(letter),
                        DoingMark.word(s.doing()),
                        clock(s.from()),
                        clock(s.to()),
                        role(letter, s).map(Piece.Person::label).orElse(""),
                        s.rep()))
                .orElse("");
    }

    private String told(Replay replay, String letter) {
        Flow.Each each = replay.flow().each().get(letter);
        return BOOK.say(
                "many.row",
                many.name(letter),
                clock(each.seconds(Doing.BUSY)),
                clock(each.seconds(Doing.ON_THE_WAY)),
                clock(each.seconds(Doing.WAITING)),
                clock(each.longestWait()),
                each.reps());
    }

    /** All rows in words, in the order in which they stand. */
    private String aloud(Replay replay) {
        List<String> all = new ArrayList<>();
        all.add(BOOK.say("many.head", rows.size(), Math.round(replay.flow().seconds() / 60)));
        rows.forEach(l -> all.add(told(replay, l)));
        many.followedProperty().get().ifPresent(l -> all.add(1, BOOK.say("many.followed", told(replay, l))));
        return String.join(" ", all);
    }

    private static String clock(double t) {
        long s = Math.round(t);
        return BOOK.say("clock", s / 60, s % 60);
    }
}
