package wildchalk.core.script;

import wildchalk.core.drill.Stage;
import wildchalk.core.measure.Unit;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.Timeline;

/**
 * What every sentence about one way through a stage rests on; made once for each way.
 *
 * @param way the rep that it is about
 * @param seenFrom the way that is looked at, which knows all others
 * @param surface with the areas that are marked out on it
 */
record Ground(Stage stage, Timeline way, Timeline seenFrom, Surface surface, Unit unit, Words words, Sides sides) {

    static Ground of(Stage stage, Timeline way, Surface surface, Unit unit) {
        return new Ground(
                stage, way, way, surface, unit, new Words(surface, stage.people()), Sides.of(stage, surface, way));
    }

    /** Whether an action is told here: it happens on this way, or on none, so that nobody else will tell it. */
    boolean isHere(String action) {
        return way.times(action).isPresent()
                || seenFrom.playing(action).times(action).isEmpty();
    }

    /** The same about another way. */
    Ground on(Timeline other) {
        return other == way
                ? this
                : new Ground(stage, other, seenFrom, surface, unit, words, Sides.of(stage, surface, other));
    }
}
