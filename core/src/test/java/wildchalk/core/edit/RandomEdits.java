package wildchalk.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.colour.Colour;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.FreeIds;
import wildchalk.core.drill.Game;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.PlayOn;
import wildchalk.core.drill.Rung;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.drill.Venue;
import wildchalk.core.drill.Whom;
import wildchalk.core.effort.Dose;
import wildchalk.core.effort.Effort;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Outline;
import wildchalk.core.geometry.Route;
import wildchalk.core.geometry.Vec;
import wildchalk.core.otherwise.LineWays;
import wildchalk.core.otherwise.Offer;
import wildchalk.core.otherwise.Offers;
import wildchalk.core.otherwise.Retelling;
import wildchalk.core.otherwise.Retiming;
import wildchalk.core.pattern.Division;
import wildchalk.core.rehearsal.Places;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.scene.Board;
import wildchalk.core.scene.Frame;
import wildchalk.core.stroke.CueChoices;
import wildchalk.core.stroke.Kind;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.Timeline;

/** What coaches do to a drill, in any order. */
public final class RandomEdits {

    /** The rung that is edited. */
    public static final String RUNG = "s1";

    private RandomEdits() {}

    public static Drill start() {
        Stage stage = new Stages()
                .player("p1", 0, 0)
                .player("p2", 12, 0)
                .player("p3", 12, 10)
                .ball("b1", "p1")
                .piece(Piece.Item.cone("c1", new Vec(20, 0), Colour.YELLOW))
                .pass("a1", "p1", "p2", Cue.whistle())
                .carry("a2", "p2", Cue.received("a1"), 25, 5)
                .run("a3", "p3", Cue.with("a2"), 20, 12)
                .say(new Instruction.Read(
                        "r1",
                        "p2",
                        List.of(
                                new Instruction.Option("o1", "go", "", List.of("a2")),
                                new Instruction.Option("o2", "stay", "", List.of())),
                        Optional.empty()))
                .say(Limit.Count.atMost("l1", Limit.Counted.TOUCHES, 2, Whom.one("p2")))
                .say(new Limit.NotBefore("l2", Whom.one("p3"), new Cue.Received("a1")))
                .say(new Limit.OnlyIn("l3", "z1", new Whom.People(List.of("p2"))))
                .piece(new Piece.Zone("z1", new Vec(15, 5), Outline.rectangle(6, 8), "", Colour.BLUE))
                .say(new Game.Duty(
                        "d1",
                        new Whom.Being(Whom.Role.NEAREST, Optional.empty(), 1, Optional.of("p1")),
                        Game.Task.PRESS,
                        4,
                        Cue.received("a1")))
                .say(new Game.Says("y1", Whom.one("p2"), "here", Whom.one("p1"), true, Optional.of(Cue.received("a1"))))
                .say(new Game.WatchFor("w1", Whom.one("p3"), Optional.of(Cue.with("a2")), "late", "go with it"))
                .say(new Game.Code("q1", List.of(new Game.Part("zone", List.of("z1"), false))))
                .say(new Limit.StayIn("l4", Whom.one("p3"), "z1", Optional.of(new Cue.After("a2"))))
                .action(new PlayOn(
                        "a4",
                        "p2",
                        List.of(Whom.one("p1"), Whom.one("p2")),
                        Optional.of("z1"),
                        PlayOn.Until.seconds(5),
                        "",
                        Cue.after("a2")))
                .say(new Instruction.Freeze("f1", Cue.received("a1"), "?", ""))
                .build();
        Drill drill = Ladder.put(Drill.empty("d", "Drill", "field-hockey", "whole"), stage);
        List<Rung> rungs = new ArrayList<>(drill.ladder());
        // The upper rung has somebody of its own, who needs others that are there only because they are below.
        Stage above = new Stages()
                .run("a9", "p3", Cue.received("a1"), 30, 12)
                .say(new Limit.NotBefore("l9", Whom.one("p1"), new Cue.After("a2")))
                .build();
        rungs.add(new Rung(
                "s2",
                "Harder",
                Optional.of(RUNG),
                List.of(new Piece.Player("own", new Vec(8, 8), 0, "X", Bib.SKY)),
                List.of(
                        above.actions().get(0),
                        new Shadow(
                                "a10",
                                "own",
                                "p2",
                                new Shadow.Style(Shadow.Way.MARK, Shadow.Side.ANY, 1.5),
                                Action.Gait.RUN,
                                Optional.empty(),
                                Cue.with("a2"))),
                above.instructions(),
                List.of("c1")));
        return drill.withLadder(rungs);
    }

    /** One of the things a coach does, chosen by a number. */
    public static Edit<Drill> edit(Drill drill, int n) {
        return edit(drill, RUNG, n);
    }

    /** The same on any rung, so that each comes to have things of its own. */
    public static Edit<Drill> anywhere(Drill drill, int n) {
        List<Rung> rungs = drill.ladder();
        return edit(drill, rungs.get((n / 7 + n) % rungs.size()).id(), n);
    }

    /** One of the things a coach does on a rung. */
    public static Edit<Drill> edit(Drill drill, String rung, int n) {
        Stage stage = Ladder.build(drill, rung);
        FreeIds ids = new FreeIds(drill);
        List<Piece> pieces = stage.pieces();
        List<Action> actions = stage.actions();
        Vec place = new Vec(n % 37 - 18, n % 23 - 11);
        int what = n % 16;
        int pick = n / 16;
        if (pieces.isEmpty() || what == 0) {
            return PieceEdits.place(rung, new Piece.Player(ids.take("p"), place, 0, "" + n, Bib.SKY));
        }
        Piece piece = pieces.get(pick % pieces.size());
        Optional<Piece.Person> person = stage.people().stream().findFirst();
        if (what == 1) {
            return PieceEdits.move(rung, piece, place);
        }
        if (what == 2) {
            return PieceEdits.remove(rung, stage, List.of(piece.id()));
        }
        if (what == 3 && person.isPresent()) {
            TravelPath path = new TravelPath(List.of(Spot.at(piece.id()), Spot.at(place)), n % 2 == 0);
            Kind kind = Kind.values()[pick % Kind.values().length];
            return ActionEdits.chalk(
                    rung, kind.action(ids.take("a"), person.get().id(), path, Cue.next()));
        }
        if (actions.isEmpty() || what == 4) {
            return ladder(drill, pick);
        }
        if (what == 13) {
            return pick % 2 == 0
                    ? area(rung, stage, ids, pick / 2, place)
                    : read(rung, stage, ids, actions.get(pick / 2 % actions.size()), pick / 2, place);
        }
        if (what > 13) {
            return line(drill, rung, stage, ids, actions.get(pick % actions.size()), pick, place);
        }
        if (what > 7) {
            return several(rung, stage, ids, what, pick, place);
        }
        Action action = actions.get(pick % actions.size());
        if (what == 5) {
            return PieceEdits.remove(rung, stage, List.of(action.id()));
        }
        return what == 6
                ? ActionEdits.cue(rung, action, CueChoices.after(action, stage))
                : ActionEdits.change(rung, "Change kind", Kind.values()[pick % Kind.values().length].instead(action));
    }

    /** Something that is done to the ladder, above the two rungs that are there from the start; or to the title. */
    private static Edit<Drill> ladder(Drill drill, int pick) {
        List<String> more = drill.ladder().stream()
                .map(Rung::id)
                .filter(id -> !List.of(RUNG, "s2").contains(id))
                .toList();
        if (pick % 2 == 0 && drill.ladder().size() < 6) {
            if (pick % 4 == 0) {
                return LadderEdits.harder(drill, "s2").edit();
            }
            return (pick % 3 == 0 ? LadderEdits.sideways(drill, "s2") : LadderEdits.easier(drill, RUNG)).edit();
        }
        if (more.isEmpty() || pick % 5 == 0) {
            return DrillEdits.rename("Title " + pick % 3);
        }
        String id = more.get(pick % more.size());
        return switch (pick % 5) {
            case 3 -> LadderEdits.planned(id, "Plan", p -> p.going(Optional.of(Effort.Intensity.values()[pick % 4]))
                    .with(Dose.read(pick % 9 + " min")));
            case 4 -> LadderEdits.asBelow(id, Set.of("c1", "a1", "own"));
            case 0 -> LadderEdits.removed(id);
            case 1 -> LadderEdits.moved(id, pick % 2 == 0 ? 1 : -1);
            default -> LadderEdits.detached(id);
        };
    }

    /** Something that is done with several pieces, or to a line. */
    private static Edit<Drill> several(String rung, Stage stage, FreeIds ids, int what, int pick, Vec place) {
        Set<String> some = stage.pieces().stream()
                .map(Piece::id)
                .filter(id -> (id.hashCode() + pick) % 3 != 0)
                .collect(Collectors.toSet());
        Placement placement =
                new Placement(pick % 2 == 0, pick % 3 == 0, pick % 7 == 0 ? 0.4 : 0, pick % 5 == 0 ? place : Vec.ZERO);
        Optional<Action> travel =
                stage.actions().stream().filter(Travel.class::isInstance).findFirst();
        return switch (what) {
            case 8 -> stage.pieces().size() > 20
                    ? DrillEdits.points(List.of("p" + pick % 4))
                    : CopyEdits.copy(rung, "Copy", stage, ids, some, placement, Stages.TURF)
                            .edit();
            case 9 -> CopyEdits.mirror(rung, "Mirror", stage, some, placement, Stages.TURF);
            case 10 -> pick % 2 == 0
                    ? ArrangeEdits.straighten(rung, stage, some)
                    : ArrangeEdits.spaceEvenly(rung, stage, some);
            case 11 -> travel.map(t -> PathEdits.bend(rung, (Travel) t, new PathEdits.Held(0, pick % 2 == 0), place))
                    .orElse(DrillEdits.cautions(List.of("c")));
            default -> pick % 2 == 0
                    ? PersonEdits.wear(rung, some, Bib.values()[pick % Bib.values().length])
                    : PieceEdits.moveAll(rung, stage, some, place.times(0.1));
        };
    }

    /**
     * Something that is done to one line, in the picture, in its words or on the strip; or to what is wrong with it.
     */
    private static Edit<Drill> line(
            Drill drill, String rung, Stage stage, FreeIds ids, Action action, int pick, Vec place) {
        Surface surface = drill.surface();
        Timeline timeline = Rehearsal.of(stage, surface);
        Route route = new Board(surface, stage, timeline, drill.lineKey(), Frame.of(drill, surface)).route(action.id());
        Optional<Edit<Drill>> edit =
                switch (pick % 9) {
                    case 7 -> body(rung, stage, pick);
                    case 8 -> Optional.of(LineWays.of(rung, action, surface))
                            .filter(g -> !g.isEmpty())
                            .map(g -> g.get(pick % g.size()).ways())
                            .map(w -> w.get(pick / 7 % w.size()).edit());
                    case 0 -> action instanceof Travel travel
                            ? LineEdits.cut(
                                    rung,
                                    stage,
                                    ids,
                                    travel,
                                    route,
                                    PathEdits.held(
                                            travel, route, new Places(stage, surface), route.at(route.length() / 2), 1),
                                    route.at(route.length() / 2))
                            : Optional.empty();
                    case 1 -> LineEdits.reverse(rung, stage, action, route);
                    case 2 -> Optional.of(ActionEdits.cue(
                            rung,
                            action,
                            Retiming.pulled(
                                    action,
                                    stage,
                                    timeline,
                                    stage.people().isEmpty()
                                            ? ""
                                            : stage.people()
                                                    .get(pick % stage.people().size())
                                                    .id(),
                                    pick % 50 / 10.0,
                                    0.3)));
                    case 3 -> stage.people().stream().reduce((a, b) -> b).map(p -> Retelling.by(rung, action, p));
                    case 4 -> Retelling.to(rung, action, Spot.at(place));
                    case 5 -> Retelling.together(
                            rung, stage, action, stage.actions().get(0));
                    default -> timeline.problems().stream()
                            .flatMap(p -> Mends.of(rung, stage, p).stream())
                            .map(Mends.Mend::edit)
                            .findFirst();
                };
        return edit.orElse(SurfaceEdits.onto(
                drill, Venue.of(pick % 2 == 0 ? "football-11" : "field-hockey"), SurfaceEdits.Carrying.SCALE));
    }

    /** Something that a body does, found by name. */
    private static Optional<Edit<Drill>> body(String rung, Stage stage, int pick) {
        Set<String> chosen = stage.people().stream()
                .filter(p -> (p.id().hashCode() + pick) % 3 == 0)
                .map(Piece::id)
                .collect(Collectors.toSet());
        List<Offer> all = new Offers(rung, stage, stage.set(Stages.TURF), w -> Cue.next()).all(chosen);
        return all.isEmpty()
                ? Optional.empty()
                : Optional.of(all.get(pick / 9 % all.size()).edit());
    }

    /** Something that is done with what people decide. */
    private static Edit<Drill> read(String rung, Stage stage, FreeIds ids, Action action, int pick, Vec place) {
        Optional<Instruction.Read> read =
                stage.instructions(Instruction.Read.class).stream().reduce((a, b) -> pick % 3 == 0 ? a : b);
        return switch (pick % 5) {
            case 0 -> ReadEdits.instead(rung, stage, ids, action)
                    .map(ReadEdits.Made::edit)
                    .orElse(DrillEdits.rename("R"));
            case 1 -> read.map(r -> ReadEdits.without(
                            rung,
                            stage,
                            r,
                            r.options().get(pick % r.options().size()).id()))
                    .orElse(DrillEdits.rename("R"));
            case 2 -> read.map(r -> ReadEdits.ruled(rung, r.id(), Optional.of(Instruction.Rule.values()[pick % 2])))
                    .orElse(DrillEdits.rename("R"));
            case 3 -> read.map(
                            r -> ReadEdits.told(rung, r.id(), r.options().get(0).id(), "o" + pick % 4, ""))
                    .orElse(DrillEdits.rename("R"));
            default -> ReadEdits.lookingAt(
                    ActionEdits.chalk(
                            rung,
                            new Travel.Run(
                                    ids.take("a"),
                                    action.who(),
                                    new TravelPath(List.of(Spot.at(place)), false),
                                    Action.Gait.RUN,
                                    Action.Ending.GO_ON,
                                    Cue.next())),
                    rung,
                    read.map(r -> Choices.NONE.with(
                                    r.id(),
                                    r.options().get(pick % r.options().size()).id()))
                            .orElse(Choices.NONE));
        };
    }

    /** Something that is done with areas. */
    private static Edit<Drill> area(String rung, Stage stage, FreeIds ids, int pick, Vec place) {
        Optional<Piece.Station> station = stage.stations().stream().findFirst();
        return switch (pick % 5) {
            case 0 -> PieceEdits.place(
                    rung, new Piece.Zone(ids.take("z"), place, new Outline.Circle(1 + pick % 4), "z", Colour.RED));
            case 1 -> StationEdits.markOut(
                    rung, Division.values()[pick % Division.values().length], 1 + pick % 4, new Box(-20, -10, 40, 20));
            case 2 -> StationEdits.movingOn(
                    rung, pick % 2 == 0 ? Optional.empty() : Optional.of(Instruction.Way.ALTERNATING));
            case 3 -> station.filter(s -> stage.pieces().size() < 40)
                    .map(s -> StationEdits.fill(rung, stage, ids, s, start(), Stages.TURF)
                            .edit())
                    .orElse(DrillEdits.rename("T"));
            default -> station.map(s -> PieceEdits.move(rung, s, place)).orElse(DrillEdits.rename("T"));
        };
    }
}
