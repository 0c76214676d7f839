package wildchalk.core.ask;

import java.util.Comparator;
import java.util.Optional;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.Pose;
import wildchalk.core.timeline.Lane;
import wildchalk.core.timeline.Play;

/**
 * What a person can see at one moment, without turning the head: everything within {@link #HALF} of where the nose
 * points.
 *
 * @param ball where the nearest ball is; empty when there is none, or they have one themselves
 * @param opponent the nearest opponent; empty when there is none
 */
public record Sight(Pose from, Optional<Vec> ball, Optional<Piece.Person> opponent, Optional<Vec> opponentAt) {

    /**
     * Half of the field of view, radians; 60°, assumed: what is noticed without turning, not all that the eye takes in.
     */
    public static final double HALF = Math.toRadians(60);

    /**
     * What somebody has before their eyes.
     *
     * @param t seconds after the whistle
     */
    public static Sight of(Piece.Person who, Stage stage, Play play, double t) {
        Pose pose = play.pose(who.id(), t);
        Optional<Vec> ball = play.ballOf(who.id(), t).isPresent()
                ? Optional.empty()
                : play.balls().stream()
                        .filter(b -> play.inPlayFrom(b) <= t || stage.piece(b).isPresent())
                        .map(b -> play.ball(b, t))
                        .min(Comparator.comparingDouble(pose.at()::distance));
        Optional<Piece.Person> opponent = stage.people().stream()
                .filter(p -> Lane.isOpponent(p, who.bib()))
                .min(Comparator.comparingDouble(p -> play.at(p.id(), t).distance(pose.at())));
        return new Sight(pose, ball, opponent, opponent.map(o -> play.at(o.id(), t)));
    }

    /** Whether a place is inside. Where they stand themselves they see everything. */
    public boolean sees(Vec place) {
        Vec way = place.minus(from.at());
        return way.length() < 1e-9 || Math.abs(turn(way.angle() - from.facing())) <= HALF;
    }

    /** Whether the ball that is nearest lies within what they see; false without a ball. */
    public boolean seesBall() {
        return ball.isPresent() && sees(ball.get());
    }

    /** Whether the opponent who is nearest stands within what they see; false without opponents. */
    public boolean seesOpponent() {
        return opponentAt.isPresent() && sees(opponentAt.get());
    }

    /** Between −π and π. */
    private static double turn(double angle) {
        return Math.IEEEremainder(angle, 2 * Math.PI);
    }
}
