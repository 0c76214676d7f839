package wildchalk.core.practice;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * How hard an evening is for one who does all that it holds: worked out of its drills, and assumed for games and for
 * what stands between.
 *
 * @param parts along the clock, without a gap
 */
public record Strain(List<Part> parts) {

    /** Metres in a minute of a game of which nothing is known; assumed. */
    private static final double GAME_METRES = 90;
    /** Sprints in a minute of a game of which nothing is known; assumed. */
    private static final double GAME_SPRINTS = 0.7;
    /** Metres in a minute while people walk over or gather balls; assumed. */
    private static final double BETWEEN_METRES = 20;

    private static final double MINUTE = 60;

    /**
     * A while.
     *
     * @param block id of the block; empty for what comes before one
     * @param from seconds after the start of the slot
     * @param to seconds after the start of the slot
     * @param metres that one goes in a minute
     * @param sprints in a minute
     * @param contact whether bodies meet on purpose
     */
    public record Part(String block, int from, int to, double metres, double sprints, boolean contact) {

        /** How long, minutes. */
        public double minutes() {
            return (to - from) / MINUTE;
        }
    }

    public Strain {
        parts = List.copyOf(parts);
    }

    /** That of an evening, with or without what is over. */
    public static Strain of(Plan plan, KnownNeeds needs) {
        List<Part> parts = new ArrayList<>();
        for (Plan.Entry entry : plan.entries()) {
            int begins = entry.start() - entry.before().seconds();
            if (begins < entry.start()) {
                parts.add(new Part("", begins, entry.start(), BETWEEN_METRES, 0, false));
            }
            parts.add(part(entry, needs));
        }
        return new Strain(parts);
    }

    /** Of several side by side everybody does one: it is as hard as they are in the middle. */
    private static Part part(Plan.Entry entry, KnownNeeds needs) {
        double metres = 0;
        double sprints = 0;
        boolean contact = false;
        List<Block> side = entry.block().parts();
        for (Block block : side) {
            Needs.Work work = needs.of(block).map(Needs::work).orElse(usual(block));
            metres += work.metres() / side.size();
            sprints += work.sprints() / side.size();
            contact |= needs.of(block).filter(n -> n.about().contact()).isPresent();
        }
        return new Part(entry.block().id(), entry.start(), entry.end(), metres, sprints, contact);
    }

    /** What one does in a minute of a block of which no drill says it: assumed for a game, and nothing for the rest. */
    public static Needs.Work usual(Block block) {
        return block.content() instanceof Content.Game
                ? new Needs.Work(GAME_METRES, GAME_SPRINTS, 0, 1, 0, 0, Needs.Turning.NONE)
                : Needs.Work.NONE;
    }

    /** Metres, all together. */
    public double metres() {
        return parts.stream().mapToDouble(p -> p.metres() * p.minutes()).sum();
    }

    /** Sprints, all together. */
    public double sprints() {
        return parts.stream().mapToDouble(p -> p.sprints() * p.minutes()).sum();
    }

    /** Minutes with contact, all together. */
    public double contact() {
        return parts.stream().filter(Part::contact).mapToDouble(Part::minutes).sum();
    }

    /** How hard it is to do something. */
    public enum Pace {
        EASY,
        MIDDLE,
        HARD;

        private static final double FROM_MIDDLE = 45;
        private static final double FROM_HARD = 90;

        /** By metres in a minute; the limits are assumed. */
        static Pace of(double metres) {
            if (metres >= FROM_HARD) {
                return HARD;
            }
            return metres >= FROM_MIDDLE ? MIDDLE : EASY;
        }
    }

    /** Minutes of blocks, by how hard they are. */
    public double minutes(Pace pace) {
        return parts.stream()
                .filter(p -> !p.block().isEmpty() && Pace.of(p.metres()) == pace)
                .mapToDouble(Part::minutes)
                .sum();
    }

    /** The hardest part by metres in a minute; nothing for an evening without blocks. */
    public Optional<Part> hardest() {
        return parts.stream().max(Comparator.comparingDouble(Part::metres));
    }
}
