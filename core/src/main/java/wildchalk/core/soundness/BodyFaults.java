package wildchalk.core.soundness;

import java.util.List;
import java.util.stream.Stream;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Contest;
import wildchalk.core.drill.Craft;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;

/** Whether those are there whom somebody does something to, and whether it makes sense. */
record BodyFaults(Stage stage, List<String> faults) {

    private boolean fault(String key, Object... values) {
        return faults.add(RotationFaults.BOOK.say(key, values));
    }

    boolean of(Act act) {
        Act.About about = act.what().about();
        if ((about == Act.About.NOBODY) == act.on().isPresent()) {
            fault(about == Act.About.NOBODY ? "act.nobody" : "act.whom");
        }
        boolean person =
                act.on().flatMap(Spot::namedPiece).flatMap(stage::person).isPresent();
        if (about == Act.About.PERSON && act.on().isPresent() && !person) {
            fault("act.person");
        }
        if (act.on().flatMap(Spot::namedPiece).filter(act.who()::equals).isPresent()) {
            fault("act.self");
        }
        if ((act.what() == Act.What.TACKLE) == (act.then() == Act.Then.USUAL)) {
            fault(act.then() == Act.Then.USUAL ? "act.then" : "act.no.then");
        }
        if (!(act.seconds() >= 0 && act.seconds() <= Act.LONGEST)) {
            fault("seconds", act.seconds(), Act.LONGEST);
        }
        return true;
    }

    boolean of(Contest contest) {
        Stream.concat(contest.against().stream(), contest.gets().stream())
                .filter(w -> stage.person(w).isEmpty())
                .distinct()
                .forEach(w -> fault("contest.nobody", w));
        if (contest.gets().isEmpty() || contest.gets().size() > Contest.MOST) {
            fault("contest.gets", contest.gets().size(), Contest.MOST);
        }
        if (contest.gets().stream().distinct().count() < contest.gets().size()) {
            fault("contest.twice");
        }
        if (!(contest.seconds() >= 0 && contest.seconds() <= Contest.LONGEST)) {
            fault("seconds", contest.seconds(), Contest.LONGEST);
        }
        return true;
    }

    boolean of(Craft craft) {
        for (Craft.Feint feint : craft.feints()) {
            if (!(feint.share() >= 0 && feint.share() <= 1)) {
                fault("feint.share", feint.share());
            }
            if (!(feint.seconds() >= 0 && feint.seconds() <= Craft.Feint.LONGEST)) {
                fault("seconds", feint.seconds(), Craft.Feint.LONGEST);
            }
        }
        if (craft.feints().size() > Craft.MOST_FEINTS) {
            fault("feints", craft.feints().size(), Craft.MOST_FEINTS);
        }
        return true;
    }
}
