package wildchalk.handout.page;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.TextNode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What a page says more than once is kept once: the ways through a rung have most of their lines and runs in common.
 */
final class Pool {

    private final ArrayNode all = JsonNodeFactory.instance.arrayNode();
    private final Map<JsonNode, Integer> places = new HashMap<>();

    /** Where some text is. */
    int of(String text) {
        return place(TextNode.valueOf(text));
    }

    /** Where some numbers are. */
    int of(List<Integer> numbers) {
        ArrayNode node = JsonNodeFactory.instance.arrayNode();
        numbers.forEach(node::add);
        return place(node);
    }

    private int place(JsonNode node) {
        return places.computeIfAbsent(node, n -> {
            all.add(n);
            return all.size() - 1;
        });
    }

    ArrayNode all() {
        return all;
    }
}
