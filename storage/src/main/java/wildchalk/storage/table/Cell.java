package wildchalk.storage.table;

/** A cell of a table: nothing in it can be taken for something to be worked out. */
public final class Cell {

    /** What a spreadsheet would work out begins with one of these. */
    private static final String DOES_SOMETHING = "=+-@\t\r";

    private Cell() {}

    /** A text as it can stand in a table. */
    public static String harmless(String cell) {
        return !cell.isEmpty() && DOES_SOMETHING.indexOf(cell.charAt(0)) >= 0 ? "'" + cell : cell;
    }

    /** What {@link #harmless} was made of. */
    public static String asItWas(String cell) {
        boolean made = cell.length() > 1 && cell.charAt(0) == '\'' && DOES_SOMETHING.indexOf(cell.charAt(1)) >= 0;
        return made ? cell.substring(1) : cell;
    }
}
