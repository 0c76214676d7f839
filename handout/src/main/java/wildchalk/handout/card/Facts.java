package wildchalk.handout.card;

import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Stage;
import wildchalk.core.phase.Phases;
import wildchalk.core.scene.Frame;
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
 * @param belowSign the sign of that rung
 * @param said what is said of it besides the script
 * @param frame what of the surface the drill shows, so that nobody is cut off
 * @param shots its pictures, at least one
 */
record Facts(
        Played rung,
        Sheet sheet,
        List<Starts.Start> starts,
        Optional<Stage> below,
        Optional<String> belowSign,
        Said said,
        Frame frame,
        List<Shot> shots) {

    /**
     * What is said of a rung besides its script.
     *
     * @param differs what it has that the rung below has not
     * @param turns how many it takes and who is next
     */
    record Said(List<String> differs, List<String> turns) {}

    static List<Facts> of(Order order, List<Played> rungs) {
        return rungs.parallelStream().map(r -> of(order, r, rungs)).toList();
    }

    private static Facts of(Order order, Played rung, List<Played> all) {
        Optional<Played> under = rung.rung()
                .from()
                .flatMap(f -> all.stream().filter(r -> r.rung().id().equals(f)).findFirst());
        Optional<Stage> below =
                under.map(f -> Ladder.build(order.drill(), f.rung().id()));
        Frame frame = rung.frame();
        return new Facts(
                rung,
                SetOut.of(rung.stage(), rung.surface(), order.units(), order.handful()),
                Starts.of(rung.stage(), rung.surface(), order.units()),
                below,
                under.map(Played::sign),
                new Said(
                        below.map(b -> Differences.of(
                                        b,
                                        rung.stage(),
                                        rung.timeline(),
                                        rung.surface(),
                                        order.units().unit()))
                                .orElse(List.of()),
                        rung.turns()),
                frame,
                Shot.of(rung, frame, Phases.of(rung.stage(), rung.surface(), rung.timeline(), rung.script())));
    }
}
