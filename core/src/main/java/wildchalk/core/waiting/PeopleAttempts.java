package wildchalk.core.waiting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rotation;
import wildchalk.core.edit.RotationEdits;
import wildchalk.core.flow.Flows;
import wildchalk.core.geometry.Vec;
import wildchalk.core.naming.PieceWords;

/** People stand otherwise: in other lines, in groups, in copies, on both sides. */
final class PeopleAttempts {

    private static final int MOST_COPIES = 4;
    /** So many are tried to go from one line to another. */
    private static final List<Integer> SOME = List.of(1, 2, 3, 4, 6, 9, 13);
    /** Two lines do not begin so near each other, metres. */
    private static final double NEAR = 2;

    private final Trials trials;
    private final Flows.Asked asked;

    PeopleAttempts(Trials trials) {
        this.trials = trials;
        this.asked = trials.question().asked();
    }

    List<Attempt> all() {
        List<Attempt> all = new ArrayList<>();
        copies(all);
        groups(all);
        lines(all);
        sides(all);
        return all;
    }

    private Flows.Asked people(int people, int copies, Map<String, Integer> lines) {
        return new Flows.Asked(people, asked.minutes(), copies, lines, asked.speeds());
    }

    private void copies(List<Attempt> all) {
        for (int more = 1; more <= 2; more++) {
            int copies = asked.copies() + more;
            if (copies > MOST_COPIES || asked.people() / copies < trials.fewest()) {
                return;
            }
            int n = copies;
            trials.room()
                    .of(n)
                    .ifPresent(places -> all.add(Attempt.counted(
                                    Kind.COPY,
                                    "",
                                    Helps.BOOK.say("copies", n, asked.people() / n),
                                    people(asked.people(), n, Map.of()),
                                    n - asked.copies())
                            .standing(places)));
        }
    }

    private void groups(List<Attempt> all) {
        for (int groups = 2; groups <= 3; groups++) {
            int here = (asked.people() + groups - 1) / groups;
            if (here >= trials.fewest() * asked.copies()) {
                all.add(Attempt.counted(
                        Kind.GROUPS,
                        Integer.toString(groups),
                        Helps.BOOK.say("groups", groups, here, asked.people() - here),
                        people(here, asked.copies(), Map.of()),
                        groups - 1));
            }
        }
    }

    /** Some from a line to another. */
    private void lines(List<Attempt> all) {
        Map<String, Integer> now = trials.lined();
        if (now.size() < 2 || asked.copies() > 1) {
            return;
        }
        List<String> lines = List.copyOf(now.keySet());
        for (String from : lines) {
            for (String to : lines) {
                int most = lines.size() == 2 ? now.get(from) - 1 : Math.min(2, now.get(from) - 1);
                for (int n :
                        SOME.stream().filter(n -> n <= most && !from.equals(to)).toList()) {
                    Map<String, Integer> other = new LinkedHashMap<>(now);
                    other.merge(from, -n, Integer::sum);
                    other.merge(to, n, Integer::sum);
                    all.add(Attempt.counted(
                            Kind.LINES, "", standing(other), people(asked.people(), asked.copies(), other), 0));
                }
            }
        }
    }

    private String standing(Map<String, Integer> lines) {
        List<String> each = new ArrayList<>();
        lines.forEach((role, n) -> each.add(Helps.BOOK.say("lines.each", n, name(role))));
        return Helps.BOOK.say("lines", String.join(Helps.BOOK.say("comma"), each));
    }

    private String name(String role) {
        return trials.stage()
                .person(role)
                .map(p -> p instanceof Piece.LineUp l && !l.name().isBlank() ? l.name() : PieceWords.name(p))
                .orElse(role);
    }

    private void sides(List<Attempt> all) {
        for (Rotation.Taken taken : Rotation.Taken.values()) {
            boolean both = taken == Rotation.Taken.BOTH;
            boolean own = both || taken == Rotation.Taken.TWO_SETS;
            if (taken == trials.rotates().taken()
                    || taken == Rotation.Taken.AS_DRAWN
                    || own && isTaken(both)
                    || !trials.isOnSurfaceMirrored()) {
                continue;
            }
            all.add(Attempt.said(
                    both ? Kind.BOTH_SIDES : Kind.SIDES_IN_TURN,
                    "",
                    trials.words().of(new Rotation.Sides("", taken)),
                    RotationEdits.sides(trials.question().rung(), taken, Optional.empty()),
                    asked));
        }
    }

    /**
     * Whether somebody of the other side would stand where somebody of this side does: two cannot. Who stays in the
     * middle is there for both sides in turn.
     */
    private boolean isTaken(boolean both) {
        List<Piece.Person> roles = trials.rotates().roles();
        for (Piece.Person role : roles) {
            Vec there = trials.stage().place(role).mirrored(false, true);
            for (Piece.Person other : roles) {
                boolean shared = !both
                        && other.id().equals(role.id())
                        && trials.rotates().goes(role.id()).to().isStay();
                if (!shared && trials.stage().place(other).distance(there) < NEAR) {
                    return true;
                }
            }
        }
        return false;
    }
}
