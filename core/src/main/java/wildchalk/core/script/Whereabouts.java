package wildchalk.core.script;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Wall;
import wildchalk.core.wording.Wordbook;

/** Finds words for where a line goes: landmarks, gear and gates that people can see. */
final class Whereabouts {

    /** Nearer than this a line ends at a thing, in metres. */
    private static final double AT = 1.3;
    /** Nearer than this it goes towards a thing, in metres. */
    private static final double TOWARDS = 4;
    /** Nearer than this somebody stands on a line, in metres. */
    private static final double ON_LINE = 0.6;

    private final Stage stage;
    private final Surface surface;
    private final Words words;
    private final GearNames names;
    private final boolean turned;

    /** @param turned whether places have the names that they have for who goes the other way */
    Whereabouts(Stage stage, Surface surface, Words words, boolean turned) {
        this.stage = stage;
        this.surface = surface;
        this.words = words;
        this.names = new GearNames(stage, words, turned);
        this.turned = turned;
    }

    /** The place that has the name of this one where somebody goes the other way: the same, seen from there. */
    private Vec seen(Vec place) {
        return turned ? place.mirrored(true, true) : place;
    }

    private Optional<Surface.Landmark> landmark(Vec place, double metres) {
        return surface.isOpenGround() ? Optional.empty() : surface.landmarkNear(seen(place), metres);
    }

    /** What a goal of the surface is called. */
    Optional<String> target(String id) {
        return surface.target(id).map(t -> surface.targets().stream()
                .min(Comparator.comparingDouble(o -> o.at().distance(seen(t.at()))))
                .orElse(t)
                .name());
    }

    /** Words for a place, and the piece they name; an empty id for a landmark. */
    record Named(String text, String piece) {}

    /** Where something happens: "at the left wing"; empty in the open. */
    Optional<String> at(Vec place) {
        return gearNear(place, AT)
                .map(g -> words.say("at.place", names.name((Piece.Gear) g)))
                .or(() -> lineAt(place).map(l -> words.say("at.place", l)))
                .or(() -> landmark(place, AT).map(l -> words.say("at.place", l.name())))
                .or(() -> landmark(place, TOWARDS).map(l -> words.say("by.place", l.name())));
    }

    /** What somebody touches at the end of a line: gear, or a line of the surface. */
    Optional<Named> touched(Vec end) {
        return gear(end).or(() -> lineAt(end).map(l -> new Named(words.say("to.place", l), "")));
    }

    private Optional<Named> gear(Vec end) {
        return gearNear(end, AT).map(g -> new Named(words.say("to.place", names.name((Piece.Gear) g)), g.id()));
    }

    /** The name of a straight line of the surface that a place is on. */
    private Optional<String> lineAt(Vec end) {
        return surface.markings().stream()
                .filter(m -> !m.name().isEmpty())
                .filter(m -> surface.line(m.id())
                        .filter(l -> distance(seen(end), l.points()) <= ON_LINE)
                        .isPresent())
                .findFirst()
                .map(m -> m.name());
    }

    private static double distance(Vec p, List<Vec> line) {
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i + 1 < line.size(); i++) {
            least = Math.min(least, p.distanceToStretch(line.get(i), line.get(i + 1)));
        }
        return least;
    }

    /** "the left boards", "the end line". */
    String wall(Wall wall) {
        String end = surface.word("end-line", words.say("wall.end"));
        return switch (wall) {
            case END -> words.say("the", end, Wordbook.key(wall));
            case OWN_END -> words.say("the.own", end, Wordbook.key(wall));
            default -> words.say("the.side", surface.word("side-line", words.say("wall.side")), Wordbook.key(wall));
        };
    }

    /** What somebody faces. */
    Optional<Named> thing(Spot spot) {
        if (spot instanceof Spot.AtPiece p) {
            return stage.person(p.piece())
                    .map(x -> new Named(words.name(x), x.id()))
                    .or(() -> stage.piece(p.piece())
                            .filter(Piece.Gear.class::isInstance)
                            .map(g -> new Named(words.say("the", names.name((Piece.Gear) g)), g.id())));
        }
        if (spot instanceof Spot.AtTarget t) {
            return target(t.target()).map(x -> new Named(words.say("the", x), ""));
        }
        return landmark(((Spot.Place) spot).at(), TOWARDS).map(l -> new Named(words.say("the", l.name()), ""));
    }

    private Optional<Piece> gearNear(Vec p, double metres) {
        return stage.pieces().stream()
                .filter(g -> g instanceof Piece.Item || g instanceof Piece.Supply)
                .filter(g -> g.at().distance(p) <= metres)
                .filter(g -> stage.inHand(g.id()).isEmpty())
                .min((a, b) -> Double.compare(a.at().distance(p), b.at().distance(p)));
    }
}
