package wildchalk.core.setout;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.measure.Units;
import wildchalk.core.naming.PieceWords;
import wildchalk.core.surface.Surface;

/** Where people begin, measured from what can be found on the ground once the gear stands. */
public final class Starts {

    /** Nobody stands more exactly than this, metres; assumed. */
    private static final double NEAR_ENOUGH = 0.6;

    private Starts() {}

    /**
     * Where somebody begins.
     *
     * @param name what they are called, and their colour where there is more than one: "player 7, coral"
     * @param place empty where no rounding is near enough
     * @param hasBall whether they begin with a ball
     * @param ball what that is called: "ball", "puck"
     */
    public record Start(Piece.Person person, String name, Optional<Measured> place, boolean hasBall, String ball) {

        /** "from the left post, 9 m towards the own end, with the ball" */
        public String words(Units units) {
            return place.map(p -> SheetWords.tape(p, units)).orElse("as on the picture")
                    + (hasBall ? ", with a " + ball : "");
        }
    }

    private static boolean wearsColours(Piece.Person person) {
        return person.isOnATeam() && person.bib() != Bib.CHALK;
    }

    /** Everybody, in the order of the stage. */
    public static List<Start> of(Stage stage, Surface surface, Units units) {
        Measurer measurer = new Measurer(surface, Rounding.tape(units));
        List<Anchor> gear = SetOut.toPutDown(stage).stream()
                .map(p -> new Anchor(p.id(), PieceWords.among(stage, p), p.at(), true))
                .toList();
        boolean colours = stage.people().stream()
                        .filter(Starts::wearsColours)
                        .map(Piece.Person::bib)
                        .distinct()
                        .count()
                > 1;
        return stage.people().stream()
                .map(p -> new Start(
                        p,
                        PieceWords.among(stage, p)
                                + (colours && wearsColours(p)
                                        ? ", " + p.bib().name().toLowerCase(Locale.ROOT)
                                        : ""),
                        measurer.measure(p.at(), gear, NEAR_ENOUGH),
                        stage.balls().stream()
                                .anyMatch(b -> b.heldBy().filter(p.id()::equals).isPresent()),
                        surface.word("ball", "ball")))
                .toList();
    }
}
