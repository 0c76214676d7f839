package wildchalk.core.motion;

import jakarta.json.Json;
import jakarta.json.JsonNumber;
import jakarta.json.JsonObject;
import jakarta.json.JsonReader;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Action.Manner;
import wildchalk.core.effort.Effort;
import wildchalk.core.effort.Figure;
import wildchalk.core.surface.Surface;

/** The usual figures, by ground, ball, age and how hard people go. They stand with what they rest on in a file. */
public final class FigureTable {

    /** By part and name of the file, what stands there. */
    private static final Map<String, Map<String, Map<String, Double>>> PARTS = new HashMap<>();

    private static final Map<String, Double> TAKES;

    static {
        JsonObject file = load();
        for (String part : List.of("people", "balls", "levels", "intensities", "ways")) {
            Map<String, Map<String, Double>> rows = new HashMap<>();
            file.getJsonObject(part).forEach((name, row) -> rows.put(name, numbers(row.asJsonObject())));
            PARTS.put(part, Map.copyOf(rows));
        }
        TAKES = numbers(file.getJsonObject("takes"));
    }

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
        people(figures, PARTS.get("people").get(word(surface.ground())));
        ball(figures, PARTS.get("balls").get(surface.ball()));
        scale(figures, PARTS.get("levels").get(word(effort.level())));
        cap(figures, PARTS.get("intensities").get(word(effort.intensity())));
        if (!effort.reacting()) {
            REACTIONS.forEach(f -> figures.put(f, 0.0));
        }
        return figures;
    }

    /** What a way of passing has in place of a flat one's: {@code speed} and {@code slowing}, or {@code angle}. */
    static Optional<Map<String, Double>> way(Manner manner) {
        return Optional.ofNullable(PARTS.get("ways").get(word(manner)));
    }

    /** What is left of the launch of a ball, for these people going as they do: a share. */
    static double launches(Effort effort) {
        return PARTS.get("levels").get(word(effort.level())).get("balls")
                * PARTS.get("intensities").get(word(effort.intensity())).get("balls");
    }

    private static void people(Map<Figure, Double> figures, Map<String, Double> ground) {
        for (Figure figure : Figure.values()) {
            Double value = ground.getOrDefault(figure.word(), TAKES.get(figure.word()));
            if (value != null) {
                figures.put(figure, value);
            }
        }
    }

    private static void ball(Map<Figure, Double> figures, Map<String, Double> ball) {
        figures.put(Figure.PASS_NEAR, ball.get("near"));
        figures.put(Figure.PASS_PER_METRE, ball.get("per-metre"));
        figures.put(Figure.PASS_MOST, ball.get("most"));
        figures.put(Figure.PASS_SLOWING, ball.get("slowing"));
        figures.put(Figure.PASS_ARRIVES, ball.get("arrives"));
        figures.put(Figure.SHOT, ball.get("shot"));
        figures.put(Figure.SHOT_SLOWING, ball.get("shot-slowing"));
        figures.put(Figure.CONTROL, ball.get("control"));
        figures.put(Figure.CATCH_AND_SHOOT, ball.get("catch-and-shoot"));
        figures.put(Figure.WITH_BALL, ball.get("carried"));
    }

    /** The young are slower in all but walking. */
    private static void scale(Map<Figure, Double> figures, Map<String, Double> level) {
        double people = level.get("people");
        GAITS.stream().filter(f -> f != Figure.WALK).forEach(f -> figures.merge(f, people, (a, b) -> a * b));
        LAUNCHES.forEach(f -> figures.merge(f, level.get("balls"), (a, b) -> a * b));
        REACTIONS.forEach(f -> figures.merge(f, level.get("reaction"), (a, b) -> a * b));
        figures.merge(Figure.CONTROL, level.get("control"), (a, b) -> a * b);
        figures.merge(Figure.CATCH_AND_SHOOT, level.get("control"), (a, b) -> a * b);
    }

    /** Who goes at half pace does not go faster than that, but does not walk more slowly either. */
    private static void cap(Map<Figure, Double> figures, Map<String, Double> intensity) {
        double walk = figures.get(Figure.WALK);
        double cap = Math.max(walk, intensity.get("cap") * figures.get(Figure.SPRINT));
        GAITS.forEach(f -> figures.merge(f, cap, Math::min));
        LAUNCHES.forEach(f -> figures.merge(f, intensity.get("balls"), (a, b) -> a * b));
    }

    private static String word(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    private static Map<String, Double> numbers(JsonObject row) {
        Map<String, Double> numbers = new HashMap<>();
        row.forEach((name, value) -> numbers.put(name, ((JsonNumber) value).doubleValue()));
        return Map.copyOf(numbers);
    }

    private static JsonObject load() {
        try (JsonReader reader = Json.createReader(FigureTable.class.getResourceAsStream("speeds.json"))) {
            return reader.readObject();
        }
    }
}
