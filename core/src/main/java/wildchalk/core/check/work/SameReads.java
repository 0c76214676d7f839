package wildchalk.core.check.work;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import wildchalk.core.check.Finding;
import wildchalk.core.check.rep.DrillCheck;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Instruction;
import wildchalk.core.edit.ReadEdits;

/** A read whose options are the same thing. */
final class SameReads implements DrillCheck.OfRep {

    @Override
    public String id() {
        return "same-reads";
    }

    @Override
    public List<Spotted> in(Rep rep) {
        List<Spotted> found = new ArrayList<>();
        if (!rep.way().equals(Choices.NONE)) {
            return found;
        }
        for (Instruction.Read read : rep.stage().instructions(Instruction.Read.class)) {
            for (int i = 0; i < read.options().size(); i++) {
                for (int j = i + 1; j < read.options().size(); j++) {
                    Instruction.Option one = read.options().get(i);
                    Instruction.Option two = read.options().get(j);
                    boolean same = !one.actions().isEmpty()
                            && new HashSet<>(one.actions()).equals(new HashSet<>(two.actions()));
                    if (same) {
                        String words = Said.BOOK.say("without", two.label());
                        found.add(Said.in(rep, id(), id(), one.label(), two.label())
                                .about(List.of(read.id(), one.id(), two.id()))
                                .mending(() -> List.of(new Finding.Mend<>(
                                        words, ReadEdits.without(rep.stage().id(), rep.stage(), read, two.id())))));
                    }
                }
            }
        }
        return found;
    }
}
