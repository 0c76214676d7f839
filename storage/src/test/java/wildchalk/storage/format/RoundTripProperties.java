package wildchalk.storage.format;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import wildchalk.core.call.CallRules;
import wildchalk.core.call.Calling;
import wildchalk.core.call.Numbering;
import wildchalk.core.call.Pause;
import wildchalk.core.colour.Bib;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Contest;
import wildchalk.core.drill.Craft;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Force;
import wildchalk.core.drill.Game;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Given;
import wildchalk.core.drill.GivenIds;
import wildchalk.core.drill.Going;
import wildchalk.core.drill.Hold;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.PlayOn;
import wildchalk.core.drill.Queue;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Rung;
import wildchalk.core.drill.RungPlan;
import wildchalk.core.drill.Sending;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Showing;
import wildchalk.core.drill.Sign;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Strike;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.drill.Venue;
import wildchalk.core.drill.When;
import wildchalk.core.drill.Whom;
import wildchalk.core.effort.Dose;
import wildchalk.core.effort.Effort;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Outline;
import wildchalk.core.geometry.Vec;
import wildchalk.core.score.Counter;
import wildchalk.core.score.Scoring;
import wildchalk.core.surface.End;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;
import wildchalk.core.surface.Wall;

/** Any drill that can be drawn is written and read back exactly as it was. */
class RoundTripProperties {

    @Property(tries = 800, seed = "19081")
    void readingWhatWasWrittenGivesTheSameDrill(@ForAll("drills") Drill drill) throws FormatException {
        assertEquals(drill, DrillReader.read(DrillWriter.write(drill)));
    }

    @Property(tries = 200, seed = "19081")
    void writingIsTheSameEachTime(@ForAll("drills") Drill drill) throws FormatException {
        String text = DrillWriter.write(drill);
        assertEquals(text, DrillWriter.write(DrillReader.read(text)));
    }

    @Provide
    Arbitrary<Drill> drills() {
        Arbitrary<String> texts = Arbitraries.strings().ofMaxLength(40);
        return Combinators.combine(
                        texts,
                        texts.list().ofMaxSize(3),
                        rungs(),
                        Arbitraries.of(Drill.LineKey.values()),
                        venues(),
                        showings())
                .as((title, notes, rungs, key, venue, showing) -> new Drill(
                        "d-1",
                        title,
                        venue,
                        showing.reading(key),
                        Effort.LIVE,
                        rungs,
                        new Drill.Notes(notes, notes, List.of()),
                        notes.isEmpty() ? GivenIds.NONE : new GivenIds(Map.of("p", 40 + notes.size(), "st", 1))));
    }

    private static Arbitrary<Venue> venues() {
        return Arbitraries.oneOf(
                Arbitraries.of(
                        Venue.of("ice-rink-na"),
                        Venue.of("no-such-surface"),
                        Venue.of(
                                Surfaces.BUILT_IN,
                                "club-lawn",
                                Map.of("length", 33.3),
                                Optional.of(new Venue.Footprint(
                                        33.3,
                                        20,
                                        Surface.Ground.SAND,
                                        "netball",
                                        Map.of("own-goal", new Vec(-16, 0.25)))))),
                Arbitraries.doubles().between(90, 120).map(l -> Venue.of("football-11")
                        .withSize("length", l)));
    }

    private static Arbitrary<Showing> showings() {
        return Combinators.combine(
                        Arbitraries.of("whole", "own-half"),
                        Arbitraries.of(Showing.Attack.values()),
                        Arbitraries.doubles().between(1, 60),
                        Arbitraries.of(true, false))
                .as((view, attack, wide, cropped) -> new Showing(
                        view,
                        cropped ? Optional.of(new Box(-wide / 3, 2, wide, 7)) : Optional.empty(),
                        attack,
                        Drill.LineKey.RUNS_PLAIN));
    }

    private static Arbitrary<List<Rung>> rungs() {
        return Combinators.combine(pieces(), actions().list().ofMaxSize(6), Arbitraries.of(true, false))
                .as((pieces, unnamed, second) -> {
                    List<Action> actions = new ArrayList<>();
                    for (int i = 0; i < unnamed.size(); i++) {
                        actions.add(unnamed.get(i).number(i));
                    }
                    List<Rung> rungs = new ArrayList<>();
                    rungs.add(new Rung(
                            "s1", "Start", Optional.empty(), pieces, actions, said(actions.size()), List.of()));
                    if (second) {
                        Piece cone = Piece.Item.cone("c9", new Vec(1, 2), Colour.BLUE);
                        List<String> without = actions.isEmpty()
                                ? List.of()
                                : List.of(actions.get(actions.size() - 1).id());
                        rungs.add(new Rung(
                                "s2",
                                "Harder",
                                Optional.of("s1"),
                                plan(actions.size()),
                                List.of(cone),
                                List.of(),
                                List.of(),
                                new Rung.Below(
                                        without,
                                        actions.size() % 2 == 0
                                                ? List.of()
                                                : actions.stream()
                                                        .map(Action::id)
                                                        .sorted(Comparator.reverseOrder())
                                                        .toList())));
                    }
                    return rungs;
                });
    }

    private static RungPlan plan(int n) {
        Dose.Turn turn = new Dose.Turn(0.5 + n, pick(Dose.Measure.values(), n), n % 2 == 0 ? "" : "each side");
        return RungPlan.of(pick(RungPlan.Step.values(), n))
                .with(n % 3 == 0 ? Optional.empty() : Optional.of(new Dose(List.of(turn, turn), "")))
                .climbing(n % 2 == 0 ? "" : "8 of 10")
                .going(n == 1 ? Optional.empty() : Optional.of(pick(Effort.Intensity.values(), n)))
                .calling(n % 4 == 0 ? Optional.empty() : Optional.of(calling(n)))
                .scoring(n % 4 == 1 ? Optional.empty() : Optional.of(scoring(n)));
    }

    private static Calling calling(int n) {
        Calling.What what = pick(Calling.What.values(), n);
        boolean counted = what == Calling.What.GAPS || what == Calling.What.CORNERS;
        return new Calling(
                what,
                counted ? 2 + n : 0,
                n % 2 == 0 ? List.of("turn about", "in, all of you") : List.of(),
                pick(Numbering.values(), n),
                new CallRules(n, 1 + n % 3, n % 4, n % 2 == 1),
                n % 3 == 0 ? Optional.empty() : Optional.of(new Pause(1500, 1500 + 250L * n)),
                n % 2 == 0 ? "" : "as 7 turns");
    }

    private static Scoring scoring(int n) {
        List<Counter> counters = new ArrayList<>();
        for (int i = 0; i <= n % 4; i++) {
            counters.add(new Counter(
                    "c" + i,
                    "gate, the far one " + i,
                    pick(Counter.Way.values(), n + i),
                    i - 1,
                    n % 3 == 0 ? "a switch" : "",
                    n % 4 == 1));
        }
        return new Scoring(counters, n % 2 == 0, n % 4 == 3, n % 5, n % 3 == 0 ? "8 s" : "", n % 3 == 1 ? "a lap" : "");
    }

    /** One of each kind, so that actions have something to name, anywhere and any way round. */
    private static Arbitrary<List<Piece>> pieces() {
        Arbitrary<Double> angles = Arbitraries.doubles().between(-7, 7).ofScale(12);
        Arbitrary<String> labels = Arbitraries.strings().ofMaxLength(12);
        return Combinators.combine(
                        places().list().ofSize(7),
                        angles,
                        labels,
                        Arbitraries.of(Bib.values()),
                        Arbitraries.of(Colour.values()),
                        Arbitraries.integers().between(0, 60))
                .as((at, facing, label, bib, colour, waiting) -> List.of(
                        new Piece.Player("p0", at.get(0), facing, label, bib),
                        new Piece.Goalkeeper("p1", at.get(1), facing, label, bib),
                        new Piece.Coach("p2", at.get(2), facing, label),
                        new Piece.LineUp(
                                "p3",
                                at.get(3),
                                facing,
                                label,
                                bib,
                                waiting,
                                label,
                                waiting % 2 == 0 ? Queue.BEHIND : new Queue(facing / 3, waiting / 7.0)),
                        Piece.Item.cone("c0", at.get(4), colour),
                        new Piece.Ball("b0", at.get(5), waiting % 2 == 0 ? Optional.of("p0") : Optional.empty()),
                        new Piece.Item(
                                "g0",
                                at.get(6),
                                GearKind.values()[waiting % GearKind.values().length],
                                facing,
                                colour,
                                label,
                                1.5,
                                0.25 + waiting / 3.0),
                        new Piece.Supply("u0", at.get(1), waiting),
                        new Piece.Note("n0", at.get(2), label),
                        new Piece.Tape("t0", Piece.Tape.Reading.values()[waiting % 3], at.subList(0, 3)),
                        new Piece.Zone("z0", at.get(3), outline(waiting, at), label, colour),
                        new Piece.Station(
                                "st0", at.get(4), outline(waiting + 1, at), 1 + waiting, label, waiting / 4.0)));
    }

    private static Outline outline(int n, List<Vec> at) {
        if (n % 3 == 0) {
            return new Outline.Circle(0.25 + n);
        }
        if (n % 3 == 1) {
            return new Outline.Rectangle(0.5 + n, 7.25, n - 3);
        }
        return new Outline.Corners(at.subList(0, 4));
    }

    private static Arbitrary<Vec> places() {
        Arbitrary<Double> metres = Arbitraries.doubles().between(-400, 400).ofScale(14);
        return Combinators.combine(metres, metres).as(Vec::new);
    }

    /** An action that can refer to the one before it. */
    private interface Unnamed {
        Action number(int i);
    }

    private static Arbitrary<Unnamed> actions() {
        Arbitrary<Spot> spots = Arbitraries.oneOf(
                places().map(Spot::at),
                places().map(offset -> new Spot.AtPiece("g0", offset)),
                Arbitraries.of(Spot.at("p1")),
                Arbitraries.of(new Spot.AtTarget("own-goal")));
        Arbitrary<TravelPath> paths = Combinators.combine(
                        spots.list().ofMinSize(1).ofMaxSize(5), Arbitraries.of(true, false))
                .as(TravelPath::new);
        Arbitrary<Double> delays = Arbitraries.doubles().between(0, 600).ofScale(3);
        return Combinators.combine(
                        Arbitraries.integers().between(0, 11),
                        paths,
                        spots,
                        Arbitraries.of(Action.Gait.values()),
                        Arbitraries.of(Action.Ending.values()),
                        Arbitraries.of(Action.Touch.values()),
                        Arbitraries.integers().between(0, 14),
                        delays)
                .as((kind, path, spot, gait, ending, touch, cue, delay) -> i -> {
                    String who = "p" + (i + kind) % 4;
                    Cue set = cue == 3 ? cue(cue, i) : cue(cue, i).delayed(delay);
                    return switch (kind) {
                        case 0 -> new Travel.Run(
                                "a" + i,
                                who,
                                path,
                                new Going(
                                        gait,
                                        0.25 + cue / 20.0,
                                        pick(Going.Corner.values(), cue),
                                        pick(Going.Pivot.values(), cue),
                                        cue % 3 == 0 ? Optional.of(spot) : Optional.empty(),
                                        cue % 4 == 0 ? Optional.of("cut") : Optional.empty()),
                                ending,
                                set);
                        case 1 -> new Travel.Carry(
                                "a" + i, who, path, Going.of(gait).crafted(craft(cue)), ending, set);
                        case 2 -> new Action.Pass(
                                "a" + i,
                                who,
                                spot,
                                touch,
                                new Sending(
                                        pick(Action.Manner.values(), cue),
                                        pick(Force.values(), cue),
                                        cue % 3 == 1 ? Optional.of("throw-in") : Optional.empty(),
                                        strike(cue)),
                                cue % 2 == 0 ? Optional.of(pick(Wall.values(), cue)) : Optional.empty(),
                                set);
                        case 3 -> new Travel.Collect("a" + i, who, path, gait, ending, set);
                        case 4 -> new Shadow(
                                "a" + i,
                                who,
                                "p1",
                                new Shadow.Style(
                                        pick(Shadow.Way.values(), cue),
                                        pick(Shadow.Side.values(), i),
                                        delay / 20,
                                        pick(Shadow.Way.values(), cue) == Shadow.Way.LANE
                                                ? Optional.of(spot)
                                                : Optional.empty()),
                                gait,
                                until(cue, i),
                                set);
                        case 5 -> new Hold(
                                "a" + i,
                                who,
                                pick(Hold.Stance.values(), cue),
                                cue % 2 == 0 ? Optional.of(spot) : Optional.empty(),
                                pick(Hold.Turn.values(), i),
                                delay,
                                until(cue, i),
                                set);
                        case 8 -> cue % 2 == 0
                                ? new Action.Blow("a" + i, who, set)
                                : new PlayOn(
                                        "a" + i,
                                        who,
                                        List.of(whom(cue), whom(cue + 1)),
                                        Optional.of("z0").filter(z -> cue % 3 == 0),
                                        PlayOn.Until.seconds(1 + cue).toggled(pick(PlayOn.Ends.values(), cue)),
                                        cue % 4 == 1 ? "two touches" : "",
                                        set);
                        case 9 -> new Action.Handle(
                                "a" + i,
                                who,
                                "g0",
                                pick(Action.Handle.Deed.values(), cue),
                                to(pick(Action.Handle.Deed.values(), cue)),
                                set);
                        case 10 -> act(i, who, cue, spot, set);
                        case 11 -> new Contest(
                                "a" + i,
                                who,
                                pick(Contest.Start.values(), cue),
                                cue % 2 == 0 ? List.of() : List.of("p1"),
                                List.of("p0", "p1", "p2").subList(0, 1 + cue % 3),
                                cue / 2.0,
                                set);
                        case 6 -> new Action.Call("a" + i, who, "word " + cue, set);
                        default -> new Action.Shot(
                                "a" + i,
                                who,
                                spot,
                                touch,
                                new Action.Shot.Fate(
                                        pick(Action.Result.values(), cue),
                                        cue % 2 == 0 ? Optional.of(spot) : Optional.empty()),
                                cue % 5 == 2 ? Optional.of("lay-up") : Optional.empty(),
                                strike(cue + 1),
                                set);
                    };
                });
    }

    private static Optional<Spot> to(Action.Handle.Deed deed) {
        boolean needs = deed == Action.Handle.Deed.THROW || deed == Action.Handle.Deed.SWAP;
        return needs ? Optional.of(Spot.at("p1")) : Optional.empty();
    }

    private static Action act(int i, String who, int n, Spot spot, Cue cue) {
        Act.What what = pick(Act.What.values(), n + i);
        String other = who.equals("p1") ? "p0" : "p1";
        Spot on = what.about() == Act.About.ANYTHING && !(spot instanceof Spot.AtPiece) ? spot : Spot.at(other);
        Act act =
                Act.of("a" + i, who, what, what.about() == Act.About.NOBODY ? Optional.empty() : Optional.of(on), cue);
        Act then = what == Act.What.TACKLE ? act.then(Act.Then.values()[1 + n % 5]) : act;
        return n % 3 == 0 ? then.lasting(n / 4.0) : then;
    }

    private static Craft craft(int n) {
        return new Craft(
                pick(Craft.Limb.values(), n),
                pick(Craft.Rhythm.values(), n),
                n % 2 == 0 ? List.of() : List.of(new Craft.Feint("step " + n, n / 20.0, n / 4.0)));
    }

    private static Strike strike(int n) {
        return new Strike(
                pick(Craft.Limb.values(), n),
                pick(Strike.Takeoff.values(), n),
                new Strike.Aim(
                        pick(Strike.Part.values(), n), pick(Strike.Height.values(), n), pick(Strike.Aside.values(), n)),
                n % 2 == 0);
    }

    private static <T> T pick(T[] values, int n) {
        return values[n % values.length];
    }

    private static Optional<Cue.Trigger> until(int n, int i) {
        return n % 3 == 0 ? Optional.empty() : Optional.of(cue(n, i).trigger());
    }

    private static Cue cue(int n, int i) {
        String before = "a" + (i - 1);
        if (i == 0 || n == 0) {
            return Cue.whistle();
        }
        if (n == 1) {
            return Cue.with(before);
        }
        if (n == 2) {
            return Cue.received(before);
        }
        if (n == 3) {
            return Cue.after(before).delayed(-0.5);
        }
        if (n == 4) {
            return Cue.next();
        }
        return new Cue(moment(n, before), 0);
    }

    private static Cue.Trigger moment(int n, String before) {
        return switch (n) {
            case 5 -> new Cue.Released(before);
            case 6 -> new Cue.Partway(before, 0.25);
            case 7 -> new Cue.Gone(before, 7.5);
            case 8, 9 -> new Cue.FirstOf(List.of(new Cue.Near("b0", "p0", n), new Cue.With(before)));
            case 10 -> new Cue.Near("p1", "c0", 2);
            case 11 -> new Cue.Called("go");
            case 12 -> new Cue.Touches("b0");
            case 13 -> new Cue.Dead("b0", pick(Cue.Dead.How.values(), n));
            default -> new Cue.AllOf(List.of(new Cue.After(before), new Cue.With(before)));
        };
    }

    private static Rotation.To to(int n) {
        return switch (n % 5) {
            case 0 -> new Rotation.Becomes("p1", n % 3 == 0);
            case 1 -> new Rotation.ChangesWith("p1");
            case 2 -> new Rotation.Stays();
            case 3 -> new Rotation.GoesOn("p1");
            default -> new Rotation.Out();
        };
    }

    private static Optional<Rotation.Turn> turn(int n) {
        return n % 4 == 0
                ? Optional.empty()
                : Optional.of(new Rotation.Turn(pick(Rotation.Turn.Length.values(), n), 1));
    }

    private static OptionalLong seed(int n) {
        return n % 2 == 0 ? OptionalLong.empty() : OptionalLong.of(n);
    }

    private static Optional<Rotation.Stay> stay(int n) {
        return n % 3 == 0
                ? Optional.empty()
                : Optional.of(new Rotation.Stay(pick(Rotation.Counted.values(), n), 1 + n));
    }

    private static When when(int n) {
        return switch (n % 4) {
            case 0 -> new When.Every(0.5 + n);
            case 1 -> new When.At(Cue.whistle().delayed(n));
            case 2 -> new When.Ready();
            default -> new When.Called("go " + n);
        };
    }

    /** One of each kind, with and without what may be left out; about people and zones that every surface has. */
    private static List<Instruction> said(int n) {
        Optional<String> who = n % 2 == 0 ? Optional.empty() : Optional.of("p1");
        Optional<Cue.Trigger> from = n < 2 || n % 2 == 0 ? Optional.empty() : Optional.of(new Cue.With("a0"));
        List<Instruction> said = new ArrayList<>(List.of(
                new Instruction.Read(
                        "r1",
                        n % 3 == 0 ? "b0" : "p0",
                        List.of(
                                new Instruction.Option("o1", "shoot", "it is on", n < 2 ? List.of() : List.of("a0")),
                                new Instruction.Option("o2", "pass", "", List.of())),
                        Optional.empty()),
                new Instruction.Read(
                        "r2",
                        "p1",
                        List.of(
                                new Instruction.Option("o3", "x", "", List.of()),
                                new Instruction.Option("o4", "y", "", List.of())),
                        Optional.of("o1"),
                        n < 2 ? Optional.empty() : Optional.of(pick(Instruction.Rule.values(), n))),
                new Instruction.Freeze(
                        "f1",
                        Cue.whistle().delayed(n),
                        "Where?",
                        "There",
                        n < 2
                                ? List.of()
                                : List.of(
                                        Sign.ring("p0", "p1"),
                                        Sign.note(Spot.at(1.5, n), "Here"),
                                        Sign.of(
                                                Sign.Kind.REGION,
                                                List.of(
                                                        Spot.at("p0"),
                                                        new Spot.AtPiece("p1", new Vec(n, -1)),
                                                        Spot.at(n, 2))),
                                        Sign.of(Sign.Kind.SIGHT, List.of(Spot.at("p1"))),
                                        Sign.of(
                                                Sign.Kind.SOONER,
                                                List.of(Spot.at(0, 0), Spot.at("p0"), Spot.at("p1"))))),
                Limit.Count.atMost("l1", pick(Limit.Counted.values(), n), n, Whom.of(who)),
                new Limit.PassesFirst("l2", n, Optional.empty()),
                new Limit.Within("l3", 0.5 + n, Optional.empty(), from),
                new Instruction.MoveOn("m1", pick(Instruction.Way.values(), n)),
                new Instruction.Attacks(
                        "e1",
                        pick(Bib.values(), n),
                        pick(End.values(), n),
                        n % 2 == 0
                                ? Optional.empty()
                                : Optional.of(Cue.whistle().delayed(n))),
                new Limit.OnlyIn("l5", "z0", new Whom.People(List.of("p1"))),
                new Rotation.Goes("w1", "p0", to(n), stay(n)),
                new Rotation.Starts("w2", when(n)),
                new Rotation.Sides("w3", pick(Rotation.Taken.values(), n), turn(n)),
                new Rotation.Over("w7", new Cue(new Cue.Dead("b0", pick(Cue.Dead.How.values(), n)), n)),
                new Rotation.Fits("w9", "p1", "left wing"),
                new Rotation.Fetches("w4", pick(Rotation.Fetcher.values(), n)),
                new Rotation.Shares("w5", "r2", Map.of("o3", 1 + n, "o4", 2), seed(n)),
                new Limit.EntriesFirst("l6", n, "st0"),
                new Limit.NotBefore("l4", Whom.one("p0"), new Cue.Touches("p1"))));
        said.addAll(game(n, from));
        if (n > 1) {
            Rotation.Often often = n % 2 == 0 ? new Rotation.Times(2 + n) : new Rotation.UntilWhistle(n + 0.5);
            said.add(new Rotation.StepsUp("w8", "p3", List.of("a0")));
            said.add(new Rotation.Repeats("w6", List.of("a0"), often, List.of("p0", "p1")));
        }
        return said;
    }

    private static List<Instruction> game(int n, Optional<Cue.Trigger> from) {
        Whom whom = whom(n);
        Optional<Cue> at = from.map(f -> new Cue(f, 0.5));
        Limit.Counted counted = pick(Limit.Counted.values(), n);
        Limit.Span span = Limit.Span.of(counted, whom)
                .per(pick(Limit.Per.values(), n))
                .between(from, from)
                .feeds(n % 2 == 0)
                .otherwise(n % 3 == 0 ? "the others have it" : "");
        return List.of(
                new Limit.Count("n1", counted, pick(Limit.Bound.values(), n), n, span),
                new Limit.OnlyIn("n2", "z0", whom, from),
                new Limit.StayIn("n3", whom, "z0", from),
                new Limit.NotBefore("n4", whom, new Cue.Touches("p1")),
                new Game.Duty(
                        "d1",
                        whom,
                        pick(Game.Task.values(), n),
                        0.5 + n,
                        pick(Game.Task.values(), n) == Game.Task.SPREAD ? Optional.of("z0") : Optional.empty(),
                        Cue.whistle().delayed(n)),
                new Given.Starts("k1", whom, pick(Given.Low.values(), n)),
                new Given.Ability(
                        "k2",
                        whom,
                        n % 2 == 0 ? Optional.empty() : Optional.of(pick(Effort.Level.values(), n)),
                        0.25 + n / 40.0),
                new Given.ByAge("k3", "n1", Optional.empty(), Map.of(pick(Effort.Level.values(), n), 2.0 + n)),
                new Given.ByAge("k4", "p1", Optional.of("p0"), Map.of()),
                new Game.Trade("d2", pick(Game.Lost.values(), n)),
                new Game.Says("d3", whom, "mine", whom(n + 1), n % 2 == 0, at),
                new Game.WatchFor("d4", whom, at, "late", n % 2 == 0 ? "" : "sooner"),
                new Game.Code("d6", List.of(new Game.Part("first", List.of("p0", "p1"), n % 2 == 0))));
    }

    private static Whom whom(int n) {
        return switch (n % 6) {
            case 0 -> Whom.everybody();
            case 1 -> new Whom.People(List.of("p0", "p1"));
            case 2 -> new Whom.Team(pick(Bib.values(), n));
            case 3 -> new Whom.HasBall(n % 2 == 0);
            case 4 -> new Whom.Being(
                    pick(Whom.Role.values(), n), Optional.of(pick(Bib.values(), n)), 1 + n % 9, Optional.empty());
            default -> new Whom.Being(pick(Whom.Role.values(), n), Optional.empty(), 1, Optional.of("p1"));
        };
    }
}
