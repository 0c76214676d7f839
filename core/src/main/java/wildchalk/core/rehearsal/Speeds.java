package wildchalk.core.rehearsal;

import jakarta.json.Json;
import jakarta.json.JsonObject;
import jakarta.json.JsonReader;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import wildchalk.core.drill.Action.Gait;
import wildchalk.core.drill.Action.Manner;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Effort;
import wildchalk.core.surface.Surface;

/**
 * How fast people and balls are on a surface. The built-in figures stand with their sources in {@code speeds.json}.
 *
 * @param top metres per second by gait, without the ball
 * @param settle time constant of speeding up, seconds
 * @param brake most slowing, m/s²
 * @param grip most sideways pull in a bend, m/s²
 * @param withBall share of the top speed that is left with the ball
 * @param cornerRadius that a cut is rounded with, metres
 * @param control seconds from receiving to releasing again, unless first time
 * @param followThrough seconds after the release until the body is free
 * @param turning seconds that half a turn on the spot takes
 * @param pass how a flat pass goes
 * @param shot how a shot goes
 * @param ways how balls go that are passed otherwise
 */
public record Speeds(Map<Gait, Double> top, double settle, double brake, double grip, double withBall,
                     double cornerRadius, double control, double followThrough, double turning, BallLaw pass,
                     BallLaw shot, Map<Manner, BallMotion> ways) {

    private static final JsonObject FILE = load();

    public Speeds {
        top = Map.copyOf(top);
        ways = Map.copyOf(ways);
    }

    /** The built-in figures for a surface: grown people who go at it live. */
    public static Speeds of(Surface surface) {
        return of(surface, Effort.LIVE);
    }

    /** The built-in figures for a surface and those who are on it. */
    public static Speeds of(Surface surface, Effort effort) {
        JsonObject people = FILE.getJsonObject("people")
                .getJsonObject(surface.ground().name().toLowerCase(Locale.ROOT));
        JsonObject ball = FILE.getJsonObject("balls").getJsonObject(surface.ball());
        JsonObject level = FILE.getJsonObject("levels").getJsonObject(word(effort.level()));
        JsonObject intensity = FILE.getJsonObject("intensities").getJsonObject(word(effort.intensity()));
        double legs = number(level, "people") * number(intensity, "people");
        double arms = number(level, "balls") * number(intensity, "balls");
        Map<Gait, Double> top = new EnumMap<>(Gait.class);
        for (Gait gait : Gait.values()) {
            top.put(gait, legs * number(people.getJsonObject("top"), word(gait)));
        }
        BallLaw pass = law(ball.getJsonObject("pass"), arms);
        return new Speeds(top, number(people, "settle"), number(people, "brake"), number(people, "grip"),
                number(people, "ball"), number(FILE, "cornerRadius"), number(FILE, "control"),
                number(FILE, "followThrough"), number(FILE, "turning"), pass, law(ball.getJsonObject("shot"), arms),
                ways(pass));
    }

    private static Map<Manner, BallMotion> ways(BallLaw pass) {
        Map<Manner, BallMotion> ways = new EnumMap<>(Manner.class);
        JsonObject file = FILE.getJsonObject("ways");
        for (Manner manner : Manner.values()) {
            JsonObject way = file.getJsonObject(word(manner));
            ways.put(manner, way == null ? pass : way.containsKey("angle")
                    ? new Lob(Math.toRadians(number(way, "angle")))
                    : new BallLaw(pass.speed() * number(way, "speed"), Math.max(pass.slowing(), number(way, "slowing"))));
        }
        return ways;
    }

    /** How the ball of a pass or shot goes. */
    public BallMotion motion(Action.Delivery delivery) {
        return delivery instanceof Action.Pass p ? ways.getOrDefault(p.manner(), pass) : shot;
    }

    /** Top speed of a travel, m/s. */
    public double topOf(Action.Travel travel) {
        double free = top.get(travel.gait());
        return travel instanceof Action.Carry ? free * withBall : free;
    }

    private static BallLaw law(JsonObject o, double share) {
        return new BallLaw(number(o, "speed") * share, number(o, "slowing"));
    }

    private static String word(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    private static double number(JsonObject o, String key) {
        return o.getJsonNumber(key).doubleValue();
    }

    private static JsonObject load() {
        try (JsonReader reader = Json.createReader(Speeds.class.getResourceAsStream("speeds.json"))) {
            return reader.readObject();
        }
    }
}
