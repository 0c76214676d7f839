package wildchalk.core.edit;

import java.util.Set;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Team;

/** Changes of how people are: the same person, otherwise dressed, called or turned. */
public final class PersonEdits {

    private PersonEdits() {
    }

    /** Puts some people in a team; coaches wear none. */
    public static Edit wear(String rung, Set<String> ids, Team team) {
        return Edit.ofStage("Change team", rung, stage -> stage.withPieces(stage.pieces().stream()
                .map(p -> ids.contains(p.id()) && p instanceof Piece.Person person ? wearing(person, team) : p).toList()));
    }

    public static Piece.Person wearing(Piece.Person person, Team team) {
        if (person instanceof Piece.Player p) {
            return new Piece.Player(p.id(), p.at(), p.facing(), p.label(), team);
        }
        if (person instanceof Piece.Goalkeeper g) {
            return new Piece.Goalkeeper(g.id(), g.at(), g.facing(), g.label(), team);
        }
        return person instanceof Piece.LineUp l
                ? new Piece.LineUp(l.id(), l.at(), l.facing(), l.label(), team, l.waiting(), l.name()) : person;
    }

    public static Piece.Person called(Piece.Person person, String label) {
        return with(person, person.facing(), label);
    }

    /** @param facing radians, clockwise on the page */
    public static Piece.Person facing(Piece.Person person, double facing) {
        return with(person, facing, person.label());
    }

    private static Piece.Person with(Piece.Person person, double facing, String label) {
        if (person instanceof Piece.Player p) {
            return new Piece.Player(p.id(), p.at(), facing, label, p.team());
        }
        if (person instanceof Piece.Goalkeeper g) {
            return new Piece.Goalkeeper(g.id(), g.at(), facing, label, g.team());
        }
        return person instanceof Piece.LineUp l
                ? new Piece.LineUp(l.id(), l.at(), facing, label, l.team(), l.waiting(), l.name())
                : new Piece.Coach(person.id(), person.at(), facing, label);
    }

    public static Piece.LineUp waiting(Piece.LineUp l, int waiting) {
        return new Piece.LineUp(l.id(), l.at(), l.facing(), l.label(), l.team(), waiting, l.name());
    }

    public static Piece.LineUp named(Piece.LineUp l, String name) {
        return new Piece.LineUp(l.id(), l.at(), l.facing(), l.label(), l.team(), l.waiting(), name);
    }
}
