package wildchalk.core.drill;

import java.util.Optional;
import wildchalk.core.geometry.Vec;

/** Where a line goes: a fixed place, or something that takes the line's end along when it is moved. */
public sealed interface Spot {

    /** Id of the piece that it names; empty when it names none. */
    default Optional<String> namedPiece() {
        return Optional.empty();
    }

    /** The place on somebody's way that it is; empty for any other spot. */
    default Optional<OnLine> onLine() {
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

        /** For {@link OnLine}. */
        R onLine(OnLine onLine);

        /** For {@link Coded}. */
        R coded(Coded coded);
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

    /**
     * A place on the way of somebody who is on the move: who is sent a ball there meets it there.
     *
     * @param who id of that person
     * @param line id of what they travel by
     * @param share how far along it, 0 to 1 of its length
     */
    record OnLine(String who, String line, double share) implements Spot {

        /** A share of at least this is the end of a line. */
        private static final double AT_THE_END = 0.999;

        /** Whether it is where the line ends. */
        public boolean isAtEnd() {
            return share >= AT_THE_END;
        }

        @Override
        public Optional<String> namedPiece() {
            return Optional.of(who);
        }

        @Override
        public Optional<OnLine> onLine() {
            return Optional.of(this);
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.onLine(this);
        }
    }

    /**
     * What a figure of a call says: where that is is known when it is called.
     *
     * @param code id of what is said of the call
     * @param part which of its figures, from 0
     */
    record Coded(String code, int part) implements Spot {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.coded(this);
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
