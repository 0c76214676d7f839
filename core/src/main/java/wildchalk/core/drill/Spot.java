package wildchalk.core.drill;

import wildchalk.core.geometry.Vec;

/** Where a line goes: a fixed place, or something that takes the line's end along when it is moved. */
public sealed interface Spot {

    /** What the cases say of this kind of spot. */
    <R> R match(Cases<R> cases);

    /** One answer for each kind of spot. */
    interface Cases<R> {

        R place(Place place);

        R atPiece(AtPiece atPiece);

        R atTarget(AtTarget atTarget);
    }

    record Place(Vec at) implements Spot {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.place(this);
        }
    }

    /** A piece of the stage, or the place at {@code offset} from it. */
    record AtPiece(String piece, Vec offset) implements Spot {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.atPiece(this);
        }
    }

    /** A goal or basket of the surface. */
    record AtTarget(String target) implements Spot {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.atTarget(this);
        }
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
