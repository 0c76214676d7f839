package wildchalk.desktop.board.hand;

import java.util.Optional;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.FreeIds;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.implied.Ends;
import wildchalk.core.edit.PersonEdits;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Surface;
import wildchalk.desktop.board.state.Tool;

/** Makes the pieces that the tray puts down: with a free id, the next label, facing what is attacked. */
public final class FreshPieces {

    private static final int USUAL_SUPPLY = 6;

    private FreshPieces() {}

    /** @param sample what gear looks like: its kind, colour and sizes */
    public static Piece of(Tool tool, Piece.Item sample, Stage stage, FreeIds ids, Vec at, Surface surface) {
        double ahead =
                facing(at, surface.targets().stream().map(Surface.Target::at).findFirst());
        return switch (tool) {
            case LINE_UP -> new Piece.LineUp(
                    ids.take("l"), at, ahead, PersonEdits.freeNumber(stage), Bib.MINT, 3, "line");
            case CONE -> Piece.Item.cone(ids.take("c"), at, sample.colour());
            case GEAR -> gear(sample, ids, at, surface);
            case SUPPLY -> new Piece.Supply(ids.take("u"), at, USUAL_SUPPLY);
            case BALL -> new Piece.Ball(ids.take("b"), at, Optional.empty());
            case GOALKEEPER -> new Piece.Goalkeeper(ids.take("k"), at, Math.PI, "GK", Bib.LEMON);
            case NOTE -> new Piece.Note(ids.take("n"), at, "note");
            case COACH -> new Piece.Coach(ids.take("h"), at, ahead, "C");
            default -> {
                Bib bib = team(stage);
                Ends ends = new Ends(stage, surface);
                double theirs = ends.atStart(bib)
                        .map(k -> facing(at, ends.goal(k.end())))
                        .orElse(ahead);
                yield new Piece.Player(ids.take("p"), at, theirs, PersonEdits.freeNumber(stage), bib);
            }
        };
    }

    private static double facing(Vec at, Optional<Vec> goal) {
        return goal.map(g -> Math.round(g.minus(at).angle() * 100) / 100.0).orElse(0.0);
    }

    /** A goal that can be moved is as large as the surface's own. */
    private static Piece gear(Piece.Item sample, FreeIds ids, Vec at, Surface surface) {
        Piece.Item item = new Piece.Item(
                ids.take("g"), at, sample.kind(), sample.facing(), sample.colour(), "", sample.width(), sample.depth());
        if (sample.kind() != GearKind.GOAL) {
            return item;
        }
        return surface.targets().stream()
                .filter(t -> t.shape() == Surface.Target.Shape.GOAL)
                .findFirst()
                .map(t -> item.sized(t.width(), Math.max(0.5, t.depth())))
                .orElse(item);
    }

    /** The team of a player who is put down now: that of the one put down last. */
    public static Bib team(Stage stage) {
        return stage.pieces().stream()
                .filter(Piece.Player.class::isInstance)
                .map(p -> ((Piece.Player) p).bib())
                .reduce((a, b) -> b)
                .orElse(Bib.CORAL);
    }
}
