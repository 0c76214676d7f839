package wildchalk.core.rehearsal;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.Tuple;
import wildchalk.core.colour.Bib;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Action.Ending;
import wildchalk.core.drill.Action.Gait;
import wildchalk.core.drill.Action.Touch;
import wildchalk.core.drill.Contest;
import wildchalk.core.drill.Craft;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Game;
import wildchalk.core.drill.Given;
import wildchalk.core.drill.Going;
import wildchalk.core.drill.Hold;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.PlayOn;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.drill.Whom;
import wildchalk.core.effort.Effort;
import wildchalk.core.geometry.Outline;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Wall;

/** Stages at random, sensible or not, for properties that hold for all of them. */
public final class AnyStage {

    private static final int PEOPLE = 5;
    private static final int ACTIONS = 10;

    private AnyStage() {}

    /** People in every role, heaps, areas, balls and a cone. */
    public static Arbitrary<Stage> stages() {
        return stages(AnyStage::everybody, "u1");
    }

    /** The same with players, balls and a cone alone. */
    static Arbitrary<Stage> ofPlayers() {
        return stages(AnyStage::players, "b3");
    }

    private static Arbitrary<Stage> stages(Function<List<Vec>, List<Piece>> people, String heap) {
        Arbitrary<Vec> places =
                Arbitraries.integers().between(-40, 40).tuple2().map(xy -> new Vec(xy.get1(), xy.get2() * 0.6));
        Arbitrary<List<Vec>> starts = places.list().ofSize(PEOPLE);
        return starts.flatMap(
                at -> actions(places, heap).list().ofMaxSize(ACTIONS).map(made -> {
                    List<Piece> pieces = new ArrayList<>(people.apply(at));
                    pieces.add(new Piece.Ball("b1", at.get(0), Optional.of("p0")));
                    pieces.add(new Piece.Ball("b2", at.get(1), Optional.of("p1")));
                    pieces.add(new Piece.Ball("b3", Vec.ZERO, Optional.empty()));
                    pieces.add(Piece.Item.cone("c0", at.get(2), Colour.RED));
                    List<Action> actions = new ArrayList<>();
                    for (int i = 0; i < made.size(); i++) {
                        actions.add(made.get(i).named("a" + i));
                    }
                    if (heap.equals("u1")) {
                        // What is met depends on more than on what it is set off by, which some properties look at.
                        actions.replaceAll(a -> met(a, actions));
                    }
                    return new Stage("s1", "", pieces, actions).withInstructions(said(made.size()));
                }));
    }

    /** Every other pass to somebody who travels is met on their line. */
    private static Action met(Action action, List<Action> all) {
        return action instanceof Action.Pass pass && all.indexOf(action) % 2 == 0
                ? all.stream()
                        .filter(t -> t instanceof Travel
                                && !t.who().equals("p" + PEOPLE)
                                && pass.receiver().filter(t.who()::equals).isPresent())
                        .findFirst()
                        .map(t -> (Action)
                                pass.withTo(new Spot.OnLine(t.who(), t.id(), (all.indexOf(action) + 1) / 15.0)))
                        .orElse(action)
                : action;
    }

    private static List<Piece> players(List<Vec> at) {
        List<Piece> pieces = new ArrayList<>();
        for (int i = 0; i < PEOPLE; i++) {
            pieces.add(new Piece.Player("p" + i, at.get(i), 0, "" + i, i % 2 == 0 ? Bib.CORAL : Bib.SKY));
        }
        return pieces;
    }

    private static List<Piece> everybody(List<Vec> at) {
        return List.of(
                new Piece.Player("p0", at.get(0), 0, "0", Bib.CORAL),
                new Piece.Player("p1", at.get(1), 0, "1", Bib.SKY),
                new Piece.LineUp("p2", at.get(2), 0, "2", Bib.CORAL, 3, "feeders"),
                new Piece.Goalkeeper("p3", at.get(3), 0, "GK", Bib.SKY),
                new Piece.Coach("p4", at.get(4), 0, "C"),
                // A heap within reach of one of them, and one that is too far off for anybody who stands still.
                new Piece.Supply("u1", at.get(4).plus(new Vec(1, 1)), 2),
                new Piece.Supply("u2", at.get(2).plus(new Vec(6, 0)), 1),
                new Piece.Zone("z1", at.get(3), new Outline.Circle(4), "", Colour.BLUE),
                new Piece.Station("z2", Vec.ZERO, Outline.rectangle(20, 12), 1, "", 5));
    }

    /** An action that does not yet know its id. */
    private interface Unnamed {
        Action named(String id);
    }

    private static Arbitrary<Unnamed> actions(Arbitrary<Vec> places, String heap) {
        // p5 is nobody: files are checked, but the rehearsal must take it.
        Arbitrary<String> people = Arbitraries.integers().between(0, PEOPLE).map(i -> "p" + i);
        Arbitrary<Cue> cues = Arbitraries.integers()
                .between(0, 14)
                .tuple2()
                .flatMap(n -> Arbitraries.of(
                        Cue.whistle(),
                        Cue.whistle(),
                        Cue.next(),
                        Cue.with("a" + n.get1()),
                        Cue.after("a" + n.get1()),
                        Cue.received("a" + n.get1()),
                        Cue.received("a" + n.get1()),
                        Cue.received("a" + n.get1()).delayed(-0.5),
                        new Cue(new Cue.Released("a" + n.get1()), 0),
                        new Cue(new Cue.Partway("a" + n.get1(), 0.5), 0.1),
                        new Cue(new Cue.Gone("a" + n.get1(), n.get2()), 0),
                        Cue.after("a" + n.get1()).delayed(-0.3),
                        new Cue(new Cue.Near("p" + n.get1() % 6, "p" + n.get2() % 6, 3), 0),
                        new Cue(new Cue.Called("now"), 0.2),
                        new Cue(new Cue.Enters("p" + n.get1() % 6, n.get2() % 2 == 0 ? "circle" : "z1"), 0),
                        new Cue(new Cue.Crosses("b1", "halfway-line"), 0),
                        new Cue(new Cue.Touches("b1"), 0),
                        new Cue(new Cue.Touches("p" + n.get1() % 6), 0.1),
                        new Cue(
                                new Cue.AllOf(List.of(new Cue.After("a" + n.get1()), new Cue.Received("a" + n.get2()))),
                                0),
                        new Cue(
                                new Cue.FirstOf(
                                        List.of(new Cue.After("a" + n.get1()), new Cue.Received("a" + n.get2()))),
                                0),
                        Cue.whistle().delayed(n.get2() / 4.0),
                        Cue.after("a" + n.get1()).delayed(n.get2() / 7.0)));
        Arbitrary<TravelPath> paths = places.list().ofMinSize(1).ofMaxSize(4).map(l -> {
            List<Spot> through = new ArrayList<>(l.stream().map(Spot::at).toList());
            if (l.size() == 3) {
                through.set(1, new Spot.Coded("q1", 0));
            }
            return new TravelPath(through, l.size() % 2 == 0);
        });
        Arbitrary<Gait> gaits = Arbitraries.of(Gait.class);
        Arbitrary<Ending> endings = Arbitraries.of(Ending.class);
        Arbitrary<Unnamed> travels = Combinators.combine(people, paths, gaits, endings, cues)
                .as((who, path, gait, ending, cue) -> id -> who.hashCode() % 2 == 0
                        ? new Travel.Run(id, who, path, going(gait, path), ending, cue)
                        : new Travel.Carry(id, who, path, going(gait, path), ending, cue));
        Arbitrary<Unnamed> passes = Combinators.combine(people, people, cues)
                .as((who, to, cue) -> id -> new Action.Pass(id, who, Spot.at(to), Touch.CONTROLLED, cue));
        Arbitrary<Unnamed> shots = Combinators.combine(people, cues)
                .as((who, cue) -> id -> new Action.Shot(id, who, new Spot.AtTarget("goal"), Touch.FIRST_TIME, cue));
        Arbitrary<Unnamed> otherPasses = Combinators.combine(
                        people,
                        people,
                        Arbitraries.of(Action.Manner.class),
                        Arbitraries.of(Wall.class).injectNull(0.5),
                        cues)
                .as((who, to, manner, wall, cue) -> id -> new Action.Pass(id, who, Spot.at(to), Touch.CONTROLLED, cue)
                        .going(manner)
                        .off(Optional.ofNullable(wall)));
        Arbitrary<Unnamed> shadows = Combinators.combine(
                        people, people, Arbitraries.of(Shadow.Way.class), Arbitraries.of(Shadow.Side.class), cues)
                .as((who, whom, way, side, cue) -> id -> new Shadow(
                        id,
                        who,
                        whom,
                        new Shadow.Style(
                                way, side, 1.5, way == Shadow.Way.LANE ? Optional.of(Spot.at("p3")) : Optional.empty()),
                        Gait.SPRINT,
                        way == Shadow.Way.MARK ? Optional.of(cue.trigger()) : Optional.empty(),
                        cue));
        Arbitrary<Unnamed> holds = Combinators.combine(
                        people, places.injectNull(0.3), Arbitraries.integers().between(0, 2), cues)
                .as((who, at, seconds, cue) -> id -> new Hold(
                        id,
                        who,
                        seconds == 1 ? Hold.Stance.SCREEN : Hold.Stance.WAIT,
                        Optional.ofNullable(at).map(Spot::at),
                        Hold.Turn.values()[seconds],
                        seconds,
                        Optional.empty(),
                        cue));
        Arbitrary<Unnamed> others = Combinators.combine(
                        people, Arbitraries.integers().between(0, 9), cues)
                .as((who, what, cue) -> id -> switch (what) {
                    case 6, 7 -> act(id, who, cue, what);
                    case 8 -> new Contest(
                            id,
                            who,
                            Contest.Start.values()[Math.floorMod(id.hashCode(), Contest.Start.values().length)],
                            List.of("p1"),
                            List.of("p0", "p3", "p2").subList(0, 1 + id.length() % 3),
                            1,
                            cue);
                    case 9 -> new Action.Pass(id, who, Spot.at("p0"), Touch.DEFLECTED, cue);
                    case 0 -> new Action.Call(id, who, "now", cue);
                    case 1 -> new Action.Blow(id, who, cue);
                    case 2 -> new Action.Handle(id, who, "c0", handled(id), to(handled(id)), cue);
                    case 5 -> new PlayOn(
                            id,
                            who,
                            id.length() % 2 == 0
                                    ? List.of()
                                    : List.of(new Whom.Team(Bib.CORAL), new Whom.HasBall(false), Whom.one(who)),
                            Optional.of("circle").filter(z -> id.hashCode() % 2 == 0),
                            PlayOn.Until.seconds(4).toggled(PlayOn.Ends.values()[id.length() % 4]),
                            "",
                            cue);
                    default -> new Travel.Collect(
                            id,
                            who,
                            new TravelPath(List.of(Spot.at(what == 3 ? "b3" : heap)), false),
                            Gait.RUN,
                            Ending.STOP,
                            cue);
                });
        return Arbitraries.frequencyOf(
                Tuple.of(5, travels),
                Tuple.of(4, passes),
                Tuple.of(1, shots),
                Tuple.of(2, otherPasses),
                Tuple.of(2, shadows),
                Tuple.of(1, holds),
                Tuple.of(2, others));
    }

    private static Action.Handle.Deed handled(String id) {
        Action.Handle.Deed[] all = Action.Handle.Deed.values();
        return all[Math.floorMod(id.hashCode(), all.length)];
    }

    private static Optional<Spot> to(Action.Handle.Deed deed) {
        boolean needs = deed == Action.Handle.Deed.THROW || deed == Action.Handle.Deed.SWAP;
        return needs ? Optional.of(Spot.at("p1")) : Optional.empty();
    }

    private static Action act(String id, String who, Cue cue, int n) {
        Act.What what = Act.What.values()[Math.floorMod(id.hashCode() + n, Act.What.values().length)];
        Optional<Spot> on = what.about() == Act.About.NOBODY ? Optional.empty() : Optional.of(Spot.at("p" + n % 2));
        Act act = Act.of(id, who, what, on, cue);
        return what == Act.What.TACKLE ? act.then(Act.Then.values()[1 + n % 5]) : act;
    }

    private static Going going(Gait gait, TravelPath path) {
        int n = path.through().size();
        Going going = Going.of(gait).paced(n == 3 ? 0.4 : 1).cornering(Going.Corner.values()[n % 3]);
        if (n == 2) {
            List<Craft.Feint> feints = List.of(new Craft.Feint("step", 0.4, 0.5), new Craft.Feint("turn", 0.9, 0.2));
            return going.crafted(new Craft(Craft.Limb.LEFT_HAND, Craft.Rhythm.SMALL_AND_QUICK, feints));
        }
        return n == 4 ? going.watching(Spot.at("p2")) : going;
    }

    /** More or less sensible limits, reads and freezes. */
    private static List<Instruction> said(int n) {
        List<Instruction> said = new ArrayList<>();
        if (n % 3 == 1) {
            said.add(new Instruction.Read(
                    "r1",
                    "p1",
                    List.of(
                            new Instruction.Option("o1", "", "", List.of("a1", "a2")),
                            new Instruction.Option("o2", "", "", List.of("a3"))),
                    n % 2 == 0 ? Optional.empty() : Optional.of("o3")));
            said.add(new Instruction.Read(
                    "r2",
                    "b3",
                    List.of(
                            new Instruction.Option("o3", "", "", List.of("a4")),
                            new Instruction.Option("o4", "", "", List.of("a5", "a99"))),
                    Optional.empty()));
        }
        said.addAll(game(n));
        if (n % 3 == 2) {
            said.add(Limit.Count.atMost("l1", Limit.Counted.values()[n % 4], 1, Whom.everybody()));
            said.add(new Limit.Within("l2", 2, Optional.of("circle"), Optional.of(new Cue.With("a1"))));
            said.add(new Limit.OnlyIn("l3", "circle", new Whom.People(List.of("p1", "p9"))));
            said.add(new Limit.NotBefore("l4", Whom.one("p2"), new Cue.Received("a0")));
            said.add(new Limit.PassesFirst("l5", 2, Optional.of("halfway-line")));
            said.add(new Limit.EntriesFirst("l6", 1, "circle"));
            said.add(new Instruction.Freeze("f1", Cue.received("a0"), "?", ""));
        }
        return said;
    }

    /** What whoever is something does, and rules for teams and parts of a rep. */
    private static List<Instruction> game(int n) {
        Whom nearest = new Whom.Being(
                Whom.Role.values()[n % 5], Optional.of(Bib.SKY).filter(b -> n % 2 == 0), 1 + n % 3, Optional.empty());
        Cue received = Cue.received("a" + n % 4);
        Limit.Span span = Limit.Span.of(Limit.Counted.PASSES, new Whom.HasBall(true))
                .per(Limit.Per.values()[n % 2])
                .between(Optional.of(new Cue.With("a1")), Optional.of(new Cue.After("a2")))
                .feeds(n % 3 == 0);
        List<Instruction> all = new ArrayList<>(List.of(
                new Game.Trade("t1", Game.Lost.values()[n % 3]),
                new Game.Says("y1", nearest, "mine", Whom.one("p1"), n % 2 == 0, Optional.of(received)),
                new Game.WatchFor("w1", Whom.one("p0"), Optional.of(received), "stands still", "move"),
                new Game.GoalAt("m1", "goal", Optional.of(new Vec(10, n)).filter(v -> n % 4 != 0), 0),
                new Game.Code("q1", List.of(new Game.Part("cone", List.of("c0"), false)))));
        if (n % 3 == 1) {
            all.add(new Given.Starts("k1", Whom.one("p0"), Given.Low.values()[n % 3]));
            all.add(new Given.Ability("k2", new Whom.Team(Bib.SKY), Optional.of(Effort.Level.UNDER_10), 0.7));
            all.add(new Given.ByAge("k3", "p1", Optional.of("goal"), Map.of(Effort.Level.UNDER_10, 8.0)));
            all.add(new Game.Duty("d3", new Whom.Team(Bib.CORAL), Game.Task.SPREAD, 4, Optional.of("z1"), received));
        }
        if (n % 2 == 1) {
            all.add(new Game.Duty("d1", nearest, Game.Task.values()[n % 5], 3, received));
            all.add(new Game.Duty(
                    "d2",
                    new Whom.Being(Whom.Role.THE_REST, Optional.empty(), 1, Optional.empty()),
                    Game.Task.values()[(n + 2) % 5],
                    4,
                    n % 4 == 1 ? received : Cue.whistle().delayed(1)));
            all.add(new Limit.Count("n1", Limit.Counted.values()[n % 4], Limit.Bound.AT_LEAST, 2, span));
            all.add(new Limit.Count("n2", Limit.Counted.values()[(n + 1) % 4], Limit.Bound.AT_MOST, 1, span));
            all.add(new Limit.StayIn("n3", new Whom.Team(Bib.SKY), "circle", Optional.of(new Cue.After("a0"))));
        }
        return all;
    }
}
