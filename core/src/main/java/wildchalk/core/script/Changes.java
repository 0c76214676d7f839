package wildchalk.core.script;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Rung;
import wildchalk.core.drill.Stage;
import wildchalk.core.measure.Unit;
import wildchalk.core.naming.EffortWords;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.surface.Surface;

/** What became of a drill from one state to another, in words. */
public final class Changes {

    private final Drill before;
    private final Drill after;
    private final List<String> words = new ArrayList<>();

    private Changes(Drill before, Drill after) {
        this.before = before;
        this.after = after;
    }

    /**
     * In the order in which they are seen: the drill as a whole, then rung by rung, then what is said; empty when they
     * are the same.
     */
    public static List<String> of(Drill before, Drill after, Unit unit) {
        Changes changes = new Changes(before, after);
        changes.whole();
        changes.rungs(unit);
        changes.texts("coaching point", before.points(), after.points());
        changes.texts("question", before.questions(), after.questions());
        changes.texts("caution", before.cautions(), after.cautions());
        if (changes.words.isEmpty() && !before.equals(after)) {
            changes.words.add("a detail is another");
        }
        return List.copyOf(changes.words);
    }

    private void whole() {
        if (!before.title().equals(after.title())) {
            words.add("called " + after.title() + " instead of " + before.title());
        }
        if (!before.venue().surface().equals(after.venue().surface())) {
            words.add("on " + after.surface().name() + " instead of "
                    + before.surface().name());
        } else if (!before.venue().equals(after.venue())) {
            words.add("the surface has another size");
        }
        if (!before.showing().equals(after.showing())) {
            words.add("another part of the surface is shown");
        }
        if (before.lineKey() != after.lineKey()) {
            words.add("lines are read the other way round");
        }
        if (before.effort().level() != after.effort().level()) {
            words.add("for " + EffortWords.of(after.effort().level()) + " instead of "
                    + EffortWords.of(before.effort().level()));
        }
    }

    private void rungs(Unit unit) {
        Map<String, Stage> was = Ladder.all(before);
        Map<String, Stage> is = Ladder.all(after);
        Map<String, String> signs = Ladder.signs(after);
        Surface surface = after.surface();
        for (Rung rung : after.ladder()) {
            // With one rung there is nothing to tell apart.
            String which = after.ladder().size() == 1 && before.ladder().size() == 1
                    ? ""
                    : "rung " + signs.get(rung.id()) + ": ";
            if (!was.containsKey(rung.id())) {
                words.add("+ rung " + signs.get(rung.id()) + titled(rung));
                continue;
            }
            Stage here = is.get(rung.id());
            Differences.of(was.get(rung.id()), here, Rehearsal.of(here, surface), surface, unit)
                    .forEach(w -> words.add(which + w));
            plan(
                    before.ladder().stream()
                            .filter(r -> r.id().equals(rung.id()))
                            .findFirst()
                            .orElseThrow(),
                    rung,
                    which);
        }
        Map<String, String> old = Ladder.signs(before);
        before.ladder().stream()
                .filter(r -> !is.containsKey(r.id()))
                .forEach(r -> words.add("− rung " + old.get(r.id()) + titled(r)));
    }

    private static String titled(Rung rung) {
        return rung.title().isBlank() ? "" : " (" + rung.title() + ")";
    }

    private void plan(Rung was, Rung is, String which) {
        if (!was.title().equals(is.title())) {
            words.add(which + "called " + is.title() + " instead of " + was.title());
        }
        if (!was.plan().dose().equals(is.plan().dose())) {
            words.add(which + is.plan().dose().map(l -> l.words()).orElse("no length") + " instead of "
                    + was.plan().dose().map(l -> l.words()).orElse("no length"));
        }
        if (!Objects.equals(was.plan().climb(), is.plan().climb())) {
            words.add(which + "climb when "
                    + Optional.of(is.plan().climb()).filter(c -> !c.isBlank()).orElse("the coach says"));
        }
    }

    private void texts(String kind, List<String> was, List<String> is) {
        is.stream().filter(t -> !was.contains(t)).forEach(t -> words.add("+ " + kind + ": " + t));
        was.stream().filter(t -> !is.contains(t)).forEach(t -> words.add("− " + kind + ": " + t));
    }
}
