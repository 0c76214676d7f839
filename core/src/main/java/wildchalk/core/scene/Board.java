package wildchalk.core.scene;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Drill.LineKey;
import wildchalk.core.drill.NextInLine;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Curve;
import wildchalk.core.geometry.Route;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Units;
import wildchalk.core.motion.Pose;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.BeatNumbers;
import wildchalk.core.timeline.Play;
import wildchalk.core.timeline.Problem;
import wildchalk.core.timeline.Timeline;

/** A rehearsed stage as pictures: make one, ask it for the layers that are wanted. */
public final class Board {

    private static final double TRAIL_STEP = 0.05;

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
    private final ActionLines lines;
    private final Tokens tokens;
    private final GearShapes gear;
    private final StandingShapes standing;
    private final AreaShapes areas;
    private final ToAndFro drawn;
    private final Map<String, Route> routes = new ConcurrentHashMap<>();
    private volatile Map<String, List<Shape>> placed;
    private final Set<String> handled;
    private final Set<String> wrong;

    /** With lengths in metres and what usually helps to read it. */
    public Board(Surface surface, Stage stage, Timeline timeline, LineKey key, Frame frame) {
        this(surface, stage, timeline, key, frame, Units.METRIC);
    }

    /** @param units how pinned measures are said */
    public Board(Surface surface, Stage stage, Timeline timeline, LineKey key, Frame frame, Units units) {
        this(surface, stage, timeline, key, frame, units, Aids.USUAL);
    }

    /**
     * @param units how pinned measures are said
     * @param aids what helps to read it
     */
    public Board(Surface surface, Stage stage, Timeline timeline, LineKey key, Frame frame, Units units, Aids aids) {
        this.surface = surface;
        this.stage = stage;
        this.timeline = timeline;
        this.play = timeline;
        this.people = new ArrayList<>(stage.people());
        people.addAll(NextInLine.of(stage, timeline.people()));
        this.onPicture = new OnPicture(people, timeline, frame.unit());
        this.frame = frame;
        this.aids = aids;
        this.lines = new ActionLines(frame.unit(), key);
        this.drawn = new ToAndFro(stage, timeline, frame.unit());
        this.tokens = new Tokens(frame);
        this.gear = new GearShapes(frame);
        this.areas = new AreaShapes(frame);
        this.handled = Set.copyOf(timeline.handled());
        this.standing = new StandingShapes(stage, handled, people, frame, units);
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

    /**
     * What shows under the lines of what is under way: a layer of its own, because it changes while the board plays.
     */
    public List<Shape> glow(Set<String> lit) {
        return stage.actions().stream()
                .filter(a -> lit.contains(a.id()))
                .map(a -> glow(route(a.id())))
                .toList();
    }

    private Shape glow(Route route) {
        return new Shape.Stroke(Curve.open(route.points()), frame.unit() * 1.3, Ink.GLOW, List.of(), false);
    }

    /** That part of the chalk layer which belongs to the pieces and actions that are wanted, by id. */
    public List<Shape> chalk(Set<String> chosen, Predicate<String> wanted) {
        List<Shape> shapes = new ArrayList<>(areas(chosen, wanted));
        shapes.addAll(ghosts(wanted));
        for (Piece piece : stage.pieces()) {
            if (wanted.test(piece.id()) && !(piece instanceof Piece.Area)) {
                if (chosen.contains(piece.id()) && !(piece instanceof Piece.Ball) && !(piece instanceof Piece.Person)) {
                    shapes.add(tokens.chosen(piece.at()));
                }
                shapes.addAll(standing(piece));
            }
        }
        for (Action action : stage.actions()) {
            if (wanted.test(action.id())) {
                shapes.addAll(line(action, chosen));
            }
        }
        shapes.addAll(badges(wanted));
        return shapes;
    }

    /** Marked areas lie under everything that stands in them. */
    private List<Shape> areas(Set<String> chosen, Predicate<String> wanted) {
        List<Shape> shapes = new ArrayList<>();
        for (Piece.Area area : stage.areas()) {
            if (wanted.test(area.id())) {
                if (chosen.contains(area.id())) {
                    shapes.add(areas.chosen(area));
                }
                shapes.addAll(areas.of(area));
            }
        }
        if (stage.stations().stream().allMatch(s -> wanted.test(s.id()))) {
            shapes.addAll(areas.movingOn(stage));
        }
        return shapes;
    }

    private List<Shape> standing(Piece piece) {
        return piece.match(standing);
    }

    private List<Shape> line(Action action, Set<String> chosen) {
        List<Shape> shapes = new ArrayList<>();
        Route route = route(action.id());
        if (chosen.contains(action.id())) {
            shapes.add(glow(route));
            shapes.add(new Shape.Fill(Curve.circle(route.end(), frame.unit() * 0.4), Ink.SIGNAL, false));
        }
        shapes.addAll(lines.of(action, stage, route));
        return isLeftOut(action.id()) ? Shape.faint(shapes) : shapes;
    }

    /** Whether an action does not happen because another option of a read is looked at. */
    public boolean isLeftOut(String action) {
        return timeline.times(action).isEmpty() && !wrong.contains(action);
    }

    /** Gear, waiting people and lines without their beat numbers: for pictures in which nobody could read them. */
    public List<Shape> plainChalk() {
        List<Shape> shapes = new ArrayList<>();
        shapes.addAll(areas(Set.of(), id -> true));
        stage.pieces().stream().filter(p -> !(p instanceof Piece.Area)).forEach(p -> shapes.addAll(standing(p)));
        stage.actions().forEach(a -> shapes.addAll(line(a, Set.of())));
        return shapes;
    }

    /** Where those who leave it began. */
    private List<Shape> ghosts(Predicate<String> wanted) {
        return !aids.ghost()
                ? List.of()
                : stage.people().stream()
                        .filter(p -> wanted.test(p.id()) && isLeft(p))
                        .flatMap(p -> tokens.ghost(p, pose(p.id(), 0)).stream())
                        .toList();
    }

    private boolean isLeft(Piece.Person person) {
        return pose(person.id(), 0)
                                .at()
                                .distance(pose(person.id(), timeline.duration()).at())
                        > frame.unit() / 2
                || stage.actionsOf(person.id()).stream().anyMatch(Travel.class::isInstance);
    }

    /**
     * The way that somebody, or a ball, has gone on the picture, a point every {@value #TRAIL_STEP} s.
     *
     * @param from seconds after the whistle, as is {@code to}
     */
    public List<Vec> trail(String id, double from, double to) {
        List<Vec> way = new ArrayList<>();
        int steps = (int) Math.ceil((to - from) / TRAIL_STEP);
        boolean person = stage.person(id).isPresent();
        for (int i = 0; i <= steps; i++) {
            double t = Math.max(1e-6, Math.min(to, from + i * TRAIL_STEP));
            way.add(person ? pose(id, t).at() : ballOnPicture(id, t));
        }
        return way;
    }

    /** Works out now what is else worked out when it is first painted. */
    public Board prepared() {
        badges();
        return this;
    }

    private List<Shape> badges(Predicate<String> wanted) {
        return badges().entrySet().stream()
                .filter(e -> wanted.test(e.getKey()))
                .flatMap(e -> e.getValue().stream())
                .toList();
    }

    private Map<String, List<Shape>> badges() {
        if (placed == null) {
            placed = place();
        }
        return placed;
    }

    /** What stands beside the line of each action: its beat, and what is wrong with it. */
    private Map<String, List<Shape>> place() {
        List<Vec> taken = new ArrayList<>();
        stage.pieces().forEach(p -> taken.add(p instanceof Piece.Station s ? areas.number(s) : p.at()));
        stage.actions().forEach(a -> taken.add(route(a.id()).end()));
        Badges badges = new Badges(frame, taken);
        BeatNumbers numbers = new BeatNumbers(stage, timeline);
        Map<String, List<Shape>> all = new LinkedHashMap<>();
        for (Action action : stage.actions()) {
            List<Shape> shapes = new ArrayList<>();
            Route route = route(action.id());
            if (aids.numbers() && numbers.of(action.id()) > 0) {
                shapes.addAll(badges.number(route, numbers.of(action.id())));
            }
            if (wrong.contains(action.id())) {
                shapes.addAll(badges.warning(route));
            }
            all.put(action.id(), shapes);
        }
        return all;
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
                .forEach(p -> shapes.addAll(standing(p)));
        stage.actions().stream().filter(a -> ids.contains(a.id())).forEach(a -> shapes.addAll(line(a, Set.of())));
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
        shapes.addAll(tokens.person(person, pose));
        return shapes;
    }

    /** A person's token round the origin, in parts that can be moved and turned. */
    public Token token(Piece.Person person) {
        return Token.of(person, tokens);
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
