package wildchalk.core.timeline;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Vec;

/** The ground that a rung takes. */
public final class Footprint {

    /** How often it is looked where everybody is, seconds. */
    private static final double STEP = 0.25;
    /** Nothing that a coach practises goes on for longer in one rep, seconds; assumed. */
    private static final double LONGEST = 120;

    /** From one who waits in a line to the next where nothing is said, metres; assumed. */
    public static final double BEHIND = 1;

    private Footprint() {}

    /** Where those stand who wait behind the front of a line, metres on the surface. */
    public static List<Vec> queue(Piece.LineUp line) {
        double each = line.queue().spacing() > 0 ? line.queue().spacing() : BEHIND;
        Vec back = Vec.polar(each, line.facing() + line.queue().direction());
        return IntStream.rangeClosed(1, line.waiting())
                .mapToObj(n -> line.at().plus(back.times(n)))
                .toList();
    }

    /** Metres on the surface that hold whatever stands and wherever anybody and any ball goes in one rep. */
    public static Box of(Stage stage, Timeline timeline) {
        List<Vec> places = new ArrayList<>();
        for (Piece piece : stage.pieces()) {
            if (piece instanceof Piece.Area area) {
                places.addAll(area.outline().at(area.at()));
            } else if (!(piece instanceof Piece.Mark)) {
                places.add(stage.place(piece));
            }
            if (piece instanceof Piece.LineUp line) {
                places.addAll(queue(line));
            }
        }
        double until = Math.min(LONGEST, timeline.duration());
        for (double t = 0; t < until + STEP; t += STEP) {
            double at = Math.min(t, until);
            timeline.people().forEach(p -> places.add(timeline.at(p, at)));
            timeline.balls().forEach(b -> places.add(timeline.ball(b, at)));
        }
        return places.isEmpty() ? new Box(0, 0, 0, 0) : Box.around(places);
    }
}
