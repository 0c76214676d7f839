package wildchalk.desktop;

import java.nio.file.Path;
import java.util.Optional;
import wildchalk.core.drill.Drill;
import wildchalk.desktop.keeping.BookPlaces;

/**
 * What the application is started for.
 *
 * @param book the file of the book; begun when it is not there
 * @param fillWithDemo whether an empty book gets the demo drills
 * @param season whether a demo book without a log gets a made-up season
 * @param openFirst whether a drill is opened on the Board at once
 * @param take a drill to put into the book and open
 * @param handed a file to take into the book and open
 * @param pictureOfWindow where to write a picture of the window, after which it is closed
 * @param remembers whether the book that the coach goes over to is the one that is opened the next time
 */
public record Request(
        Path book,
        boolean fillWithDemo,
        boolean season,
        boolean openFirst,
        Optional<Drill> take,
        Optional<Path> handed,
        Optional<Path> pictureOfWindow,
        boolean remembers) {

    /** The coach's own book: the one that was open last. */
    public static Request usual() {
        return new Request(
                BookPlaces.last(), false, false, false, Optional.empty(), Optional.empty(), Optional.empty(), true);
    }

    /** The demo book. */
    public static Request demo() {
        return demo(BookPlaces.book("Quillmoor Otters"));
    }

    public static Request demo(Path book) {
        return new Request(book, true, false, true, Optional.empty(), Optional.empty(), Optional.empty(), false);
    }

    public Request withBook(Path other) {
        return new Request(other, fillWithDemo, season, openFirst, take, handed, pictureOfWindow, false);
    }

    /** For a book that the coach goes over to: nothing is put into it or opened in it. */
    public Request switchedTo(Path other) {
        if (remembers) {
            BookPlaces.remember(other);
        }
        return new Request(other, false, false, false, Optional.empty(), Optional.empty(), Optional.empty(), remembers);
    }

    public Request taking(Drill drill) {
        return new Request(
                book, fillWithDemo, season, openFirst, Optional.of(drill), handed, pictureOfWindow, remembers);
    }

    /** For a file that the coach opens from outside, by a double click or by its name. */
    public Request handed(Path file) {
        return new Request(book, fillWithDemo, season, openFirst, take, Optional.of(file), pictureOfWindow, remembers);
    }

    public Request picturing(Path file) {
        return new Request(book, fillWithDemo, season, openFirst, take, handed, Optional.of(file), remembers);
    }

    /** The same with a season behind it. */
    public Request withSeason() {
        return new Request(book, fillWithDemo, true, openFirst, take, handed, pictureOfWindow, remembers);
    }

    public Request openingNothing() {
        return new Request(book, fillWithDemo, season, false, take, handed, pictureOfWindow, remembers);
    }
}
