package wildchalk.core.effort;

import java.util.Collections;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import java.util.TreeMap;

/**
 * Figures that a drill, or somebody in it, has in place of the usual ones; each in its {@linkplain Figure#measure
 * measure}.
 *
 * @param all for everybody
 * @param people for some, by their id; these come before those for everybody
 */
public record OwnFigures(Map<Figure, Double> all, Map<String, Map<Figure, Double>> people) {

    /** The usual ones for everybody. */
    public static final OwnFigures NONE = new OwnFigures(Map.of(), Map.of());

    public OwnFigures {
        all = sorted(all);
        Map<String, Map<Figure, Double>> copy = new TreeMap<>();
        people.forEach((who, own) -> {
            if (!own.isEmpty()) {
                copy.put(who, sorted(own));
            }
        });
        people = Collections.unmodifiableMap(copy);
    }

    private static Map<Figure, Double> sorted(Map<Figure, Double> figures) {
        return figures.isEmpty() ? Map.of() : Collections.unmodifiableMap(new EnumMap<>(figures));
    }

    /** Whether nothing differs from the usual. */
    public boolean isEmpty() {
        return all.isEmpty() && people.isEmpty();
    }

    /** The same with a figure for everybody. */
    public OwnFigures with(Figure figure, double value) {
        Map<Figure, Double> more = new HashMap<>(all);
        more.put(figure, value);
        return new OwnFigures(more, people);
    }

    /** The same with the usual figure for everybody. */
    public OwnFigures without(Figure figure) {
        Map<Figure, Double> fewer = new HashMap<>(all);
        fewer.remove(figure);
        return new OwnFigures(fewer, people);
    }

    /** The same with a figure for one person. */
    public OwnFigures with(String who, Figure figure, double value) {
        Map<Figure, Double> own = new HashMap<>(people.getOrDefault(who, Map.of()));
        own.put(figure, value);
        return withAll(who, own);
    }

    /** The same with a person who is as everybody in this. */
    public OwnFigures without(String who, Figure figure) {
        Map<Figure, Double> own = new HashMap<>(people.getOrDefault(who, Map.of()));
        own.remove(figure);
        return withAll(who, own);
    }

    private OwnFigures withAll(String who, Map<Figure, Double> own) {
        Map<String, Map<Figure, Double>> more = new HashMap<>(people);
        more.put(who, own);
        return new OwnFigures(all, more);
    }
}
