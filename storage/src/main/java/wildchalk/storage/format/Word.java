package wildchalk.storage.format;

import java.util.Arrays;
import java.util.Optional;
import java.util.stream.Collectors;

/** A kind as it is written in files: the word does not change with the name of a class. */
interface Word {

    /** As it stands in files. */
    String word();

    /** The one of a table that is written like this; empty for a word that is not in it. */
    static <W extends Word> Optional<W> find(W[] table, String word) {
        return Arrays.stream(table).filter(w -> w.word().equals(word)).findFirst();
    }

    /** All words of a table, as they are listed to whoever wrote another. */
    static String list(Word... table) {
        return Arrays.stream(table).map(Word::word).collect(Collectors.joining(", "));
    }
}
