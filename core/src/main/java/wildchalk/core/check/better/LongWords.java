package wildchalk.core.check.better;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.check.rep.DrillCheck;
import wildchalk.core.check.rep.Looked;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.script.Script;
import wildchalk.core.script.ScriptWriter;

/** A beat that takes too many words to shout. */
final class LongWords implements DrillCheck {

    /** More words than these nobody takes in while they run; assumed. */
    private static final int MANY = 35;

    @Override
    public String id() {
        return "long-words";
    }

    @Override
    public List<Spotted> in(Looked looked) {
        List<Spotted> found = new ArrayList<>();
        Optional<Rep> top = looked.rungs().stream().reduce((a, b) -> b);
        top.ifPresent(rep -> {
            for (Script.Line line : ScriptWriter.write(rep.stage(), rep.timeline(), rep.surface(), looked.unit())
                    .lines()) {
                int words = line.text().split("\\s+").length;
                if (words > MANY) {
                    found.add(Said.in(rep, id(), id(), line.number(), words)
                            .when(line.t())
                            .about(List.copyOf(line.does()))
                            .as(Spotted.Sure.LOOK));
                }
            }
        });
        return found;
    }
}
