package wildchalk.core.rehearsal;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.geometry.Vec;

/** Where one ball is at any time: with somebody, on its way, or lying somewhere. */
final class BallTrack {

    /** One stretch of a ball's life, from its start until the next one's. */
    private sealed interface Stretch {
        double start();
    }

    private record With(double start, String who) implements Stretch {
    }

    private record Away(double start, Flight flight) implements Stretch {
    }

    private record Lying(double start, Vec at) implements Stretch {
    }

    private final List<Stretch> stretches = new ArrayList<>();

    void heldFrom(double time, String who) {
        stretches.add(new With(time, who));
    }

    void fliesFrom(double time, Flight flight) {
        stretches.removeIf(s -> s instanceof Away a && a.flight().action().equals(flight.action()));
        stretches.add(new Away(time, flight));
    }

    void liesFrom(double time, Vec at) {
        stretches.add(new Lying(time, at));
    }

    /** Who has it; empty while it travels or lies. */
    Optional<String> holder(double time) {
        return stretchAt(time) instanceof With w ? Optional.of(w.who()) : Optional.empty();
    }

    /** The action that sent it, while it travels. */
    Optional<String> sentBy(double time) {
        return stretchAt(time) instanceof Away a && time < a.flight().end()
                ? Optional.of(a.flight().action()) : Optional.empty();
    }

    Vec at(double time, Timeline timeline) {
        Stretch stretch = stretchAt(time);
        if (stretch instanceof With w) {
            return timeline.pose(w.who(), time).at();
        }
        return stretch instanceof Away a ? a.flight().at(time) : ((Lying) stretch).at();
    }

    private Stretch stretchAt(double time) {
        for (int i = stretches.size() - 1; i > 0; i--) {
            if (time >= stretches.get(i).start()) {
                return stretches.get(i);
            }
        }
        return stretches.get(0);
    }
}
