package wildchalk.desktop.log;

import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import javafx.scene.Node;
import wildchalk.core.log.Entry;
import wildchalk.core.log.Part;
import wildchalk.core.log.season.Season;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.Practice;
import wildchalk.core.squad.Squad;
import wildchalk.storage.book.Version;

/** What the page of the log asks of the open book and the window. */
public interface LogDesk {

    /**
     * All that the page shows.
     *
     * @param squads by their ids
     * @param drills those of the book as they are now, by their titles in small letters
     */
    record Filled(List<Entry> entries, Map<String, Squad> squads, Map<String, Content.Planned> drills) {
        public Filled {
            entries = List.copyOf(entries);
            squads = Map.copyOf(squads);
            drills = Map.copyOf(drills);
        }
    }

    /** Reads it beside the window's thread. */
    void fill(Consumer<Filled> then);

    /** The practices of the book. */
    void practices(Consumer<List<Practice>> then);

    /** Opens an entry on the page. */
    void open(Entry entry);

    /** Adds an entry, with what is worked out of its drills, and opens it. */
    void add(String title, Entry.When when, Entry.There there, List<Part> parts);

    /** Puts one into the log that came from somebody else, in place of one that is there, or beside it. */
    void take(Entry theirs, boolean instead);

    /** Puts an entry aside. */
    void aside(Entry entry);

    /** Every version of an entry, newest first. */
    void versions(String id, Consumer<List<Version<Entry>>> then);

    /** Writes an entry into a file, with the words that were written about people in it or without. */
    void saveFile(Entry entry, boolean words);

    /** Chooses a file of an entry or a run and reads it; {@code then} gets it with what is said of it. */
    void takeIn(Consumer<CameBack> then);

    /** Takes figures out of the program. */
    void send(Sending sending);

    /** Opens a drill on the board, or a practice. */
    void onBoard(String drill);

    /** Lays something over the page until {@link #back}. */
    void lay(Node over);

    /** Shows the page again. */
    void back();

    /** Says that something is wrong. */
    void warn(String words);

    /**
     * What is to be written.
     *
     * @param names of those who are known, by their keys
     * @param named whether they are called by them in it
     */
    record Sending(Form form, Season season, Map<String, String> names, boolean named) {}

    /** As what it is written. */
    enum Form {
        TABLES,
        REPORT,
        DATA
    }
}
