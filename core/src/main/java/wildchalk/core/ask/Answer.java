package wildchalk.core.ask;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import wildchalk.core.drill.Instruction.Freeze;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Sign;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Unit;
import wildchalk.core.motion.Abilities;
import wildchalk.core.rehearsal.Places;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.Lane;
import wildchalk.core.timeline.Timeline;

/** The answer to the question of a freeze, measured on the board as it stands at that moment. */
public final class Answer {

    private static final double JUST_BEFORE = 1e-3;

    private final Stage stage;
    private final Timeline timeline;
    private final Places places;
    private final Surface surface;
    private final Unit unit;
    private final double t;

    private Answer(Stage stage, Timeline timeline, Surface surface, Unit unit, double t) {
        this.stage = stage;
        this.timeline = timeline;
        this.places = new Places(stage, surface);
        this.surface = surface;
        this.unit = unit;
        this.t = t;
    }

    /** How something measured came out. */
    public enum Verdict {
        GOOD,
        BAD,
        NEITHER
    }

    /**
     * One sign, worked out.
     *
     * @param points where it is; of a sight, where its person stands
     * @param facing of the person whose sight it is, radians; 0 for all others
     * @param words beside it; may be empty
     * @param opponent id of the opponent who decides how it came out; empty for none
     */
    public record Drawn(
            Sign.Kind kind, List<Vec> points, double facing, Verdict verdict, String words, Optional<String> opponent) {
        public Drawn {
            points = List.copyOf(points);
        }

        private static Drawn plain(Sign sign, List<Vec> points, String words) {
            return new Drawn(sign.kind(), points, 0, Verdict.NEITHER, words, Optional.empty());
        }
    }

    /** The signs of a freeze, in order. */
    public static List<Drawn> of(Freeze freeze, Stage stage, Timeline timeline, Surface surface, Unit unit) {
        // What the moment sets off has not begun.
        double t = Math.max(0, timeline.moment(freeze.at()).orElse(0) - JUST_BEFORE);
        Answer answer = new Answer(stage, timeline, surface, unit, t);
        return freeze.signs().stream().flatMap(s -> answer.draw(s).stream()).toList();
    }

    /** Ids of what matters on the frozen board: what the answer is about; without one, who acts then, and the balls. */
    public static List<String> matters(Freeze freeze, Stage stage, Timeline timeline, Surface surface) {
        List<String> named = Stream.concat(
                        freeze.signs().stream().flatMap(s -> s.pieces().stream()),
                        of(freeze, stage, timeline, surface, Unit.METRES).stream()
                                .flatMap(d -> d.opponent().stream()))
                .distinct()
                .toList();
        double t = timeline.moment(freeze.at()).orElse(0);
        List<String> matters = new ArrayList<>(named);
        if (named.isEmpty()) {
            stage.actions().stream()
                    .filter(a -> timeline.times(a.id())
                            .filter(x -> x.start() <= t + 0.01 && t <= x.over() + 0.01)
                            .isPresent())
                    .forEach(a -> matters.add(a.who()));
        }
        matters.addAll(timeline.balls());
        return matters.stream().distinct().toList();
    }

    private List<Drawn> draw(Sign sign) {
        List<Vec> points = sign.at().stream().map(this::place).toList();
        return points.size() < sign.kind().least()
                ? List.of()
                : switch (sign.kind()) {
                    case RING, LINE, REGION, NOTE -> List.of(Drawn.plain(sign, points, sign.words()));
                    case GAP -> List.of(
                            Drawn.plain(sign, points, unit.spoken(points.get(0).distance(points.get(1)))));
                    case LANE -> lane(sign, points);
                    case SIGHT -> person(sign.at().get(0)).map(this::sight).stream()
                            .toList();
                    case AWAY -> person(sign.at().get(0)).map(this::away).stream()
                            .toList();
                    case SOONER -> race(sign, points.get(0));
                };
    }

    private List<Drawn> lane(Sign sign, List<Vec> points) {
        Optional<Piece.Person> from = person(sign.at().get(0));
        if (from.isEmpty()) {
            return List.of(Drawn.plain(sign, points, unit.spoken(points.get(0).distance(points.get(1)))));
        }
        Lane lane = Lane.of(from.get(), points.get(1), stage, timeline, t);
        String room = lane.nearest()
                .map(n -> lane.isOpen()
                        ? "open, " + unit.spoken(lane.room()) + " of room"
                        : "shut, " + name(n) + " is " + unit.exact(lane.room()) + " off it")
                .orElse("open, nobody near");
        return List.of(
                new Drawn(sign.kind(), points, 0, lane.isOpen() ? Verdict.GOOD : Verdict.BAD, room, lane.nearest()));
    }

    private Drawn sight(Piece.Person who) {
        Sight sight = Sight.of(who, stage, timeline, t);
        boolean all = (sight.ball().isEmpty() || sight.seesBall())
                && (sight.opponent().isEmpty() || sight.seesOpponent());
        List<String> seen = new ArrayList<>();
        List<String> unseen = new ArrayList<>();
        if (sight.ball().isPresent()) {
            (sight.seesBall() ? seen : unseen).add("the " + surface.words().getOrDefault("ball", "ball"));
        }
        sight.opponent().ifPresent(o -> (sight.seesOpponent() ? seen : unseen).add(name(o.id())));
        String none = unseen.isEmpty() ? " has nobody to see" : " does not see " + String.join(" or ", unseen);
        String some = " sees " + String.join(" and ", seen)
                + (unseen.isEmpty() ? "" : ", not " + String.join(" or ", unseen));
        String words = name(who.id()) + (seen.isEmpty() ? none : some);
        return new Drawn(
                Sign.Kind.SIGHT,
                List.of(sight.from().at()),
                sight.from().facing(),
                all ? Verdict.GOOD : Verdict.BAD,
                words,
                sight.opponent().map(Piece::id));
    }

    /** The shortest way of the ball to somebody, from pass to pass. */
    private Drawn away(Piece.Person who) {
        List<Piece.Person> way = Passes.way(who, stage, timeline, t);
        List<Vec> points = way.isEmpty()
                ? List.of(timeline.at(who.id(), t))
                : way.stream().map(p -> timeline.at(p.id(), t)).toList();
        String words;
        if (way.isEmpty()) {
            words = name(who.id()) + " is cut off";
        } else if (way.size() == 1) {
            words = name(who.id()) + " has the ball";
        } else {
            words = name(who.id())
                    + (way.size() == 2 ? " is one pass away" : " is " + (way.size() - 1) + " passes away");
        }
        return new Drawn(
                Sign.Kind.AWAY, points, 0, way.isEmpty() ? Verdict.BAD : Verdict.GOOD, words, Optional.empty());
    }

    /** A line from each, with the time it takes them; the soonest is the good one. */
    private List<Drawn> race(Sign sign, Vec to) {
        List<Piece.Person> people = sign.at().subList(1, sign.at().size()).stream()
                .flatMap(s -> person(s).stream())
                .toList();
        Race race = Race.of(to, people, timeline, Abilities.speeds(stage, surface), t);
        return race.runners().stream()
                .map(r -> new Drawn(
                        Sign.Kind.SOONER,
                        List.of(r.from(), to),
                        0,
                        r.equals(race.runners().get(0)) ? Verdict.GOOD : Verdict.NEITHER,
                        name(r.who().id()) + String.format(Locale.ROOT, " in %.1f s", r.seconds()) + ", "
                                + unit.spoken(r.metres()),
                        Optional.empty()))
                .toList();
    }

    private Optional<Piece.Person> person(Spot spot) {
        return spot.namedPiece().flatMap(stage::person);
    }

    /** Where a spot is at the moment of the freeze. */
    private Vec place(Spot spot) {
        if (spot instanceof Spot.AtPiece p) {
            if (stage.person(p.piece()).isPresent()) {
                return timeline.at(p.piece(), t).plus(p.offset());
            }
            if (timeline.balls().contains(p.piece())) {
                return timeline.ball(p.piece(), t).plus(p.offset());
            }
            if (timeline.handled().contains(p.piece())) {
                return timeline.gear(p.piece(), t).plus(p.offset());
            }
        }
        return places.of(spot);
    }

    private String name(String who) {
        return stage.person(who)
                .map(Piece.Person::label)
                .filter(l -> !l.isBlank())
                .orElse("the other");
    }
}
