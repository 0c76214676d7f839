package wildchalk.desktop.practice;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.image.Image;
import wildchalk.core.drill.Drill;
import wildchalk.core.log.season.Experience;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Practice;
import wildchalk.core.surface.Surfaces;
import wildchalk.handout.evening.EveningOrder;
import wildchalk.handout.evening.EveningSheet;
import wildchalk.storage.book.Book;
import wildchalk.storage.book.Version;

/** What the page of a practice may ask of the book and the window around it. */
public interface PracticeDesk {

    /** A document of the book. */
    record Named(String id, String title) {}

    /** The practices of the book, those that are put aside said so. */
    void practices(Consumer<List<Named>> then);

    /** The squads of the book that are not put aside. */
    void squads(Consumer<List<Named>> then);

    /** Looks up what a practice needs of the book. */
    void fetch(Practice practice, Consumer<Fetched> then);

    /** Looks what drills there are in the book by now. */
    void drills(Runnable then);

    /** The drills of the book that are found by some words, all of them for none. */
    void find(String words, Consumer<List<Book.Row>> then);

    /** A block of a drill as it is in the book now. */
    void block(String drill, Consumer<Block> then);

    /** The small picture of a drill of the book. */
    Optional<Image> picture(Book.Row row, Consumer<Image> then);

    /** The small picture of a drill as it was planned. */
    Optional<Image> picture(String key, Drill drill, Consumer<Image> then);

    /** The versions of a practice, the newest first. */
    void versions(String id, Consumer<List<Version<Practice>>> then);

    /** Opens a practice. */
    void open(String id);

    /** Adds one to the book, and opens it. */
    void add(Practice practice);

    /** Opens a drill on the Board, as it is in the book. */
    void onBoard(String drill);

    /** What the log has taught up to now, as it was read last with {@link #drills}. */
    Experience experience();

    /** Puts an evening that was run without the clock into the log, as it was planned, and opens it there. */
    void ran(Practice evening);

    /** Puts a practice aside, as a drill is. */
    void aside(Practice practice);

    /** Writes a practice with its drills as an open file, where the coach says. */
    void saveFile(Practice practice, Fetched fetched);

    /**
     * Writes hand-outs where the coach says: the first under the name that was chosen, the others beside it.
     *
     * @param each what is written, by what is added to the name of its file; nothing for the first
     */
    void save(EveningSheet kind, Map<String, EveningOrder> each);

    /**
     * Takes the drills of a practice that came back into the book, where they are others, and what is planned of them.
     */
    void plan(CameBack cameBack, Consumer<Practice> then);

    /** Puts a text where it can be pasted from. */
    void copy(String text);

    /** Takes in a practice file, where the coach says. */
    void takeIn();

    Surfaces surfaces();

    /** Tells the coach what could not be done. */
    void warn(String words);
}
