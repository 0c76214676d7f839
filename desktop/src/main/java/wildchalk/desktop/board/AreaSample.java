package wildchalk.desktop.board;

import wildchalk.core.drill.Colour;

/** What the next area that is drawn looks like. */
record AreaSample(What what, Figure figure, Colour colour) {

    enum What { ZONE, STATION }

    enum Figure { RECTANGLE, CIRCLE, CORNERS }

    static final AreaSample USUAL = new AreaSample(What.ZONE, Figure.RECTANGLE, Colour.YELLOW);

    AreaSample as(What newWhat) {
        return new AreaSample(newWhat, figure, colour);
    }

    AreaSample as(Figure newFigure) {
        return new AreaSample(what, newFigure, colour);
    }

    AreaSample in(Colour newColour) {
        return new AreaSample(what, figure, newColour);
    }
}
