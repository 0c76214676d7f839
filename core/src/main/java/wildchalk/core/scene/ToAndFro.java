package wildchalk.core.scene;

import java.util.List;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.timeline.Timeline;

/** Lets passes to and fro between the same two lie side by side, each on its own right. */
final class ToAndFro {

    /** How far off the middle each of the two lies, tokens. */
    private static final double ASIDE = 0.45;
    /** Passes whose ends are nearer than this to each other's go the same way back, tokens. */
    private static final double SAME = 1.5;

    private final Stage stage;
    private final Timeline timeline;
    private final double unit;

    ToAndFro(Stage stage, Timeline timeline, double unit) {
        this.stage = stage;
        this.timeline = timeline;
        this.unit = unit;
    }

    /** Where the line of an action is drawn. */
    List<Vec> line(String id) {
        List<Vec> line = timeline.line(id);
        boolean passed = line.size() == 2
                && stage.action(id).filter(Action.Pass.class::isInstance).isPresent();
        if (!passed
                || stage.actions().stream()
                        .filter(Action.Pass.class::isInstance)
                        .noneMatch(a -> comesBack(a, id, line))) {
            return line;
        }
        Vec aside = line.get(1).minus(line.get(0)).unit().quarterTurn().times(ASIDE * unit);
        return line.stream().map(p -> p.plus(aside)).toList();
    }

    private boolean comesBack(Action other, String id, List<Vec> line) {
        List<Vec> way = timeline.line(other.id());
        return !other.id().equals(id)
                && way.size() == 2
                && way.get(0).distance(line.get(1)) < SAME * unit
                && way.get(1).distance(line.get(0)) < SAME * unit;
    }
}
