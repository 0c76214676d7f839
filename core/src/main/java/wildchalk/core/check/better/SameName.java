package wildchalk.core.check.better;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import wildchalk.core.check.Finding;
import wildchalk.core.check.rep.DrillCheck;
import wildchalk.core.check.rep.Looked;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Piece;
import wildchalk.core.edit.PersonEdits;
import wildchalk.core.edit.PieceEdits;

/** Two of a team who are called the same, and somebody who is called nothing. */
final class SameName implements DrillCheck {

    @Override
    public String id() {
        return "same-name";
    }

    @Override
    public List<Spotted> in(Looked looked) {
        List<Spotted> found = new ArrayList<>();
        Set<String> told = new HashSet<>();
        for (Rep rep : looked.rungs()) {
            Map<String, Piece.Person> names = new HashMap<>();
            for (Piece.Person person : rep.stage().people()) {
                String label = person.label().strip();
                Piece.Person other = label.isEmpty() ? null : names.putIfAbsent(person.bib() + " " + label, person);
                boolean does = !rep.stage().actionsOf(person.id()).isEmpty();
                if (other != null && told.add(person.id())) {
                    found.add(Said.in(rep, id(), id(), label)
                            .at(person.at())
                            .about(List.of(other.id(), person.id()))
                            .mending(() -> List.of(named(rep, person))));
                } else if (label.isEmpty() && does && told.add(person.id())) {
                    found.add(Said.in(rep, "no-name", "no-name")
                            .at(person.at())
                            .about(List.of(person.id()))
                            .mending(() -> List.of(named(rep, person))));
                }
            }
        }
        return found;
    }

    private static Finding.Mend<Drill> named(Rep rep, Piece.Person person) {
        String free = PersonEdits.freeNumber(rep.stage());
        String words = Said.BOOK.say("name.mend", free);
        return new Finding.Mend<>(words, PieceEdits.change(rep.stage().id(), words, PersonEdits.called(person, free)));
    }
}
