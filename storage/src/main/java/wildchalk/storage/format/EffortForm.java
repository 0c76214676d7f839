package wildchalk.storage.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import wildchalk.core.effort.Effort;
import wildchalk.core.effort.Figure;
import wildchalk.core.effort.OwnFigures;

/** Who practises a drill and how hard they go, with what is otherwise than usual, in a file. */
final class EffortForm {

    private enum Reactions {
        USUAL,
        NONE
    }

    private EffortForm() {}

    static Effort read(JsonNode o) {
        Map<String, Map<Figure, Double>> people = new HashMap<>();
        o.path("figuresOf").fields().forEachRemaining(e -> people.put(e.getKey(), figures(e.getValue())));
        return new Effort(
                DrillReader.value(o, "level", Effort.Level.ADULT),
                DrillReader.value(o, "intensity", Effort.Intensity.LIVE),
                DrillReader.value(o, "reactions", Reactions.USUAL) == Reactions.USUAL,
                new OwnFigures(figures(o.path("figures")), people));
    }

    private static Map<Figure, Double> figures(JsonNode o) {
        Map<Figure, Double> figures = new EnumMap<>(Figure.class);
        o.fields().forEachRemaining(e -> Figure.of(e.getKey())
                .ifPresent(f -> figures.put(f, e.getValue().asDouble())));
        return figures;
    }

    static void write(ObjectNode o, Effort effort) {
        o.put("level", DrillWriter.word(effort.level())).put("intensity", DrillWriter.word(effort.intensity()));
        if (!effort.reacting()) {
            o.put("reactions", DrillWriter.word(Reactions.NONE));
        }
        if (!effort.own().all().isEmpty()) {
            write(o.putObject("figures"), effort.own().all());
        }
        if (!effort.own().people().isEmpty()) {
            ObjectNode people = o.putObject("figuresOf");
            effort.own().people().forEach((who, own) -> write(people.putObject(who), own));
        }
    }

    private static void write(ObjectNode o, Map<Figure, Double> figures) {
        figures.forEach((figure, value) -> o.put(figure.word(), value));
    }
}
