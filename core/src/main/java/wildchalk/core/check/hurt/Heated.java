package wildchalk.core.check.hurt;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.check.Finding;
import wildchalk.core.check.Typical;
import wildchalk.core.check.rep.DrillCheck;
import wildchalk.core.check.rep.Looked;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.drill.Ladder;
import wildchalk.core.effort.Dose;
import wildchalk.core.effort.Effort;

/** Hard work for longer than is usual without water, at the age and in the warmth. */
final class Heated implements DrillCheck {

    @Override
    public String id() {
        return "heat";
    }

    @Override
    public List<Spotted> in(Looked looked) {
        List<Spotted> found = new ArrayList<>();
        if (looked.spoken().speaksOf(Said.pattern("heat.care"))) {
            return found;
        }
        Typical.Warmth warmth = looked.conditions().warmth();
        int typical = Typical.at(looked.level()).water(warmth);
        for (Rep rep : looked.rungs()) {
            Effort.Intensity intensity = rep.stage().effort().intensity();
            boolean hard = intensity == Effort.Intensity.LIVE || intensity == Effort.Intensity.THREE_QUARTER;
            Optional<Dose> dose = Ladder.dose(looked.drill(), rep.stage().id());
            double minutes = dose.map(Dose::minutes).orElse(0.0);
            if (hard && minutes > typical) {
                found.add(Spotted.of(
                                id(),
                                warmth == Typical.Warmth.HOT
                                        ? Finding.Weight.COULD_HURT
                                        : Finding.Weight.COULD_BE_BETTER,
                                Said.BOOK.say("heat", Math.round(minutes), typical, warmth.ordinal()),
                                Said.BOOK.say("heat.do"))
                        .in(rep)
                        .as(Spotted.Sure.LOOK)
                        .mending(() -> Said.caution(looked.drill(), "heat.caution")));
            }
        }
        return found;
    }
}
