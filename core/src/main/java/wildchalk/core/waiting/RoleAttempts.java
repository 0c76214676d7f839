package wildchalk.core.waiting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Queue;
import wildchalk.core.drill.Rotation;
import wildchalk.core.edit.PieceEdits;
import wildchalk.core.edit.RotationEdits;
import wildchalk.core.flow.Flows;
import wildchalk.core.naming.PieceWords;

/** People have roles for longer or shorter, share them, or go elsewhere afterwards. */
final class RoleAttempts {

    private static final List<Integer> REPS = List.of(2, 3, 4, 6);

    private final Trials trials;
    private final String rung;

    RoleAttempts(Trials trials) {
        this.trials = trials;
        this.rung = trials.question().rung();
    }

    List<Attempt> all() {
        List<Attempt> all = new ArrayList<>();
        for (Piece.Person role : trials.rotates().roles()) {
            stays(role, all);
            if (!(role instanceof Piece.LineUp) && !(role instanceof Piece.Goalkeeper)) {
                joins(role, all);
                shares(role, all);
            }
        }
        ways(all);
        return all;
    }

    private Rotation.Goes goes(Piece.Person role) {
        return trials.rotates().goes(role.id());
    }

    private String words(String role, Rotation.To to, Optional<Rotation.Stay> after) {
        return trials.words().of(new Rotation.Goes("", role, to, after));
    }

    private void stays(Piece.Person role, List<Attempt> all) {
        Rotation.Goes now = goes(role);
        if (now.to().isStay()) {
            return;
        }
        int is = now.after()
                .map(s -> s.counted() == Rotation.Counted.REPS ? s.n() : 0)
                .orElse(1);
        List<Optional<Rotation.Stay>> lengths = new ArrayList<>(List.of(Optional.empty()));
        REPS.forEach(n -> lengths.add(Optional.of(new Rotation.Stay(Rotation.Counted.REPS, n))));
        for (Optional<Rotation.Stay> length : lengths) {
            int n = length.map(Rotation.Stay::n).orElse(1);
            if (n == is) {
                continue;
            }
            // Who changes with somebody has both roles for so long.
            Optional<String> other = now.to().isChange() ? now.to().role() : Optional.empty();
            Edit<Drill> edit = RotationEdits.goes(rung, role.id(), now.to(), length);
            Edit<Drill> both = other.map(o -> trials.rotates().goes(o))
                    .filter(o -> o.to().isChange())
                    .map(o -> Trials.both(edit, RotationEdits.goes(rung, o.who(), o.to(), length)))
                    .orElse(edit);
            all.add(Attempt.said(
                    Kind.STAY,
                    n > is ? "longer" : "shorter",
                    words(role.id(), now.to(), length),
                    both,
                    trials.question().asked()));
        }
    }

    /** Whoever comes out of a line has the role next, and goes back to the line after that. */
    private void joins(Piece.Person role, List<Attempt> all) {
        if (!goes(role).to().isStay()) {
            return;
        }
        for (Piece.Person line : trials.rotates().roles()) {
            boolean own = line instanceof Piece.LineUp
                    && goes(line).to().role().filter(line.id()::equals).isPresent();
            if (own) {
                Rotation.To in = new Rotation.Becomes(role.id(), false);
                Rotation.To back = new Rotation.Becomes(line.id(), false);
                all.add(Attempt.said(
                        Kind.JOIN,
                        "turn",
                        words(line.id(), in, Optional.empty()) + " " + words(role.id(), back, Optional.empty()),
                        Trials.both(
                                RotationEdits.goes(rung, line.id(), in, Optional.empty()),
                                RotationEdits.goes(rung, role.id(), back, Optional.empty())),
                        trials.question().asked()));
            }
        }
    }

    /** A second person for a role, so that it need not wait until the one before is there. */
    private void shares(Piece.Person role, List<Attempt> all) {
        Flows.Asked asked = trials.question().asked();
        if (asked.people() <= trials.fewest() * asked.copies()) {
            return;
        }
        Piece.LineUp two =
                new Piece.LineUp(role.id(), role.at(), role.facing(), role.label(), role.bib(), 1, "", Queue.BEHIND);
        Edit<Drill> line = PieceEdits.change(rung, Helps.BOOK.say("edit.line"), two);
        Edit<Drill> edit = goes(role).to().isStay()
                ? Trials.both(
                        line,
                        RotationEdits.goes(rung, role.id(), new Rotation.Becomes(role.id(), false), Optional.empty()))
                : line;
        Map<String, Integer> lines = new LinkedHashMap<>(asked.lines());
        lines.put(role.id(), 2);
        all.add(new Attempt(
                new Attempt.Of(Kind.JOIN, "two"),
                Helps.BOOK.say("join.two", PieceWords.name(role)),
                Optional.of(edit),
                new Flows.Asked(asked.people(), asked.minutes(), asked.copies(), lines, asked.speeds()),
                true,
                List.of(),
                0));
    }

    /** Two roles whose people go where the other's went. */
    private void ways(List<Attempt> all) {
        List<Piece.Person> roles = trials.rotates().roles();
        for (int i = 0; i < roles.size(); i++) {
            for (int j = i + 1; j < roles.size(); j++) {
                Rotation.Goes one = goes(roles.get(i));
                Rotation.Goes other = goes(roles.get(j));
                if (one.to() instanceof Rotation.Becomes a
                        && other.to() instanceof Rotation.Becomes b
                        && !a.equals(b)
                        && !(isOwn(roles.get(i), b) || isOwn(roles.get(j), a))) {
                    all.add(Attempt.said(
                            Kind.WAY_BACK,
                            "",
                            words(one.who(), b, one.after()) + " " + words(other.who(), a, other.after()),
                            Trials.both(
                                    RotationEdits.goes(rung, one.who(), b, one.after()),
                                    RotationEdits.goes(rung, other.who(), a, other.after())),
                            trials.question().asked()));
                }
            }
        }
    }

    /** Whether somebody would have the same role again who has no line to join. */
    private static boolean isOwn(Piece.Person role, Rotation.Becomes to) {
        return !(role instanceof Piece.LineUp) && to.who().equals(role.id());
    }
}
