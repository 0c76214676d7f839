package wildchalk.core.check.work;

import java.util.List;
import wildchalk.core.check.rep.DrillCheck;

/** The checks of what will not work. */
public final class WorkChecks {

    /** The word for somebody who runs right through somebody or something. */
    public static final String IN_THE_WAY = "in-the-way";

    /** All there are. */
    public static final List<DrillCheck> ALL = List.of(
            new CannotHappen(),
            new LaneShut(),
            new Sooner(),
            new TooFew(),
            new Unheard(),
            new LateCue(),
            new SameReads(),
            new DeadFreeze(),
            new OffGround(),
            new Offside(),
            new BlueLine(),
            new Forward(),
            new BackCourt(),
            new KeepOut(),
            new ShootsFrom(),
            new KickOff());

    private WorkChecks() {}
}
