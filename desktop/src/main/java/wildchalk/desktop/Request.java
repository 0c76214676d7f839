package wildchalk.desktop;

import java.nio.file.Path;
import java.util.Optional;
import wildchalk.desktop.keeping.BookPlaces;
import wildchalk.core.drill.Drill;

/**
 * What the application is started for.
 *
 * @param book the file of the book; begun when it is not there
 * @param fillWithDemo whether an empty book gets the demo drills
 * @param openFirst whether a drill is opened on the Board at once
 * @param take a drill to put into the book and open
 * @param pictureOfWindow where to write a picture of the window, after which it is closed
 */
public record Request(Path book, boolean fillWithDemo, boolean openFirst, Optional<Drill> take,
                      Optional<Path> pictureOfWindow) {

    /** The coach's own book. */
    public static Request usual() {
        return new Request(BookPlaces.book("My drills"), false, false, Optional.empty(), Optional.empty());
    }

    /** The demo book. */
    public static Request demo() {
        return demo(BookPlaces.book("Quillmoor Otters"));
    }

    public static Request demo(Path book) {
        return new Request(book, true, true, Optional.empty(), Optional.empty());
    }

    public Request withBook(Path other) {
        return new Request(other, fillWithDemo, openFirst, take, pictureOfWindow);
    }

    public Request taking(Drill drill) {
        return new Request(book, fillWithDemo, openFirst, Optional.of(drill), pictureOfWindow);
    }

    public Request picturing(Path file) {
        return new Request(book, fillWithDemo, openFirst, take, Optional.of(file));
    }

    public Request openingNothing() {
        return new Request(book, fillWithDemo, false, take, pictureOfWindow);
    }
}
