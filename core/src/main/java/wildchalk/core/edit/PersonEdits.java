package wildchalk.core.edit;

import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import wildchalk.core.colour.Bib;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;

/** Changes of how people are: the same person, otherwise dressed, called or turned. */
public final class PersonEdits {

    private PersonEdits() {}

    /** Puts some people in a team; coaches wear none. */
    public static Edit<Drill> wear(String rung, Set<String> ids, Bib bib) {
        return StageEdit.of(
                "Change team",
                rung,
                stage -> stage.withPieces(stage.pieces().stream()
                        .map(p -> ids.contains(p.id()) && p instanceof Piece.Person person ? person.wearing(bib) : p)
                        .toList()));
    }

    /** The same with something else on the token; may be empty. */
    public static Piece.Person called(Piece.Person person, String label) {
        return person.with(person.facing(), label);
    }

    /** @param facing radians, clockwise on the page */
    public static Piece.Person facing(Piece.Person person, double facing) {
        return person.with(facing, person.label());
    }

    /** The same with so many waiting, 0 or more. */
    public static Piece.LineUp waiting(Piece.LineUp l, int waiting) {
        return new Piece.LineUp(l.id(), l.at(), l.facing(), l.label(), l.bib(), waiting, l.name(), l.queue());
    }

    /** The same called otherwise. */
    public static Piece.LineUp named(Piece.LineUp l, String name) {
        return new Piece.LineUp(l.id(), l.at(), l.facing(), l.label(), l.bib(), l.waiting(), name, l.queue());
    }

    /** What somebody is in the drill. */
    public enum Role {
        PLAYER,
        GOALKEEPER,
        COACH,
        LINE_UP
    }

    /** What somebody is. */
    public static Role role(Piece.Person person) {
        if (person instanceof Piece.Player) {
            return Role.PLAYER;
        }
        if (person instanceof Piece.Goalkeeper) {
            return Role.GOALKEEPER;
        }
        if (!person.isOnATeam()) {
            return Role.COACH;
        }
        return Role.LINE_UP;
    }

    /** The same person in another role, in the same place with the same lines. */
    public static Piece.Person as(Piece.Person p, Role role) {
        return switch (role) {
            case PLAYER -> new Piece.Player(p.id(), p.at(), p.facing(), p.label(), p.bib());
            case GOALKEEPER -> new Piece.Goalkeeper(p.id(), p.at(), p.facing(), p.label(), p.bib());
            case COACH -> new Piece.Coach(p.id(), p.at(), p.facing(), p.label());
            case LINE_UP -> p instanceof Piece.LineUp l
                    ? l
                    : new Piece.LineUp(p.id(), p.at(), p.facing(), p.label(), p.bib(), 3, "line");
        };
    }

    /** The smallest number that nobody on a stage wears. */
    public static String freeNumber(Stage stage) {
        return freeNumber(stage.people().stream().map(Piece.Person::label).collect(Collectors.toSet()));
    }

    /** The smallest number that is not among these. */
    static String freeNumber(Set<String> worn) {
        return IntStream.iterate(1, n -> n + 1)
                .mapToObj(Integer::toString)
                .filter(n -> !worn.contains(n))
                .findFirst()
                .orElseThrow();
    }
}
