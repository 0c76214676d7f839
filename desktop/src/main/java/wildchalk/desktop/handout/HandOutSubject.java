package wildchalk.desktop.handout;

import java.util.Optional;
import wildchalk.core.casting.Named;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Drill;
import wildchalk.core.measure.Units;
import wildchalk.core.scene.Look;

/**
 * What is handed out, as it is looked at.
 *
 * @param rung id of the rung that is looked at
 * @param choices which way its reads go
 * @param t the moment that is looked at, seconds after the whistle
 * @param ground the look that is like the ground
 * @param units how lengths are said
 * @param handful cones that fit in a hand
 * @param cast who is in the roles while that is looked at; their names go out only when they are ticked
 */
public record HandOutSubject(
        Drill drill,
        String rung,
        Choices choices,
        double t,
        Look ground,
        Units units,
        int handful,
        Optional<Named> cast) {}
