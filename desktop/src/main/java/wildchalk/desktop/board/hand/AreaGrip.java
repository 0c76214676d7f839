package wildchalk.desktop.board.hand;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.Piece;
import wildchalk.core.edit.AreaEdits;
import wildchalk.core.edit.PieceEdits;
import wildchalk.core.edit.StationEdits;
import wildchalk.core.geometry.Outline;
import wildchalk.core.geometry.Vec;
import wildchalk.core.scene.Sample;
import wildchalk.core.snap.Reference;
import wildchalk.desktop.board.canvas.BoardPane;
import wildchalk.desktop.board.state.AreaSample;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.board.state.Tool;

/** Draws the edge of an area: a rectangle from corner to corner, a circle from its middle, or corner by corner. */
final class AreaGrip implements Grip {

    private final BoardPane pane;
    private final BoardState state;
    private final Guides guides;
    private final List<Vec> corners = new ArrayList<>();
    private Vec from;
    private Pointer last;

    AreaGrip(BoardPane pane, BoardState state, Guides guides) {
        this.pane = pane;
        this.state = state;
        this.guides = guides;
    }

    private boolean isByCorners() {
        return state.samples().areaProperty().get().figure() == AreaSample.Figure.CORNERS;
    }

    private Vec place(Pointer hand) {
        Optional<Vec> before =
                corners.isEmpty() ? Optional.ofNullable(from) : Optional.of(corners.get(corners.size() - 1));
        return guides.within(guides.snap(hand, Set.of(), before.map(v -> new Reference(v, "the corner before")), true)
                .at());
    }

    @Override
    public void press(Pointer hand) {
        if (!isByCorners()) {
            from = place(hand);
        }
    }

    @Override
    public void drag(Pointer hand) {
        show(hand);
    }

    @Override
    public void hover(Pointer hand) {
        if (!corners.isEmpty()) {
            show(hand);
        }
    }

    @Override
    public void typed() {
        if (last != null) {
            show(last);
        }
    }

    private void show(Pointer hand) {
        last = hand;
        area(hand, true).ifPresent(area -> {
            pane.sketch(Sample.mark(area, state.board().frame(), guides.units()));
            pane.showTag(Optional.of(size(area)), hand.x(), hand.y());
        });
    }

    private String size(Piece.Area area) {
        if (area.outline() instanceof Outline.Rectangle r) {
            return guides.units().unit().exact(r.width()) + " × "
                    + guides.units().unit().exact(r.depth());
        }
        if (area.outline() instanceof Outline.Circle c) {
            return guides.units().unit().exact(2 * c.radius()) + " across";
        }
        if (corners.size() < 3) {
            return "Click corner after corner";
        }
        return "Enter or the first corner closes it";
    }

    @Override
    public void release(Pointer hand, boolean dragged) {
        if (!isByCorners()) {
            Optional<Piece.Area> area = dragged ? area(hand, false) : Optional.empty();
            letGo();
            area.ifPresent(this::put);
            return;
        }
        Vec at = place(hand);
        boolean closes = hand.clicks() > 1
                || corners.size() > 2
                        && at.distance(corners.get(0)) < state.board().frame().unit();
        if (closes) {
            enter();
        } else {
            corners.add(at);
            show(hand);
        }
    }

    @Override
    public boolean enter() {
        if (corners.size() < 3) {
            return false;
        }
        Piece.Area closed = made(corners);
        letGo();
        put(closed);
        return true;
    }

    private void put(Piece.Area area) {
        state.apply(PieceEdits.place(state.rung(), area));
        state.toolProperty().set(Tool.GUESS);
        state.selection().choose(area.id());
    }

    private Optional<Piece.Area> area(Pointer hand, boolean underWay) {
        Vec to = place(hand);
        if (isByCorners()) {
            List<Vec> all = new ArrayList<>(corners);
            if (underWay) {
                all.add(to);
            }
            return all.isEmpty() ? Optional.empty() : Optional.of(made(all));
        }
        if (from == null) {
            return Optional.empty();
        }
        if (state.samples().areaProperty().get().figure() == AreaSample.Figure.CIRCLE) {
            double radius = from.distance(to);
            return radius < AreaEdits.SMALLEST / 2
                    ? Optional.empty()
                    : Optional.of(area(from, new Outline.Circle(radius)));
        }
        double wide = Math.abs(to.x() - from.x());
        double deep = hand.straight() ? wide : Math.abs(to.y() - from.y());
        Vec other = from.plus(new Vec(Math.copySign(wide, to.x() - from.x()), Math.copySign(deep, to.y() - from.y())));
        return Math.min(wide, deep) < AreaEdits.SMALLEST
                ? Optional.empty()
                : Optional.of(area(from.towards(other, 0.5), Outline.rectangle(wide, deep)));
    }

    private Piece.Area made(List<Vec> all) {
        Vec middle = all.stream().reduce(Vec.ZERO, Vec::plus).times(1.0 / all.size());
        return area(
                middle,
                new Outline.Corners(all.stream().map(p -> p.minus(middle)).toList()));
    }

    private Piece.Area area(Vec at, Outline outline) {
        AreaSample sample = state.samples().areaProperty().get();
        return sample.what() == AreaSample.What.STATION
                ? StationEdits.fresh(state.stage(), state.freeIds(), at, outline)
                : new Piece.Zone(state.freeIds().take("z"), at, outline, "", sample.colour());
    }

    @Override
    public boolean escape() {
        boolean drawing = from != null || !corners.isEmpty();
        letGo();
        return drawing;
    }

    @Override
    public void letGo() {
        corners.clear();
        from = null;
        last = null;
        pane.clearSketch();
        pane.showTag(Optional.empty(), 0, 0);
    }

    @Override
    public boolean measures() {
        return !corners.isEmpty();
    }
}
