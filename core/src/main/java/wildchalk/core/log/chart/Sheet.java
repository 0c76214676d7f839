package wildchalk.core.log.chart;

import java.util.List;

/**
 * Figures in a table.
 *
 * @param heads what stands over the columns
 * @param rows as many cells each as there are heads
 */
public record Sheet(List<String> heads, List<Row> rows) {

    /**
     * A row.
     *
     * @param ref id of what it is about; empty for nothing that could be opened
     */
    public record Row(String ref, List<Cell> cells) {
        public Row {
            cells = List.copyOf(cells);
        }
    }

    /**
     * A cell.
     *
     * @param words as it is shown
     * @param order by what it is sorted: a number; NaN for what is sorted by its words
     */
    public record Cell(String words, double order) implements Comparable<Cell> {

        /** Words. */
        public static Cell of(String words) {
            return new Cell(words, Double.NaN);
        }

        /** A number as it is shown. */
        public static Cell of(double number) {
            return new Cell(Drawing.say("number", number), number);
        }

        /** Whether it is a number. */
        public boolean isNumber() {
            return !Double.isNaN(order);
        }

        @Override
        public int compareTo(Cell other) {
            boolean words = !isNumber() || !other.isNumber();
            return words ? this.words.compareToIgnoreCase(other.words) : Double.compare(order, other.order);
        }
    }

    public Sheet {
        heads = List.copyOf(heads);
        rows = List.copyOf(rows);
    }
}
