package wildchalk.core.check.work;

import java.util.List;
import wildchalk.core.check.Finding;
import wildchalk.core.check.rep.DrillCheck;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.edit.Mends;
import wildchalk.core.timeline.Problem;

/** What the rehearsal calls a problem: in its words, with its mends. */
final class CannotHappen implements DrillCheck.OfRep {

    @Override
    public String id() {
        return "cannot-happen";
    }

    @Override
    public List<Spotted> in(Rep rep) {
        return rep.timeline().problems().stream().map(p -> spotted(rep, p)).toList();
    }

    private Spotted spotted(Rep rep, Problem problem) {
        int colon = problem.message().indexOf(": ");
        String words = colon < 0 ? problem.message() : problem.message().substring(0, colon);
        String advice = colon < 0 ? "" : capital(problem.message().substring(colon + 2)) + ".";
        String about = problem.kind() == Problem.Kind.IN_THE_WAY ? WorkChecks.IN_THE_WAY : id();
        Spotted spotted = Spotted.of(about, Finding.Weight.WILL_NOT_WORK, capital(words) + ".", advice)
                .in(rep)
                .about(List.of(problem.action()))
                .mending(() -> Mends.of(rep.stage().id(), rep.stage(), problem).stream()
                        .map(m -> new Finding.Mend<>(m.words(), m.edit()))
                        .toList());
        return Double.isNaN(problem.t()) ? spotted : spotted.when(problem.t());
    }

    private static String capital(String words) {
        return words.isEmpty() ? words : Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
