package wildchalk.desktop.board.hand;

import java.util.List;
import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.shape.StrokeLineCap;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rotation;
import wildchalk.core.edit.RotationEdits;
import wildchalk.core.flow.NextWords;
import wildchalk.core.geometry.Vec;
import wildchalk.core.naming.PieceWords;
import wildchalk.core.scene.Ink;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.board.canvas.BoardPane;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.paint.ScreenBrush;

/** Says where somebody goes when their part is over, by dragging from them to there. */
final class NextGrip implements Grip {

    private static final Wordbook BOOK = Wordbook.beside(NextGrip.class, "Next");

    private final BoardPane pane;
    private final BoardState state;
    private final Optional<Piece.Person> who;
    private final Vec from;
    private boolean dropped;

    private NextGrip(BoardPane pane, BoardState state, Optional<Piece.Person> who, Vec from) {
        this.pane = pane;
        this.state = state;
        this.who = who;
        this.from = from;
    }

    /** From the person under the hand, or whose line ends there. */
    static Grip at(Pointer hand, BoardPane pane, BoardState state) {
        Optional<Piece.Person> ends =
                state.picking().pathEnd(hand.at()).flatMap(a -> state.stage().person(a.who()));
        Optional<Piece.Person> who = state.picking()
                .person(hand.at(), state.head().atProperty().get())
                .or(() -> ends);
        return new NextGrip(pane, state, who, hand.at());
    }

    private Optional<Rotation.To> to(Pointer hand) {
        return who.flatMap(w -> NextWords.at(
                state.stage(),
                state.surface(),
                w.id(),
                hand.at(),
                state.board().frame().unit()));
    }

    @Override
    public void drag(Pointer hand) {
        if (dropped || who.isEmpty()) {
            return;
        }
        draw(hand.at());
        String words = to(hand).map(t -> words().where(goes(t))).orElse(BOOK.say("nowhere"));
        pane.showTag(Optional.of(BOOK.say("sends", PieceWords.name(who.get()), words)), hand.x(), hand.y());
    }

    private Rotation.Goes goes(Rotation.To to) {
        return new Rotation.Goes("", who.orElseThrow().id(), to, Optional.empty());
    }

    private NextWords words() {
        return new NextWords(
                state.rung(),
                state.stage(),
                state.stage().marked(state.surface()),
                state.viewing().unitsProperty().get().unit());
    }

    @Override
    public void release(Pointer hand, boolean dragged) {
        clear();
        if (dropped || !dragged) {
            return;
        }
        if (who.isEmpty()) {
            state.announce(BOOK.say("nobody"));
            return;
        }
        to(hand).ifPresent(t -> {
            state.apply(RotationEdits.goes(state.rung(), who.get().id(), t, Optional.empty()));
            state.flow().wantedProperty().set(true);
        });
    }

    @Override
    public boolean escape() {
        dropped = true;
        clear();
        return true;
    }

    private void clear() {
        pane.clearSketch();
        pane.showTag(Optional.empty(), 0, 0);
    }

    private void draw(Vec to) {
        pane.clearSketch();
        GraphicsContext g = pane.sketch().getGraphicsContext2D();
        double width = state.board().frame().unit() * 0.2 * pane.map().scale();
        g.setStroke(ScreenBrush.colour(state.viewing().lookProperty().get(), Ink.NOTE));
        g.setLineWidth(width);
        g.setLineCap(StrokeLineCap.ROUND);
        g.setLineDashes(width, width * 2.5);
        g.beginPath();
        for (Vec p : List.of(from, to)) {
            g.lineTo(pane.map().x(p), pane.map().y(p));
        }
        g.stroke();
        g.setLineDashes();
    }
}
