package wildchalk.core.script;

import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Bib;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Surface;

/**
 * Which teams go the other way than the surface is named for: those who shoot, and only at the goal at its own end. To
 * them that is the goal, and the other one their own.
 */
record Sides(Stage stage, Surface surface) {

    /** Whether what is ahead of somebody is what the surface calls its own end. */
    boolean isTurned(String who) {
        Optional<Bib> bib = bib(who);
        boolean both = surface.targets().stream().anyMatch(t -> t.at().x() > 0)
                && surface.targets().stream().anyMatch(t -> t.at().x() < 0);
        if (bib.isEmpty() || !both) {
            return false;
        }
        List<Vec> shotAt = stage.actions().stream()
                .filter(a -> a instanceof Action.Shot && bib.equals(bib(a.who())))
                .flatMap(a -> target(((Action.Shot) a).to()).stream())
                .map(Surface.Target::at)
                .toList();
        return !shotAt.isEmpty() && shotAt.stream().allMatch(g -> g.x() < 0);
    }

    private Optional<Surface.Target> target(Spot spot) {
        return spot instanceof Spot.AtTarget t ? surface.target(t.target()) : Optional.empty();
    }

    private Optional<Bib> bib(String who) {
        return stage.person(who).filter(Piece.Person::isOnATeam).map(Piece.Person::bib);
    }
}
