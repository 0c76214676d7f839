package wildchalk.core.scene;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Action.Ending;
import wildchalk.core.drill.Action.Gait;
import wildchalk.core.drill.Action.Touch;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill.LineKey;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.geometry.Vec;

/** What the lines mean: a sample of each with its word, in a row from the origin to the right. */
public final class Legend {

    /** From one sample to the next, in units. */
    private static final double APART = 12;

    private static final double SAMPLE = 6;

    private Legend() {}

    /** How wide the row is, in metres, when a token has a radius of {@code unit} metres. */
    public static double width(double unit) {
        return entries().size() * APART * unit;
    }

    /** The row; the middle of its height is at y = 0. */
    public static List<Shape> of(LineKey key, double unit) {
        List<Shape> shapes = new ArrayList<>();
        double x = 0;
        for (Entry entry : entries()) {
            shapes.addAll(Sample.line(entry.action(), key, unit, new Vec(x, 0), SAMPLE * unit));
            double middle = x + (SAMPLE + 0.7) * unit + entry.word().length() * unit * 0.3;
            shapes.add(new Shape.Label(new Vec(middle, 0), entry.word(), unit * 1.15, Ink.CHALK));
            x += APART * unit;
        }
        return shapes;
    }

    private record Entry(String word, Action action) {}

    private static List<Entry> entries() {
        TravelPath path = new TravelPath(List.of(Spot.at(Vec.ZERO)), false);
        return List.of(
                new Entry("run", new Travel.Run("", "", path, Gait.RUN, Ending.GO_ON, Cue.whistle())),
                new Entry("carry", new Travel.Carry("", "", path, Gait.RUN, Ending.GO_ON, Cue.whistle())),
                new Entry("pass", new Action.Pass("", "", Spot.at(Vec.ZERO), Touch.CONTROLLED, Cue.whistle())),
                new Entry("shot", new Action.Shot("", "", Spot.at(Vec.ZERO), Touch.CONTROLLED, Cue.whistle())),
                new Entry("stops", new Travel.Run("", "", path, Gait.RUN, Ending.STOP, Cue.whistle())),
                new Entry("waits", new Travel.Run("", "", path, Gait.RUN, Ending.WAIT, Cue.whistle())));
    }
}
