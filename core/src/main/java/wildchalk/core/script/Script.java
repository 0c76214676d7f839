package wildchalk.core.script;

import java.util.List;
import java.util.stream.Collectors;
import wildchalk.core.drill.NextInLine;

/**
 * A stage in words.
 *
 * @param lines one for each beat; with stations, one for each beat of each station, station by station
 * @param limits one sentence for each limit, changes of ends, and how groups move on; said before the rep
 */
public record Script(List<Line> lines, List<Phrase> limits) {

    public Script {
        lines = List.copyOf(lines);
        limits = List.copyOf(limits);
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
     */
    public record Line(int beat, int number, double t, List<Phrase> phrases, String heading, int depth) {

        public Line {
            phrases = List.copyOf(phrases);
        }

        /** The same under a heading. */
        public Line under(String newHeading) {
            return new Line(beat, number, t, phrases, newHeading, depth);
        }

        /** Whether it comes on the way that is taken. */
        public boolean isTaken() {
            return beat > 0;
        }

        /** What stands before it: its number, a dash for what is not taken. */
        public String mark() {
            return isTaken() ? Integer.toString(number) : "\u2013";
        }

        /** As it is written down by itself: further in for an option, with its number. */
        public String marked() {
            return "   ".repeat(depth) + (isTaken() ? number + ". " : mark() + " ") + text();
        }

        /** As it is said. */
        public String text() {
            return phrases.stream().map(Phrase::text).collect(Collectors.joining());
        }
    }
}
