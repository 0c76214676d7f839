package wildchalk.core.practice.ground;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Queue;
import wildchalk.core.drill.Stage;
import wildchalk.core.edit.Placement;
import wildchalk.core.edit.StationEdits;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Outline;
import wildchalk.core.geometry.Vec;
import wildchalk.core.practice.BlockWords;
import wildchalk.core.practice.Content;
import wildchalk.core.timeline.Footprint;

/**
 * The ground of an evening as a drill with a station for each thing that is on at one time, so that it can be looked
 * at, played, printed and drawn on like any other.
 */
public final class GroundDrill {

    private static final String ID = "ground";

    private GroundDrill() {}

    /**
     * Makes it; a drill that is not there is a station without anything in it.
     *
     * @param title what it is called
     * @param drills as they were planned
     * @param minutes how long a group stays at each; 0 where that is left open
     */
    public static Drill of(Ground ground, String title, Map<Content.Planned, Drill> drills, double minutes) {
        Drill drill = Drill.empty(
                ID, title, ground.venue(), ground.surface().views().get(0).id());
        String rung = drill.ladder().get(0).id();
        drill = StationEdits.mark(rung, areas(ground, minutes)).apply(drill);
        boolean paced = false;
        for (Laid each : ground.laid()) {
            for (Content.Play play : each.block().play().toList()) {
                Drill one = drills.get(play.drill());
                if (one == null) {
                    continue;
                }
                // All of it is played by the same people, as hard as the first of it.
                drill = paced ? drill : drill.withEffort(first(one, play).effort());
                paced = true;
                drill = with(drill, each, play, one);
            }
        }
        return drill;
    }

    private static List<Function<String, Piece.Area>> areas(Ground ground, double minutes) {
        List<Function<String, Piece.Area>> areas = new ArrayList<>();
        Box part = ground.part();
        if (part.width() < ground.surface().length()
                || part.height() < ground.surface().width()) {
            areas.add(id -> new Piece.Zone(
                    id, part.centre(), Outline.rectangle(part.width(), part.height()), "", Colour.WHITE));
        }
        for (int i = 0; i < ground.laid().size(); i++) {
            Laid each = ground.laid().get(i);
            int number = i + 1;
            areas.add(id -> station(each, id, number, minutes));
        }
        return areas;
    }

    private static Piece.Station station(Laid laid, String id, int number, double minutes) {
        Vec at = laid.stand().at();
        return new Piece.Station(
                id,
                at,
                new Outline.Corners(
                        laid.corners().stream().map(c -> c.minus(at)).toList()),
                number,
                BlockWords.of(laid.block()),
                minutes);
    }

    private static Drill with(Drill ground, Laid laid, Content.Play play, Drill drill) {
        Stage stage = first(drill, play);
        Drill made = ground;
        Vec drawn = laid.takes().middle();
        for (Vec shift : laid.takes().copies()) {
            // What is copied stands beside itself before all of it is turned.
            Vec middle = laid.stand().place(shift);
            Placement placement =
                    Placement.turned(drawn, Math.toRadians(laid.stand().degrees()), middle.minus(drawn));
            made = StationEdits.bring(made, stage, drill, placement).apply(made);
        }
        return made;
    }

    private static Stage first(Drill drill, Content.Play play) {
        Map<String, Stage> all = Ladder.all(drill);
        List<String> rungs = play.rungs().stream().filter(all::containsKey).toList();
        Stage stage = all.get(rungs.isEmpty() ? drill.ladder().get(0).id() : rungs.get(0));
        // Beside others there is no room for what is written beside it, nor for lines that are longer than they are.
        return stage.withPieces(stage.pieces().stream()
                .filter(p -> !(p instanceof Piece.Mark))
                .map(p -> p instanceof Piece.LineUp l && l.queue().spacing() == 0 ? trueToSize(l) : p)
                .toList());
    }

    private static Piece trueToSize(Piece.LineUp line) {
        return new Piece.LineUp(
                line.id(),
                line.at(),
                line.facing(),
                line.label(),
                line.bib(),
                line.waiting(),
                line.name(),
                new Queue(line.queue().direction(), Footprint.BEHIND));
    }
}
