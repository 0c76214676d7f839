package wildchalk.desktop.board;

import java.util.Optional;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Team;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Surface;

/** Makes the pieces that the tray puts down: with a free id, the next label, facing what is attacked. */
final class FreshPieces {

    private static final double SMALL_GOAL = 1.8;

    private FreshPieces() {
    }

    static Piece of(Tool tool, Stage stage, Vec at, Surface surface) {
        double ahead = surface.targets().isEmpty() ? 0
                : Math.round(surface.targets().get(0).at().minus(at).angle() * 100) / 100.0;
        return switch (tool) {
            case LINE_UP -> new Piece.LineUp(stage.freeId("l"), at, ahead, nextLabel(stage), Team.MINT, 3, "line");
            case CONE -> new Piece.Cone(stage.freeId("c"), at, Piece.Cone.Colour.YELLOW);
            case BALL -> new Piece.Ball(stage.freeId("b"), at, Optional.empty());
            case GOAL -> new Piece.Goal(stage.freeId("g"), at, Math.PI, SMALL_GOAL);
            case GOALKEEPER -> new Piece.Goalkeeper(stage.freeId("k"), at, Math.PI, "GK", Team.LEMON);
            case COACH -> new Piece.Coach(stage.freeId("h"), at, ahead, "C");
            default -> new Piece.Player(stage.freeId("p"), at, ahead, nextLabel(stage), team(stage));
        };
    }

    /** The smallest number that nobody wears. */
    private static String nextLabel(Stage stage) {
        for (int n = 1; ; n++) {
            String label = Integer.toString(n);
            if (stage.people().stream().noneMatch(p -> p.label().equals(label))) {
                return label;
            }
        }
    }

    /** The colour of the player put down last. */
    private static Team team(Stage stage) {
        return stage.pieces().stream().filter(Piece.Player.class::isInstance).map(p -> ((Piece.Player) p).team())
                .reduce((a, b) -> b).orElse(Team.CORAL);
    }
}
