package wildchalk.core.flow;

import wildchalk.core.drill.Action;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;

/** A small stage seen in a mirror, with the same ids. */
final class Mirror {

    private Mirror() {}

    static Stage of(Stage stage) {
        Stage mirrored = stage;
        for (Piece piece : stage.pieces()) {
            if (piece instanceof Piece.Person person) {
                mirrored = mirrored.withPiece(
                        ((Piece.Person) person.movedTo(person.at().mirrored(false, true)))
                                .with(-person.facing(), person.label()));
            }
        }
        for (Action action : stage.actions()) {
            if (action instanceof Travel travel) {
                mirrored = mirrored.withAction(travel.withPath(new TravelPath(
                        travel.path().through().stream()
                                .map(s -> s instanceof Spot.Place p ? Spot.at(p.at().mirrored(false, true)) : s)
                                .toList(),
                        travel.path().smooth())));
            }
        }
        return mirrored;
    }
}
