package wildchalk.core.colour;

/** A team's colour and fill: the fill tells teams apart where there is no colour. */
public enum Bib {
    CORAL(Fill.SOLID),
    SKY(Fill.RING),
    LEMON(Fill.HALF),
    MINT(Fill.DOTS),
    VIOLET(Fill.SOLID),
    CHALK(Fill.RING);

    private final Fill fill;

    Bib(Fill fill) {
        this.fill = fill;
    }

    /** What tells it from others where there is no colour. */
    public Fill fill() {
        return fill;
    }

    /** How the token is filled. */
    public enum Fill {
        SOLID,
        RING,
        HALF,
        DOTS
    }
}
