package wildchalk.storage.format;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import wildchalk.core.grouping.Asked;
import wildchalk.core.grouping.Division;
import wildchalk.core.grouping.Entrant;
import wildchalk.core.grouping.GroupWords;
import wildchalk.core.grouping.Judge;
import wildchalk.core.grouping.Wish;

/** Writes groups as JSON, as {@code docs/format/groups.md} describes it. */
public final class GroupsWriter {

    private static final int VERSION = 1;
    private static final double THOUSAND = 1000;

    private GroupsWriter() {}

    /**
     * What people and groups are called.
     *
     * @param people by their ids
     * @param groups in their order
     */
    public record Called(Function<String, String> people, List<String> groups) {}

    /**
     * The text of what was asked and how it came out.
     *
     * @param called what people and groups are called
     * @param told what is said of it, a sentence each
     */
    public static String write(Asked asked, Division division, Called called, List<String> told) {
        ObjectNode o = JsonNodeFactory.instance
                .objectNode()
                .put("format", "wild-chalk-groups")
                .put("version", VERSION)
                .put("kind", DrillWriter.word(asked.style()))
                .put("seed", asked.seed());
        ArrayNode groups = o.putArray("groups");
        for (int g = 0; g < division.groups().size(); g++) {
            ObjectNode group = groups.addObject().put("name", called.groups().get(g));
            ArrayNode people = group.putArray("people");
            division.groups().get(g).forEach(id -> people.add(called.people().apply(id)));
        }
        evenness(o.putObject("evenness"), asked, division);
        ArrayNode wishes = o.putArray("wishes");
        GroupWords words = new GroupWords(asked, called.people(), called.groups());
        Judge judge = new Judge(asked);
        int[] group = asked.people().stream().mapToInt(p -> division.of(p.id())).toArray();
        for (Wish wish : asked.wishes()) {
            wishes.addObject()
                    .put("wish", words.wish(wish))
                    .put("must", wish.must())
                    .put("holds", judge.broken(wish, group) == 0);
        }
        DrillWriter.texts(o, "says", told);
        return o.toPrettyString() + "\n";
    }

    private static void evenness(ObjectNode o, Asked asked, Division division) {
        Map<String, Integer> strength =
                asked.people().stream().collect(Collectors.toMap(Entrant::id, Entrant::strength));
        List<Double> means = division.groups().stream()
                .map(g -> g.stream().mapToInt(strength::get).average().orElse(0))
                .toList();
        ArrayNode array = o.putArray("means");
        means.forEach(m -> array.add(rounded(m)));
        o.put("spread", rounded(Collections.max(means) - Collections.min(means)))
                .put("sizes", division.verdict().sizes())
                .put("positions", division.verdict().positions())
                .put("company", division.verdict().company())
                .put("best", division.best());
    }

    private static double rounded(double value) {
        return Math.round(value * THOUSAND) / THOUSAND;
    }
}
