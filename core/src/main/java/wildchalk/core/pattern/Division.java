package wildchalk.core.pattern;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Outline;
import wildchalk.core.geometry.Vec;

/** The ways of dividing a field into parts that are used side by side. */
public enum Division {
    HALVES("Halves", 2),
    THIRDS("Thirds", 3),
    QUARTERS("Quarters", 4),
    LANES("Lanes", 4),
    RINGS("Rings", 4);

    /** Most parts that anybody can look after. */
    public static final int MOST = 12;
    /** Left free between two parts and at the edge, as a share of the smaller side; nobody runs into the neighbours. */
    private static final double FREE = 0.03;

    private static final double MOST_FREE = 2;

    private final String title;
    private final int usual;

    Division(String title, int usual) {
        this.title = title;
        this.usual = usual;
    }

    /** As it stands in a list. */
    public String title() {
        return title;
    }

    /** How many parts it has when nobody says otherwise. */
    public int usual() {
        return usual;
    }

    /** Whether there can be more or fewer. */
    public boolean isCounted() {
        return this == LANES || this == RINGS;
    }

    /**
     * One part.
     *
     * @param at its middle
     */
    public record Plot(Vec at, Outline outline) {}

    /**
     * The parts in the order in which one walks round them.
     *
     * @param count how many, where that is free; 1 to {@link #MOST}
     */
    public List<Plot> plots(Box field, int count) {
        int n = isCounted() ? Math.max(1, Math.min(MOST, count)) : usual;
        boolean along = field.width() >= field.height();
        return switch (this) {
            case HALVES, THIRDS -> grid(field, along ? n : 1, along ? 1 : n, false);
            case QUARTERS -> grid(field, 2, 2, false);
                // Lanes run from end to end.
            case LANES -> grid(field, along ? 1 : n, along ? n : 1, false);
            case RINGS -> rings(field, n, along);
        };
    }

    /** As many rows as make the rings largest. */
    private static List<Plot> rings(Box field, int n, boolean along) {
        int best = 1;
        double most = 0;
        for (int rows = 1; rows <= n; rows++) {
            int columns = (n + rows - 1) / rows;
            double side = along
                    ? Math.min(field.width() / columns, field.height() / rows)
                    : Math.min(field.width() / rows, field.height() / columns);
            if (side > most + 1e-9) {
                most = side;
                best = rows;
            }
        }
        int columns = (n + best - 1) / best;
        return grid(field, along ? columns : best, along ? best : columns, true).subList(0, n);
    }

    /** Every second row is walked back. */
    private static List<Plot> grid(Box field, int columns, int rows, boolean round) {
        double free = Math.min(MOST_FREE, FREE * Math.min(field.width(), field.height()));
        double wide = (field.width() - free) / columns;
        double tall = (field.height() - free) / rows;
        List<Plot> plots = new ArrayList<>();
        for (int row = 0; row < rows; row++) {
            List<Plot> walked = new ArrayList<>();
            for (int column = 0; column < columns; column++) {
                Vec at = new Vec(
                        rounded(field.x() + free / 2 + (column + 0.5) * wide),
                        rounded(field.y() + free / 2 + (row + 0.5) * tall));
                walked.add(new Plot(
                        at,
                        round
                                ? new Outline.Circle(rounded(Math.min(wide, tall) / 2 - free / 2))
                                : Outline.rectangle(rounded(wide - free), rounded(tall - free))));
            }
            if (row % 2 == 1) {
                Collections.reverse(walked);
            }
            plots.addAll(walked);
        }
        return plots;
    }

    /** To a centimetre, which is finer than anybody paces. */
    private static double rounded(double metres) {
        return Math.round(metres * 100) / 100.0 + 0.0;
    }
}
