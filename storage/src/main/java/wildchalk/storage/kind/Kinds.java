package wildchalk.storage.kind;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.surface.Surfaces;

/** The kinds of documents that are known. */
public record Kinds(List<Kind<?>> all) {

    /** Those of this program. */
    public static final Kinds USUAL =
            new Kinds(List.of(DrillKind.DRILLS, SquadKind.SQUADS, PracticeKind.PRACTICES, RunKind.RUNS, LogKind.LOGS));

    public Kinds {
        all = List.copyOf(all);
    }

    /** These and one more. */
    public Kinds and(Kind<?> more) {
        List<Kind<?>> both = new ArrayList<>(all);
        both.add(more);
        return new Kinds(both);
    }

    /** The same, reading what they read on these surfaces. */
    public Kinds knowing(Surfaces surfaces) {
        return new Kinds(all.stream().<Kind<?>>map(k -> k.knowing(surfaces)).toList());
    }

    /** The kind of this word; empty for one that a newer program may know. */
    public Optional<Kind<?>> of(String word) {
        return all.stream()
                .filter(k -> k.word().equals(word))
                .<Kind<?>>map(k -> k)
                .findFirst();
    }

    /** The kind whose format a text names first; empty when it names none of these. */
    public Optional<Kind<?>> ofText(String text) {
        return all.stream()
                .filter(k -> text.contains('"' + k.format() + '"'))
                .min((a, b) ->
                        Integer.compare(text.indexOf('"' + a.format() + '"'), text.indexOf('"' + b.format() + '"')))
                .map(k -> k);
    }

    /** "12 drills", "1 drill"; of a kind that is not known its word stands as it is kept. */
    public String count(String word, long n) {
        return n + " " + (n == 1 ? word : of(word).map(Kind::words).orElse(word + "s"));
    }
}
