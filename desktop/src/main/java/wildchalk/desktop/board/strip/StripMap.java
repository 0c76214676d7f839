package wildchalk.desktop.board.strip;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.DoubleSupplier;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Piece;
import wildchalk.desktop.board.state.BoardState;

/** Where moments and people lie on the reaction strip, in pixels. */
final class StripMap {

    static final double LEFT = 56;
    static final double TOP = 22;
    static final double ROW = 22;
    private static final double RIGHT = 16;

    private final BoardState state;
    private final DoubleSupplier width;
    private final Map<String, Integer> rowOf = new HashMap<>();

    StripMap(BoardState state, DoubleSupplier width) {
        this.state = state;
        this.width = width;
    }

    /** A row for each person who does something; returns them from the top. */
    List<Piece.Person> layOut() {
        List<Piece.Person> actors = state.stage().people().stream()
                .filter(p -> !state.stage().actionsOf(p.id()).isEmpty())
                .toList();
        rowOf.clear();
        actors.forEach(p -> rowOf.put(p.id(), rowOf.size()));
        return actors;
    }

    int rows() {
        return rowOf.size();
    }

    boolean hasRow(String person) {
        return rowOf.containsKey(person);
    }

    /** How much time the strip shows, seconds. */
    double end() {
        return Math.max(4, Math.ceil(state.timeline().duration() + 0.4));
    }

    double x(double t) {
        return LEFT + t * pixelsPerSecond();
    }

    private double pixelsPerSecond() {
        return Math.max(10, width.getAsDouble() - LEFT - RIGHT) / end();
    }

    /** How many seconds so many pixels are. */
    double seconds(double pixels) {
        return pixels / pixelsPerSecond();
    }

    double rowTop(Action action) {
        return rowTop(action.who());
    }

    double rowTop(String person) {
        return TOP + ROW * rowOf.getOrDefault(person, 0);
    }

    /** Whose row is at a height; empty above the first and below the last. */
    String rowAt(double y) {
        int row = (int) Math.floor((y - TOP) / ROW);
        return rowOf.entrySet().stream()
                .filter(e -> e.getValue() == row)
                .map(Map.Entry::getKey)
                .findFirst()
                .orElse("");
    }
}
