package wildchalk.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import wildchalk.core.Stages;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Colour;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rung;
import wildchalk.core.drill.Soundness;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Team;
import wildchalk.core.geometry.Vec;
import wildchalk.core.stroke.CueChoices;
import wildchalk.core.stroke.Kind;

/** What holds for any sequence of edits. */
class HistoryProperties {

    private static final String RUNG = "s1";

    private static Drill start() {
        Stage stage = new Stages().player("p1", 0, 0).player("p2", 12, 0).player("p3", 12, 10).ball("b1", "p1")
                .piece(Piece.Item.cone("c1", new Vec(20, 0), Colour.YELLOW))
                .pass("a1", "p1", "p2", Cue.whistle()).carry("a2", "p2", Cue.received("a1"), 25, 5)
                .run("a3", "p3", Cue.with("a2"), 20, 12)
                .say(new Instruction.Read("r1", "p2", List.of(new Instruction.Option("o1", "go", "", List.of("a2")),
                        new Instruction.Option("o2", "stay", "", List.of())), Optional.empty()))
                .say(new Limit.AtMost("l1", Limit.Counted.TOUCHES, 2, Optional.of("p2")))
                .say(new Limit.NotBefore("l2", "p3", new Cue.Received("a1")))
                .say(new Instruction.Freeze("f1", Cue.received("a1"), "?", "")).build();
        Drill drill = Ladder.put(Drill.empty("d", "Drill", "field-hockey", "whole"), stage);
        List<Rung> rungs = new ArrayList<>(drill.ladder());
        rungs.add(new Rung("s2", "Harder", Optional.of(RUNG), List.of(), List.of(), List.of(), List.of()));
        return drill.withLadder(rungs);
    }

    /** One of the things a coach does, chosen by a number. */
    private static Edit edit(Drill drill, int n) {
        Stage stage = Ladder.build(drill, RUNG);
        List<Piece> pieces = stage.pieces();
        List<Action> actions = stage.actions();
        Vec place = new Vec(n % 37 - 18, n % 23 - 11);
        int pick = n / 13;
        if (pieces.isEmpty() || n % 13 == 0) {
            return PieceEdits.place(RUNG, new Piece.Player(stage.freeId("p"), place, 0, "" + n,
                    Team.SKY));
        }
        Piece piece = pieces.get(pick % pieces.size());
        Optional<Piece.Person> person = stage.people().stream().findFirst();
        if (n % 13 == 1) {
            return PieceEdits.move(RUNG, piece, place);
        }
        if (n % 13 == 2) {
            return PieceEdits.remove(RUNG, stage, List.of(piece.id()));
        }
        if (n % 13 == 3 && person.isPresent()) {
            Action.Path path = new Action.Path(List.of(Spot.at(piece.id()), Spot.at(place)), n % 2 == 0);
            Kind kind = Kind.values()[pick % Kind.values().length];
            return ActionEdits.chalk(RUNG, kind.action(stage.freeId("a"), person.get().id(), path, Cue.next()));
        }
        if (actions.isEmpty() || n % 13 == 4) {
            return DrillEdits.rename("Title " + pick % 3);
        }
        if (n % 13 > 7) {
            return several(stage, n % 13, pick, place);
        }
        Action action = actions.get(pick % actions.size());
        if (n % 13 == 5) {
            return PieceEdits.remove(RUNG, stage, List.of(action.id()));
        }
        return n % 13 == 6 ? ActionEdits.cue(RUNG, action, CueChoices.after(action, stage))
                : ActionEdits.change(RUNG, "Change kind", Kind.values()[pick % Kind.values().length].instead(action));
    }

    /** Something that is done with several pieces, or to a line. */
    private static Edit several(Stage stage, int what, int pick, Vec place) {
        Set<String> some = stage.pieces().stream().map(Piece::id).filter(id -> (id.hashCode() + pick) % 3 != 0)
                .collect(Collectors.toSet());
        Placement placement = new Placement(pick % 2 == 0, pick % 3 == 0, pick % 5 == 0 ? place : Vec.ZERO);
        Optional<Action> travel = stage.actions().stream().filter(Action.Travel.class::isInstance).findFirst();
        return switch (what) {
            case 8 -> stage.pieces().size() > 20 ? DrillEdits.points(List.of("p" + pick % 4))
                    : CopyEdits.copy(RUNG, "Copy", stage, some, placement, Stages.TURF).edit();
            case 9 -> CopyEdits.mirror(RUNG, "Mirror", stage, some, placement, Stages.TURF);
            case 10 -> pick % 2 == 0 ? ArrangeEdits.straighten(RUNG, stage, some) : ArrangeEdits.spaceEvenly(RUNG, stage, some);
            case 11 -> travel.map(t -> PathEdits.bend(RUNG, (Action.Travel) t, new PathEdits.Held(0, pick % 2 == 0), place))
                    .orElse(DrillEdits.cautions(List.of("c")));
            default -> pick % 2 == 0 ? PersonEdits.wear(RUNG, some, Team.values()[pick % Team.values().length])
                    : PieceEdits.moveAll(RUNG, stage, some, place.times(0.1));
        };
    }

    @Property(tries = 500)
    void asManyUndosAsEditsGiveBackTheDrill(@ForAll @Size(max = 25) List<@IntRange(max = 9999) Integer> choices) {
        Drill first = start();
        History history = History.of(first);
        List<Drill> seen = new ArrayList<>(List.of(first));
        for (int n : choices) {
            History next = history.after(edit(history.now(), n));
            if (next != history) {
                seen.add(next.now());
            }
            history = next;
        }
        for (int i = seen.size() - 1; i >= 0; i--) {
            assertEquals(seen.get(i), history.now());
            history = history.undo();
        }
        for (Drill drill : seen.subList(1, seen.size())) {
            history = history.redo();
            assertEquals(drill, history.now());
        }
    }

    @Property(tries = 500)
    void drillStaysSoundWhateverIsDoneToIt(@ForAll @Size(max = 25) List<@IntRange(max = 9999) Integer> choices) {
        Drill drill = start();
        for (int n : choices) {
            drill = edit(drill, n).apply(drill);
            List<Soundness.Fault> faults = Soundness.faults(drill, Stages.TURF);
            assertTrue(faults.isEmpty(), faults.toString());
        }
    }

    @Property(tries = 200)
    void rungAboveFollowsTheRungBelow(@ForAll @Size(max = 15) List<@IntRange(max = 9999) Integer> choices) {
        Drill drill = start();
        for (int n : choices) {
            drill = edit(drill, n).apply(drill);
        }
        assertEquals(Ladder.build(drill, RUNG).pieces(), Ladder.build(drill, "s2").pieces());
        assertEquals(Ladder.build(drill, RUNG).actions(), Ladder.build(drill, "s2").actions());
        assertEquals(Ladder.build(drill, RUNG).said(), Ladder.build(drill, "s2").said());
    }
}
