package wildchalk.core.flow;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import wildchalk.core.flow.Flow.Doing;
import wildchalk.core.flow.Flow.Side;
import wildchalk.core.flow.Flow.Span;

/** What adds up for one person while a flow is worked out. */
final class Person {

    private final List<Span> doing = new ArrayList<>();
    private final Map<String, Integer> roles = new LinkedHashMap<>();
    private final Set<String> with = new TreeSet<>();
    private double metres;
    private int sprints;
    private int touches;
    private int shots;

    /** For how many reps they have had the role that they have, and what they made of it. */
    private int stayed;

    private double made;
    private String role = "";
    private Side side = Side.DRAWN;

    /** Takes a role for a rep. */
    void takes(String newRole, Side newSide, Played.Part part) {
        if (!newRole.equals(role) || newSide != side) {
            stayed = 0;
            made = 0;
        }
        role = newRole;
        side = newSide;
        stayed++;
        made += part.made();
        roles.merge(newRole, 1, Integer::sum);
        metres += part.metres();
        sprints += part.counts().sprints();
        touches += part.counts().touches();
        shots += part.counts().shots();
    }

    /** For how many reps they have had their role without a break. */
    int stayed() {
        return stayed;
    }

    /** How many of their shots went in meanwhile. */
    double made() {
        return made;
    }

    /** Begins to count anew. */
    void goesOn() {
        stayed = 0;
        made = 0;
        role = "";
    }

    void walks(double far) {
        metres += far;
    }

    void does(Doing what, double from, double to, int rep) {
        if (to > from) {
            doing.add(new Span(what, from, to, rep));
        }
    }

    void meets(String letter) {
        with.add(letter);
    }

    /** All of it, with waits where nothing is done, cut off at an end. */
    Flow.Each each(int copy, double end) {
        List<Span> spans = new ArrayList<>();
        double at = 0;
        for (Span span : doing) {
            double from = Math.min(end, Math.max(at, span.from()));
            double to = Math.min(end, span.to());
            if (from > at) {
                spans.add(new Span(Doing.WAITING, at, from, 0));
            }
            if (to > from) {
                spans.add(new Span(span.doing(), from, to, span.rep()));
                at = to;
            } else {
                at = Math.max(at, from);
            }
        }
        if (end > at) {
            spans.add(new Span(Doing.WAITING, at, end, 0));
        }
        return new Flow.Each(copy, roles, spans, metres, sprints, touches, shots, with);
    }
}
