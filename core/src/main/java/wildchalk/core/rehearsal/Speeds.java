package wildchalk.core.rehearsal;

import jakarta.json.Json;
import jakarta.json.JsonObject;
import jakarta.json.JsonReader;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Action.Gait;
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
 * @param pass how a passed ball goes
 * @param shot how a shot goes
 */
public record Speeds(Map<Gait, Double> top, double settle, double brake, double grip, double withBall,
                     double cornerRadius, double control, double followThrough, BallLaw pass, BallLaw shot) {

    private static final JsonObject FILE = load();

    public Speeds {
        top = Map.copyOf(top);
    }

    /** The built-in figures for a surface. */
    public static Speeds of(Surface surface) {
        JsonObject people = FILE.getJsonObject("people")
                .getJsonObject(surface.ground().name().toLowerCase(Locale.ROOT));
        JsonObject ball = FILE.getJsonObject("balls").getJsonObject(surface.ball());
        Map<Gait, Double> top = new EnumMap<>(Gait.class);
        for (Gait gait : Gait.values()) {
            top.put(gait, number(people.getJsonObject("top"), gait.name().toLowerCase(Locale.ROOT)));
        }
        return new Speeds(top, number(people, "settle"), number(people, "brake"), number(people, "grip"),
                number(people, "ball"), number(FILE, "cornerRadius"), number(FILE, "control"),
                number(FILE, "followThrough"), law(ball.getJsonObject("pass")), law(ball.getJsonObject("shot")));
    }

    /** Top speed of a travel, m/s. */
    public double topOf(Action.Travel travel) {
        double free = top.get(travel.gait());
        return travel instanceof Action.Carry ? free * withBall : free;
    }

    private static BallLaw law(JsonObject o) {
        return new BallLaw(number(o, "speed"), number(o, "slowing"));
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
