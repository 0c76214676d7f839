package wildchalk.core.check.hurt;

import java.util.List;
import wildchalk.core.check.rep.DrillCheck;

/** The checks of what could hurt somebody. */
public final class HurtChecks {

    /** All there are. */
    public static final List<DrillCheck> ALL = List.of(
            new Meets(),
            new BallThrough(),
            new SecondBall(),
            new BehindGoal(),
            new Stopping(),
            new Underfoot(),
            new BackTurned(),
            new Backwards(),
            new UnseenBall(),
            new KeeperSet(),
            new KeeperContact(),
            new TwoTackle(),
            new OnTheGround(),
            new ContactDrawn(),
            new ThrownThing(),
            Written.contact(),
            Written.ground(),
            Written.grips(),
            Written.head(),
            Written.worn(),
            Written.forfeit(),
            new Tips(),
            new Slippery(),
            new Heated(),
            new Chilled(),
            new Strip());

    private HurtChecks() {}
}
