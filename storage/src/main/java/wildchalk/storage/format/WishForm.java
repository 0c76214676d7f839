package wildchalk.storage.format;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import wildchalk.core.grouping.Wish;

/** How each kind of wish stands in files, and how it is read from there. */
enum WishForm implements Word {
    TOGETHER("together", 2, o -> new Wish.Together(people(o), must(o))),
    APART("apart", 2, o -> new Wish.Apart(people(o), must(o))),
    PINNED("pinned", 1, o -> new Wish.Pinned(people(o).get(0), o.path("group").asInt(1) - 1, must(o))),
    IN_EACH("in-each", 0, o -> new Wish.InEach(o.path("position").asText(), must(o))),
    BOTH_SIDES("both-sides", 0, o -> new Wish.BothSides(must(o))),
    LATE_LAST("late-last", 0, o -> new Wish.LateLast(must(o))),
    EASY_TOGETHER("easy-together", 0, o -> new Wish.EasyTogether(must(o)));

    private final String word;
    private final int fewest;
    private final Function<JsonNode, Wish> read;

    WishForm(String word, int fewest, Function<JsonNode, Wish> read) {
        this.word = word;
        this.fewest = fewest;
        this.read = read;
    }

    @Override
    public String word() {
        return word;
    }

    /** How many people it has to name at least. */
    int fewest() {
        return fewest;
    }

    Wish read(JsonNode o) {
        return read.apply(o);
    }

    /** The ids that it names. */
    static List<String> people(JsonNode o) {
        List<String> people = new ArrayList<>();
        o.path("people").forEach(p -> people.add(p.asText()));
        return people;
    }

    private static boolean must(JsonNode o) {
        return o.path("must").asBoolean(false);
    }
}
