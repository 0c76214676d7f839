package wildchalk.core.check.work;

import java.util.List;
import java.util.stream.Collectors;
import wildchalk.core.check.Finding;
import wildchalk.core.check.rep.DrillCheck;
import wildchalk.core.check.rep.Looked;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.drill.Instruction;
import wildchalk.core.edit.FreezeEdits;

/** A freeze whose moment comes on no way through. */
final class DeadFreeze implements DrillCheck {

    @Override
    public String id() {
        return "dead-freeze";
    }

    @Override
    public List<Spotted> in(Looked looked) {
        return looked.rungs().stream()
                .flatMap(rep -> rep.stage().instructions(Instruction.Freeze.class).stream()
                        .filter(f -> looked.reps().stream()
                                .filter(r -> r.stage() == rep.stage())
                                .allMatch(r -> r.timeline().moment(f.at()).isEmpty()))
                        .map(f -> spotted(rep, f)))
                .collect(Collectors.toList());
    }

    private Spotted spotted(Rep rep, Instruction.Freeze freeze) {
        return Said.in(rep, id(), id(), freeze.question())
                .about(List.of(freeze.id()))
                .mending(() -> List.of(new Finding.Mend<>(
                        Said.BOOK.say("unasked"), FreezeEdits.remove(rep.stage().id(), freeze))));
    }
}
