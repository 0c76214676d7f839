package wildchalk.storage.kind;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import wildchalk.core.document.Document;
import wildchalk.storage.format.FormatException;
import wildchalk.storage.format.Told;

/**
 * A made-up second kind of document, for tests and hardships: who washes the bibs and brings the oranges, week by week.
 * It may name versions of drills.
 *
 * @param lines one for each week
 * @param names versions of other documents
 */
public record Rota(String id, String title, List<String> lines, Set<Pointer> names) implements Document<Rota> {

    public static final Kind<Rota> KIND = new RotaKind();

    public Rota {
        lines = List.copyOf(lines);
        names = Set.copyOf(names);
    }

    public static Rota of(String id, String title, String... lines) {
        return new Rota(id, title, List.of(lines), Set.of());
    }

    public Rota naming(Set<Pointer> versions) {
        return new Rota(id, title, lines, versions);
    }

    @Override
    public Rota withId(String newId) {
        return new Rota(newId, title, lines, names);
    }

    @Override
    public Rota withTitle(String newTitle) {
        return new Rota(id, newTitle, lines, names);
    }

    @Override
    public Rota following(Rota before) {
        return this;
    }

    @Override
    public boolean isLike(Rota other) {
        return equals(other);
    }

    private static final class RotaKind implements Kind<Rota> {

        private static final ObjectMapper JSON = new ObjectMapper();

        @Override
        public String word() {
            return "rota";
        }

        @Override
        public String write(Rota rota) {
            ObjectNode o = JSON.createObjectNode()
                    .put("format", format())
                    .put("id", rota.id())
                    .put("title", rota.title());
            rota.lines().forEach(o.putArray("lines")::add);
            ArrayNode names = o.putArray("names");
            rota.names().forEach(n -> names.addObject()
                    .put("kind", n.kind())
                    .put("id", n.id())
                    .put("version", n.version()));
            return o.toString();
        }

        @Override
        public Told<Rota> read(String text) throws FormatException {
            try {
                JsonNode o = JSON.readTree(text);
                if (!o.path("format").asText().equals(format())) {
                    throw new FormatException("this is no rota");
                }
                List<String> lines = new ArrayList<>();
                o.path("lines").forEach(l -> lines.add(l.asText()));
                Set<Pointer> names = new LinkedHashSet<>();
                o.path("names")
                        .forEach(n -> names.add(new Pointer(
                                n.path("kind").asText(),
                                n.path("id").asText(),
                                n.path("version").asLong())));
                return new Told<>(
                        new Rota(o.path("id").asText(), o.path("title").asText(), lines, names), List.of());
            } catch (JsonProcessingException e) {
                throw new FormatException("this is not JSON");
            }
        }

        @Override
        public List<String> changes(Rota before, Rota after) {
            return List.of(
                    after.lines().size() + " weeks instead of " + before.lines().size());
        }

        @Override
        public boolean canPoint() {
            return true;
        }

        @Override
        public Set<Pointer> points(Rota rota) {
            return rota.names();
        }
    }
}
