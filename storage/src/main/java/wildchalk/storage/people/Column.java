package wildchalk.storage.people;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** What stands in a column. */
enum Column {
    NAME,
    FIRST,
    LAST,
    NUMBER,
    POSITION,
    STRENGTH,
    SIDE,
    SPEED;

    private List<String> heads() {
        return List.of(
                PeopleFile.BOOK.say("head." + name().toLowerCase(Locale.ROOT)).split(","));
    }

    /** The word under which it is written. */
    String head() {
        return heads().get(0);
    }

    /** What stands under a head; empty for what is not taken. */
    static Optional<Column> of(String head) {
        String plain = head.strip().toLowerCase(Locale.ROOT).replace('_', ' ');
        return Stream.of(values()).filter(c -> c.heads().contains(plain)).findFirst();
    }
}
