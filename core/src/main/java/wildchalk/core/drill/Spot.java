package wildchalk.core.drill;

import wildchalk.core.geometry.Vec;

/** Where a line goes: a fixed place, or something that takes the line's end along when it is moved. */
public sealed interface Spot {

    record Place(Vec at) implements Spot {
    }

    /** A piece of the stage, or the place at {@code offset} from it. */
    record AtPiece(String piece, Vec offset) implements Spot {
    }

    /** A goal or basket of the surface. */
    record AtTarget(String target) implements Spot {
    }

    static Spot at(double x, double y) {
        return new Place(new Vec(x, y));
    }

    static Spot at(Vec place) {
        return new Place(place);
    }

    static Spot at(String piece) {
        return new AtPiece(piece, Vec.ZERO);
    }
}
