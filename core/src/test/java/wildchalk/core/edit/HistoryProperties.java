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
import wildchalk.core.document.Change;
import wildchalk.core.document.History;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Rung;
import wildchalk.core.soundness.Soundness;

/** What holds for any sequence of edits. */
class HistoryProperties {

    @Property(tries = 500, seed = "19081")
    void asManyUndosAsEditsGiveBackTheDrill(@ForAll @Size(max = 25) List<@IntRange(max = 9999) Integer> choices) {
        Drill first = RandomEdits.start();
        History<Drill> history = History.of(first);
        List<Drill> seen = new ArrayList<>(List.of(first));
        for (int n : choices) {
            History<Drill> next = history.after(RandomEdits.anywhere(history.now(), n));
            if (next != history) {
                seen.add(next.now());
            }
            history = next;
        }
        for (int i = seen.size() - 1; i >= 0; i--) {
            assertTrue(seen.get(i).isLike(history.now()), () -> "the same but for ids that were given");
            history = history.undo();
        }
        for (Drill drill : seen.subList(1, seen.size())) {
            history = history.redo();
            assertTrue(drill.isLike(history.now()), () -> "the same but for ids that were given");
        }
    }

    /** Kept after every step and read again, the list of what can be undone and done again is the same. */
    @Property(tries = 300, seed = "19081")
    void whatWasKeptGivesTheHistoryBack(@ForAll @Size(max = 25) List<@IntRange(max = 9999) Integer> choices) {
        History<Drill> history = History.of(RandomEdits.start());
        List<History.Kept<Drill>> kept =
                new ArrayList<>(List.of(new History.Kept<>(new Change.Edited("New drill"), history.now())));
        for (int n : choices) {
            History<Drill> next;
            if (n % 5 == 0) {
                next = history.undo();
            } else if (n % 7 == 0) {
                next = history.redo();
            } else {
                next = history.after(RandomEdits.anywhere(history.now(), n));
            }
            Change change;
            if (n % 5 == 0) {
                change = new Change.Undone(history.nextUndo().orElse(""));
            } else if (n % 7 == 0) {
                change = new Change.Redone(history.nextRedo().orElse(""));
            } else {
                change =
                        new Change.Edited(RandomEdits.anywhere(history.now(), n).name());
            }
            assertEquals(change, Change.read(change.words()));
            if (next != history) {
                kept.add(new History.Kept<>(change, next.now()));
            }
            history = next;
        }
        assertEquals(history, History.replayed(kept));
        History<Drill> later = History.of(history.now()).after(DrillEdits.rename("Later"));
        assertEquals(history.after(DrillEdits.rename("Later")), later.since(history));
        assertEquals(later, later.since(History.of(Drill.empty("x", "X", "netball", "whole"))));
    }

    @Property(tries = 500, seed = "19081")
    void drillStaysSoundWhateverIsDoneToIt(@ForAll @Size(max = 25) List<@IntRange(max = 9999) Integer> choices) {
        Drill drill = RandomEdits.start();
        for (int n : choices) {
            drill = RandomEdits.anywhere(drill, n).apply(drill);
            List<Soundness.Fault> faults = Soundness.faults(drill, Stages.TURF);
            assertTrue(faults.isEmpty(), faults.toString());
        }
    }

    @Property(tries = 200, seed = "19081")
    void rungAboveFollowsTheRungBelow(@ForAll @Size(max = 15) List<@IntRange(max = 9999) Integer> choices) {
        Drill start = RandomEdits.start();
        Drill drill = start.withLadder(List.of(
                start.ladder().get(0),
                new Rung("s2", "Harder", Optional.of(RandomEdits.RUNG), List.of(), List.of(), List.of(), List.of())));
        for (int n : choices) {
            drill = RandomEdits.edit(drill, n).apply(drill);
        }
        assertEquals(
                Ladder.build(drill, RandomEdits.RUNG).pieces(),
                Ladder.build(drill, "s2").pieces());
        assertEquals(
                Ladder.build(drill, RandomEdits.RUNG).actions(),
                Ladder.build(drill, "s2").actions());
        assertEquals(
                Ladder.build(drill, RandomEdits.RUNG).instructions(),
                Ladder.build(drill, "s2").instructions());
    }
}
