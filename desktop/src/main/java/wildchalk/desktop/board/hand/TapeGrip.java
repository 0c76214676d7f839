package wildchalk.desktop.board.hand;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import wildchalk.core.drill.Piece.Tape;
import wildchalk.core.drill.Piece.Tape.Reading;
import wildchalk.core.edit.PieceEdits;
import wildchalk.core.geometry.Vec;
import wildchalk.core.scene.Sample;
import wildchalk.core.snap.Reference;
import wildchalk.core.snap.Snapped;
import wildchalk.core.surface.Surface;
import wildchalk.desktop.board.canvas.BoardPane;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.board.state.Tool;

/**
 * A tape: each click lays it on to another place, a drag lays it from one to another. It is read off until it is pinned
 * to the stage or taken up.
 */
final class TapeGrip implements Grip {

    private final BoardPane pane;
    private final BoardState state;
    private final Guides guides;
    private final List<Vec> points = new ArrayList<>();
    private final ObjectProperty<Reading> reading = new SimpleObjectProperty<>(Reading.LENGTH);
    private Pointer last;

    TapeGrip(BoardPane pane, BoardState state, Guides guides) {
        this.pane = pane;
        this.state = state;
        this.guides = guides;
        reading.addListener(o -> show(Optional.empty()));
        state.toolProperty().addListener((o, was, is) -> {
            if (is == Tool.TAPE) {
                pane.showCard(new TapeCard(reading, this::enter, this::takeUp));
            } else if (was == Tool.TAPE) {
                pane.showCard(null);
            }
        });
    }

    private Optional<Reference> reference() {
        return points.isEmpty()
                ? Optional.empty()
                : Optional.of(new Reference(points.get(points.size() - 1), "the last place"));
    }

    private Snapped place(Pointer hand) {
        return guides.snap(hand, Set.of(), reference(), true);
    }

    @Override
    public void hover(Pointer hand) {
        last = hand;
        Snapped snapped = place(hand);
        show(Optional.of(snapped.at()));
        pane.showTag(
                Optional.of(
                        points.isEmpty()
                                ? zone(hand.at()).orElse(guides.words(snapped, Optional.empty()))
                                : guides.words(snapped, reference())),
                hand.x(),
                hand.y());
    }

    /** Before it is laid, the tape says in which named part of the surface it is. */
    private Optional<String> zone(Vec at) {
        return state.surface().zones().stream()
                .filter(z -> z.contains(at))
                .min((a, b) -> Double.compare(a.area(), b.area()))
                .map(z -> z.name() + " · " + guides.units().area(z.area()));
    }

    @Override
    public void press(Pointer hand) {
        Vec at = place(hand).at();
        if (hand.clicks() >= 2 && reading.get() == Reading.AREA && points.size() < 3) {
            state.surface().zones().stream()
                    .filter(z -> z.contains(hand.at()))
                    .min((a, b) -> Double.compare(a.area(), b.area()))
                    .map(Surface.Zone::outline)
                    .ifPresent(this::lay);
        } else if (points.isEmpty() || points.get(points.size() - 1).distance(at) > 0.01) {
            points.add(at);
        }
        show(Optional.empty());
    }

    private void lay(List<Vec> outline) {
        points.clear();
        points.addAll(outline);
    }

    @Override
    public void drag(Pointer hand) {
        hover(hand);
    }

    @Override
    public void release(Pointer hand, boolean dragged) {
        if (dragged) {
            points.add(place(hand).at());
        }
        show(Optional.empty());
    }

    @Override
    public void typed() {
        if (last != null) {
            hover(last);
        }
    }

    @Override
    public boolean measures() {
        return !points.isEmpty();
    }

    private Optional<Tape> tape(Optional<Vec> next) {
        List<Vec> all = new ArrayList<>(points);
        next.ifPresent(all::add);
        Reading read = reading.get();
        int needed = read == Reading.LENGTH ? 2 : 3;
        if (all.size() < 2) {
            return Optional.empty();
        }
        // Until there are enough places for an angle or an area, the length is read off.
        return Optional.of(new Tape(
                state.freeIds().take("t"),
                all.size() < needed ? Reading.LENGTH : read,
                read == Reading.ANGLE && all.size() > 3 ? all.subList(0, 3) : all));
    }

    private void show(Optional<Vec> next) {
        pane.sketch(tape(next)
                .map(t -> Sample.mark(t, state.board().frame(), guides.units()))
                .orElse(List.of()));
    }

    @Override
    public boolean enter() {
        tape(Optional.empty()).ifPresent(t -> {
            state.apply(PieceEdits.place(state.rung(), t));
            takeUp();
        });
        return true;
    }

    @Override
    public boolean escape() {
        boolean laid = !points.isEmpty();
        takeUp();
        return laid;
    }

    private void takeUp() {
        points.clear();
        guides.forgetTyped();
        pane.clearSketch();
    }

    @Override
    public void letGo() {
        takeUp();
        pane.showTag(Optional.empty(), 0, 0);
    }
}
