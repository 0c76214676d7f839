package wildchalk.desktop.squad;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;
import wildchalk.core.squad.Squad;
import wildchalk.core.surface.Surfaces;

/** What the page of a squad may ask of the book and the window around it. */
public interface SquadDesk {

    /** A squad of the book. */
    record Named(String id, String title) {}

    /** The squads of the book that are not put aside. */
    void squads(Consumer<List<Named>> then);

    /** Opens another squad. */
    void open(String id);

    /** Begins one more, and opens it. */
    void add(Squad squad);

    /** Puts a squad aside, as a drill is. */
    void aside(Squad squad);

    /** Forgets somebody for ever: from everything that the book holds of the squad. */
    void forget(Squad squad, String person, String name);

    /** Writes a squad as an open file, where the coach says. */
    void saveFile(Squad squad);

    /**
     * Writes its people as a table, where the coach says.
     *
     * @param views whether the coach's own view of them goes with it
     */
    void saveTable(Squad squad, boolean views);

    /** Asks which list of people to take in. */
    Optional<Path> peopleFile();

    Surfaces surfaces();

    /** Lays something over the page. */
    void lay(Node over);

    /** Shows the page again. */
    void back();
}
