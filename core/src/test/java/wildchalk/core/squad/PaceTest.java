package wildchalk.core.squad;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wildchalk.core.Stages;
import wildchalk.core.drill.Action.Gait;
import wildchalk.core.effort.Effort;
import wildchalk.core.motion.Speeds;

/** How fast somebody is, fitted from sprints of which one may be wrong. */
class PaceTest {

    private static final Speeds USUAL =
            Speeds.of(Stages.TURF, new Effort(Effort.Level.UNDER_16, Effort.Intensity.LIVE));

    /** What somebody of that share needs who is off by a share of it. */
    private static Sprint sprint(double metres, double share, double off) {
        return new Sprint(metres, USUAL.timeFor(metres, 0, USUAL.top().get(Gait.SPRINT) * share) * (1 + off));
    }

    private static Pace pace(List<Sprint> sprints) {
        Member member = Member.named("m", "Ebba").at(new Member.Level(0, 0, sprints));
        return Pace.of(member, USUAL).orElseThrow();
    }

    /** Twelve of ten to forty metres, each off by a hundredth or two one way or the other. */
    private static List<Sprint> twelve(double share) {
        double[] off = {0.01, -0.01, 0.02, -0.02, 0.005, -0.005, 0.015, -0.015, 0.01, -0.01, 0.02, -0.02};
        double[] metres = {10, 10, 20, 20, 30, 30, 20, 20, 40, 40, 15, 15};
        List<Sprint> all = new ArrayList<>();
        for (int i = 0; i < off.length; i++) {
            all.add(sprint(metres[i], share, off[i]));
        }
        return all;
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.8, 0.95, 1, 1.1})
    void threeOfWhichOneIsMistypedByASecond(double share) {
        List<Sprint> sprints =
                new ArrayList<>(List.of(sprint(20, share, 0.01), sprint(20, share, -0.01), sprint(20, share, 0)));
        Pace sound = pace(sprints);
        assertEquals(share, sound.share(), 0.005);
        assertEquals(3, sound.sprints());
        assertEquals(0, sound.left());
        assertEquals(0.04 / Math.sqrt(3), sound.off(), 1e-9, "no surer than a thumb lets it be");
        sprints.set(1, new Sprint(20, sprints.get(1).seconds() + 1));
        Pace mistyped = pace(sprints);
        assertEquals(share, mistyped.share(), 0.02);
        assertEquals(2, mistyped.sprints());
        assertEquals(1, mistyped.left());
        assertTrue(mistyped.off() > sound.off(), "of two it is less sure");
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.8, 0.95, 1, 1.1})
    void twelveOfWhichOneIsMistypedByASecond(double share) {
        List<Sprint> sprints = twelve(share);
        assertEquals(share, pace(sprints).share(), 0.01);
        for (int wrong = 0; wrong < sprints.size(); wrong++) {
            for (int by : new int[] {-1, 1}) {
                List<Sprint> mistyped = new ArrayList<>(sprints);
                Sprint one = sprints.get(wrong);
                mistyped.set(wrong, new Sprint(one.metres(), one.seconds() + by));
                Pace pace = pace(mistyped);
                assertEquals(share, pace.share(), 0.015, wrong + " by " + by);
                assertEquals(11, pace.sprints());
                assertEquals(0.04 / Math.sqrt(11), pace.off(), 0.003);
            }
        }
    }

    /** Worked out by hand for the law: of two that do not agree the squares are least between them. */
    @Test
    void twoThatDoNotAgreeAreBothBelieved() {
        Pace two = pace(List.of(sprint(30, 0.9, 0), sprint(30, 1.1, 0)));
        assertTrue(two.share() > 0.97 && two.share() < 1.02, two.toString());
        assertEquals(2, two.sprints());
        assertTrue(two.off() > 0.06, "and it is said that it is not sure: " + two.off());
        double seconds = (sprint(30, 0.9, 0).seconds() + sprint(30, 1.1, 0).seconds()) / 2;
        assertEquals(
                seconds, USUAL.timeFor(30, 0, USUAL.top().get(Gait.SPRINT) * two.share()), 0.002, "their mean time");
    }

    @Test
    void whoWasNeverMeasuredIsAsTheCoachSays() {
        assertEquals(
                Optional.of(new Pace(0.9, 0, 0, 0)),
                Pace.of(Member.named("m", "Ebba").at(new Member.Level(0, 0.9, List.of())), USUAL));
    }
}
