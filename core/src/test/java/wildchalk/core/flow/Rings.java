package wildchalk.core.flow;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;

/** A drill round a ring of three to seven places, of any size and turned anyhow: drawn once, and drawn in full. */
final class Rings {

    private final int places;
    private final int times;
    private final double radius;
    private final double turned;
    /** The stretch: whether a carry comes before the pass and whether who passes follows. */
    private final boolean carries;

    private final boolean follows;
    private final Vec carriedTo;

    Rings(int seed) {
        Random random = new Random(seed);
        places = 3 + random.nextInt(5);
        times = 2 + random.nextInt(places);
        radius = 5 + random.nextInt(6);
        turned = random.nextDouble() * 6;
        carries = random.nextBoolean();
        follows = random.nextBoolean();
        carriedTo = new Vec(1 + random.nextInt(3), random.nextInt(5) - 2);
    }

    private Vec place(int i) {
        return Vec.polar(radius, turned + 2 * Math.PI * i / places);
    }

    private String who(int i) {
        return "p" + i % places;
    }

    private Stages ring() {
        Stages stages = new Stages();
        for (int i = 0; i < places; i++) {
            Vec at = place(i);
            if (i == 0) {
                stages.piece(new Piece.LineUp("p0", at, 0, "0", Bib.CORAL, 3, "start"));
            } else {
                stages.player(who(i), at.x(), at.y());
            }
            stages.say(new Rotation.Goes("g" + i, who(i), new Rotation.Becomes(who(i + 1), false), Optional.empty()));
        }
        return stages.ball("b", "p0");
    }

    private Stages time(Stages stages, int k) {
        Cue before = follows ? Cue.after("f" + (k - 1)) : Cue.received("q" + (k - 1));
        Cue begins = k == 0 ? Cue.whistle() : before;
        if (carries) {
            Vec to = place(k).plus(carriedTo.rotated(2 * Math.PI * k / places));
            stages.carry("c" + k, who(k), begins, to.x(), to.y());
        }
        stages.pass("q" + k, who(k), who(k + 1), carries ? Cue.after("c" + k) : begins);
        if (follows) {
            Vec to = place(k + 1);
            stages.run("f" + k, who(k), Cue.after("q" + k), to.x(), to.y());
        }
        return stages;
    }

    Stage repeated() {
        List<String> stretch = new ArrayList<>();
        if (carries) {
            stretch.add("c0");
        }
        stretch.add("q0");
        if (follows) {
            stretch.add("f0");
        }
        List<String> round = new ArrayList<>();
        for (int i = 0; i < places; i++) {
            round.add(who(i));
        }
        return time(ring(), 0)
                .say(new Rotation.Repeats("r", stretch, times, round))
                .build();
    }

    Stage written() {
        Stages stages = ring();
        for (int k = 0; k < times; k++) {
            time(stages, k);
        }
        return stages.build();
    }
}
