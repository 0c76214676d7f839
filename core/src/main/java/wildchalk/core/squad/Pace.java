package wildchalk.core.squad;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Action.Gait;
import wildchalk.core.motion.Speeds;

/**
 * How fast somebody is, as a share of what is usual for who they are, with how sure that is.
 *
 * @param share 1 for as fast as usual
 * @param off by how much of that it may be off, as a share
 * @param sprints from how many sprints that were measured; 0 where the coach said it
 * @param left how many more were left out, because they do not go with the others: a mistyped second, a stumble
 */
public record Pace(double share, double off, int sprints, int left) {

    /** By how much of the time one that was stopped by hand may be off, mostly by half of it; assumed. */
    private static final double BY_HAND = 0.04;
    /** What is off by more than so many times what is usual does not belong to the others. */
    private static final double FAR = 3;
    /** What the middle of what is off is to be taken by, to be comparable where it is off by chance. */
    private static final double MIDDLE = 1.4826;
    /** Nobody is taken to be slower or faster than this share. */
    private static final double LEAST = 0.3;

    private static final double MOST = 2;
    private static final int HALVINGS = 40;
    private static final int ROUNDS = 10;
    private static final double STEP = 1e-3;

    /**
     * What is known of somebody: from sprints, when there are any, else as the coach said; empty when nothing is.
     *
     * @param usual what is usual for the people they belong to
     */
    public static Optional<Pace> of(Member person, Speeds usual) {
        List<Sprint> sprints = person.level().sprints();
        if (!sprints.isEmpty()) {
            return Optional.of(learned(sprints, usual));
        }
        double said = person.level().speed();
        return said == 0 ? Optional.empty() : Optional.of(new Pace(said, 0, 0, 0));
    }

    /**
     * Least squares on the law by which people gather speed: the share with which the times of all sprints together are
     * off least. Begun from the middle one, and without those that are off by far too much from there, so that one
     * mistyped time counts for nothing; which those are is looked at again until it stays.
     */
    private static Pace learned(List<Sprint> sprints, Speeds usual) {
        double[] shares = sprints.stream().mapToDouble(s -> share(s, usual)).toArray();
        double share = middle(shares);
        List<Sprint> kept = sprints;
        for (int round = 0; round < ROUNDS; round++) {
            List<Sprint> near = near(sprints, share, usual);
            double next = fitted(near, usual);
            boolean settled = near.equals(kept) && round > 0;
            kept = near;
            share = next;
            if (settled) {
                break;
            }
        }
        return new Pace(share, off(kept, share, usual), kept.size(), sprints.size() - kept.size());
    }

    private static double middle(double[] values) {
        double[] sorted = Arrays.stream(values).sorted().toArray();
        int n = sorted.length;
        return (sorted[(n - 1) / 2] + sorted[n / 2]) / 2;
    }

    /** Those that are not off by far more than usual; all where fewer than three can tell. */
    private static List<Sprint> near(List<Sprint> sprints, double share, Speeds usual) {
        if (sprints.size() < 3) {
            return sprints;
        }
        double[] off = sprints.stream()
                .mapToDouble(s -> Math.abs(s.seconds() - time(s, share, usual)) / s.seconds())
                .toArray();
        double far = FAR * Math.max(BY_HAND / 2, MIDDLE * middle(off));
        List<Sprint> near = sprints.stream()
                .filter(s -> Math.abs(s.seconds() - time(s, share, usual)) / s.seconds() <= far)
                .toList();
        return near.isEmpty() ? sprints : near;
    }

    private static double time(Sprint sprint, double share, Speeds usual) {
        return usual.timeFor(sprint.metres(), 0, usual.top().get(Gait.SPRINT) * share);
    }

    /** The share with which the squares of what is off are least: where their slope goes through nothing. */
    private static double fitted(List<Sprint> sprints, Speeds usual) {
        double slow = LEAST;
        double fast = MOST;
        for (int i = 0; i < HALVINGS; i++) {
            double share = (slow + fast) / 2;
            double slope = sprints.stream()
                    .mapToDouble(s -> (time(s, share, usual) - s.seconds()) * slope(s, share, usual))
                    .sum();
            // Whoever is faster needs less: a slope over nothing means that they are slower than this.
            if (slope < 0) {
                slow = share;
            } else {
                fast = share;
            }
        }
        return (slow + fast) / 2;
    }

    /** By how much longer a sprint takes for a share more; below 0. */
    private static double slope(Sprint sprint, double share, Speeds usual) {
        return (time(sprint, share + STEP, usual) - time(sprint, share - STEP, usual)) / (2 * STEP);
    }

    /** As sure as their number makes it, where each is stopped by hand; less where they differ more than that. */
    private static double off(List<Sprint> sprints, double share, Speeds usual) {
        int n = sprints.size();
        double hand = BY_HAND / Math.sqrt(n);
        if (n < 2) {
            return hand;
        }
        double squares = 0;
        double slopes = 0;
        for (Sprint sprint : sprints) {
            squares += Math.pow(sprint.seconds() - time(sprint, share, usual), 2);
            slopes += Math.pow(slope(sprint, share, usual), 2);
        }
        return Math.max(hand, slopes == 0 ? 0 : Math.sqrt(squares / (n - 1) / slopes) / share);
    }

    /** The share of the usual top speed with which somebody needs that long from standing. */
    private static double share(Sprint sprint, Speeds usual) {
        double slow = LEAST;
        double fast = MOST;
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (slow + fast) / 2;
            if (time(sprint, middle, usual) > sprint.seconds()) {
                slow = middle;
            } else {
                fast = middle;
            }
        }
        return (slow + fast) / 2;
    }
}
