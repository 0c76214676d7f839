package wildchalk.core.rehearsal;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import wildchalk.core.Stages;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Contest;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Hold;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.effort.Effort;
import wildchalk.core.soundness.Soundness;
import wildchalk.core.timeline.ActionTimes;
import wildchalk.core.timeline.Timeline;

/** Doubling a delay moves what depends on it, by just that much where nothing else has a say, and nothing else. */
class DelayProperties {

    /** What is looked out for is found that exactly, seconds; looks may fall on other moments when others move. */
    private static final double FOUND = 5e-5;

    @Property(tries = 1500, seed = "19081")
    void doublingADelayMovesExactlyWhatDependsOnIt(@ForAll("stages") Stage drawn) {
        // Who is told to wait has reacted by then: a delay counts from the moment itself.
        Stage stage = drawn.withInstructions(List.of()).at(Effort.LIVE.reacting(false));
        Timeline before = Rehearsal.of(stage, Stages.TURF);
        for (Action action : stage.actions()) {
            if (action.cue().delay() > 0 && before.times(action.id()).isPresent()) {
                double delay = action.cue().delay();
                Stage later = stage.withAction(action.withCue(action.cue().delayed(2 * delay)));
                compare(stage, action, delay, before, Rehearsal.of(later, Stages.TURF));
            }
        }
    }

    private static void compare(Stage stage, Action moved, double delay, Timeline before, Timeline after) {
        Set<String> actions = new HashSet<>(Set.of(moved.id()));
        Set<String> people = new HashSet<>();
        for (int size = 0; size != actions.size() + people.size(); ) {
            size = actions.size() + people.size();
            stage.actions().stream().filter(a -> actions.contains(a.id())).forEach(a -> people.addAll(touched(a)));
            stage.actions().stream()
                    .filter(a -> depends(stage, a, actions, people))
                    .forEach(a -> actions.add(a.id()));
        }
        for (Action other : stage.actions()) {
            if (!actions.contains(other.id())) {
                assertSame(before.times(other.id()), after.times(other.id()), other.id());
            }
        }
        for (Piece.Person person : stage.people()) {
            for (double t = 0; t < 10 && !people.contains(person.id()); t += 0.5) {
                // Where a nose points may follow somebody who is watched; where a body is may not.
                assertEquals(0, before.at(person.id(), t).distance(after.at(person.id(), t)), 20 * FOUND);
            }
        }
        ActionTimes then = before.times(moved.id()).orElseThrow();
        after.times(moved.id())
                .filter(now -> now.cued() == then.cued())
                .ifPresent(now -> assertEquals(then.start() + delay, now.start(), 1e-9));
    }

    private static void assertSame(Optional<ActionTimes> before, Optional<ActionTimes> after, String id) {
        assertEquals(before.isPresent(), after.isPresent(), id + " should not have moved");
        if (before.isPresent()) {
            assertEquals(before.get().cued(), after.get().cued(), FOUND, id + " should not have moved");
            assertEquals(before.get().start(), after.get().start(), FOUND, id + " should not have moved");
            assertEquals(before.get().release(), after.get().release(), FOUND, id + " should not have moved");
            assertEquals(before.get().arrival(), after.get().arrival(), FOUND, id + " should not have moved");
            assertEquals(before.get().end(), after.get().end(), FOUND, id + " should not have moved");
        }
    }

    /** Everybody whose body or ball an action has to do with. */
    private static Set<String> touched(Action action) {
        Set<String> who = new HashSet<>(Set.of(action.who()));
        Soundness.spots(action).stream()
                .filter(Spot.AtPiece.class::isInstance)
                .forEach(s -> who.add(((Spot.AtPiece) s).piece()));
        if (action instanceof Contest contest) {
            who.addAll(contest.against());
            who.addAll(contest.gets());
        }
        return who;
    }

    private static boolean depends(Stage stage, Action action, Set<String> actions, Set<String> people) {
        boolean body = touched(action).stream().anyMatch(people::contains)
                // Gear that another handled first is not there; who follows, or waits for what never comes, does so
                // until all is over.
                || action instanceof Action.Handle
                || action instanceof Shadow
                || action instanceof Hold h && h.until().isPresent();
        return body || Soundness.triggers(action).stream().anyMatch(t -> depends(stage, t, actions, people));
    }

    private static boolean depends(Stage stage, Cue.Trigger trigger, Set<String> actions, Set<String> people) {
        // Where balls are, and who has come near them, hangs on more than can be read off here.
        boolean seen = trigger.watched().stream().anyMatch(w -> w.startsWith("b") || people.contains(w));
        boolean called = trigger instanceof Cue.Called
                && stage.actions().stream()
                        .filter(Action.Call.class::isInstance)
                        .map(Action::id)
                        .collect(Collectors.toSet())
                        .stream()
                        .anyMatch(actions::contains);
        return seen || called || trigger.of().filter(actions::contains).isPresent();
    }

    @Provide
    Arbitrary<Stage> stages() {
        // Of one heap, who comes first changes what is left for others.
        return AnyStage.ofPlayers();
    }
}
