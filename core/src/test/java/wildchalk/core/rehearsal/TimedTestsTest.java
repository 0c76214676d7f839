package wildchalk.core.rehearsal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.drill.Action.Ending;
import wildchalk.core.drill.Action.Gait;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.effort.Effort;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;
import wildchalk.core.timeline.Timeline;

/**
 * The usual timed tests of running, of skating and of changing direction, as they come out for fit club players. What
 * is usual is what coaches write down, to about a tenth; docs/TIMES.md says how sure that is.
 */
class TimedTestsTest {

    private static final Surface FLOOR = Surfaces.BUILT_IN.get("basketball-intl");
    private static final Surface ICE = Surfaces.BUILT_IN.get("ice-rink-intl");
    private static final double YARD = 0.9144;
    /** A tenth, more or less. */
    private static final double SHARE = 0.1;

    private static Stage course(Effort effort, Ending ending, double... xy) {
        return new Stages()
                .player("7", 0, 0)
                .travel(new Travel.Run("a1", "7", Stages.path(false, xy), Gait.SPRINT, ending, Cue.whistle()))
                .build()
                .at(effort.reacting(false));
    }

    private static double time(Surface surface, Effort effort, Ending ending, double... xy) {
        Timeline t = Rehearsal.of(course(effort, ending, xy), surface);
        assertEquals(List.of(), t.problems());
        return t.times("a1").orElseThrow().end();
    }

    /** Run through the end, as tests are: two runs, the second of which goes on straight. */
    private static double through(Surface surface, Effort effort, double... xy) {
        int n = xy.length;
        Vec last = new Vec(xy[n - 2], xy[n - 1]);
        Vec before = n > 2 ? new Vec(xy[n - 4], xy[n - 3]) : Vec.ZERO;
        Vec beyond = last.plus(last.minus(before).unit().times(15));
        Stage stage = new Stages()
                .player("7", 0, 0)
                .travel(new Travel.Run("a1", "7", Stages.path(false, xy), Gait.SPRINT, Ending.GO_ON, Cue.whistle()))
                .sprint("a2", "7", Cue.next(), beyond.x(), beyond.y())
                .build()
                .at(effort.reacting(false));
        Timeline t = Rehearsal.of(stage, surface);
        return t.times("a1").orElseThrow().end();
    }

    private static Effort live(Effort.Level level) {
        return new Effort(level, Effort.Intensity.LIVE);
    }

    private static void usual(double usual, double is, String test) {
        System.out.printf("%s: %.2f s, usually %.2f%n", test, is, usual);
        assertEquals(usual, is, usual * SHARE, test);
    }

    @Test
    void sprintsOnGrass() {
        usual(2.0, through(Stages.TURF, live(Effort.Level.MEN), 10, 0), "10 m, men");
        usual(3.3, through(Stages.TURF, live(Effort.Level.MEN), 20, 0), "20 m, men");
        usual(4.6, through(Stages.TURF, live(Effort.Level.MEN), 30, 0), "30 m, men");
        usual(5.0, through(Stages.TURF, live(Effort.Level.WOMEN), 30, 0), "30 m, women");
        usual(4.8, through(Stages.TURF, live(Effort.Level.UNDER_8), 20, 0), "20 m, under-eights");
        usual(4.6, through(ICE, live(Effort.Level.ADULT), 30, 0), "30 m on skates");
    }

    @Test
    void shuttleOfFiveTenFive() {
        usual(5.3, through(FLOOR, Effort.LIVE, 5 * YARD, 0, -5 * YARD, 0, 0, 0), "5-10-5 yards");
    }

    @Test
    void lastTenMetresOfTheFiveOhFive() {
        Timeline t = Rehearsal.of(
                new Stages()
                        .player("7", 0, 0)
                        .sprint("a1", "7", Cue.whistle(), 15, 0, 10, 0, 0, 0)
                        .build()
                        .at(Effort.LIVE.reacting(false)),
                Stages.TURF);
        double in = Double.NaN;
        double out = Double.NaN;
        for (double time = 0; time < t.duration(); time += 0.001) {
            boolean beyond = t.pose("7", time).at().x() > 10;
            in = beyond && Double.isNaN(in) ? time : in;
            out = beyond ? time : out;
        }
        usual(2.45, out - in, "505, the last 10 m");
    }

    @Test
    void squares() {
        usual(10.0, time(Stages.TURF, Effort.LIVE, Ending.STOP, 10, 0, 10, 10, 0, 10, 0, 0), "square of 10 m");
        usual(16.0, time(Stages.TURF, Effort.LIVE, Ending.STOP, 20, 0, 20, 20, 0, 20, 0, 0), "square of 20 m");
    }

    @Test
    void arrowhead() {
        usual(8.4, through(Stages.TURF, Effort.LIVE, 10, 0, 10, 5, 15, 0, 0, 0), "arrowhead");
    }

    @Test
    void tOfTenAndFiveYards() {
        Stages s = new Stages().player("7", 0, 0);
        double y = YARD;
        s.sprint("a1", "7", Cue.whistle(), 10 * y, 0);
        for (int i = 0; i < 3; i++) {
            double to = List.of(-5 * y, 5 * y, 0.0).get(i);
            s.travel(new Travel.Run("b" + i, "7", Stages.path(false, 10 * y, to), Gait.SIDE, Ending.GO_ON, Cue.next()));
        }
        s.travel(new Travel.Run("c1", "7", Stages.path(false, 0, 0), Gait.BACK, Ending.GO_ON, Cue.next()));
        s.travel(new Travel.Run("c2", "7", Stages.path(false, -5, 0), Gait.BACK, Ending.GO_ON, Cue.next()));
        Timeline t = Rehearsal.of(s.build().at(Effort.LIVE.reacting(false)), FLOOR);
        double is = t.times("c1").orElseThrow().end();
        usual(11.0, is, "T of 10 and 5 yards, sideways and back");
        double run = through(FLOOR, Effort.LIVE, 10 * y, 0, 10 * y, -5 * y, 10 * y, 5 * y, 10 * y, 0, 0, 0);
        usual(10.2, run, "T of 10 and 5 yards, all run");
    }

    @Test
    void timeThroughACornerGrowsWithItsAngle() {
        for (double leg : new double[] {4, 10, 20}) {
            double before = 0;
            List<String> all = new ArrayList<>();
            for (int angle = 0; angle <= 180; angle += 5) {
                Vec end = new Vec(leg, 0).plus(Vec.polar(leg, Math.toRadians(angle)));
                double is = through(Stages.TURF, Effort.LIVE, leg, 0, end.x(), end.y());
                all.add(String.format("%d: %.2f", angle, is));
                // Cut by 0.4 m, a corner of 40° is 0.2 m less far: the whole way is that much shorter.
                assertTrue(is >= before - 0.035, angle + "° takes " + is + " s, less than " + before + "; " + all);
                before = Math.max(before, is);
            }
            System.out.println(leg + " m: " + all);
        }
    }

    @Test
    void shakenLineIsRunLikeAStraightOne() {
        double[] xy = new double[60];
        for (int i = 0; i < 30; i++) {
            xy[2 * i] = i + 1;
            xy[2 * i + 1] = i == 29 ? 0 : 0.08 * Math.sin(i * 2.3);
        }
        Stages s = new Stages().player("7", 0, 0);
        s.travel(new Travel.Run("a1", "7", Stages.path(true, xy), Gait.SPRINT, Ending.STOP, Cue.whistle()));
        double shaken = Rehearsal.of(s.build().at(Effort.LIVE.reacting(false)), Stages.TURF)
                .duration();
        assertEquals(time(Stages.TURF, Effort.LIVE, Ending.STOP, 30, 0), shaken, 0.1);
    }
}
