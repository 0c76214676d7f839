package wildchalk.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import wildchalk.core.Stages;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Game;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rung;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.soundness.Soundness;

/**
 * Whatever a coach does to a drill with two halves that are tied, they stay each other's mirror, by where they are
 * seen.
 */
class TwinsProperties {

    @Property(tries = 300, seed = "19081")
    void halvesStayEachOthersMirror(@ForAll @Size(max = 8) List<@IntRange(max = 100_000) Integer> choices) {
        Drill drill = RandomEdits.start();
        Stage stage = Ladder.build(drill, RandomEdits.RUNG);
        drill = Twins.tie(
                        RandomEdits.RUNG,
                        Set.of("p1", "p2"),
                        Game.Where.OTHER_END,
                        false,
                        Stages.TURF,
                        Rehearsal.of(stage, Stages.TURF))
                .apply(drill);
        for (int n : choices) {
            drill = Twins.tied(RandomEdits.edit(drill, n)).apply(drill);
        }
        assertEquals(List.of(), Soundness.faults(drill, drill.surface()));
        for (Rung rung : drill.ladder()) {
            Stage now = Ladder.build(drill, rung.id());
            for (Game.Twin twin : now.instructions(Game.Twin.class)) {
                twin.pairs().forEach((one, other) -> {
                    Optional<Piece> a = now.piece(one);
                    Optional<Piece> b = now.piece(other);
                    assertEquals(a.isPresent(), b.isPresent(), one + " and " + other);
                    if (a.isPresent()) {
                        Vec at = now.place(a.get());
                        assertTrue(
                                new Vec(-at.x(), at.y()).distance(now.place(b.get())) < 1e-6,
                                one + " at " + at + ", " + other + " at " + now.place(b.get()));
                    }
                    assertEquals(now.action(one).isPresent(), now.action(other).isPresent());
                });
            }
        }
    }
}
