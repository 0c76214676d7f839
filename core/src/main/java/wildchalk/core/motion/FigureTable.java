package wildchalk.core.motion;

import jakarta.json.Json;
import jakarta.json.JsonObject;
import jakarta.json.JsonReader;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Action.Manner;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Figure;
import wildchalk.core.surface.Surface;

/** The usual figures, by ground, ball, age and how hard people go. They stand with what they rest on in a file. */
public final class FigureTable {

    private static final JsonObject FILE = load();
    private static final List<Figure> GAITS =
            List.of(Figure.WALK, Figure.JOG, Figure.RUN, Figure.SPRINT, Figure.BACK, Figure.SIDE);
    private static final List<Figure> LAUNCHES =
            List.of(Figure.PASS_NEAR, Figure.PASS_PER_METRE, Figure.PASS_MOST, Figure.SHOT);
    private static final List<Figure> REACTIONS =
            List.of(Figure.REACTION_HEARD, Figure.REACTION_SEEN, Figure.REACTION_READY);

    private FigureTable() {}

    /** Every figure for a surface and those who are on it, each in its measure, the drill's own before the usual. */
    public static Map<Figure, Double> of(Surface surface, Effort effort) {
        Map<Figure, Double> figures = usual(surface, effort);
        figures.putAll(effort.own().all());
        return figures;
    }

    /** Every figure as it usually is for a surface and those who are on it, each in its measure. */
    public static Map<Figure, Double> usual(Surface surface, Effort effort) {
        Map<Figure, Double> figures = new EnumMap<>(Figure.class);
        people(figures, FILE.getJsonObject("people").getJsonObject(word(surface.ground())));
        ball(figures, FILE.getJsonObject("balls").getJsonObject(surface.ball()));
        scale(figures, FILE.getJsonObject("levels").getJsonObject(word(effort.level())));
        cap(figures, FILE.getJsonObject("intensities").getJsonObject(word(effort.intensity())));
        if (!effort.reacting()) {
            REACTIONS.forEach(f -> figures.put(f, 0.0));
        }
        return figures;
    }

    /** What a way of passing has in place of a flat one's: {@code speed} and {@code slowing}, or {@code angle}. */
    static Optional<JsonObject> way(Manner manner) {
        return Optional.ofNullable(FILE.getJsonObject("ways").getJsonObject(word(manner)));
    }

    private static void people(Map<Figure, Double> figures, JsonObject ground) {
        JsonObject takes = FILE.getJsonObject("takes");
        for (Figure figure : Figure.values()) {
            JsonObject in = ground.containsKey(figure.word()) ? ground : takes;
            if (in.containsKey(figure.word())) {
                figures.put(figure, number(in, figure.word()));
            }
        }
    }

    private static void ball(Map<Figure, Double> figures, JsonObject ball) {
        figures.put(Figure.PASS_NEAR, number(ball, "near"));
        figures.put(Figure.PASS_PER_METRE, number(ball, "per-metre"));
        figures.put(Figure.PASS_MOST, number(ball, "most"));
        figures.put(Figure.PASS_SLOWING, number(ball, "slowing"));
        figures.put(Figure.PASS_ARRIVES, number(ball, "arrives"));
        figures.put(Figure.SHOT, number(ball, "shot"));
        figures.put(Figure.SHOT_SLOWING, number(ball, "shot-slowing"));
        figures.put(Figure.CONTROL, number(ball, "control"));
        figures.put(Figure.CATCH_AND_SHOOT, number(ball, "catch-and-shoot"));
        figures.put(Figure.WITH_BALL, number(ball, "carried"));
    }

    /** The young are slower in all but walking. */
    private static void scale(Map<Figure, Double> figures, JsonObject level) {
        double people = number(level, "people");
        GAITS.stream().filter(f -> f != Figure.WALK).forEach(f -> figures.merge(f, people, (a, b) -> a * b));
        LAUNCHES.forEach(f -> figures.merge(f, number(level, "balls"), (a, b) -> a * b));
        REACTIONS.forEach(f -> figures.merge(f, number(level, "reaction"), (a, b) -> a * b));
        figures.merge(Figure.CONTROL, number(level, "control"), (a, b) -> a * b);
        figures.merge(Figure.CATCH_AND_SHOOT, number(level, "control"), (a, b) -> a * b);
    }

    /** Who goes at half pace does not go faster than that, but does not walk more slowly either. */
    private static void cap(Map<Figure, Double> figures, JsonObject intensity) {
        double walk = figures.get(Figure.WALK);
        double cap = Math.max(walk, number(intensity, "cap") * figures.get(Figure.SPRINT));
        GAITS.forEach(f -> figures.merge(f, cap, Math::min));
        LAUNCHES.forEach(f -> figures.merge(f, number(intensity, "balls"), (a, b) -> a * b));
    }

    private static String word(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    private static double number(JsonObject o, String key) {
        return o.getJsonNumber(key).doubleValue();
    }

    private static JsonObject load() {
        try (JsonReader reader = Json.createReader(FigureTable.class.getResourceAsStream("speeds.json"))) {
            return reader.readObject();
        }
    }
}
