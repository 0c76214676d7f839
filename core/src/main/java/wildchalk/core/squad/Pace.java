package wildchalk.core.squad;

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
 */
public record Pace(double share, double off, int sprints) {

    /** By how much of the time one that was stopped by hand is off; assumed. */
    private static final double BY_HAND = 0.04;
    /** Nobody is taken to be slower or faster than this share. */
    private static final double LEAST = 0.3;

    private static final double MOST = 2;
    private static final int HALVINGS = 40;

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
        return said == 0 ? Optional.empty() : Optional.of(new Pace(said, 0, 0));
    }

    /** Their middle, as one who stumbles or starts early should count for little; the more of them, the surer. */
    private static Pace learned(List<Sprint> sprints, Speeds usual) {
        double[] shares =
                sprints.stream().mapToDouble(s -> share(s, usual)).sorted().toArray();
        int n = shares.length;
        double middle = (shares[(n - 1) / 2] + shares[n / 2]) / 2;
        return new Pace(middle, BY_HAND / Math.sqrt(n), n);
    }

    /** The share of the usual top speed with which somebody needs that long from standing. */
    private static double share(Sprint sprint, Speeds usual) {
        double top = usual.top().get(Gait.SPRINT);
        double slow = LEAST;
        double fast = MOST;
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (slow + fast) / 2;
            if (usual.timeFor(sprint.metres(), 0, top * middle) > sprint.seconds()) {
                slow = middle;
            } else {
                fast = middle;
            }
        }
        return (slow + fast) / 2;
    }
}
