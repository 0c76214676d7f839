package wildchalk.core.scene;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import wildchalk.core.drill.Drill.LineKey;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.implied.NextInLine;
import wildchalk.core.geometry.Route;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Units;
import wildchalk.core.motion.Pose;
import wildchalk.core.motion.Posture;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.Play;
import wildchalk.core.timeline.Problem;
import wildchalk.core.timeline.Timeline;

/** A rehearsed stage as pictures: make one, ask it for the layers that are wanted. */
public final class Board {

    private final Surface surface;
    private final Stage stage;
    /** When actions happen and where their lines run. */
    private final Timeline timeline;
    /** Who and what is where at a moment. */
    private final Play play;

    private final List<Piece.Person> people;
    private final OnPicture onPicture;

    private final Frame frame;
    private final Aids aids;
    private final ChalkShapes chalk;
    /** Nearer than this two pieces of gear are one, metres. */
    private static final double SAME_PLACE = 0.5;

    private final Tokens tokens;
    private final GearShapes gear;
    private final AreaShapes areas;
    private final ToAndFro drawn;
    private final Units units;
    private final Map<String, OptionMark> options;
    private final Map<String, Route> routes = new ConcurrentHashMap<>();
    private volatile Map<String, List<Shape>> placed;
    private final Set<String> handled;
    private final Set<String> wrong;

    /** With lengths in metres and what usually helps to read it. */
    public Board(Surface surface, Stage stage, Timeline timeline, LineKey key, Frame frame) {
        this(surface, stage, timeline, key, frame, Units.METRIC, Aids.USUAL, Map.of());
    }

    /**
     * @param units how pinned measures are said
     * @param aids what helps to read it
     * @param options how the lines of what is told as an option are marked, by action
     */
    public Board(
            Surface surface,
            Stage stage,
            Timeline timeline,
            LineKey key,
            Frame frame,
            Units units,
            Aids aids,
            Map<String, OptionMark> options) {
        this.units = units;
        this.options = Map.copyOf(options);
        this.surface = surface;
        this.stage = stage;
        this.timeline = timeline;
        this.play = timeline;
        this.people = new ArrayList<>(stage.people());
        people.addAll(NextInLine.of(stage, timeline.people()));
        this.onPicture = new OnPicture(people, timeline, new Drift(stage, surface, timeline), frame.unit());
        this.frame = frame;
        this.aids = aids;
        this.drawn = new ToAndFro(stage, timeline, frame.unit());
        this.tokens = new Tokens(frame);
        this.gear = new GearShapes(frame);
        this.areas = new AreaShapes(frame);
        this.handled = Set.copyOf(timeline.handled());
        StandingShapes standing = new StandingShapes(stage, handled, people, frame);
        PlayShapes plays = new PlayShapes(stage, surface, frame);
        this.chalk = new ChalkShapes(this, tokens, areas, plays, standing, new ActionLines(frame.unit(), key));
        this.wrong = timeline.problems().stream().map(Problem::action).collect(Collectors.toUnmodifiableSet());
    }

    /** Takes over the lines that run as they ran on another board, where they were smoothed already; this board. */
    public Board reusingLines(Board before) {
        before.routes.forEach((id, route) -> {
            if (stage.action(id).isPresent() && before.drawn.line(id).equals(drawn.line(id))) {
                routes.put(id, route);
            }
        });
        return this;
    }

    /** All layers at a moment, seconds after the whistle. */
    public Scene at(double t) {
        return new Scene(ground(), chalk(Set.of()), live(t, Set.of(), Set.of()));
    }

    Stage stage() {
        return stage;
    }

    Timeline timeline() {
        return timeline;
    }

    Units units() {
        return units;
    }

    Aids aids() {
        return aids;
    }

    /** How something is marked that is told as an option, and not by the number of its beat. */
    Optional<OptionMark> option(String action) {
        return Optional.ofNullable(options.get(action));
    }

    /** Whether something cannot happen. */
    boolean isWrong(String action) {
        return wrong.contains(action);
    }

    List<Surface.Target> targets() {
        return surface.targets();
    }

    /** The arrows on which groups move on. */
    List<Shape> movingOn() {
        return areas.movingOn(stage);
    }

    /** Where the number of a station stands. */
    Vec stationNumber(Piece.Station station) {
        return areas.number(station);
    }

    /** What is shown, and how large tokens are. */
    public Frame frame() {
        return frame;
    }

    /** Where the line of an action runs. */
    public Route route(String action) {
        // Few are asked for while something is dragged.
        return routes.computeIfAbsent(action, id -> Lines.route(drawn.line(id)));
    }

    /** The surface with its run-off, markings and targets. */
    public List<Shape> ground() {
        return Ground.of(surface, frame, aids);
    }

    /** Gear, waiting people, lines and beat numbers. */
    public List<Shape> chalk(Set<String> chosen) {
        return chalk(chosen, id -> true);
    }

    /** That part of the chalk layer which belongs to the pieces and actions that are wanted, by id. */
    public List<Shape> chalk(Set<String> chosen, Predicate<String> wanted) {
        List<Shape> shapes = new ArrayList<>(chalk.of(chosen, wanted));
        shapes.addAll(written(wanted));
        return shapes;
    }

    /** All of the board that stands still but for what is written on it. */
    List<Shape> unwritten(Predicate<String> wanted) {
        return chalk.of(Set.of(), wanted);
    }

    /**
     * What shows under the lines of what is under way: a layer of its own, because it changes while the board plays.
     */
    public List<Shape> glow(Set<String> lit) {
        return stage.actions().stream()
                .filter(a -> lit.contains(a.id()))
                .map(chalk::glow)
                .toList();
    }

    /** Whether an action does not happen because another option of a read is looked at. */
    public boolean isLeftOut(String action) {
        return timeline.times(action).isEmpty() && !wrong.contains(action);
    }

    /** Gear, waiting people and lines without their beat numbers: for pictures in which nobody could read them. */
    public List<Shape> plainChalk() {
        List<Shape> shapes = unwritten(id -> true);
        shapes.addAll(written(id -> stage.piece(id).isPresent()));
        return shapes;
    }

    /** Works out now what is else worked out when it is first painted. */
    public Board prepared() {
        labels();
        return this;
    }

    /** What is written about pieces and actions. The names of people go with them. */
    private List<Shape> written(Predicate<String> wanted) {
        return labels().entrySet().stream()
                .filter(e -> wanted.test(e.getKey()) && !Labels.isName(e.getKey()))
                .flatMap(e -> e.getValue().stream())
                .toList();
    }

    /** The name of somebody whose token has no room for it, on the side where it hid least when all began. */
    private List<Shape> name(Piece.Person person, Pose pose) {
        Vec by = pose.at().minus(pose(person.id(), 0).at());
        return labels().getOrDefault(Labels.name(person.id()), List.of()).stream()
                .map(s -> s instanceof Shape.Label l ? (Shape) l.moved(by) : s)
                .toList();
    }

    private Map<String, List<Shape>> labels() {
        if (placed == null) {
            placed = Labels.of(this, 0, id -> true, frame.view());
        }
        return placed;
    }

    /** People and balls at a time. */
    public List<Shape> live(double t, Set<String> lit, Set<String> chosen) {
        List<Shape> shapes = new ArrayList<>();
        people.forEach(p -> shapes.addAll(person(p, t, lit, chosen)));
        gearInPlay().forEach(g -> shapes.addAll(gear(g, t, chosen)));
        balls().forEach(b -> shapes.addAll(ball(b, t, chosen)));
        return shapes;
    }

    /** Only some of what is on the board at a time, gear, people, balls and lines, by id. */
    public List<Shape> only(double t, Set<String> ids) {
        List<Shape> shapes = new ArrayList<>();
        stage.pieces().stream()
                .filter(p -> ids.contains(p.id()) && !(p instanceof Piece.Area))
                .forEach(p -> shapes.addAll(chalk.standing(p)));
        stage.actions().stream().filter(a -> ids.contains(a.id())).forEach(a -> shapes.addAll(chalk.line(a, Set.of())));
        stage.people().stream()
                .filter(p -> ids.contains(p.id()))
                .forEach(p -> shapes.addAll(person(p, t, Set.of(), Set.of())));
        gearInPlay().stream().filter(g -> ids.contains(g.id())).forEach(g -> shapes.addAll(gear(g, t, Set.of())));
        balls().stream().filter(b -> ids.contains(b.id())).forEach(b -> shapes.addAll(ball(b, t, Set.of())));
        return shapes;
    }

    /** The gear that is put down or picked up while it plays. */
    public List<Piece.Item> gearInPlay() {
        return stage.pieces().stream()
                .filter(p -> p instanceof Piece.Item && handled.contains(p.id()))
                .map(Piece.Item.class::cast)
                .toList();
    }

    /** One piece of gear in play at a time. */
    public List<Shape> gear(Piece.Item item, double t, Set<String> chosen) {
        List<Shape> shapes = new ArrayList<>();
        Vec at = gearOnPicture(item.id(), t);
        if (chosen.contains(item.id())) {
            shapes.add(tokens.chosen(at));
        }
        shapes.addAll(gear.of(item.movedTo(at)));
        return shapes;
    }

    /**
     * The gear of the drill once more where it is played besides, paler; what stands there already is not drawn again.
     *
     * @param moved the same piece where it stands there
     */
    public List<Shape> gearElsewhere(UnaryOperator<Piece.Item> moved) {
        List<Piece.Item> items = stage.pieces().stream()
                .filter(Piece.Item.class::isInstance)
                .map(p -> ((Piece.Item) p).movedTo(stage.place(p)))
                .toList();
        return Shape.faint(items.stream()
                .map(moved)
                .filter(m ->
                        items.stream().noneMatch(i -> i.kind() == m.kind() && i.at().distance(m.at()) <= SAME_PLACE))
                .flatMap(m -> gear.of(m).stream())
                .toList());
    }

    /** Gear in somebody's hand is drawn beside them. */
    public Vec gearOnPicture(String item, double time) {
        return onPicture.gear(item, time);
    }

    /** The people of the stage, and those who come to the front of a line within the rep. */
    public List<Piece.Person> people() {
        return List.copyOf(people);
    }

    /** The balls of the stage, and those that come out of a heap while it plays. */
    public List<Piece.Ball> balls() {
        List<Piece.Ball> balls = new ArrayList<>(stage.balls());
        play.balls().stream()
                .filter(id -> stage.piece(id).isEmpty())
                .forEach(id -> balls.add(new Piece.Ball(id, Vec.ZERO, Optional.empty())));
        return balls;
    }

    /** One person at a time. */
    public List<Shape> person(Piece.Person person, double t, Set<String> lit, Set<String> chosen) {
        List<Shape> shapes = new ArrayList<>();
        Pose pose = pose(person.id(), t);
        if (lit.contains(person.id())) {
            shapes.add(tokens.lit(pose.at()));
        }
        if (chosen.contains(person.id())) {
            shapes.add(tokens.chosen(pose.at()));
        }
        shapes.addAll(nameless(person, t));
        shapes.addAll(name(person, pose));
        return shapes;
    }

    /** The body of somebody who is down, round the origin, facing along x; nothing of who is up. */
    public List<Shape> low(Piece.Person person, Posture posture) {
        return tokens.low(person, new Pose(Vec.ZERO, 0), posture);
    }

    /** How low somebody is. */
    public Posture posture(String person, double t) {
        return play.posture(person, t);
    }

    /** Somebody who is not drawn in the drill, in a role of it: their token, and their name where it is long. */
    public List<Shape> somebody(Piece.Person who, Pose pose) {
        List<Shape> shapes = new ArrayList<>(tokens.person(who, pose));
        if (who.label().length() > Tokens.ON_TOKEN) {
            shapes.add(new Shape.Label(
                    pose.at().plus(frame.onPage(0, Tokens.NAME * frame.unit())), who.label(), frame.unit(), Ink.CHALK));
        }
        return shapes;
    }

    /** A ball that is not drawn in the drill. */
    public List<Shape> ballAt(Vec at) {
        return tokens.ball(at);
    }

    /** A person's token round the origin, in parts that can be moved and turned. */
    public Token token(Piece.Person person) {
        return Token.of(person, tokens, name(person, new Pose(Vec.ZERO, 0)));
    }

    /** The same of somebody who is not drawn in the drill. */
    public Token tokenOf(Piece.Person who) {
        return Token.of(who, tokens, List.of());
    }

    /** Somebody without their name, where it stands elsewhere. */
    List<Shape> nameless(Piece.Person person, double t) {
        return tokens.person(person, pose(person.id(), t), posture(person.id(), t));
    }

    /** One ball at a time. */
    public List<Shape> ball(Piece.Ball ball, double t, Set<String> chosen) {
        List<Shape> shapes = new ArrayList<>();
        if (isInHeap(ball, t)) {
            return shapes;
        }
        Vec at = ballOnPicture(ball.id(), t);
        if (chosen.contains(ball.id())) {
            shapes.add(tokens.chosen(at));
        }
        shapes.addAll(tokens.ball(at));
        return shapes;
    }

    /** Whether a ball has not come out of its heap yet, and is not shown. */
    public boolean isInHeap(Piece.Ball ball, double t) {
        return stage.piece(ball.id()).isEmpty() && OnPicture.shown(t) < play.inPlayFrom(ball.id());
    }

    /** Where a person's token is: where they are, unless another's would hide it. */
    public Pose pose(String person, double t) {
        return onPicture.pose(person, t);
    }

    /** A carried ball is drawn in front of its carrier, so that both can be seen. */
    public Vec ballOnPicture(String ball, double time) {
        return onPicture.ball(ball, time);
    }
}
