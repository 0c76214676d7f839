package wildchalk.core.motion;

import jakarta.json.Json;
import jakarta.json.JsonObject;
import jakarta.json.JsonReader;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Action.Gait;
import wildchalk.core.drill.Action.Manner;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Going;
import wildchalk.core.drill.Travel;
import wildchalk.core.surface.Surface;

/**
 * How fast people and balls are on a surface. The built-in figures stand with their sources in {@code speeds.json}.
 *
 * @param legs how fast people are
 * @param corners how corners are taken
 * @param takes how long things take that are done on the spot
 * @param pass how a flat pass goes
 * @param shot how a shot goes
 * @param ways how balls go that are passed otherwise
 */
public record Speeds(
        Legs legs, Corners corners, Takes takes, BallLaw pass, BallLaw shot, Map<Manner, BallMotion> ways) {

    /**
     * How fast people are.
     *
     * @param top metres per second by gait, without the ball
     * @param settle time constant of speeding up, seconds
     * @param brake most slowing, m/s²
     * @param grip most sideways pull in a bend, m/s²
     * @param withBall share of the top speed that is left with the ball
     */
    public record Legs(Map<Gait, Double> top, double settle, double brake, double grip, double withBall) {
        public Legs {
            top = Map.copyOf(top);
        }
    }

    /**
     * How corners are taken.
     *
     * @param cut radius that a cut is rounded with, metres
     * @param tightTurn radius of a tight turn, metres
     * @param spin share of a cut's speed that is left while spinning
     */
    public record Corners(double cut, double tightTurn, double spin) {

        /** Metres. */
        public double radius(Going.Corner corner) {
            return corner == Going.Corner.TIGHT_TURN ? tightTurn : cut;
        }

        /** Of the speed that a corner of that radius usually leaves. */
        public double share(Going.Corner corner) {
            return corner == Going.Corner.SPIN ? spin : 1;
        }
    }

    /**
     * How long things take that are done on the spot, seconds.
     *
     * @param control from receiving to releasing again, unless first time
     * @param followThrough after the release until the body is free
     * @param turning half a turn
     * @param landing from a jump stop until the body is free
     * @param touching bending down to touch something and coming up
     * @param placing putting a piece of gear down with care, or picking it up
     */
    public record Takes(
            double control, double followThrough, double turning, double landing, double touching, double placing) {

        /** What the end of a path takes besides. */
        public double after(Action.Ending ending) {
            if (ending == Action.Ending.JUMP_STOP) {
                return landing;
            }
            if (ending == Action.Ending.TOUCH) {
                return touching;
            }
            return 0;
        }
    }

    private static final JsonObject FILE = load();

    /** Metres per second by gait, without the ball. */
    public Map<Gait, Double> top() {
        return legs.top();
    }

    /** Time constant of speeding up, seconds. */
    public double settle() {
        return legs.settle();
    }

    /** Most slowing, m/s². */
    public double brake() {
        return legs.brake();
    }

    /** Most sideways pull in a bend, m/s². */
    public double grip() {
        return legs.grip();
    }

    /** Share of the top speed that is left with the ball. */
    public double withBall() {
        return legs.withBall();
    }

    public Speeds {
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
        double quick = number(level, "people") * number(intensity, "people");
        double arms = number(level, "balls") * number(intensity, "balls");
        Map<Gait, Double> top = new EnumMap<>(Gait.class);
        for (Gait gait : Gait.values()) {
            top.put(gait, quick * number(people.getJsonObject("top"), word(gait)));
        }
        BallLaw pass = law(ball.getJsonObject("pass"), arms);
        return new Speeds(
                new Legs(
                        top,
                        number(people, "settle"),
                        number(people, "brake"),
                        number(people, "grip"),
                        number(people, "ball")),
                new Corners(number(FILE, "cornerRadius"), number(people, "tightTurn"), number(FILE, "spin")),
                durations(),
                pass,
                law(ball.getJsonObject("shot"), arms),
                ways(pass));
    }

    private static Takes durations() {
        return new Takes(
                number(FILE, "control"),
                number(FILE, "followThrough"),
                number(FILE, "turning"),
                number(FILE, "landing"),
                number(FILE, "touching"),
                number(FILE, "placing"));
    }

    private static Map<Manner, BallMotion> ways(BallLaw pass) {
        Map<Manner, BallMotion> ways = new EnumMap<>(Manner.class);
        JsonObject file = FILE.getJsonObject("ways");
        for (Manner manner : Manner.values()) {
            JsonObject way = file.getJsonObject(word(manner));
            ways.put(manner, way == null ? pass : motion(way, pass));
        }
        return ways;
    }

    private static BallMotion motion(JsonObject way, BallLaw pass) {
        return way.containsKey("angle")
                ? new Lob(Math.toRadians(number(way, "angle")))
                : new BallLaw(pass.speed() * number(way, "speed"), Math.max(pass.slowing(), number(way, "slowing")));
    }

    /**
     * How the ball of a pass or shot goes. A ball that is rolled to nobody is rolled so that it comes to rest there.
     */
    public BallMotion motion(Action.Delivery delivery, boolean met) {
        if (!met
                && delivery instanceof Action.Pass p
                && p.manner() == Manner.ROLL
                && ways.get(Manner.ROLL) instanceof BallLaw roll
                && roll.slowing() > 0) {
            return new RollingOut(roll.slowing());
        }
        return delivery instanceof Action.Pass p ? ways.getOrDefault(p.manner(), pass) : shot;
    }

    /** Top speed of a travel, m/s. */
    public double topOf(Travel travel) {
        double free = top().get(travel.gait()) * travel.going().pace();
        return travel instanceof Travel.Carry ? free * withBall() : free;
    }

    /**
     * How long somebody takes who sprints straight to a place and runs on there, seconds.
     *
     * @param metres 0 or more
     * @param speed how fast they go that way already, m/s
     */
    public double sprintTime(double metres, double speed) {
        return metres <= 0
                ? 0
                : SpeedProfile.freeTime(
                        metres, Math.max(0, Math.min(speed, top().get(Gait.SPRINT))), top().get(Gait.SPRINT), settle());
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
