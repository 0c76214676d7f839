package wildchalk.desktop.keeping;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import wildchalk.core.catalogue.DrillSummarizer;
import wildchalk.core.catalogue.DrillSummary;
import wildchalk.desktop.background.Background;
import wildchalk.storage.book.Book;

/**
 * Looks drills over that were changed, a few at a time, beside both the window and the book, so that neither is waited
 * for. To be used on the window's thread.
 */
public final class Cataloguer {

    private static final int AT_ONCE = 16;

    private final Keeper keeper;
    private final Consumer<Looked> onSeen;
    private final Set<String> unreadable = new HashSet<>();
    private boolean busy;

    /** What was seen of drills, and the numbers by which the search knows them, by their ids. */
    public record Looked(Map<String, DrillSummary> summaries, Map<String, Integer> numbers) {}

    /** @param onSeen told on the window's thread */
    public Cataloguer(Keeper keeper, Consumer<Looked> onSeen) {
        this.keeper = keeper;
        this.onSeen = onSeen;
    }

    /** Looks at whatever is to be looked at. */
    public void look() {
        if (!busy) {
            busy = true;
            next();
        }
    }

    private void next() {
        keeper.ask(
                b -> b.unseen(AT_ONCE + unreadable.size()),
                all -> {
                    List<Book.Unseen> unseen = all.stream()
                            .filter(u -> !unreadable.contains(u.id()))
                            .toList();
                    if (unseen.isEmpty()) {
                        busy = false;
                        return;
                    }
                    Background.work(
                            "looking drills over",
                            () -> seen(unseen),
                            seen -> {
                                unseen.stream()
                                        .filter(u -> !seen.containsKey(u))
                                        .forEach(u -> unreadable.add(u.id()));
                                Map<String, DrillSummary> summaries = new LinkedHashMap<>();
                                seen.forEach((of, s) -> summaries.put(of.id(), s.summary()));
                                keeper.ask(
                                        b -> b.seen(seen),
                                        numbers -> {
                                            onSeen.accept(new Looked(summaries, numbers));
                                            next();
                                        },
                                        () -> busy = false);
                            },
                            trouble -> {
                                // One of these cannot be looked at: they are left out, and the others still are.
                                unseen.forEach(u -> unreadable.add(u.id()));
                                next();
                            });
                },
                () -> busy = false);
    }

    private Map<Book.Unseen, DrillSummarizer.Seen> seen(List<Book.Unseen> unseen) {
        Map<Book.Unseen, DrillSummarizer.Seen> seen = new LinkedHashMap<>();
        unseen.forEach(u -> u.look(keeper.surfaces()).ifPresent(s -> seen.put(u, s)));
        return seen;
    }
}
