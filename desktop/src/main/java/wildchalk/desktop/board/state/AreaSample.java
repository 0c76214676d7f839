package wildchalk.desktop.board.state;

import wildchalk.core.colour.Colour;

/** What the next area that is drawn looks like. */
public record AreaSample(What what, Figure figure, Colour colour) {

    public enum What {
        ZONE,
        STATION
    }

    public enum Figure {
        RECTANGLE,
        CIRCLE,
        CORNERS
    }

    static final AreaSample USUAL = new AreaSample(What.ZONE, Figure.RECTANGLE, Colour.YELLOW);

    public AreaSample as(What newWhat) {
        return new AreaSample(newWhat, figure, colour);
    }

    public AreaSample as(Figure newFigure) {
        return new AreaSample(what, newFigure, colour);
    }

    public AreaSample in(Colour newColour) {
        return new AreaSample(what, figure, newColour);
    }
}
