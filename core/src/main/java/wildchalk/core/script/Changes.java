package wildchalk.core.script;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Rung;
import wildchalk.core.drill.Stage;
import wildchalk.core.edit.Unrolled;
import wildchalk.core.effort.Dose;
import wildchalk.core.measure.Unit;
import wildchalk.core.naming.EffortWords;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.surface.Surface;
import wildchalk.core.wording.Wordbook;

/** What became of a drill from one state to another, in words. */
public final class Changes {

    private static final Wordbook BOOK = Wordbook.beside(Changes.class, "Changes");

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
        changes.texts("point", before.points(), after.points());
        changes.texts("question", before.questions(), after.questions());
        changes.texts("caution", before.cautions(), after.cautions());
        if (changes.words.isEmpty() && !before.equals(after)) {
            changes.say("detail");
        }
        return List.copyOf(changes.words);
    }

    private void say(String key, Object... values) {
        words.add(BOOK.say(key, values));
    }

    private void whole() {
        if (!before.title().equals(after.title())) {
            say("called", after.title(), before.title());
        }
        if (!before.venue().surface().equals(after.venue().surface())) {
            say("surface", after.surface().name(), before.surface().name());
        } else if (!before.venue().equals(after.venue())) {
            say("size");
        }
        if (!before.showing().equals(after.showing())) {
            say("shown");
        }
        if (before.lineKey() != after.lineKey()) {
            say("lines");
        }
        if (before.effort().level() != after.effort().level()) {
            say(
                    "level",
                    EffortWords.of(after.effort().level()),
                    EffortWords.of(before.effort().level()));
        }
    }

    private void rungs(Unit unit) {
        Map<String, Stage> was = Ladder.all(before);
        Map<String, Stage> is = Ladder.all(after);
        Map<String, String> signs = Ladder.signs(after);
        Surface surface = after.surface();
        for (Rung rung : after.ladder()) {
            if (!was.containsKey(rung.id())) {
                say("rung.new", signs.get(rung.id()), titled(rung));
                continue;
            }
            Stage here = is.get(rung.id());
            List<String> changes = new ArrayList<>(Differences.of(
                    was.get(rung.id()),
                    here,
                    Rehearsal.of(Unrolled.of(here, s -> Rehearsal.of(s, surface)), surface),
                    surface,
                    unit));
            changes.addAll(plan(
                    before.ladder().stream()
                            .filter(r -> r.id().equals(rung.id()))
                            .findFirst()
                            .orElseThrow(),
                    rung));
            // With one rung there is nothing to tell apart.
            boolean alone = after.ladder().size() == 1 && before.ladder().size() == 1;
            changes.forEach(c -> words.add(alone ? c : BOOK.say("rung", signs.get(rung.id()), c)));
        }
        Map<String, String> old = Ladder.signs(before);
        before.ladder().stream()
                .filter(r -> !is.containsKey(r.id()))
                .forEach(r -> say("rung.gone", old.get(r.id()), titled(r)));
    }

    private static String titled(Rung rung) {
        return rung.title().isBlank() ? "" : BOOK.say("titled", rung.title());
    }

    private static List<String> plan(Rung was, Rung is) {
        List<String> changes = new ArrayList<>();
        if (!was.title().equals(is.title())) {
            changes.add(BOOK.say("called", is.title(), was.title()));
        }
        if (!was.plan().dose().equals(is.plan().dose())) {
            changes.add(BOOK.say("dose", dose(is), dose(was)));
        }
        if (!was.plan().aloud().equals(is.plan().aloud())) {
            List<String> aloud = AloudWords.of(is.plan().aloud());
            changes.add(aloud.isEmpty() ? BOOK.say("aloud.none") : String.join(" ", aloud));
        }
        if (!Objects.equals(was.plan().climb(), is.plan().climb())) {
            String climb = is.plan().climb();
            changes.add(BOOK.say("climb", climb.isBlank() ? BOOK.say("climb.coach") : climb));
        }
        return changes;
    }

    private static String dose(Rung rung) {
        return rung.plan().dose().map(Dose::words).orElse(BOOK.say("dose.none"));
    }

    private void texts(String kind, List<String> was, List<String> is) {
        is.stream().filter(t -> !was.contains(t)).forEach(t -> say("text.new", BOOK.say(kind), t));
        was.stream().filter(t -> !is.contains(t)).forEach(t -> say("text.gone", BOOK.say(kind), t));
    }
}
