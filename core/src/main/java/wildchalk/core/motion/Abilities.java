package wildchalk.core.motion;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Given;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.implied.Those;
import wildchalk.core.effort.Effort;
import wildchalk.core.effort.Figure;
import wildchalk.core.effort.OwnFigures;
import wildchalk.core.surface.Surface;

/** How fast each person is where a rung says how far on some are, or at what pace they go. */
public final class Abilities {

    private Abilities() {}

    /** The figures of everybody on a stage. */
    public static Speeds speeds(Stage stage, Surface surface) {
        return Speeds.of(surface, effort(stage, surface));
    }

    /** Who goes how hard, with the figures of those of whom something is said; theirs of their own come before that. */
    public static Effort effort(Stage stage, Surface surface) {
        Effort effort = stage.effort();
        for (Given.Ability ability : stage.instructions(Given.Ability.class)) {
            Map<Figure, Double> usual = FigureTable.of(
                    surface, ability.level().map(stage.effort()::with).orElse(stage.effort()));
            for (Piece.Person person : Those.of(stage, ability.whom())) {
                effort = effort.with(with(effort.own(), person.id(), ability, usual));
            }
        }
        return effort;
    }

    private static OwnFigures with(OwnFigures own, String who, Given.Ability ability, Map<Figure, Double> usual) {
        Map<Figure, Double> theirs = new EnumMap<>(Figure.class);
        usual.forEach((figure, value) -> {
            boolean slower = figure.measure() == Figure.Measure.SPEED && isOfLegs(figure);
            theirs.put(figure, slower ? Math.max(figure.least(), value * ability.pace()) : value);
        });
        theirs.putAll(Optional.ofNullable(own.people().get(who)).orElse(Map.of()));
        OwnFigures all = own;
        for (Map.Entry<Figure, Double> each : theirs.entrySet()) {
            all = all.with(who, each.getKey(), each.getValue());
        }
        return all;
    }

    private static boolean isOfLegs(Figure figure) {
        return switch (figure) {
            case WALK, JOG, RUN, SPRINT, BACK, SIDE -> true;
            default -> false;
        };
    }
}
