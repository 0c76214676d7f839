package wildchalk.core.flow;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.effort.Effort;
import wildchalk.core.geometry.Vec;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.surface.Surface;

/** How long people take from one place to another between reps: straight, at a jog, as the rehearsal moves them. */
final class Walks {

    /** Nearer than this is there already, metres. */
    private static final double THERE = 0.1;
    /** Ways are told apart by so much, metres. */
    private static final double GRAIN = 0.05;

    private final Surface surface;
    private final Effort effort;
    private final Map<Long, Double> known = new ConcurrentHashMap<>();

    Walks(Surface surface, Effort effort) {
        this.surface = surface;
        this.effort = effort.reacting(false);
    }

    /** Seconds for so many metres from rest to rest. */
    double seconds(double metres) {
        return metres <= THERE ? 0 : known.computeIfAbsent(Math.round(metres / GRAIN), g -> jogged(g * GRAIN));
    }

    private double jogged(double metres) {
        Piece.Player who = new Piece.Player("p", Vec.ZERO, 0, "", Bib.CORAL);
        Travel jog = new Travel.Run(
                "a",
                "p",
                new TravelPath(List.of(Spot.at(metres, 0)), false),
                Action.Gait.JOG,
                Action.Ending.STOP,
                Cue.whistle());
        Stage stage = new Stage("s", "", List.of(who), List.of(jog)).at(effort);
        return Optional.of(Rehearsal.of(stage, surface))
                .flatMap(t -> t.times("a"))
                .orElseThrow()
                .end();
    }
}
