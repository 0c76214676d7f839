package wildchalk.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import wildchalk.core.Stages;
import wildchalk.core.drill.Colour;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
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
                .run("a3", "p3", Cue.with("a2"), 20, 12).build();
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
        int pick = n / 8;
        if (pieces.isEmpty() || n % 8 == 0) {
            return PieceEdits.place(RUNG, new Piece.Player(stage.freeId("p"), place, 0, "" + n,
                    Team.SKY));
        }
        Piece piece = pieces.get(pick % pieces.size());
        Optional<Piece.Person> person = stage.people().stream().findFirst();
        if (n % 8 == 1) {
            return PieceEdits.move(RUNG, piece, place);
        }
        if (n % 8 == 2) {
            return PieceEdits.remove(RUNG, stage, List.of(piece.id()));
        }
        if (n % 8 == 3 && person.isPresent()) {
            Action.Path path = new Action.Path(List.of(Spot.at(piece.id()), Spot.at(place)), n % 2 == 0);
            Kind kind = Kind.values()[pick % Kind.values().length];
            return ActionEdits.chalk(RUNG, kind.action(stage.freeId("a"), person.get().id(), path, Cue.next()));
        }
        if (actions.isEmpty() || n % 8 == 4) {
            return DrillEdits.rename("Title " + pick % 3);
        }
        Action action = actions.get(pick % actions.size());
        if (n % 8 == 5) {
            return PieceEdits.remove(RUNG, stage, List.of(action.id()));
        }
        return n % 8 == 6 ? ActionEdits.cue(RUNG, action, CueChoices.after(action, stage))
                : ActionEdits.change(RUNG, "Change kind", Kind.values()[pick % Kind.values().length].instead(action));
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
    }
}
