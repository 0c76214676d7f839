package wildchalk.core.rehearsal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Action.Ending;
import wildchalk.core.drill.Action.Gait;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.FreeIds;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.effort.Effort;
import wildchalk.core.geometry.Vec;
import wildchalk.core.stroke.Gesture;
import wildchalk.core.stroke.Guess;
import wildchalk.core.stroke.Kind;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;
import wildchalk.core.timeline.Timeline;

/**
 * From one basket to the other: the ball is taken under the ring, thrown to who runs up the side, and laid up. The way
 * up the court is the same way, however it is drawn.
 */
class CourtTripTest {

    private static final Surface FLOOR = Surfaces.BUILT_IN.get("basketball-intl");
    /** Up the left side, in towards the ring. */
    private static final double[][] WAY = {{-3, -5.5}, {4, -5.5}, {8, -3.6}, {11, -1.5}};

    private static final Vec BEGINS = new Vec(-8, -4);
    private static final Vec RING = FLOOR.targets().stream()
            .filter(t -> t.at().x() < 0)
            .findFirst()
            .orElseThrow()
            .at();

    private static Stages court() {
        return new Stages()
                .player("4", RING.x() + 2.7, 2.1)
                .player("7", BEGINS.x(), BEGINS.y())
                .piece(new Piece.Ball("b", RING.plus(new Vec(0.8, 0.6)), Optional.empty()));
    }

    private static Travel.Collect fetches() {
        return new Travel.Collect(
                "a1", "4", new TravelPath(List.of(Spot.at("b")), false), Gait.SPRINT, Ending.GO_ON, Cue.whistle());
    }

    /** The trip with the way up the court in several lines, each with its own corners. */
    private static double trip(boolean smooth, double[]... lines) {
        return trip(Stream.of(lines).map(l -> Stages.path(smooth, l)).toArray(TravelPath[]::new));
    }

    private static double trip(TravelPath... lines) {
        Stages s = court();
        s.travel(fetches()).pass("a2", "4", "7", Cue.next());
        Cue cue = Cue.received("a2");
        int n = 0;
        for (TravelPath line : lines) {
            s.travel(new Travel.Carry("c" + n++, "7", line, Gait.SPRINT, Ending.GO_ON, cue));
            cue = Cue.next();
        }
        s.action(new Action.Shot("z", "7", new Spot.AtTarget("goal"), Action.Touch.CONTROLLED, Cue.next()));
        Stage stage = s.build().at(Effort.LIVE.reacting(false));
        Timeline t = Rehearsal.of(stage, FLOOR);
        assertEquals(List.of(), t.problems());
        return t.times("z").orElseThrow().start();
    }

    private static double[] flat(double[]... places) {
        double[] xy = new double[2 * places.length];
        for (int i = 0; i < places.length; i++) {
            xy[2 * i] = places[i][0];
            xy[2 * i + 1] = places[i][1];
        }
        return xy;
    }

    /** The same way as a hand draws it: a place every half metre, each a little off. */
    private static TravelPath byHand() {
        List<Vec> places = new ArrayList<>();
        places.add(BEGINS);
        Vec from = BEGINS;
        for (double[] to : WAY) {
            Vec end = new Vec(to[0], to[1]);
            int steps = (int) Math.ceil(from.distance(end) / 0.5);
            for (int i = 1; i <= steps; i++) {
                Vec at = from.towards(end, (double) i / steps);
                double off = i == steps ? 0 : 0.06 * Math.sin(places.size() * 2.3);
                places.add(at.plus(new Vec(0, off)));
            }
            from = end;
        }
        Stage stage = court().build();
        Guess guess = new Guess(stage, Rehearsal.of(stage, FLOOR), FLOOR, new FreeIds(Stages.drill(stage)));
        return ((Travel) guess.as(Kind.CARRY, new Gesture("7", places, false, 0, 0.8))).path();
    }

    @Test
    void tripTakesWhatIsUsualHoweverTheWayIsDrawn() {
        double inOne = trip(false, flat(WAY));
        double inPieces = trip(false, WAY);
        double smooth = trip(true, flat(WAY));
        double byHand = trip(byHand());
        System.out.printf(
                "trip: %.2f s in one line, %.2f in four, %.2f smooth, %.2f by hand%n", inOne, inPieces, smooth, byHand);
        assertEquals(5.5, inOne, 0.55);
        assertEquals(inOne, inPieces, 0.15);
        assertEquals(inOne, smooth, 0.25);
        assertEquals(inOne, byHand, 0.25);
    }

    @Test
    void ballUnderTheRingIsThrownInAfterASecond() {
        Stages s = court();
        s.travel(fetches()).pass("a2", "4", "7", Cue.next());
        Timeline t = Rehearsal.of(s.build().at(Effort.LIVE.reacting(false)), FLOOR);
        double thrown = t.times("a2").orElseThrow().start();
        System.out.printf("fetched and thrown: %.2f s%n", thrown);
        assertTrue(Math.abs(thrown - 1) <= 0.2, thrown + " s");
    }
}
