package wildchalk.core.timeline;

import java.util.Comparator;
import java.util.Optional;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;

/**
 * The way of a ball across the surface at one moment.
 *
 * @param room metres from the lane to the opponent who is nearest to it; infinite without opponents
 * @param nearest id of that opponent
 */
public record Lane(Vec from, Vec to, double room, Optional<String> nearest) {

    /** With an opponent nearer than this a lane is shut, metres; assumed: a stride and an arm or stick. */
    public static final double OPEN = 1.5;

    /** @param bib whose ball it is; coaches are nobody's opponents */
    static Lane of(Vec from, Vec to, Bib bib, Stage stage, Play play, double t) {
        Optional<Piece.Person> nearest = stage.people().stream()
                .filter(p -> isOpponent(p, bib))
                .min(Comparator.comparingDouble(p -> play.at(p.id(), t).distanceToStretch(from, to)));
        return new Lane(
                from,
                to,
                nearest.map(p -> play.at(p.id(), t).distanceToStretch(from, to)).orElse(Double.POSITIVE_INFINITY),
                nearest.map(Piece::id));
    }

    /** The lane from one person to a place. */
    public static Lane of(Piece.Person who, Vec to, Stage stage, Play play, double t) {
        return of(play.at(who.id(), t), to, who.bib(), stage, play, t);
    }

    /** Whether somebody plays against those who wear that; a coach never does. */
    public static boolean isOpponent(Piece.Person person, Bib bib) {
        return person.isOnATeam() && person.bib() != bib;
    }

    /** Whether nobody is nearer to it than {@link #OPEN}. */
    public boolean isOpen() {
        return room >= OPEN;
    }
}
