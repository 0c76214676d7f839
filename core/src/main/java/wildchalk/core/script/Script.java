package wildchalk.core.script;

import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import wildchalk.core.drill.implied.NextInLine;

/**
 * A stage in words.
 *
 * @param lines one for each beat; with stations, one for each beat of each station, station by station
 * @param limits one sentence for each limit, changes of ends, and how groups move on; said before the rep
 */
public record Script(List<Line> lines, List<Phrase> limits) {

    /** No words. */
    public static final Script NONE = new Script(List.of(), List.of());

    public Script {
        lines = List.copyOf(lines);
        limits = List.copyOf(limits);
    }

    /**
     * What stands beside the arrow of each action that is not taken, by its id: the number of its line, "5a"; nothing
     * of what is taken, which has the number of its beat.
     */
    public Map<String, String> asides() {
        Map<String, String> asides = new HashMap<>();
        Set<String> taken = new HashSet<>();
        lines.stream().filter(Line::isTaken).forEach(l -> taken.addAll(l.does()));
        for (Line line : lines) {
            for (String action : line.does()) {
                if (!line.aside().isEmpty() && !taken.contains(action)) {
                    asides.putIfAbsent(action, line.aside());
                }
            }
        }
        return asides;
    }

    /** What a phrase says. */
    public enum Part {
        /** What sets the beat off. */
        CUE,
        /** A person. */
        WHO,
        /** What they do. */
        WHAT,
        /** Where it goes. */
        WHERE,
        /** A limit, a stop, or the words round the options of a read. */
        SAID,
        /** Words that only join others. */
        JOIN
    }

    /**
     * A few words that are about one thing.
     *
     * @param text with the spaces that belong to it
     * @param piece id of the person or gear it names; empty for none
     * @param action id of the action it is about, of the read, stop or limit when it says one; empty for none
     */
    public record Phrase(String text, Part part, String piece, String action) {
        public Phrase {
            piece = NextInLine.token(piece);
        }
    }

    /**
     * The sentence for one beat.
     *
     * @param beat its number in the rep; 0 for one that only comes on a way that is not taken
     * @param number the number that it is told by: with stations each counts its own; 0 like the beat
     * @param t seconds after the whistle, on the way on which it comes
     * @param heading what the lines from this one on are about: "Station 2 · Fox and hens · 8 min"; empty for none, or
     *     as before
     * @param depth 0 for what happens anyway; else in how many decisions' options it is told
     * @param aside for what is not taken: the number of the beat in which that is decided, and a letter, "5a"; empty
     *     where it is taken, or nothing is told of its beat
     */
    public record Line(int beat, int number, double t, List<Phrase> phrases, String heading, int depth, String aside) {

        public Line {
            phrases = List.copyOf(phrases);
        }

        /** A line that has no letter. */
        public Line(int beat, int number, double t, List<Phrase> phrases, String heading, int depth) {
            this(beat, number, t, phrases, heading, depth, "");
        }

        /** The same under a heading. */
        public Line under(String newHeading) {
            return new Line(beat, number, t, phrases, newHeading, depth, aside);
        }

        /** The same with the number and letter of what is not taken. */
        public Line aside(String numberAndLetter) {
            return new Line(beat, number, t, phrases, heading, depth, numberAndLetter);
        }

        /** Whether it comes on the way that is taken. */
        public boolean isTaken() {
            return beat > 0;
        }

        /** What stands before it and beside its arrows: "5", "5a" for what is not taken; a dash where that has none. */
        public String mark() {
            if (isTaken()) {
                return Integer.toString(number);
            }
            return aside.isEmpty() ? "\u2013" : aside;
        }

        /** Ids of the actions that it tells, in their order; not of those that only set something off. */
        public Set<String> does() {
            return phrases.stream()
                    .filter(p -> p.part() == Part.WHAT && !p.action().isEmpty())
                    .map(Phrase::action)
                    .collect(Collectors.toCollection(LinkedHashSet::new));
        }

        /** As it is written down by itself: further in for an option, with its number. */
        public String marked() {
            return "   ".repeat(depth) + mark() + (isTaken() ? ". " : " ") + text();
        }

        /** As it is said. */
        public String text() {
            return phrases.stream().map(Phrase::text).collect(Collectors.joining());
        }
    }
}
