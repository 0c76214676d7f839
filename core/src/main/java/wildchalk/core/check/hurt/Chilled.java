package wildchalk.core.check.hurt;

import java.util.List;
import java.util.Optional;
import wildchalk.core.check.Finding;
import wildchalk.core.check.Typical;
import wildchalk.core.check.rep.DrillCheck;
import wildchalk.core.check.rep.Looked;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Travel;
import wildchalk.core.effort.Effort;

/** Going flat out on a cold evening without a word of warming up, or of keeping warm. */
final class Chilled implements DrillCheck {

    @Override
    public String id() {
        return "cold";
    }

    @Override
    public List<Spotted> in(Looked looked) {
        boolean cold = looked.conditions().warmth() == Typical.Warmth.COLD;
        Optional<Rep> lowest = looked.rungs().stream().findFirst();
        boolean said = looked.spoken().speaksOf(Said.pattern("cold.care"));
        return lowest.filter(r -> cold && !said && isFlatOut(r)).stream()
                .map(r -> Spotted.of(
                                id(), Finding.Weight.COULD_BE_BETTER, Said.BOOK.say("cold"), Said.BOOK.say("cold.do"))
                        .in(r)
                        .as(Spotted.Sure.LOOK)
                        .mending(() -> Said.caution(looked.drill(), "cold.caution")))
                .toList();
    }

    private static boolean isFlatOut(Rep rep) {
        return rep.stage().effort().intensity() == Effort.Intensity.LIVE
                && rep.stage().actions().stream()
                        .anyMatch(a -> a instanceof Travel t && t.gait() == Action.Gait.SPRINT);
    }
}
