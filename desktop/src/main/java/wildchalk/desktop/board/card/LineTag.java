package wildchalk.desktop.board.card;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.BoundingBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Travel;
import wildchalk.core.edit.ActionEdits;
import wildchalk.core.edit.LineEdits;
import wildchalk.core.edit.Mends;
import wildchalk.core.geometry.Vec;
import wildchalk.core.script.ScriptWriter;
import wildchalk.core.stroke.Kind;
import wildchalk.core.timeline.Problem;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.board.canvas.BoardPane;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.paint.ScreenMap;

/**
 * Stands at the end of the line that is chosen: what it was taken for, and the keys that make something else of it. It
 * goes by itself when something else is done.
 */
public final class LineTag extends FlowPane {

    private static final double WIDEST = 250;
    private static final double AWAY = 16;
    private static final double PADDING = 18;

    private static final Wordbook BOOK = Wordbook.beside(LineTag.class, "Feints");

    private final BoardPane pane;
    private final BoardState state;

    public LineTag(BoardPane pane, BoardState state) {
        super(10, 2);
        this.pane = pane;
        this.state = state;
        setId("line-tag");
        getStyleClass().add("stroke-tag");
        setManaged(false);
        setMouseTransparent(true);
        setPrefWrapLength(WIDEST);
        state.selection().chosenProperty().addListener(o -> show());
        state.changesProperty().addListener(o -> show());
        state.head().playingProperty().addListener(o -> show());
        state.model().draftProperty().addListener(o -> show());
        state.sheets().wantedProperty().addListener(o -> show());
        sceneProperty().addListener(o -> show());
        show();
    }

    /** Words and keys in one line of text each, for whoever cannot see them apart. */
    String text() {
        List<String> words = new ArrayList<>();
        getChildren().forEach(n -> words.add(((Label) n).getText()));
        return String.join(" · ", words);
    }

    private void show() {
        Optional<Action> action = state.selection().action();
        boolean shown = getScene() != null
                && action.isPresent()
                && !state.head().playingProperty().get()
                && state.model().draftProperty().get() == null
                && !state.sheets().wantedProperty().get();
        setVisible(shown);
        if (!shown) {
            return;
        }
        getChildren()
                .setAll(wrapped(label(
                        ActionEdits.describe(action.get(), state.stage()) + " · "
                                + ScriptWriter.cue(state.stage(), state.timeline(), state.surface(), action.get()),
                        "tag-words")));
        problem(action.get()).ifPresent(p -> {
            getChildren().add(wrapped(label(p.message(), "tag-problem")));
            Mends.of(state.rung(), state.stage(), p).stream().findFirst().ifPresent(m -> getChildren()
                    .add(label(
                            "F " + m.words().substring(0, 1).toLowerCase(Locale.ROOT)
                                    + m.words().substring(1),
                            "tag-key")));
        });
        offers(action.get()).forEach(o -> getChildren().add(label(o, "tag-key")));
        setAccessibleText(text());
        toFront();
        pane.cardToFront();
        applyCss();
        double all = getChildren().stream()
                        .mapToDouble(n -> n.prefWidth(-1) + getHgap())
                        .sum()
                + PADDING;
        double wide = Math.min(WIDEST, Math.ceil(all));
        double tall = prefHeight(wide);
        place(pane.map().x(end(action.get())), pane.map().y(end(action.get())), wide, tall);
    }

    private Optional<Problem> problem(Action action) {
        return state.timeline().problems().stream()
                .filter(p -> p.action().equals(action.id()))
                .findFirst();
    }

    /**
     * The likeliest way to mend what is wrong with the line that is chosen; empty when nothing is, or only the coach
     * can know.
     */
    public Optional<Edit<Drill>> mend() {
        return state.selection()
                .action()
                .flatMap(this::problem)
                .flatMap(p -> Mends.of(state.rung(), state.stage(), p).stream().findFirst())
                .map(Mends.Mend::edit);
    }

    private Vec end(Action action) {
        return state.board().route(action.id()).end();
    }

    /** Beside the end of the line, where the fewest people, lines and pieces are. */
    private void place(double x, double y, double wide, double tall) {
        double[][] places = {
            {x + AWAY, y - tall / 2},
            {x - wide / 2, y + AWAY},
            {x - wide / 2, y - AWAY - tall},
            {x - AWAY - wide, y - tall / 2},
            {x + AWAY, y + AWAY},
            {x + AWAY, y - AWAY - tall},
            {x - AWAY - wide, y + AWAY},
            {x - AWAY - wide, y - AWAY - tall}
        };
        double[] best = places[0];
        double least = Double.POSITIVE_INFINITY;
        for (double[] at : places) {
            at[0] = within(at[0], wide, pane.getWidth());
            at[1] = within(at[1], tall, pane.getHeight());
            double hidden = hidden(new BoundingBox(at[0] - AWAY / 2, at[1] - AWAY / 2, wide + AWAY, tall + AWAY), x, y);
            if (hidden < least) {
                least = hidden;
                best = at;
            }
        }
        resizeRelocate(Math.round(best[0]), Math.round(best[1]), wide, tall);
    }

    /** How much would be hidden: tokens count, lines a little, the end itself most. */
    private double hidden(BoundingBox box, double x, double y) {
        ScreenMap map = pane.map();
        double t = state.head().atProperty().get();
        double sum = box.contains(x, y) ? 10 : 0;
        for (Piece piece : state.stage().pieces()) {
            Vec at = piece instanceof Piece.Person
                    ? state.board().pose(piece.id(), t).at()
                    : piece.at();
            sum += box.contains(map.x(at), map.y(at)) ? 1 : 0;
        }
        for (Action action : state.stage().actions()) {
            for (Vec p : state.board().route(action.id()).points()) {
                sum += box.contains(map.x(p), map.y(p)) ? 0.05 : 0;
            }
        }
        return sum;
    }

    private static double within(double from, double length, double room) {
        return Math.max(4, Math.min(room - length - 4, from));
    }

    private static Label wrapped(Label label) {
        label.setWrapText(true);
        label.setMaxWidth(WIDEST - PADDING);
        return label;
    }

    private static Label label(String text, String style) {
        Label label = new Label(text);
        label.getStyleClass().add(style);
        return label;
    }

    /** "C carry", "W on the whistle": what a key would make of it. */
    private List<String> offers(Action action) {
        List<String> offers = new ArrayList<>();
        for (Kind kind : Kind.of(action).others()) {
            offers.add(kind.key() + " " + kind.name().toLowerCase(Locale.ROOT));
        }
        offers.add("W what sets it off");
        ActionEdits.nextWay(state.rung(), action, state.surface())
                .ifPresent(e -> offers.add("K " + e.name().substring(0, 1).toLowerCase(Locale.ROOT)
                        + e.name().substring(1)));
        if (action instanceof Action.Pass pass) {
            LineEdits.metOrAtOnce(state.rung(), state.stage(), state.timeline(), pass)
                    .ifPresent(e -> offers.add("A " + e.name().toLowerCase(Locale.ROOT)));
        }
        if (action instanceof Travel) {
            offers.add("E how it ends");
        }
        offers.add(BOOK.say("tag.more"));
        if (action instanceof Travel) {
            offers.add(BOOK.say("tag.feints"));
        }
        offers.add("O or something else");
        return offers;
    }
}
