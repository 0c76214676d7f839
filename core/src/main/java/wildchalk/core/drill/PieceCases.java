package wildchalk.core.drill;

/** One answer for each kind of piece: a new kind is not compiled until every place has answered. */
public interface PieceCases<R> {

    /** For {@link Piece.Player}. */
    R player(Piece.Player player);

    /** For {@link Piece.Goalkeeper}. */
    R goalkeeper(Piece.Goalkeeper goalkeeper);

    /** For {@link Piece.Coach}. */
    R coach(Piece.Coach coach);

    /** For {@link Piece.LineUp}. */
    R lineUp(Piece.LineUp lineUp);

    /** For {@link Piece.Item}. */
    R item(Piece.Item item);

    /** For {@link Piece.Supply}. */
    R supply(Piece.Supply supply);

    /** For {@link Piece.Ball}. */
    R ball(Piece.Ball ball);

    /** For {@link Piece.Note}. */
    R note(Piece.Note note);

    /** For {@link Piece.Tape}. */
    R tape(Piece.Tape tape);

    /** For {@link Piece.Zone}. */
    R zone(Piece.Zone zone);

    /** For {@link Piece.Station}. */
    R station(Piece.Station station);

    /** One answer for each family of pieces, where people and areas are treated alike. */
    interface Families<R> extends PieceCases<R> {

        /** For {@link Piece.Person}. */
        R person(Piece.Person person);

        /** For {@link Piece.Area}. */
        R area(Piece.Area area);

        @Override
        default R player(Piece.Player player) {
            return person(player);
        }

        @Override
        default R goalkeeper(Piece.Goalkeeper goalkeeper) {
            return person(goalkeeper);
        }

        @Override
        default R coach(Piece.Coach coach) {
            return person(coach);
        }

        @Override
        default R lineUp(Piece.LineUp lineUp) {
            return person(lineUp);
        }

        @Override
        default R zone(Piece.Zone zone) {
            return area(zone);
        }

        @Override
        default R station(Piece.Station station) {
            return area(station);
        }
    }
}
