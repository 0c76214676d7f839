package wildchalk.core.scene;

/**
 * What helps to read a board and can be taken away.
 *
 * @param numbers beat numbers beside the lines
 * @param grid lines every few metres, also where the surface itself has none
 * @param trails where everybody has been, while it plays
 * @param ghost where everybody began, once they have left
 */
public record Aids(boolean numbers, boolean grid, boolean trails, boolean ghost) {

    public static final Aids USUAL = new Aids(true, false, false, false);

    /** The same with or without the numbers of beats. */
    public Aids withNumbers(boolean on) {
        return new Aids(on, grid, trails, ghost);
    }

    /** The same with or without the grid. */
    public Aids withGrid(boolean on) {
        return new Aids(numbers, on, trails, ghost);
    }

    /** The same with or without trails. */
    public Aids withTrails(boolean on) {
        return new Aids(numbers, grid, on, ghost);
    }

    /** The same with or without where all began. */
    public Aids withGhost(boolean on) {
        return new Aids(numbers, grid, trails, on);
    }
}
