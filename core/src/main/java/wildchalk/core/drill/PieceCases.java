package wildchalk.core.drill;

/** One answer for each kind of piece: a new kind is not compiled until every place has answered. */
public interface PieceCases<R> {

    R player(Piece.Player player);

    R goalkeeper(Piece.Goalkeeper goalkeeper);

    R coach(Piece.Coach coach);

    R lineUp(Piece.LineUp lineUp);

    R item(Piece.Item item);

    R supply(Piece.Supply supply);

    R ball(Piece.Ball ball);

    R note(Piece.Note note);

    R tape(Piece.Tape tape);

    R zone(Piece.Zone zone);

    R station(Piece.Station station);

    /** One answer for each family of pieces, where people and areas are treated alike. */
    interface Families<R> extends PieceCases<R> {

        R person(Piece.Person person);

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
