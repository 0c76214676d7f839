package wildchalk.core.log.chart;

import java.util.List;
import java.util.function.Supplier;

/**
 * A drawing, in dots from its top left.
 *
 * @param marks what can be pointed at, in the order in which keys go through them
 */
public record Chart(double width, double height, List<Mark> marks, List<Line> lines, List<Words> words) {

    /** What a mark looks like: each can be told from the others without any colour. */
    public enum Kind {
        /** A chalk stroke standing up: from its foot to its head, as thick as its width. */
        STROKE,
        /** Filled. */
        DOT,
        /** Filled by half. */
        HALF,
        /** Not filled. */
        RING,
        /** Two short strokes across each other. */
        CROSS
    }

    /**
     * A mark.
     *
     * @param x of its middle
     * @param y of its middle
     * @param wide across, and how thick a stroke is
     * @param tall as wide, save for a stroke
     * @param told its figures, for whoever points at it or cannot see it: made when somebody asks
     * @param ref id of what it stands for; empty for nothing that could be opened
     */
    public record Mark(Kind kind, double x, double y, double wide, double tall, Supplier<String> told, String ref) {

        /** Its figures, in words. */
        public String words() {
            return told.get();
        }

        /** How far a place is from it. */
        public double distance(double px, double py) {
            double dx = Math.max(0, Math.abs(px - x) - wide / 2);
            double dy = Math.max(0, Math.abs(py - y) - tall / 2);
            return Math.hypot(dx, dy);
        }
    }

    /** A thin line. */
    public record Line(double x1, double y1, double x2, double y2) {}

    /** On which side of its place a text stands. */
    public enum Side {
        LEFT,
        MIDDLE,
        RIGHT
    }

    /**
     * A text.
     *
     * @param x where it begins, has its middle or ends, by its side
     * @param y of the line that it stands on
     * @param most dots that it may be long; what is longer ends in dots
     */
    public record Words(double x, double y, String text, Side side, Weight weight, double most) {}

    /** How strong a text is. */
    public enum Weight {
        PLAIN,
        STRONG,
        QUIET
    }

    public Chart {
        marks = List.copyOf(marks);
        lines = List.copyOf(lines);
        words = List.copyOf(words);
    }
}
