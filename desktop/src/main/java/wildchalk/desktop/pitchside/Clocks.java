package wildchalk.desktop.pitchside;

import wildchalk.core.pitchside.Time;

/** The two clocks of a computer. */
@FunctionalInterface
public interface Clocks {

    /** Those of this one. */
    Clocks OF_THIS_COMPUTER = () -> new Time(System.nanoTime(), System.currentTimeMillis());

    /** What both say now. */
    Time now();
}
