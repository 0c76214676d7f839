package wildchalk.handout.card;

import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Stage;
import wildchalk.core.script.Differences;
import wildchalk.core.setout.SetOut;
import wildchalk.core.setout.Sheet;
import wildchalk.core.setout.Starts;
import wildchalk.handout.order.Order;
import wildchalk.handout.order.Played;

/**
 * What is measured and compared for a rung, once, however often its card is laid out.
 *
 * @param below the rung that it was made from, when that is on the card too
 * @param differs what it has that the rung below has not
 */
record Facts(Played rung, Sheet sheet, List<Starts.Start> starts, Optional<Stage> below, List<String> differs) {

    static List<Facts> of(Order order, List<Played> rungs) {
        return rungs.stream().map(r -> of(order, r, rungs)).toList();
    }

    private static Facts of(Order order, Played rung, List<Played> all) {
        Optional<Stage> below = rung.rung()
                .from()
                .filter(f -> all.stream().anyMatch(r -> r.rung().id().equals(f)))
                .map(f -> Ladder.build(order.drill(), f));
        return new Facts(
                rung,
                SetOut.of(rung.stage(), rung.surface(), order.units(), order.handful()),
                Starts.of(rung.stage(), rung.surface(), order.units()),
                below,
                below.map(b -> Differences.of(
                                b,
                                rung.stage(),
                                rung.timeline(),
                                rung.surface(),
                                order.units().unit()))
                        .orElse(List.of()));
    }
}
