package wildchalk.core.drill;

import java.util.Optional;
import wildchalk.core.geometry.Vec;

/** Where a line goes: a fixed place, or something that takes the line's end along when it is moved. */
public sealed interface Spot {

    /** Id of the piece that it names; empty when it names none. */
    default Optional<String> namedPiece() {
        return Optional.empty();
    }

    /** What the cases say of this kind of spot. */
    <R> R match(Cases<R> cases);

    /** One answer for each kind of spot. */
    interface Cases<R> {

        /** For {@link Place}. */
        R place(Place place);

        /** For {@link AtPiece}. */
        R atPiece(AtPiece atPiece);

        /** For {@link AtTarget}. */
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
        public Optional<String> namedPiece() {
            return Optional.of(piece);
        }

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

    /** A bare place, metres on the surface. */
    static Spot at(double x, double y) {
        return new Place(new Vec(x, y));
    }

    /** A bare place, metres on the surface. */
    static Spot at(Vec place) {
        return new Place(place);
    }

    /**
     * Where a piece is.
     *
     * @param piece its id
     */
    static Spot at(String piece) {
        return new AtPiece(piece, Vec.ZERO);
    }
}
