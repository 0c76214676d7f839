package wildchalk.core.soundness;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Hold;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Stage;
import wildchalk.core.surface.Surfaces;

class SoundnessTest {

    private static List<String> faults(String surface, Action action) {
        Drill empty = Drill.empty("d", "D", surface, "whole");
        Stage stage = new Stages()
                .player("7", 0, 0)
                .player("9", 5, 5)
                .ball("b", "7")
                .action(action)
                .build();
        Drill drill = Ladder.put(empty, stage);
        return Soundness.faults(drill, drill.surface()).stream()
                .map(f -> f.id() + " " + f.what())
                .toList();
    }

    private static Action call(Cue cue) {
        return new Action.Call("c", "7", "go", cue);
    }

    @Test
    void cueAboutWhatIsThereIsSound() {
        assertEquals(List.of(), faults("field-hockey", call(new Cue(new Cue.Enters("9", "circle"), 0.5))));
        assertEquals(List.of(), faults("field-hockey", call(new Cue(new Cue.Crosses("b", "23-line"), 0))));
    }

    @Test
    void everyPartOfACueIsLookedAt() {
        Cue cue = new Cue(
                new Cue.AllOf(List.of(
                        new Cue.After("a9"),
                        new Cue.Near("7", "nobody", 2),
                        new Cue.Enters("7", "moon"),
                        new Cue.Crosses("7", "centre-circle"))),
                0);
        List<String> faults = faults("football-11", call(cue));
        assertEquals(4, faults.size(), faults.toString());
        assertTrue(faults.get(3).contains("no straight line of that name"), "a circle is no line to cross");
    }

    @Test
    void whatEndsAnActionIsLookedAtToo() {
        Action hold = new Hold(
                "h", "7", Hold.Stance.SCREEN, Optional.empty(), 0, Optional.of(new Cue.Received("a9")), Cue.whistle());
        assertEquals(List.of("h has a cue that waits for \"a9\", but no action has that id"), faults("netball", hold));
    }

    @Test
    void whoIsFollowedMustBeThere() {
        Action shadow = new Shadow(
                "s",
                "7",
                "99",
                new Shadow.Style(Shadow.Way.MARK, Shadow.Side.GOAL, 2),
                Action.Gait.RUN,
                Optional.empty(),
                Cue.whistle());
        assertEquals(List.of("s goes with \"99\", but no person has that id"), faults("netball", shadow));
    }

    @Test
    void onlyWhatCanBeForeseenCanBeAnticipated() {
        assertEquals(List.of(), faults("netball", call(Cue.next().delayed(-0.5))));
        assertEquals(1, faults("netball", call(Cue.whistle().delayed(-0.5))).size());
        assertEquals(
                1,
                faults("netball", call(new Cue(new Cue.Near("7", "9", 1), -0.5)))
                        .size());
    }

    @Test
    void onAMissingSurfaceItsZonesAreTakenOnTrust() {
        assertTrue(Surfaces.BUILT_IN.plan("club-lawn").isEmpty());
        assertEquals(List.of(), faults("club-lawn", call(new Cue(new Cue.Enters("7", "old oak"), 0))));
    }
}
