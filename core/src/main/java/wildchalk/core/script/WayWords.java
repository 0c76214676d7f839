package wildchalk.core.script;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.script.Whereabouts.Named;
import wildchalk.core.surface.Surface;

/**
 * Where a way leads, so that whoever reads it knows which way to go: to what it ends at, towards what lies ahead, past
 * what lies behind its end, across a line; in the open, by the way the team goes, or by the coach and the gear.
 *
 * @param turned whether it is told to who goes the other way than the surface is named for
 * @param ball where the ball is for which people make a step; empty for who has it, or where there is none
 */
record WayWords(Stage stage, Surface surface, Words words, boolean turned, Optional<Vec> ball) {

    /** Nearer than this a way ends at a thing, metres. */
    private static final double AT = 0.5;
    /** Nearer than this it ends near a thing, metres. */
    private static final double NEAR = 4;
    /** What is behind the end by more than this was gone past, metres. */
    private static final double PAST = 0.5;
    /** Of what lies ahead so far off one says that it is gone towards, metres, and so far aside at most, radians. */
    private static final double AHEAD = 25;

    private static final double ASIDE = Math.toRadians(20);
    /** A step, which is told from the ball, is shorter than this, metres. */
    private static final double STEP = 2;
    /** Who goes towards or away from something in the open does so within this, radians. */
    private static final double ROUGHLY = Math.toRadians(35);
    /** Two directions are told apart when they differ by more than half of this, radians. */
    private static final double EIGHTH = Math.PI / 4;

    /** A thing that has a name, and where it is. */
    private record Thing(Supplier<String> name, String piece, Vec at) {}

    /**
     * @param line where it leads, metres, as it is gone
     * @param towards whether a direction tells anything
     */
    Optional<Named> of(List<Vec> line, boolean towards) {
        Vec from = line.get(0);
        Vec end = line.get(line.size() - 1);
        Optional<Named> near = near(line);
        Optional<Named> step = from.distance(end) < STEP && towards ? step(from, end) : Optional.empty();
        if (step.isPresent() && near.filter(n -> isAt(n, end)).isEmpty()) {
            return step;
        }
        // A way that comes back to where it began leads nowhere: only what it ends at tells.
        return near.isPresent() || from.distance(end) < 1 && isLong(line) ? near : inTheOpen(line, towards);
    }

    private static boolean isLong(List<Vec> line) {
        return new Course(line).length() >= STEP;
    }

    private boolean isAt(Named named, Vec end) {
        return things(end).anyMatch(t -> named.text()
                .equals(words.say("to.place", t.name().get())));
    }

    /** A step or two: to or from the ball. */
    private Optional<Named> step(Vec from, Vec end) {
        return ball.filter(b -> b.distance(from) > AT).flatMap(b -> toOrFrom(from, end, b, "", words.word("ball")));
    }

    private Optional<Named> toOrFrom(Vec from, Vec end, Vec thing, String piece, String name) {
        double off = Math.abs(angle(end.minus(from), thing.minus(from)));
        if (off <= ROUGHLY) {
            return Optional.of(new Named(words.say("near.place", name), piece));
        }
        return off >= Math.PI - ROUGHLY
                ? Optional.of(new Named(words.say("away.from.place", name), piece))
                : Optional.empty();
    }

    private static double angle(Vec one, Vec other) {
        return Math.atan2(one.cross(other), one.dot(other));
    }

    /** What a line ends at or near; empty in the open. */
    Optional<Named> near(List<Vec> line) {
        Vec from = line.get(0);
        Vec end = line.get(line.size() - 1);
        return things(from)
                .filter(t -> t.at().distance(end) <= NEAR)
                .sorted(Comparator.comparingDouble(t -> t.at().distance(end)))
                .flatMap(t -> near(t, from, end).stream())
                .findFirst();
    }

    private Optional<Named> inTheOpen(List<Vec> line, boolean towards) {
        Vec from = line.get(0);
        Vec end = line.get(line.size() - 1);
        return across(from, end)
                .or(() -> zone(from, end))
                .or(() -> ahead(from, end))
                .or(() -> towards ? direction(from, end) : Optional.empty());
    }

    private Stream<Thing> things(Vec from) {
        GearNames names = new GearNames(stage, words, turned);
        Stream<Thing> gear = stage.pieces().stream()
                .filter(g -> g instanceof Piece.Item || g instanceof Piece.Supply)
                .filter(g -> stage.inHand(g.id()).isEmpty())
                .map(g -> new Thing(() -> names.name((Piece.Gear) g, from), g.id(), g.at()));
        Stream<Thing> landmarks = surface.isOpenGround()
                ? Stream.empty()
                : surface.landmarks().stream().map(l -> new Thing(l::name, "", seen(l.at())));
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
        return new Named(words.say(key, thing.name().get()), thing.piece());
    }

    /** The last straight line of the surface with a name that lies between. */
    private Optional<Named> across(Vec from, Vec end) {
        return surface.markings().stream()
                .filter(m -> !m.name().isEmpty())
                .flatMap(m -> surface.line(m.id()).stream()
                        .flatMap(l -> crossed(l.points(), seen(from), seen(end)).stream())
                        .map(at -> new Thing(m::name, "", seen(at))))
                .min(Comparator.comparingDouble(t -> t.at().distance(end)))
                .map(t -> named("across.place", t));
    }

    /** Into an area that was drawn, or out of one. */
    private Optional<Named> zone(Vec from, Vec end) {
        return stage.pieces().stream()
                .filter(Piece.Zone.class::isInstance)
                .map(Piece.Zone.class::cast)
                .filter(z -> z.contains(from) != z.contains(end))
                .max(Comparator.comparing(z -> z.contains(end)))
                .map(z -> new Named(words.say(z.contains(end) ? "into.zone" : "out.of.zone", words.zone(z)), z.id()));
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
        return things(from)
                .filter(t -> !t.piece().isEmpty())
                .filter(t -> t.at().distance(end) <= AHEAD && t.at().minus(end).dot(way) > 0)
                .filter(t -> Math.abs(angle(way, t.at().minus(from))) <= ASIDE)
                .min(Comparator.comparingDouble(t -> t.at().distance(end)))
                .map(t -> named("near.place", t));
    }

    /** As who goes sees it who looks at what their team attacks; where nothing is attacked, by what stands about. */
    private Optional<Named> direction(Vec from, Vec end) {
        if (surface.targets().isEmpty()) {
            return byWhatStands(from, end);
        }
        Vec way = end.minus(from);
        double angle = turned ? way.times(-1).angle() : way.angle();
        int eighth = Math.floorMod((int) Math.round(angle / EIGHTH), 8);
        return Optional.of(new Named(words.say("way." + eighth), ""));
    }

    /** To the coach or away from them, to the coach's left or right; without one, away from gear that is near. */
    private Optional<Named> byWhatStands(Vec from, Vec end) {
        Optional<Piece.Coach> coach = stage.pieces().stream()
                .filter(Piece.Coach.class::isInstance)
                .map(Piece.Coach.class::cast)
                .filter(c -> c.at().distance(from) > AT)
                .min(Comparator.comparingDouble(c -> c.at().distance(from)));
        if (coach.isPresent()) {
            Vec at = coach.get().at();
            String name = words.name(coach.get());
            double angle = angle(from.minus(at), end.minus(from));
            int quarter = Math.floorMod((int) Math.round(angle / (Math.PI / 2)), 4);
            return Optional.of(new Named(
                    words.say("by.coach." + quarter, name), coach.get().id()));
        }
        return things(from)
                .filter(t -> t.at().distance(from) > AT && t.at().distance(from) <= AHEAD)
                .sorted(Comparator.comparingDouble(t -> t.at().distance(from)))
                .filter(t -> Math.abs(angle(end.minus(from), t.at().minus(from))) >= Math.PI - ROUGHLY)
                .findFirst()
                .map(t -> named("away.from.place", t));
    }
}
