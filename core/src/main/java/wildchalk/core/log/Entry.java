package wildchalk.core.log;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import wildchalk.core.document.Document;

/**
 * An evening as it was.
 *
 * @param when on which day and from when
 * @param source what it was written from
 * @param there who was there
 * @param parts what was done, in order
 * @param thought what the coach thought of it, in a line; may be empty
 */
public record Entry(String id, String title, When when, Source source, There there, List<Part> parts, String thought)
        implements Document<Entry> {

    /** On which day and from when, on the clock. */
    public record When(LocalDate day, LocalTime start) {}

    /**
     * What it was written from.
     *
     * @param practice id of the practice; empty for none
     * @param version number of its version in the book; 0 for none
     * @param run id of the run; empty for one that was not run by the clock
     * @param changes how often as long changes were planned to take as was worked out, over 0: of what is measured
     *     against the plan that is taken out again
     */
    public record Source(String practice, long version, String run, double changes) {

        /** One in which changes were planned as they were worked out. */
        public Source(String practice, long version, String run) {
            this(practice, version, run, 1);
        }

        /** Typed in. */
        public static final Source TYPED = new Source("", 0, "");
    }

    /**
     * Who was there.
     *
     * @param squad id of the squad; empty for none
     * @param people how many played; no fewer than those who are known
     * @param known ids of those who played
     * @param groups ids of those who were in each group; none where nobody was divided
     * @param staff ids of those who helped
     */
    public record There(String squad, int people, List<String> known, List<List<String>> groups, List<String> staff) {

        /** The same with one of the squad there, or not there, whatever group they were in. */
        public There being(String id, boolean was) {
            List<String> now = new ArrayList<>(known);
            int others = people - known.size();
            now.remove(id);
            if (was) {
                now.add(id);
            }
            List<List<String>> left = groups.stream()
                    .map(g -> g.stream().filter(m -> was || !m.equals(id)).toList())
                    .toList();
            return new There(squad, now.size() + others, now, left, staff);
        }

        /** By which somebody of the squad is told from those of others: their id alone is unique only within it. */
        public String key(String id) {
            return key(squad, id);
        }

        /** The same, of a squad. */
        public static String key(String squad, String id) {
            return squad + "/" + id;
        }

        /** Nothing is known. */
        public static final There UNKNOWN = new There("", 0, List.of(), List.of(), List.of());

        public There {
            known = List.copyOf(known);
            groups = groups.stream().map(List::copyOf).toList();
            staff = List.copyOf(staff);
            if (people < known.size()) {
                throw new IllegalArgumentException(people + " " + known.size());
            }
        }
    }

    public Entry {
        parts = List.copyOf(parts);
    }

    /** Seconds of all parts with what came before them; what was on at one time counts once. */
    public int seconds() {
        return parts.stream().mapToInt(Part::took).sum();
    }

    /** The part of this number, from 0. */
    public Optional<Part> part(int number) {
        return number >= 0 && number < parts.size() ? Optional.of(parts.get(number)) : Optional.empty();
    }

    /** The same with something done to a part. */
    public Entry changing(int number, UnaryOperator<Part> change) {
        List<Part> all = new ArrayList<>(parts);
        all.set(number, change.apply(all.get(number)));
        return of(all);
    }

    /** The same with other parts. */
    public Entry of(List<Part> others) {
        return new Entry(id, title, when, source, there, others, thought);
    }

    /** The same, written from something else. */
    public Entry from(Source other) {
        return new Entry(id, title, when, other, there, parts, thought);
    }

    /** The same on another day, or from another time. */
    public Entry at(When other) {
        return new Entry(id, title, other, source, there, parts, thought);
    }

    /** The same with others there. */
    public Entry with(There others) {
        return new Entry(id, title, when, source, others, parts, thought);
    }

    /** The same with another thought. */
    public Entry thinking(String words) {
        return new Entry(id, title, when, source, there, parts, words);
    }

    /** The same without anything that a coach noted while it was on, or thought of it. */
    public Entry withoutNotes() {
        return new Entry(
                id,
                title,
                when,
                source,
                there,
                parts.stream().map(Part::withoutNotes).toList(),
                "");
    }

    /** The same without somebody's name in any of its words. */
    public Entry silentOf(String name) {
        UnaryOperator<String> silent = w -> w.replace(name, "\u2026");
        return new Entry(
                id,
                silent.apply(title),
                when,
                source,
                there,
                parts.stream().map(p -> p.silent(silent)).toList(),
                silent.apply(thought));
    }

    @Override
    public String listed() {
        return title + ", " + when.day();
    }

    @Override
    public Entry withId(String newId) {
        return new Entry(newId, title, when, source, there, parts, thought);
    }

    @Override
    public Entry withTitle(String newTitle) {
        return new Entry(id, newTitle, when, source, there, parts, thought);
    }

    @Override
    public Entry following(Entry before) {
        return this;
    }

    @Override
    public boolean isLike(Entry other) {
        return equals(other);
    }
}
