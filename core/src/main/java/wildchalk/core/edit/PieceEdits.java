package wildchalk.core.edit;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.naming.PieceWords;

/** Edits of what stands on the surface. */
public final class PieceEdits {

    /** Nearer than this a tape ends at a piece, metres. */
    private static final double TIED = 0.001;

    private PieceEdits() {}

    /** Puts several pieces down at once. */
    public static Edit<Drill> placeAll(String rung, String what, List<? extends Piece> pieces) {
        return StageEdit.of("Place " + what, rung, stage -> {
            Stage placed = stage;
            for (Piece piece : pieces) {
                placed = placed.withPiece(piece);
            }
            return placed;
        });
    }

    /** Changes how a piece is; it keeps its id and its place. */
    public static Edit<Drill> change(String rung, String verb, Piece piece) {
        return StageEdit.of(verb + " " + PieceWords.name(piece), rung, stage -> stage.withPiece(piece));
    }

    /** Puts a piece on a rung, by the rung's id. */
    public static Edit<Drill> place(String rung, Piece piece) {
        return StageEdit.of("Place " + PieceWords.name(piece), rung, stage -> stage.withPiece(piece));
    }

    /** Moves a piece; what somebody has goes along with them. */
    public static Edit<Drill> move(String rung, Piece piece, Vec to) {
        return StageEdit.of("Move " + PieceWords.name(piece), rung, stage -> moved(stage, piece.id(), to));
    }

    /** Moves several pieces by the same; what people have goes along with them. */
    public static Edit<Drill> moveAll(String rung, Stage stage, Set<String> ids, Vec by) {
        List<Piece> pieces =
                stage.pieces().stream().filter(p -> ids.contains(p.id())).toList();
        String name =
                pieces.size() == 1 ? "Move " + PieceWords.name(pieces.get(0)) : "Move " + pieces.size() + " pieces";
        return StageEdit.of(name, rung, s -> {
            Map<String, Vec> to = new LinkedHashMap<>();
            for (Piece piece : pieces) {
                boolean goesAlong = piece.heldBy().filter(ids::contains).isPresent()
                        || !(piece instanceof Piece.Station)
                                && stage.stationOf(piece)
                                        .filter(st -> ids.contains(st.id()))
                                        .isPresent();
                if (!goesAlong) {
                    to.put(piece.id(), piece.at().plus(by));
                }
            }
            return moved(s, to);
        });
    }

    /** Moves a ball onto the person who then has it. */
    public static Edit<Drill> giveBall(String rung, Piece.Ball ball, Piece.Person person) {
        return StageEdit.of(
                "Give ball to " + person.label(),
                rung,
                stage -> stage.withPiece(new Piece.Ball(ball.id(), person.at(), Optional.of(person.id()))));
    }

    /** Moves a ball to a place where nobody has it. */
    public static Edit<Drill> dropBall(String rung, Piece.Ball ball, Vec to) {
        return StageEdit.of(
                "Move ball", rung, stage -> stage.withPiece(new Piece.Ball(ball.id(), to, Optional.empty())));
    }

    /** Takes pieces and actions away, and with a person everything that person does. */
    public static Edit<Drill> remove(String rung, Stage stage, Collection<String> ids) {
        String name =
                ids.size() == 1 ? "Delete " + nameOf(stage, ids.iterator().next()) : "Delete " + ids.size() + " things";
        return StageEdit.of(name, rung, s -> removed(s, Set.copyOf(ids)));
    }

    private static String nameOf(Stage stage, String id) {
        return stage.piece(id)
                .map(PieceWords::name)
                .or(() -> stage.action(id).map(ActionEdits::kind))
                .orElse("nothing");
    }

    static Stage moved(Stage stage, String id, Vec to) {
        return moved(stage, Map.of(id, to));
    }

    /**
     * Puts pieces elsewhere, each with what goes along: the ball in a hand, the end of a tape, what stands in a
     * station.
     */
    static Stage moved(Stage stage, Map<String, Vec> to) {
        Stage moved = stage;
        for (Piece.Station station : stage.stations()) {
            if (to.containsKey(station.id())) {
                moved = StationEdits.moved(moved, station, to.get(station.id()));
            }
        }
        List<Piece> leaving = stage.pieces().stream()
                .filter(p -> to.containsKey(p.id()) && !(p instanceof Piece.Station))
                .toList();
        return leaving.isEmpty()
                ? moved
                : moved.withPieces(
                        moved.pieces().stream().map(p -> moved(p, to, leaving)).toList());
    }

    private static Piece moved(Piece piece, Map<String, Vec> to, List<Piece> leaving) {
        Optional<String> holder = piece.heldBy().filter(to::containsKey);
        if (holder.isPresent()) {
            return piece.movedTo(to.get(holder.get()));
        }
        if (to.containsKey(piece.id())) {
            return piece instanceof Piece.Station ? piece : piece.movedTo(to.get(piece.id()));
        }
        return piece instanceof Piece.Tape tape ? following(tape, to, leaving) : piece;
    }

    /** A tape that was laid from or to a piece still ends there when the piece is moved. */
    private static Piece.Tape following(Piece.Tape tape, Map<String, Vec> to, List<Piece> leaving) {
        return new Piece.Tape(
                tape.id(),
                tape.reading(),
                tape.points().stream()
                        .map(point -> leaving.stream()
                                .filter(l -> l.at().distance(point) < TIED)
                                .findFirst()
                                .map(l -> to.get(l.id()))
                                .orElse(point))
                        .toList());
    }

    static Stage removed(Stage stage, Set<String> ids) {
        Set<String> actions = stage.actions().stream()
                .filter(a -> ids.contains(a.id())
                        || ids.contains(a.who())
                        || a instanceof Shadow s && ids.contains(s.whom())
                        || a instanceof Action.Handle h && ids.contains(h.piece())
                        || isDoneTo(a, ids))
                .map(Action::id)
                .collect(Collectors.toSet());
        Stage without = ActionEdits.without(stage, actions);
        List<Action> untied =
                without.actions().stream().map(a -> untied(a, stage, ids)).toList();
        List<Piece> pieces = stage.pieces().stream()
                .filter(p -> !ids.contains(p.id()))
                .map(p -> p.heldBy().filter(ids::contains).isPresent()
                        ? new Piece.Ball(p.id(), p.at(), Optional.empty())
                        : p)
                .toList();
        return without.withPieces(pieces)
                .withActions(untied)
                .withInstructions(CueTies.without(without.instructions(), ids));
    }

    /** Whether it is done to somebody or something that is gone, so that nothing of it is left. */
    private static boolean isDoneTo(Action action, Set<String> gone) {
        Optional<Spot> to = Optional.empty();
        if (action instanceof Act act) {
            to = act.on();
        } else if (action instanceof Action.Handle handle) {
            to = handle.to();
        }
        return to.flatMap(Spot::namedPiece).filter(gone::contains).isPresent();
    }

    /** A line to something that is gone still ends where that stood. */
    private static Action untied(Action action, Stage stage, Set<String> gone) {
        Action kept = CueTies.without(action, gone);
        return Respotted.of(kept, spot -> untied(spot, stage, gone));
    }

    private static Spot untied(Spot spot, Stage stage, Set<String> gone) {
        if (spot.onLine().filter(o -> gone.contains(o.who())).isPresent()) {
            return Spot.at(
                    spot.namedPiece().flatMap(stage::piece).map(Piece::at).orElse(Vec.ZERO));
        }
        if (spot instanceof Spot.AtPiece p && gone.contains(p.piece())) {
            return Spot.at(
                    stage.piece(p.piece()).map(Piece::at).orElse(Vec.ZERO).plus(p.offset()));
        }
        return spot;
    }
}
