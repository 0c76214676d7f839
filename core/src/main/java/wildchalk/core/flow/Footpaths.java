package wildchalk.core.flow;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Stage;
import wildchalk.core.flow.Flow.Side;
import wildchalk.core.geometry.Vec;
import wildchalk.core.timeline.Timeline;

/** Where people go between reps, from where their part ends. */
public final class Footpaths {

    private Footpaths() {}

    /**
     * A way between reps.
     *
     * @param role id of the person whose role is over
     * @param guess whether nothing is said of it
     */
    public record Footpath(String role, Vec from, Vec to, boolean guess) {}

    /**
     * One for each role whose people go anywhere.
     *
     * @param timeline of the stage, the way that is looked at
     * @param unit the radius of a token as it is drawn, metres: those who wait stand as close as can be drawn
     */
    public static List<Footpath> of(Stage stage, Timeline timeline, double unit) {
        Rules rules = new Rules(stage);
        Played played = Played.of(stage, timeline, Rules.ends(stage));
        List<Footpath> paths = new ArrayList<>();
        for (Piece.Person role : rules.roles()) {
            Rotation.Goes goes = rules.of(role.id());
            Side side = goes.to().otherSide() ? Side.MIRRORED : Side.DRAWN;
            Vec from = played.part(role.id()).leaves();
            Vec to = goes.to()
                    .role()
                    .map(r -> rules.drawn(r, side, behind(stage, r), unit))
                    .orElse(rules.place(role.id(), Side.DRAWN));
            if (from.distance(to) > 0.5) {
                paths.add(new Footpath(role.id(), from, to, rules.guessed().contains(role.id())));
            }
        }
        return paths;
    }

    /** Behind how many whoever comes to a role as it is drawn stands. */
    private static int behind(Stage stage, String role) {
        return stage.person(role)
                .filter(Piece.LineUp.class::isInstance)
                .map(p -> ((Piece.LineUp) p).waiting() + 1)
                .orElse(0);
    }
}
