package wildchalk.core.practice;

import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import wildchalk.core.catalogue.Skill;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.GearKind;
import wildchalk.core.geometry.Vec;
import wildchalk.core.script.Counts;

/**
 * What a block of a drill takes, and what becomes of those who play it, as {@link DrillWork} works it out. It does not
 * depend on how long the block is.
 *
 * @param fewest people it takes at least, all copies together
 * @param keepers of them
 * @param kit what is set out and worn
 * @param saying seconds that it takes to say all of its first rung and to show it once
 * @param work what one who plays it does
 * @param footing the ground that it takes
 * @param about what it is about
 */
public record Needs(int fewest, int keepers, Kit kit, double saying, Work work, Footing footing, About about) {

    /**
     * What is set out and worn, all copies together.
     *
     * @param gear what is put down, by kind
     * @param balls that are in play, carried back or lying out at once
     * @param ball what one is called
     * @param bibs colours that are worn
     * @param settingOut seconds that one person takes to set all of it out
     */
    public record Kit(Map<GearKind, Integer> gear, int balls, Counts.Ball ball, Set<Bib> bibs, double settingOut) {
        public Kit {
            Map<GearKind, Integer> copy = new EnumMap<>(GearKind.class);
            copy.putAll(gear);
            gear = Collections.unmodifiableMap(copy);
            bibs = Set.copyOf(bibs);
        }
    }

    /**
     * What one who plays it does in a minute, everybody in the middle.
     *
     * @param metres that they go
     * @param sprints how often they sprint
     * @param touches of the ball
     * @param busy share of the time in which they do something, 0 to 1
     * @param going share of the time in which they go to where they wait or begin, 0 to 1
     * @param longestWait seconds for which somebody stands at most at one go; 0 when there are too few to play it,
     *     without end for somebody who never has a turn
     * @param turning to either side
     */
    public record Work(
            double metres,
            double sprints,
            double touches,
            double busy,
            double going,
            double longestWait,
            Turning turning) {

        /** Nothing is done. */
        public static final Work NONE = new Work(0, 0, 0, 0, 0, 0, Turning.NONE);
    }

    /** How far people turn while they run, radians in a rep, all of them together, every way counted alike. */
    public record Turning(double left, double right) {

        /** Nobody turns. */
        public static final Turning NONE = new Turning(0, 0);

        /** The same seen in a mirror. */
        public Turning mirrored() {
            return new Turning(/* left= */ right, /* right= */ left);
        }

        /** Both together, each as often as that. */
        public Turning and(Turning other, double times) {
            return new Turning(left + other.left * times, right + other.right * times);
        }
    }

    /**
     * The ground that it takes, all copies side by side.
     *
     * @param surface id of what it is drawn on
     * @param centre in the middle of it, metres on the surface
     * @param length metres along it
     * @param width metres across it
     * @param whole all of what it is drawn on
     * @param copies how far the middle of each copy is from the middle of all, metres
     * @param reach where its people and balls get to, metres from its middle, all copies together
     */
    public record Footing(
            String surface,
            Vec centre,
            double length,
            double width,
            Content.Area whole,
            List<Vec> copies,
            Reach reach) {

        public Footing {
            copies = List.copyOf(copies);
        }

        /** One of which it is not known where anybody gets to. */
        public Footing(String surface, Vec centre, double length, double width, Content.Area whole) {
            this(surface, centre, length, width, whole, List.of(Vec.ZERO), Reach.NONE);
        }

        /** Square metres. */
        public double area() {
            return length * width;
        }
    }

    /**
     * What it is about.
     *
     * @param skills what is practised, with its share: together 1, or none
     * @param contact whether bodies meet on purpose
     * @param words what stands in it, for whoever looks whether something is in it
     */
    public record About(Map<Skill, Double> skills, boolean contact, String words) {
        public About {
            Map<Skill, Double> copy = new EnumMap<>(Skill.class);
            copy.putAll(skills);
            skills = Collections.unmodifiableMap(copy);
        }
    }

    /** What is put down, all copies together, by kind. */
    public Map<GearKind, Integer> gear() {
        return kit.gear();
    }

    /** That are in play, carried back or lying out at once. */
    public int balls() {
        return kit.balls();
    }

    /** "6 balls", "1 puck". */
    public String ballWords() {
        return kit.ball().counted(kit.balls());
    }

    /** Colours that are worn. */
    public Set<Bib> bibs() {
        return kit.bibs();
    }

    /** Seconds that one person takes to set all of it out. */
    public double settingOut() {
        return kit.settingOut();
    }

    /** Seconds for which somebody stands at most at one go. */
    public double longestWait() {
        return work.longestWait();
    }
}
