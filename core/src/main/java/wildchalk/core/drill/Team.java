package wildchalk.core.drill;

/** A team's colour and fill: the fill tells teams apart where there is no colour. */
public enum Team {
    CORAL(Fill.SOLID), SKY(Fill.RING), LEMON(Fill.HALF), MINT(Fill.DOTS), VIOLET(Fill.SOLID), CHALK(Fill.RING);

    private final Fill fill;

    Team(Fill fill) {
        this.fill = fill;
    }

    public Fill fill() {
        return fill;
    }

    /** How the token is filled. */
    public enum Fill { SOLID, RING, HALF, DOTS }
}
