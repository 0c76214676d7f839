package wildchalk.core.casting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.implied.Ends;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.End;
import wildchalk.core.surface.Surface;

/**
 * A role of a rung that somebody of a team plays.
 *
 * @param id of the person on the board
 * @param places how many play it at once or one after another: whoever is in front and those who wait
 * @param keeper whether it is a keeper's
 * @param words who fits it, in small letters, word by word; none where nothing is said
 * @param side how far left or right it begins, as its team sees it: metres, right is over 0
 */
public record Role(String id, int places, boolean keeper, List<String> words, double side) {

    public Role {
        words = List.copyOf(words);
    }

    /** The roles of a rung, in the order in which they stand on it; coaches play none. */
    public static List<Role> of(Stage stage, Surface surface) {
        Ends ends = new Ends(stage, surface);
        List<Role> roles = new ArrayList<>();
        for (Piece.Person person : stage.people()) {
            if (person.isOnATeam()) {
                int places = person instanceof Piece.LineUp line ? 1 + line.waiting() : 1;
                roles.add(new Role(
                        person.id(),
                        places,
                        person instanceof Piece.Goalkeeper,
                        words(stage, person),
                        side(person, ends)));
            }
        }
        return roles;
    }

    private static List<String> words(Stage stage, Piece.Person person) {
        Optional<String> said = stage.instructions(Rotation.Fits.class).stream()
                .filter(f -> f.who().equals(person.id()))
                .map(Rotation.Fits::words)
                .findFirst();
        String name = person instanceof Piece.LineUp line ? line.name() : "";
        return Arrays.stream(said.orElse(name).toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}]+"))
                .filter(w -> !w.isEmpty())
                .toList();
    }

    /** Who looks along the surface has what is up on the page to the left. */
    private static double side(Piece.Person person, Ends ends) {
        boolean turned =
                ends.atStart(person.bib()).filter(k -> k.end() == End.OWN_GOAL).isPresent();
        Vec at = person.at();
        return turned ? -at.y() : at.y();
    }
}
