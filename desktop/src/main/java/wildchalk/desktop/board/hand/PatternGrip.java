package wildchalk.desktop.board.hand;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Piece;
import wildchalk.core.edit.PieceEdits;
import wildchalk.core.geometry.Curve;
import wildchalk.core.geometry.Vec;
import wildchalk.core.naming.PieceWords;
import wildchalk.core.pattern.Pattern;
import wildchalk.core.scene.Ink;
import wildchalk.core.scene.Shape;
import wildchalk.core.snap.Reference;
import wildchalk.core.snap.Snapped;
import wildchalk.desktop.board.canvas.BoardPane;
import wildchalk.desktop.board.state.BoardState;

/** Draws a figure of pieces, which stays adjustable, by its ends and on its card, until it is let go. */
final class PatternGrip implements Grip {

    /** How near an end must be to be taken hold of, in pixels. */
    private static final double END = 12;

    private final BoardPane pane;
    private final BoardState state;
    private final Guides guides;
    private Pattern pattern;
    private Pattern likeLast;
    /** What was laid back and can be taken up again; null when nothing was. */
    private Pattern aside;

    private boolean movesFrom;
    private Pointer last;

    PatternGrip(BoardPane pane, BoardState state, Guides guides) {
        this.pane = pane;
        this.state = state;
        this.guides = guides;
        state.samples().gearProperty().addListener(o -> show());
    }

    private Optional<Reference> anchor() {
        return pattern == null
                ? guides.reference(Set.of(), Optional.empty())
                : Optional.of(new Reference(movesFrom ? pattern.to() : pattern.from(), "the other end"));
    }

    @Override
    public void hover(Pointer hand) {
        if (pattern == null) {
            Optional<Reference> reference = anchor();
            guides.show(guides.snap(hand, Set.of(), reference, false), reference, hand);
        }
    }

    @Override
    public void press(Pointer hand) {
        last = null;
        if (pattern != null && !takesHold(hand)) {
            enter();
        }
        if (pattern == null) {
            Vec at = guides.snap(hand, Set.of(), anchor(), false).at();
            pattern = fresh(at);
            movesFrom = false;
        }
    }

    /** A new figure has the counts of the last one of its kind. */
    private Pattern fresh(Vec at) {
        Pattern usual = Pattern.of(state.samples().patternProperty().get(), at, at);
        return likeLast != null && likeLast.kind() == usual.kind() ? likeLast.between(at, at) : usual;
    }

    private boolean takesHold(Pointer hand) {
        double reach = END / pane.map().scale();
        movesFrom = hand.at().distance(pattern.from()) < hand.at().distance(pattern.to());
        return hand.at().distance(movesFrom ? pattern.from() : pattern.to()) <= reach;
    }

    @Override
    public void drag(Pointer hand) {
        last = hand;
        Snapped snapped = guides.snap(hand, Set.of(), anchor(), false);
        Vec at = guides.within(snapped.at());
        pattern = movesFrom ? pattern.between(at, pattern.to()) : pattern.between(pattern.from(), at);
        show();
        guides.show(snapped, anchor(), hand);
    }

    @Override
    public void typed() {
        if (last != null) {
            drag(last);
        }
    }

    @Override
    public boolean measures() {
        return pattern != null && last != null;
    }

    @Override
    public void release(Pointer hand, boolean dragged) {
        if (dragged) {
            drag(hand);
        }
        last = null;
        pane.showTag(Optional.empty(), 0, 0);
        if (pattern.from().distance(pattern.to()) < 0.01) {
            drop();
        } else {
            offer();
        }
    }

    private void offer() {
        pane.showCard(new PatternCard(
                pattern, state.viewing().unitsProperty().get(), this::change, this::enter, this::escape));
    }

    private void change(Pattern changed) {
        pattern = changed;
        show();
    }

    private Edit<Drill> edit() {
        List<Piece> pieces =
                pattern.pieces(state.freeIds(), state.samples().gearProperty().get());
        long items = pieces.stream().filter(Piece.Item.class::isInstance).count();
        return PieceEdits.placeAll(
                state.rung(),
                pattern.kind().title().toLowerCase(Locale.ROOT) + " of " + items + " "
                        + PieceWords.several(PieceWords.kind(
                                state.samples().gearProperty().get().kind())),
                pieces);
    }

    private void show() {
        if (pattern != null) {
            state.preview(edit());
            double unit = state.board().frame().unit();
            pane.sketch(Stream.of(pattern.from(), pattern.to())
                    .map(end -> (Shape)
                            new Shape.Stroke(Curve.circle(end, unit * 1.1), unit * 0.14, Ink.SIGNAL, List.of(), false))
                    .toList());
        }
    }

    @Override
    public boolean enter() {
        if (pattern == null && aside != null) {
            takeUpAgain();
            return true;
        }
        if (pattern == null) {
            return false;
        }
        Edit<Drill> edit = edit();
        likeLast = pattern;
        drop();
        state.apply(edit);
        return true;
    }

    private void drop() {
        pattern = null;
        aside = null;
        pane.clearSketch();
        state.putBack();
        pane.showCard(null);
    }

    @Override
    public boolean escape() {
        Pattern open = pattern;
        drop();
        aside = open;
        if (open != null) {
            state.announce("The " + open.kind().title().toLowerCase(Locale.ROOT)
                    + " is laid back on the ledge. Enter takes it up again.");
        }
        return open != null;
    }

    private void takeUpAgain() {
        pattern = aside;
        aside = null;
        offer();
        show();
    }

    /** Taking up another tool lets the figure stand. */
    @Override
    public void letGo() {
        aside = null;
        if (!enter()) {
            drop();
        }
        pane.showTag(Optional.empty(), 0, 0);
    }
}
