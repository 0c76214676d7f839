package wildchalk.core.practice;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.TreeMap;
import wildchalk.core.catalogue.Skill;
import wildchalk.core.drill.GearKind;
import wildchalk.core.script.Counts;

/**
 * What an evening is made of.
 *
 * @param skills minutes of each, by how often it is done; those most practised first
 * @param shares minutes of one who does all that it holds, by what they do in them: together the whole evening
 * @param touches of the ball, each
 */
public record Makeup(Map<Skill, Double> skills, Map<Share, Double> shares, double touches) {

    private static final double MINUTE = 60;

    /** What time is spent with. */
    public enum Share {
        /** Somebody does something in a drill. */
        WORKING,
        /** Somebody goes back, or to where they begin, in a drill. */
        GOING,
        STANDING,
        PLAYING,
        LISTENING,
        /** Balls, gear, bibs, and going over. */
        CHANGING,
        WATER,
        OTHER
    }

    private static final Content.Cases<Share> SPENT = new Content.Cases<>() {
        @Override
        public Share play(Content.Play play) {
            return Share.OTHER;
        }

        @Override
        public Share game(Content.Game game) {
            return Share.PLAYING;
        }

        @Override
        public Share words(Content.Words words) {
            return switch (words.sort()) {
                case TALK -> Share.LISTENING;
                case WATER -> Share.WATER;
                case SETTING_OUT -> Share.CHANGING;
                case FREE -> Share.OTHER;
            };
        }

        @Override
        public Share beside(Content.Beside beside) {
            return Share.OTHER;
        }
    };

    public Makeup {
        skills = Collections.unmodifiableMap(skills);
        shares = Collections.unmodifiableMap(shares);
    }

    /** That of an evening. */
    public static Makeup of(Plan plan, KnownNeeds needs) {
        Map<Skill, Double> skills = new EnumMap<>(Skill.class);
        Map<Share, Double> shares = new EnumMap<>(Share.class);
        double touches = 0;
        for (Plan.Entry entry : plan.entries()) {
            between(entry.before(), shares);
            for (Block block : entry.block().parts()) {
                double minutes =
                        (double) block.time().now() / entry.block().parts().size();
                Needs known = needs.of(block).orElse(null);
                if (known == null) {
                    shares.merge(block.content().match(SPENT), minutes, Double::sum);
                    continue;
                }
                shares.merge(Share.WORKING, minutes * known.work().busy(), Double::sum);
                shares.merge(Share.GOING, minutes * known.work().going(), Double::sum);
                double standing = 1 - known.work().busy() - known.work().going();
                shares.merge(Share.STANDING, minutes * standing, Double::sum);
                known.about().skills().forEach((skill, share) -> skills.merge(skill, share * minutes, Double::sum));
                touches += known.work().touches() * minutes;
            }
        }
        Map<Skill, Double> most = new TreeMap<>((a, b) -> {
            int by = Double.compare(skills.get(b), skills.get(a));
            return by != 0 ? by : a.compareTo(b);
        });
        most.putAll(skills);
        return new Makeup(most, shares, touches);
    }

    private static void between(Change change, Map<Share, Double> shares) {
        // Where the coach says how long it takes, its parts shrink or grow alike.
        double scale = change.workedOut() == 0 ? 0 : (double) change.seconds() / change.workedOut();
        for (Change.Part part : change.parts()) {
            shares.merge(
                    part.doing() == Change.Doing.TELL ? Share.LISTENING : Share.CHANGING,
                    part.seconds() * scale / MINUTE,
                    Double::sum);
        }
        if (change.workedOut() == 0 && change.seconds() > 0) {
            shares.merge(Share.CHANGING, change.seconds() / MINUTE, Double::sum);
        }
    }

    /**
     * What is to be brought: the most of each that is out at one time.
     *
     * @param gear by kind
     * @param balls at least
     * @param called the same with what they are called: "6 pucks"; empty for none
     * @param settingOut seconds that one person takes for what the first block needs
     */
    public record Bring(Map<GearKind, Integer> gear, int balls, String called, double settingOut) {
        public Bring {
            gear = Collections.unmodifiableMap(gear);
        }
    }

    /** What is to be brought for an evening. */
    public static Bring bring(Plan plan, KnownNeeds needs) {
        Map<GearKind, Integer> most = new EnumMap<>(GearKind.class);
        int balls = 0;
        String called = "";
        double first = 0;
        for (Plan.Entry entry : plan.entries()) {
            Map<GearKind, Integer> now = new EnumMap<>(GearKind.class);
            int out = 0;
            Counts.Ball ball = null;
            for (Block block : entry.block().parts()) {
                Needs known = needs.of(block).orElse(null);
                if (known != null) {
                    known.gear().forEach((kind, n) -> now.merge(kind, n, Integer::sum));
                    out += known.balls();
                    ball = known.kit().ball();
                    first += entry == plan.entries().get(0) ? known.settingOut() : 0;
                }
            }
            now.forEach((kind, n) -> most.merge(kind, n, Math::max));
            if (out > balls) {
                balls = out;
                called = ball.counted(out);
            }
        }
        return new Bring(most, balls, called, first);
    }
}
