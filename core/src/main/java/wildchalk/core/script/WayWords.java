package wildchalk.core.script;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.script.Whereabouts.Named;
import wildchalk.core.surface.Surface;

/**
 * Where a way leads, so that whoever reads it knows which way to go: to what it ends at, towards what lies ahead, past
 * what lies behind its end, across a line; in the open, by the way the team goes, or by the gear.
 *
 * @param turned whether it is told to who goes the other way than the surface is named for
 */
record WayWords(Stage stage, Surface surface, Words words, boolean turned) {

    /** Nearer than this a way ends at a thing, metres. */
    private static final double AT = 0.5;
    /** Nearer than this it ends near a thing, metres. */
    private static final double NEAR = 4;
    /** What is behind the end by more than this was gone past, metres. */
    private static final double PAST = 0.5;
    /** Of what lies ahead so far off one says that it is gone towards, metres, and so far aside at most, radians. */
    private static final double AHEAD = 25;

    private static final double ASIDE = Math.toRadians(20);
    /** Two directions are told apart when they differ by more than half of this, radians. */
    private static final double EIGHTH = Math.PI / 4;

    /** A thing that has a name, and where it is. */
    private record Thing(String name, String piece, Vec at) {}

    /**
     * @param line where it leads, metres, as it is gone
     * @param towards whether a direction tells anything
     */
    Optional<Named> of(List<Vec> line, boolean towards) {
        Optional<Named> near = near(line);
        // A way that comes back to where it began leads nowhere: only what it ends at tells.
        return near.isPresent() || line.get(0).distance(line.get(line.size() - 1)) < 1
                ? near
                : inTheOpen(line, towards);
    }

    /** What a line ends at or near; empty in the open. */
    Optional<Named> near(List<Vec> line) {
        Vec end = line.get(line.size() - 1);
        return things().filter(t -> t.at().distance(end) <= NEAR)
                .sorted(Comparator.comparingDouble(t -> t.at().distance(end)))
                .flatMap(t -> near(t, line.get(0), end).stream())
                .findFirst();
    }

    private Optional<Named> inTheOpen(List<Vec> line, boolean towards) {
        Vec from = line.get(0);
        Vec end = line.get(line.size() - 1);
        return across(from, end).or(() -> ahead(from, end)).or(() -> towards ? direction(from, end) : Optional.empty());
    }

    private Stream<Thing> things() {
        Stream<Thing> gear = stage.pieces().stream()
                .filter(g -> g instanceof Piece.Item || g instanceof Piece.Supply)
                .filter(g -> stage.inHand(g.id()).isEmpty())
                .map(g -> new Thing(words.name((Piece.Gear) g), g.id(), g.at()));
        Stream<Thing> landmarks = surface.landmarks().stream().map(l -> new Thing(l.name(), "", seen(l.at())));
        return Stream.concat(gear, landmarks);
    }

    /** A thing near the end: it counts when one comes nearer to it on the way. */
    private Optional<Named> near(Thing thing, Vec from, Vec end) {
        double off = thing.at().distance(end);
        if (off <= AT) {
            return Optional.of(named("to.place", thing));
        }
        if (thing.at().distance(from) <= off + 1e-9) {
            return Optional.empty();
        }
        Vec way = end.minus(from).unit();
        double ahead = thing.at().minus(end).dot(way);
        return Optional.of(named(ahead < -PAST ? "past.place" : "near.place", thing));
    }

    private Named named(String key, Thing thing) {
        return new Named(words.say(key, thing.name()), thing.piece());
    }

    /** The last straight line of the surface with a name that lies between. */
    private Optional<Named> across(Vec from, Vec end) {
        return surface.markings().stream()
                .filter(m -> !m.name().isEmpty())
                .flatMap(m -> surface.line(m.id()).stream()
                        .flatMap(l -> crossed(l.points(), seen(from), seen(end)).stream())
                        .map(at -> new Thing(m.name(), "", seen(at))))
                .min(Comparator.comparingDouble(t -> t.at().distance(end)))
                .map(t -> named("across.place", t));
    }

    /** A place as the surface names it, or as it lies: a mirror twice is none. */
    private Vec seen(Vec place) {
        return turned ? place.mirrored(true, true) : place;
    }

    private static Optional<Vec> crossed(List<Vec> line, Vec from, Vec end) {
        for (int i = 0; i + 1 < line.size(); i++) {
            Vec a = line.get(i);
            Vec b = line.get(i + 1);
            double t = a.minus(from).cross(b.minus(a)) / end.minus(from).cross(b.minus(a));
            double s = a.minus(from).cross(end.minus(from)) / end.minus(from).cross(b.minus(a));
            if (t > 0.02 && t < 0.98 && s >= 0 && s <= 1) {
                return Optional.of(from.towards(end, t));
            }
        }
        return Optional.empty();
    }

    /** Gear that lies straight ahead. */
    private Optional<Named> ahead(Vec from, Vec end) {
        Vec way = end.minus(from).unit();
        return things().filter(t -> !t.piece().isEmpty())
                .filter(t -> t.at().distance(end) <= AHEAD && t.at().minus(end).dot(way) > 0)
                .filter(t -> Math.abs(Math.atan2(way.cross(t.at().minus(from)), way.dot(t.at().minus(from)))) <= ASIDE)
                .min(Comparator.comparingDouble(t -> t.at().distance(end)))
                .map(t -> named("near.place", t));
    }

    /** As who goes sees it who looks at what their team attacks; empty where nothing is attacked. */
    private Optional<Named> direction(Vec from, Vec end) {
        if (surface.targets().isEmpty()) {
            return Optional.empty();
        }
        Vec way = end.minus(from);
        double angle = turned ? way.times(-1).angle() : way.angle();
        int eighth = Math.floorMod((int) Math.round(angle / EIGHTH), 8);
        return Optional.of(new Named(words.say("way." + eighth), ""));
    }
}
