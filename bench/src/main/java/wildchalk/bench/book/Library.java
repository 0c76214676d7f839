package wildchalk.bench.book;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import wildchalk.core.colour.Bib;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.FreeIds;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.GivenIds;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rung;
import wildchalk.core.drill.RungPlan;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Showing;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.effort.Dose;
import wildchalk.core.effort.Effort;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.SurfacePlan;
import wildchalk.core.surface.Surfaces;

/** Makes as many drills as are wanted, each another and always the same ones: for books of any size. */
public final class Library {

    private static final List<String> FIRST = List.of(
            "Copper",
            "Quiet",
            "Seven",
            "Paper",
            "Winter",
            "Double",
            "Crooked",
            "Amber",
            "Borrowed",
            "Hollow",
            "Silver",
            "Slow",
            "Upper",
            "Broken",
            "Velvet",
            "Lost",
            "Green",
            "Second",
            "Salt",
            "Narrow",
            "Early",
            "Patient",
            "Iron",
            "Wandering");
    private static final List<String> SECOND = List.of(
            "Kettle",
            "Heron",
            "Staircase",
            "Lantern",
            "Orchard",
            "Bridge",
            "Compass",
            "Mill",
            "Harbour",
            "Letter",
            "Thimble",
            "Ladder",
            "Meadow",
            "Windmill",
            "Anchor",
            "Button",
            "Drawbridge",
            "Magpie",
            "Parcel",
            "Weathercock",
            "Barge",
            "Clock",
            "Hedge",
            "Ferry");
    private static final List<String> POINTS = List.of(
            "Head up before it comes.",
            "First touch away from pressure.",
            "Show for it early, then go.",
            "Pass and follow your pass.",
            "Arrive late at the back post.",
            "Talk before you have it.",
            "Stay low, small steps.",
            "Weight of the pass decides.",
            "Two looks over the shoulder.",
            "Screen the ball with your body.",
            "Scan, then choose.",
            "Open your hips to the field.");
    private static final double SHOWN = 0.35;

    private final Random random;
    private final List<SurfacePlan> plans = Surfaces.BUILT_IN.plans();

    private Library(long seed) {
        this.random = new Random(seed);
    }

    /** The drill with this number. */
    public static Drill drill(int n) {
        return new Library(n).make(n);
    }

    private Drill make(int n) {
        SurfacePlan plan = plans.get(random.nextInt(plans.size()));
        Surface surface = Surfaces.BUILT_IN.get(plan.id());
        String title = FIRST.get(n % FIRST.size()) + " " + SECOND.get(n / FIRST.size() % SECOND.size())
                + (n < FIRST.size() * SECOND.size() ? "" : " " + n / (FIRST.size() * SECOND.size()));
        Effort.Level[] levels = Effort.Level.values();
        Drill drill = new Drill(
                "drill-" + n,
                title,
                Drill.empty("x", "x", plan.id(), "whole").venue(),
                Showing.of(random.nextBoolean() ? "whole" : "attacking-half").reading(Drill.LineKey.RUNS_PLAIN),
                new Effort(levels[random.nextInt(levels.length)], Effort.Intensity.values()[random.nextInt(4)]),
                List.of(Rung.empty("s1", "Start here")),
                new Drill.Notes(points(), List.of("Where is the next pass?"), List.of()),
                GivenIds.NONE);
        drill = Ladder.put(drill, stage(surface));
        return climbing(timed(drill));
    }

    private List<String> points() {
        List<String> points = new ArrayList<>();
        for (int i = random.nextInt(4); i >= 0; i--) {
            points.add(pick(POINTS));
        }
        return points.stream().distinct().toList();
    }

    private Drill timed(Drill drill) {
        Rung rung = drill.ladder().get(0);
        Dose length = new Dose(List.of(new Dose.Turn(3 + random.nextInt(12), Dose.Measure.MINUTES, "")), "");
        return drill.withLadder(List.of(rung.planned(rung.plan().with(Optional.of(length)))));
    }

    /** Up to three rungs more, each with one marker more. */
    private Drill climbing(Drill drill) {
        Drill grown = drill;
        for (int i = random.nextInt(4); i > 0; i--) {
            List<Rung> ladder = new ArrayList<>(grown.ladder());
            String below = ladder.get(ladder.size() - 1).id();
            String id = "s" + (ladder.size() + 1);
            ladder.add(Rung.from(below, id, "Harder", RungPlan.of(RungPlan.Step.PROGRESSION)));
            grown = grown.withLadder(ladder);
            Stage stage = Ladder.build(grown, id);
            grown = Ladder.put(
                    grown,
                    stage.withPiece(item(
                            new FreeIds(grown).take("c"),
                            GearKind.MARKER,
                            Colour.ORANGE,
                            new Vec(ladder.size(), -ladder.size()))));
        }
        return grown;
    }

    private <T> T pick(List<T> list) {
        return list.get(random.nextInt(list.size()));
    }

    private Vec place(Surface surface) {
        return new Vec(
                Math.round((random.nextDouble() - 0.5) * surface.length() * SHOWN * 2 * 10) / 10.0,
                Math.round((random.nextDouble() - 0.5) * surface.width() * SHOWN * 2 * 10) / 10.0);
    }

    private static Piece.Item item(String id, GearKind kind, Colour colour, Vec at) {
        return new Piece.Item(id, at, kind, 0, colour, "", kind.width(), kind.depth());
    }

    private Stage stage(Surface surface) {
        List<Piece> pieces = new ArrayList<>();
        int people = 2 + random.nextInt(9);
        for (int i = 0; i < people; i++) {
            pieces.add(new Piece.Player(
                    "p" + i,
                    place(surface),
                    random.nextDouble() * 6,
                    Integer.toString(i + 2),
                    i % 3 == 2 ? Bib.SKY : Bib.CORAL));
        }
        List<GearKind> kinds = List.of(
                GearKind.CONE,
                GearKind.CONE,
                GearKind.MARKER,
                GearKind.POLE,
                GearKind.MINI_GOAL,
                GearKind.HURDLE,
                GearKind.HOOP,
                GearKind.PAD);
        GearKind kind = pick(kinds);
        Colour colour = pick(List.of(Colour.YELLOW, Colour.RED, Colour.BLUE, Colour.ORANGE));
        for (int i = random.nextInt(9); i > 0; i--) {
            pieces.add(item("c" + i, kind, kind.isColoured() ? colour : kind.colour(), place(surface)));
        }
        pieces.add(new Piece.Ball("b1", Vec.ZERO, Optional.of("p0")));
        return new Stage("s1", "Start here", pieces, actions(surface, people), List.of(), Effort.LIVE);
    }

    /** The ball goes from one to the next; whoever has it last carries it or shoots, somebody runs. */
    private List<Action> actions(Surface surface, int people) {
        List<Action> actions = new ArrayList<>();
        Cue cue = Cue.whistle();
        int holder = 0;
        for (int i = 1 + random.nextInt(3); i > 0; i--) {
            int next = (holder + 1 + random.nextInt(people - 1)) % people;
            String id = "a" + (actions.size() + 1);
            Action.Manner manner = pick(List.of(
                    Action.Manner.FLAT,
                    Action.Manner.FLAT,
                    Action.Manner.LOB,
                    Action.Manner.BOUNCE,
                    Action.Manner.ROLL));
            Action.Touch touch = random.nextInt(3) == 0 ? Action.Touch.FIRST_TIME : Action.Touch.CONTROLLED;
            actions.add(new Action.Pass(id, "p" + holder, Spot.at("p" + next), touch, cue).going(manner));
            cue = Cue.received(id);
            holder = next;
        }
        TravelPath path = new TravelPath(List.of(Spot.at(place(surface)), Spot.at(place(surface))), true);
        String id = "a" + (actions.size() + 1);
        actions.add(new Travel.Carry(id, "p" + holder, path, Action.Gait.RUN, Action.Ending.GO_ON, cue));
        if (!surface.targets().isEmpty() && random.nextBoolean()) {
            actions.add(new Action.Shot(
                    "a" + (actions.size() + 1),
                    "p" + holder,
                    new Spot.AtTarget(surface.targets().get(0).id()),
                    Action.Touch.CONTROLLED,
                    Cue.after(id)));
        }
        String runner = "p" + (holder + 1) % people;
        actions.add(
                random.nextInt(3) == 0
                        ? new Shadow(
                                "a9",
                                runner,
                                "p" + holder,
                                new Shadow.Style(Shadow.Way.CHASE, Shadow.Side.ANY, 1),
                                Action.Gait.SPRINT,
                                Optional.empty(),
                                Cue.with(id))
                        : new Travel.Run(
                                "a9",
                                runner,
                                new TravelPath(List.of(Spot.at(place(surface))), false),
                                pick(List.of(Action.Gait.values())),
                                Action.Ending.STOP,
                                Cue.whistle()));
        return actions;
    }
}
