package wildchalk.core.motion;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import wildchalk.core.deed.Deed;
import wildchalk.core.deed.Deeds;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Action.Gait;
import wildchalk.core.drill.Action.Manner;
import wildchalk.core.drill.Force;
import wildchalk.core.drill.Going;
import wildchalk.core.drill.Travel;
import wildchalk.core.effort.Effort;
import wildchalk.core.effort.Figure;
import wildchalk.core.geometry.Cornering;
import wildchalk.core.surface.Surface;

/**
 * How fast people and balls are on a surface, made from the figures of {@link FigureTable}.
 *
 * @param legs how fast people are
 * @param corners how corners are taken
 * @param takes how long things take that are done on the spot
 * @param reaction how long people need before they do what something sets off
 * @param balls how balls go
 * @param people those who are not like the rest, by id
 */
public record Speeds(
        Legs legs, Corners corners, Takes takes, Reaction reaction, Balls balls, Map<String, Speeds> people) {

    /** A walk is never slower than this, m/s. */
    private static final double SLOWEST_WALK = 1.0;

    /** A flat pass into space arrives with so much of the least speed of one to somebody; assumed. */
    /** Small quick touches leave this share of the usual speed with a ball; assumed. */
    private static final double SMALL = 0.88;

    private static final double FOR_SPACE = 1.5;

    /** Nobody needs to turn more tightly than this, however slowly they go, metres; assumed. */
    private static final double NARROWEST = 0.3;

    /**
     * How fast people are.
     *
     * @param top metres per second by gait, without the ball
     * @param settle time constant of speeding up, seconds
     * @param brake most slowing, m/s²
     * @param grip most sideways pull in a bend, m/s²
     * @param withBall share of the top speed that is left with the ball
     */
    public record Legs(Map<Gait, Double> top, double settle, double brake, double grip, double withBall) {
        public Legs {
            top = Map.copyOf(top);
        }
    }

    /**
     * How corners are taken.
     *
     * @param within metres from the drawn place at which they are passed at most
     * @param plant what a planted foot stands, as a share of the grip in a bend
     * @param push how fast a planted foot throws a body another way, m/s
     * @param tightTurn radius of a tight turn, metres
     * @param spin share of a cut's speed that is left while spinning
     */
    public record Corners(double within, double plant, double push, double tightTurn, double spin) {}

    /**
     * How long things take that are done on the spot, seconds.
     *
     * @param control from receiving to passing on, unless first time
     * @param catchAndShoot from receiving to shooting, unless first time
     * @param gather taking a ball up on two steps before it is laid up on the run
     * @param followThrough after the release until the body is free
     * @param turning half a turn
     * @param landing from a jump stop until the body is free
     * @param touching bending down to touch something and coming up
     * @param placing putting a piece of gear down with care, or picking it up
     */
    public record Takes(
            double control,
            double catchAndShoot,
            double gather,
            double followThrough,
            double turning,
            double landing,
            double touching,
            double placing) {

        /** What the end of a path takes besides. */
        public double after(Action.Ending ending) {
            if (ending == Action.Ending.JUMP_STOP) {
                return landing;
            }
            if (ending == Action.Ending.TOUCH) {
                return touching;
            }
            return 0;
        }

        /** From having a ball to sending it. */
        public double before(Action.Delivery delivery) {
            if (delivery.touch() == Action.Touch.FIRST_TIME) {
                return 0;
            }
            return delivery instanceof Action.Shot ? catchAndShoot : control;
        }
    }

    /**
     * How long people need before they do what something sets off, seconds.
     *
     * @param heard to a whistle or a call
     * @param seen to a ball or a person
     * @param ready to the same, for who is on the move and foresees it
     */
    public record Reaction(double heard, double seen, double ready) {}

    /**
     * How balls go.
     *
     * @param pass how a flat pass goes
     * @param shot how a shot goes
     * @param ways how balls go that are passed otherwise
     * @param deeds how balls go that are sent in a way that the sport has a word and a speed for, by that word
     * @param hard how much faster than usual a hard pass leaves, a share over 1
     * @param soft how much slower a soft one leaves, a share under 1
     */
    public record Balls(
            BallLaw pass,
            BallLaw shot,
            Map<Manner, BallMotion> ways,
            Map<String, BallMotion> deeds,
            double hard,
            double soft) {
        public Balls {
            ways = Map.copyOf(ways);
            deeds = Map.copyOf(deeds);
        }
    }

    /** How a flat pass goes. */
    public BallLaw pass() {
        return balls.pass();
    }

    /** How a shot goes. */
    public BallLaw shot() {
        return balls.shot();
    }

    /** How balls go that are passed otherwise than flat. */
    public Map<Manner, BallMotion> ways() {
        return balls.ways();
    }

    /** Metres per second by gait, without the ball. */
    public Map<Gait, Double> top() {
        return legs.top();
    }

    /** Time constant of speeding up, seconds. */
    public double settle() {
        return legs.settle();
    }

    /** Most slowing, m/s². */
    public double brake() {
        return legs.brake();
    }

    /** Most sideways pull in a bend, m/s². */
    public double grip() {
        return legs.grip();
    }

    /** Share of the top speed that is left with the ball. */
    public double withBall() {
        return legs.withBall();
    }

    public Speeds {
        people = Map.copyOf(people);
    }

    /** The built-in figures for a surface: grown people who go at it live. */
    public static Speeds of(Surface surface) {
        return of(surface, Effort.LIVE);
    }

    /** What the usual figures depend on. */
    private record Usual(Surface.Ground ground, String ball, Effort effort) {}

    /** There are some hundreds at most; each is made when it is first asked for. */
    private static final Map<Usual, Speeds> USUAL = new ConcurrentHashMap<>();

    /** The figures for a surface and those who are on it, with what a drill has otherwise. */
    public static Speeds of(Surface surface, Effort effort) {
        return effort.own().isEmpty()
                ? USUAL.computeIfAbsent(new Usual(surface.ground(), surface.ball(), effort), u -> made(surface, effort))
                : made(surface, effort);
    }

    private static Speeds made(Surface surface, Effort effort) {
        Map<Figure, Double> all = FigureTable.of(surface, effort);
        Map<String, Speeds> people = new HashMap<>();
        effort.own().people().forEach((who, own) -> {
            Map<Figure, Double> theirs = new EnumMap<>(all);
            theirs.putAll(own);
            people.put(who, of(theirs, deeds(surface, effort, theirs), Map.of()));
        });
        return of(all, deeds(surface, effort, all), people);
    }

    /**
     * How balls go that are served, thrown in, crossed: as fast as the file says, for who these are and how they go.
     */
    private static Map<String, BallMotion> deeds(Surface surface, Effort effort, Map<Figure, Double> f) {
        Map<String, BallMotion> deeds = new HashMap<>();
        double share = FigureTable.launches(effort);
        for (Deed deed : Deeds.of(surface.ball())) {
            Figure slowing = deed.of() == Deed.Kind.SHOT ? Figure.SHOT_SLOWING : Figure.PASS_SLOWING;
            deed.flight().launch().ifPresent(v -> deeds.put(deed.id(), BallLaw.even(v * share, f.get(slowing))));
            deed.flight().angle().ifPresent(a -> deeds.put(deed.id(), new Lob(a)));
        }
        return deeds;
    }

    /** Made from every figure there is, each in its measure. */
    private static Speeds of(Map<Figure, Double> f, Map<String, BallMotion> deeds, Map<String, Speeds> people) {
        Map<Gait, Double> top = new EnumMap<>(Gait.class);
        for (Gait gait : Gait.values()) {
            top.put(gait, f.get(Figure.valueOf(gait.name())));
        }
        BallLaw pass = new BallLaw(
                f.get(Figure.PASS_NEAR),
                f.get(Figure.PASS_PER_METRE),
                f.get(Figure.PASS_MOST),
                f.get(Figure.PASS_SLOWING),
                f.get(Figure.PASS_ARRIVES));
        return new Speeds(
                new Legs(top, f.get(Figure.SETTLE), f.get(Figure.BRAKE), f.get(Figure.GRIP), f.get(Figure.WITH_BALL)),
                new Corners(
                        f.get(Figure.WITHIN),
                        f.get(Figure.PLANT),
                        f.get(Figure.PUSH),
                        f.get(Figure.TIGHT_TURN),
                        f.get(Figure.SPIN)),
                takes(f),
                new Reaction(f.get(Figure.REACTION_HEARD), f.get(Figure.REACTION_SEEN), f.get(Figure.REACTION_READY)),
                new Balls(
                        pass,
                        BallLaw.even(f.get(Figure.SHOT), f.get(Figure.SHOT_SLOWING)),
                        ways(pass),
                        deeds,
                        f.get(Figure.HARD),
                        f.get(Figure.SOFT)),
                people);
    }

    private static Takes takes(Map<Figure, Double> f) {
        return new Takes(
                f.get(Figure.CONTROL),
                f.get(Figure.CATCH_AND_SHOOT),
                f.get(Figure.GATHER),
                f.get(Figure.FOLLOW_THROUGH),
                f.get(Figure.TURNING),
                f.get(Figure.LANDING),
                f.get(Figure.TOUCHING),
                f.get(Figure.PLACING));
    }

    private static Map<Manner, BallMotion> ways(BallLaw pass) {
        Map<Manner, BallMotion> ways = new EnumMap<>(Manner.class);
        for (Manner manner : Manner.values()) {
            ways.put(
                    manner,
                    FigureTable.way(manner).map(way -> motion(way, pass)).orElse(pass));
        }
        return ways;
    }

    private static BallMotion motion(Map<String, Double> way, BallLaw pass) {
        return way.containsKey("angle")
                ? new Lob(Math.toRadians(way.get("angle")))
                : pass.scaled(way.get("speed"), way.get("slowing"));
    }

    /** How fast one person is, and the balls that they send. */
    public Speeds forPerson(String who) {
        return people.getOrDefault(who, this);
    }

    /** Who meets a ball. */
    public enum Met {
        /** Whom it is for. */
        ON_ITS_WAY,
        /** Somebody goes for it. */
        LATER,
        NEVER
    }

    /**
     * How the ball of a pass or shot goes. A ball that is rolled to nobody is rolled so that it comes to rest there;
     * one that goes along the ground into space is weighted for whoever goes for it.
     */
    public BallMotion motion(Action.Delivery delivery, Met met) {
        Optional<BallMotion> deed = delivery.called().map(balls.deeds()::get);
        if (!(delivery instanceof Action.Pass pass)) {
            return deed.orElse(shot());
        }
        BallMotion way = deed.orElse(ways().getOrDefault(pass.manner(), pass()));
        if (!(way instanceof BallLaw law)) {
            return way;
        }
        boolean rolled = pass.manner() == Manner.ROLL;
        if (rolled && met == Met.NEVER && pass.force() == Force.USUAL && law.slowing() > 0) {
            return new RollingOut(law.slowing());
        }
        double arrives = law.arrives() * (rolled ? 1 : FOR_SPACE);
        BallLaw suited = met == Met.ON_ITS_WAY || law.slowing() == 0 || !isAlongTheGround(pass.manner())
                ? law
                : law.weighted(arrives);
        return switch (pass.force()) {
            case USUAL -> suited;
            case HARD -> suited.forced(balls.hard());
            case SOFT -> suited.forced(balls.soft());
        };
    }

    private static boolean isAlongTheGround(Manner manner) {
        return manner == Manner.FLAT || manner == Manner.PUSH || manner == Manner.ROLL;
    }

    /** Top speed of a travel without the ball, m/s. */
    public double topOf(Travel travel) {
        double top = top().get(travel.gait()) * travel.going().pace();
        return travel.gait() == Gait.WALK ? Math.max(SLOWEST_WALK, top) : top;
    }

    /** What is left of the speed with the ball, by how it is touched on the way; assumed. */
    public double withBall(Travel travel) {
        return switch (travel.going().craft().rhythm()) {
            case USUAL, SMALL_THEN_LONG -> withBall();
            case SMALL_AND_QUICK -> withBall() * SMALL;
            case ONE_LONG, IN_HAND -> (1 + withBall()) / 2;
        };
    }

    /** How the corners of a travel are taken at a top speed, m/s. */
    public Cornering cornering(Going.Corner corner, double speed) {
        double push = corners.push() * corners.push() / (4 * grip());
        if (corner == Going.Corner.TIGHT_TURN) {
            return new Cornering(
                    corners.within(),
                    corners.tightTurn(),
                    1,
                    Double.POSITIVE_INFINITY,
                    Double.POSITIVE_INFINITY,
                    true,
                    false);
        }
        boolean spins = corner == Going.Corner.SPIN;
        double share = spins ? corners.spin() * corners.spin() : 1;
        double widest = Math.max(NARROWEST, speed * speed / (grip() * corners.plant()));
        return new Cornering(
                corners.within(),
                widest,
                corners.plant() * share,
                push * share,
                speed * speed / grip() * share,
                false,
                spins);
    }

    /**
     * How long somebody takes who sprints straight to a place and runs on there, seconds.
     *
     * @param metres 0 or more
     * @param speed how fast they go that way already, m/s
     */
    public double sprintTime(double metres, double speed) {
        return timeFor(metres, Math.max(0, Math.min(speed, top().get(Gait.SPRINT))), top().get(Gait.SPRINT));
    }

    /**
     * How long somebody takes who goes straight to a place and on, seconds.
     *
     * @param metres 0 or more
     * @param speed how fast they go that way already, m/s
     * @param top how fast they go at most, m/s, over 0
     */
    public double timeFor(double metres, double speed, double top) {
        return metres <= 0 ? 0 : SpeedProfile.freeTime(metres, speed, top, settle());
    }
}
