package wildchalk.core.check.hurt;

import java.util.List;
import java.util.Optional;
import wildchalk.core.check.rep.DrillCheck;
import wildchalk.core.check.rep.Looked;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Contest;
import wildchalk.core.drill.Shadow;
import wildchalk.core.edit.ActionEdits;

/** Bodies that are drawn to meet: for children, and where nothing is said of what must be worn or who looks on. */
final class ContactDrawn implements DrillCheck.OfRep {

    @Override
    public String id() {
        return "contact-drawn";
    }

    @Override
    public List<Spotted> in(Rep rep) {
        Looked looked = rep.looked();
        boolean child = Assumed.isChild(looked.level());
        boolean cared = looked.spoken().cautions(Said.pattern("contact-drawn.care"));
        Optional<Action> first = child || !cared
                ? rep.stage().actions().stream().filter(ContactDrawn::isContact).findFirst()
                : Optional.empty();
        return first.flatMap(a -> rep.timeline().times(a.id()).map(t -> {
                    String what = ActionEdits.describe(a, rep.stage());
                    String key = child ? "contact-drawn.child" : id();
                    Spotted spotted = Said.in(rep, id(), key, rep.name(a.who()), what)
                            .when(t.start())
                            .at(rep.timeline().at(a.who(), t.start()))
                            .about(List.of(a.id(), a.who()))
                            .as(Spotted.Sure.LOOK);
                    return child
                            ? spotted
                            : spotted.mending(() -> Said.caution(looked.drill(), "contact-drawn.caution"));
                }))
                .map(List::of)
                .orElse(List.of());
    }

    private static boolean isContact(Action action) {
        if (action instanceof Act act) {
            return act.what() == Act.What.TACKLE || act.what() == Act.What.CLEAR_OUT;
        }
        if (action instanceof Contest c) {
            return c.start() == Contest.Start.SCRUM || c.start() == Contest.Start.PULL;
        }
        return action instanceof Shadow s && s.way() == Shadow.Way.BODY_UP;
    }
}
