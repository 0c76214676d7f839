package wildchalk.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.lang.management.ManagementFactory;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.colour.Colour;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.FreeIds;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Venue;
import wildchalk.core.geometry.Vec;

/** As many pieces as a drill may hold: whatever is done with all of them at once is done in a moment. */
class ManyPiecesTest {

    private static final int PIECES = 2000;
    /** Slow, and still no freeze: a machine that is busy with other things is three times as slow as a quiet one. */
    private static final int TRIES = 3;

    private static final double MOST_SECONDS = 1.5;

    private static Stage stage() {
        List<Piece> pieces = new ArrayList<>();
        for (int i = 0; i < PIECES / 2; i++) {
            pieces.add(Piece.Item.cone("c" + i, place(i), Colour.values()[i % 7]));
            pieces.add(new Piece.Player("p" + i, place(i).plus(new Vec(0.5, 0)), 0, "" + i, Bib.SKY));
        }
        List<Action> actions = new ArrayList<>();
        for (int i = 0; i < 100; i++) {
            actions.add(new Travel.Run(
                    "a" + i,
                    "p" + i,
                    Stages.path(false, 10, i % 20),
                    Action.Gait.RUN,
                    Action.Ending.GO_ON,
                    Cue.whistle()));
        }
        return new Stage("s1", "Many", pieces, actions);
    }

    private static Vec place(int i) {
        return new Vec(i % 50 * 1.5 - 40, i / 50 * 2.2 - 24);
    }

    @Test
    void everythingIsDoneWithAllOfThemInAMoment() {
        Stage stage = stage();
        Drill drill = Ladder.put(Drill.empty("d", "Many", "field-hockey", "whole"), stage);
        Set<String> all = stage.pieces().stream().map(Piece::id).collect(Collectors.toSet());
        Map<String, Supplier<Edit<Drill>>> edits = new LinkedHashMap<>();
        edits.put("copy", () -> CopyEdits.copy(
                        "s1", "Copy", stage, new FreeIds(drill), all, Placement.OTHER_END, Stages.TURF)
                .edit());
        edits.put("mirror", () -> CopyEdits.mirror("s1", "Mirror", stage, all, Placement.OTHER_SIDE, Stages.TURF));
        edits.put("paste", () -> CopyEdits.paste(
                        "s1", stage, new FreeIds(drill), stage, Placement.beside(new Vec(1, 1)), Stages.TURF)
                .edit());
        edits.put("move", () -> PieceEdits.moveAll("s1", stage, all, new Vec(1, 0)));
        edits.put("straighten", () -> ArrangeEdits.straighten("s1", stage, all));
        edits.put("space evenly", () -> ArrangeEdits.spaceEvenly("s1", stage, all));
        edits.put("wear", () -> PersonEdits.wear("s1", all, Bib.CORAL));
        edits.put("remove", () -> PieceEdits.remove("s1", stage, all));
        edits.put("surface", () -> SurfaceEdits.onto(drill, Venue.of("football-11"), SurfaceEdits.Carrying.SCALE));
        Map<String, Double> seconds = new LinkedHashMap<>();
        edits.forEach((name, edit) -> {
            Drill after = edit.get().apply(drill);
            assertTrue(!after.equals(drill), name);
            seconds.put(name, quickest(() -> edit.get().apply(drill)));
        });
        System.out.println("seconds with " + PIECES + " pieces: " + seconds);
        assertEquals(
                List.of(),
                seconds.entrySet().stream()
                        .filter(e -> e.getValue() > MOST_SECONDS)
                        .toList());
    }

    /** The processor time that something takes at best, in seconds: how busy the machine is has no part in it. */
    private static double quickest(Supplier<Drill> work) {
        long best = Long.MAX_VALUE;
        for (int i = 0; i < TRIES; i++) {
            long before = ManagementFactory.getThreadMXBean().getCurrentThreadCpuTime();
            Drill unused = work.get();
            best = Math.min(best, ManagementFactory.getThreadMXBean().getCurrentThreadCpuTime() - before);
        }
        return best / 1e9;
    }
}
