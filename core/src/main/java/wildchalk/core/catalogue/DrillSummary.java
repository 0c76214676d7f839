package wildchalk.core.catalogue;

import java.util.Map;
import java.util.Set;
import wildchalk.core.drill.GearKind;
import wildchalk.core.effort.Effort;

/**
 * What is known of a drill without opening it. What it needs is what its lowest rung needs: with that much it can be
 * run.
 *
 * @param where what it is played on
 * @param needed what it takes
 * @param room the ground that it takes
 * @param dosage how long it is practised
 * @param players who it is for
 * @param practised what is practised
 * @param couldHurt whether anything was found in it that could hurt somebody, and was not left for a reason
 */
public record DrillSummary(
        String title,
        Where where,
        Required needed,
        Room room,
        Dosage dosage,
        Players players,
        Practised practised,
        boolean couldHurt) {

    /**
     * What it is played on.
     *
     * @param surface id of the surface
     * @param place name of the surface
     */
    public record Where(String surface, String place, String sport) {}

    /**
     * What the lowest rung takes.
     *
     * @param people who play, those who wait included
     * @param mostPeople who play on the rung that needs most
     * @param gear by kind
     * @param words the same in the sport's words: "9 players, 9 cones, 6 balls"
     */
    public record Required(int people, int mostPeople, Map<GearKind, Integer> gear, int balls, String words) {
        public Required {
            gear = Map.copyOf(gear);
        }
    }

    /**
     * The ground that the lowest rung takes.
     *
     * @param along metres along the surface
     * @param across metres across it
     * @param space the part of the surface that holds that
     */
    public record Room(double along, double across, Space space) {}

    /**
     * How long it is practised.
     *
     * @param minutes of all rungs together; 0 where nothing is said, or only how often
     * @param rungs how many
     */
    public record Dosage(double minutes, int rungs) {}

    /**
     * Who practises it.
     *
     * @param intensities how hard people go, on any rung
     */
    public record Players(Effort.Level age, Set<Effort.Intensity> intensities) {
        public Players {
            intensities = Set.copyOf(intensities);
        }
    }

    /**
     * What is practised, on any rung.
     *
     * @param does how often each kind of thing is done, and what follows what ("pass", "pass>shot"), on all rungs
     */
    public record Practised(Set<Skill> skills, Map<String, Integer> does) {
        public Practised {
            skills = Set.copyOf(skills);
            does = Map.copyOf(does);
        }
    }

    /** A drill of which only the title is known. */
    public static DrillSummary unseen(String title) {
        return new DrillSummary(
                title,
                new Where("", "", ""),
                new Required(0, 0, Map.of(), 0, ""),
                new Room(0, 0, Space.WHOLE),
                new Dosage(0, 1),
                new Players(Effort.Level.ADULT, Set.of()),
                new Practised(Set.of(), Map.of()),
                false);
    }

    /** Id of the surface. */
    public String surface() {
        return where.surface();
    }

    /** Name of the surface. */
    public String place() {
        return where.place();
    }

    /** As people call it. */
    public String sport() {
        return where.sport();
    }

    /** Who play on the lowest rung, those who wait included. */
    public int people() {
        return needed.people();
    }

    /** Who play on the rung that needs most. */
    public int mostPeople() {
        return needed.mostPeople();
    }

    /** Of the lowest rung, by kind. */
    public Map<GearKind, Integer> gear() {
        return needed.gear();
    }

    /** Of the lowest rung. */
    public int balls() {
        return needed.balls();
    }

    /** What the lowest rung needs, in the sport's words. */
    public String needs() {
        return needed.words();
    }

    /** That all rungs together are practised; 0 where nothing is said, or only how often. */
    public double minutes() {
        return dosage.minutes();
    }

    /** How many. */
    public int rungs() {
        return dosage.rungs();
    }

    /** What is practised, on any rung. */
    public Set<Skill> skills() {
        return practised.skills();
    }

    /** How often each kind of thing is done, and what follows what. */
    public Map<String, Integer> does() {
        return practised.does();
    }

    /** Metres along the surface that the lowest rung takes. */
    public double along() {
        return room.along();
    }

    /** Metres across the surface that the lowest rung takes. */
    public double across() {
        return room.across();
    }

    /** The part of the surface that holds the lowest rung. */
    public Space space() {
        return room.space();
    }

    /** Who it is for. */
    public Effort.Level age() {
        return players.age();
    }

    /** How hard people go, on any rung. */
    public Set<Effort.Intensity> intensities() {
        return players.intensities();
    }
}
