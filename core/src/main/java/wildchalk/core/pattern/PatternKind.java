package wildchalk.core.pattern;

/** The figures that pieces can be put down in. */
public enum PatternKind {
    LINE("Line", 5),
    GATE("Gate", 2),
    ALLEY("Alley", 4),
    BOX("Box", 2),
    GRID("Grid", 4),
    CIRCLE("Circle", 8),
    STAR("Star", 5),
    V("V", 3),
    ZIGZAG("Zigzag", 6),
    ROWS("Two rows", 5);

    private final String title;
    private final int usualCount;

    PatternKind(String title, int usualCount) {
        this.title = title;
        this.usualCount = usualCount;
    }

    /** As it stands in a list. */
    public String title() {
        return title;
    }

    /** How many pieces along it when nobody says otherwise. */
    public int usualCount() {
        return usualCount;
    }

    /** Whether the count can be changed. */
    public boolean isCounted() {
        return this != GATE;
    }

    /** Whether it stands in rows. */
    public boolean hasRows() {
        return this == GRID;
    }

    /** Whether it has a breadth across the way it was dragged. */
    public boolean hasBreadth() {
        return this == ALLEY || this == ZIGZAG || this == ROWS;
    }

    /** Whether an angle of it can be chosen. */
    public boolean hasAngle() {
        return this == V;
    }

    /** Whether its gaps can be numbered. */
    public boolean isNumbered() {
        return this == ROWS || this == LINE;
    }
}
