package wildchalk.core.setout;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wildchalk.core.geometry.Vec;

/**
 * Somebody who has the sheet's words and nothing else, on a ground that lies any way round. They know their way by what
 * lies in sight (ends, side lines, landmarks by name) and by what they have put down; which way they face plays no
 * part.
 */
public final class SheetReader {

    private static final Pattern LEGS =
            Pattern.compile("from (.+?), (\\S+ \\S+ (?:along the|towards the|out past the) .+)");
    private static final Pattern LEG =
            Pattern.compile("(\\S+) (\\S+) (?:along the .+? )?(?:towards|out past) the (.+)");
    private static final Pattern TAPES =
            Pattern.compile("(\\S+) (\\S+) from (.+) and (\\S+) (\\S+) from (.+), where the two cross nearer the (.+)");
    private static final Map<String, Double> UNITS = Map.of("m", 1.0, "yd", 0.9144, "ft", 0.3048);

    private final double pace;
    private final Map<String, Vec> known = new HashMap<>();
    private final Map<String, Vec> ways = new HashMap<>();

    /**
     * @param landmarks where what has a name is
     * @param ahead towards the attacking end
     * @param sideLine what the sides are called
     */
    public SheetReader(Map<String, Vec> landmarks, Vec ahead, String sideLine, double pace) {
        this.pace = pace;
        known.putAll(landmarks);
        Vec left = new Vec(ahead.y(), -ahead.x());
        ways.put("attacking end", ahead);
        ways.put("own end", ahead.times(-1));
        ways.put("left " + sideLine, left);
        ways.put("right " + sideLine, left.times(-1));
    }

    /** Puts down what is called so where the words say. */
    public Vec put(String name, String words) {
        Vec place = read(words);
        known.put(name, place);
        return place;
    }

    private Vec read(String words) {
        Matcher tapes = TAPES.matcher(words);
        if (tapes.matches()) {
            return crossing(tapes);
        }
        Matcher legs = LEGS.matcher(words);
        if (legs.matches()) {
            Vec here = stand(legs.group(1));
            for (String leg : legs.group(2).split(", then ")) {
                Matcher m = LEG.matcher(leg);
                if (!m.matches() || !ways.containsKey(m.group(3))) {
                    throw new IllegalArgumentException("which way? " + leg);
                }
                here = here.plus(ways.get(m.group(3)).times(length(m.group(1), m.group(2))));
            }
            return here;
        }
        return stand(words.replaceFirst("^(on|beside) ", ""));
    }

    private Vec crossing(Matcher said) {
        Vec a = stand(said.group(3));
        Vec b = stand(said.group(6));
        double ra = length(said.group(1), said.group(2));
        double rb = length(said.group(4), said.group(5));
        Vec way = ways.get(said.group(7));
        double d = a.distance(b);
        double along = (ra * ra - rb * rb + d * d) / (2 * d);
        double off = Math.sqrt(Math.max(0, ra * ra - along * along));
        Vec foot = a.towards(b, along / d);
        Vec across = b.minus(a).unit().quarterTurn().times(off);
        return List.of(foot.plus(across), foot.minus(across)).stream()
                .max((p, q) -> Double.compare(way.dot(p), way.dot(q)))
                .orElseThrow();
    }

    private Vec stand(String name) {
        Vec place = known.getOrDefault(name, known.get(name.replaceFirst("^the ", "")));
        if (place == null) {
            throw new IllegalArgumentException("where is that? " + name);
        }
        return place;
    }

    private double length(String number, String unit) {
        double metres = unit.startsWith("pace") ? pace : UNITS.get(unit);
        String whole = number.replaceAll("[¼½¾]", "");
        double part = Map.of('¼', 0.25, '½', 0.5, '¾', 0.75).getOrDefault(number.charAt(number.length() - 1), 0.0);
        return ((whole.isEmpty() ? 0 : Double.parseDouble(whole)) + part) * metres;
    }
}
