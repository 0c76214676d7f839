package wildchalk.handout.evening;

import java.time.Instant;
import java.time.ZoneId;
import wildchalk.core.evening.Handed;
import wildchalk.core.evening.RunSheet;
import wildchalk.core.measure.Units;
import wildchalk.handout.order.Order;

/**
 * What is handed out of an evening, and how.
 *
 * @param paper what it is printed on
 * @param units how lengths are said
 * @param zone in which it is
 * @param now when it is handed out
 */
public record EveningOrder(Handed evening, Order.Paper paper, Units units, ZoneId zone, Instant now) {

    /** One on the usual paper, in metres, in the zone of this machine. */
    public static EveningOrder of(Handed evening) {
        return new EveningOrder(evening, Order.Paper.USUAL, Units.METRIC, ZoneId.systemDefault(), Instant.now());
    }

    /** The same on other paper. */
    public EveningOrder on(Order.Paper other) {
        return new EveningOrder(evening, other, units, zone, now);
    }

    /** The same with other things said of people. */
    public EveningOrder saying(Handed.Who who) {
        return new EveningOrder(evening.saying(who), paper, units, zone, now);
    }

    /** What stands on its run sheet. */
    RunSheet sheet() {
        return RunSheet.of(evening, units.unit());
    }
}
