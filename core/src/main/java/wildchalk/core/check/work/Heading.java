package wildchalk.core.check.work;

import java.util.Optional;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.implied.Ends;
import wildchalk.core.surface.End;

/** Which end somebody attacks, as far as the drill tells: as it is said or guessed, else the one the others do not. */
final class Heading {

    private Heading() {}

    /** The end that a team attacks at a time. */
    static Optional<End> of(Rep rep, Bib team, double t) {
        Ends ends = new Ends(rep.stage(), rep.surface());
        Optional<End> own = ends.at(team, rep.timeline()::moment, t).map(Ends.Known::end);
        return own.or(() -> rep.stage().people().stream()
                .filter(p -> p.isOnATeam() && p.bib() != team)
                .map(Piece.Person::bib)
                .distinct()
                .flatMap(b -> ends.at(b, rep.timeline()::moment, t).stream())
                .map(k -> k.end().other())
                .findFirst());
    }

    /** The team of a player or a keeper. */
    static Optional<Bib> team(Rep rep, String who) {
        return new Ends(rep.stage(), rep.surface()).team(who);
    }
}
