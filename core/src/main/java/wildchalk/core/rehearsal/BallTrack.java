package wildchalk.core.rehearsal;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import wildchalk.core.geometry.Vec;

/** Where one ball is at any time: with somebody, on its way, or lying somewhere. */
final class BallTrack {

    /** One spell of a ball's life, from its start until the next one's. */
    private sealed interface Spell {
        double start();
    }

    private record With(double start, String who) implements Spell {
    }

    private record Away(double start, Flight flight) implements Spell {
    }

    private record Lying(double start, Vec at) implements Spell {
    }

    private final List<Spell> spells = new ArrayList<>();

    void heldFrom(double time, String who) {
        add(new With(time, who));
    }

    void fliesFrom(double time, Flight flight) {
        spells.removeIf(s -> s instanceof Away a && a.flight().action().equals(flight.action()) && a.start() == time);
        add(new Away(time, flight));
    }

    void liesFrom(double time, Vec at) {
        add(new Lying(time, at));
    }

    /** What was foreseen for later is out of date. */
    private void add(Spell next) {
        spells.removeIf(s -> s.start() > next.start());
        spells.add(next);
    }

    /** Who has it; empty while it travels or lies. */
    Optional<String> holder(double time) {
        return at(time) instanceof With w ? Optional.of(w.who()) : Optional.empty();
    }

    /** The action that sent it, while it travels. */
    Optional<String> sentBy(double time) {
        return at(time) instanceof Away a && time < a.flight().end()
                ? Optional.of(a.flight().action()) : Optional.empty();
    }

    /** Where it lies at a time, or will come to rest if nobody takes it; empty while somebody has it. */
    Optional<Vec> rest(double time) {
        return at(time) instanceof With ? Optional.empty()
                : Optional.of(at(time) instanceof Away a ? a.flight().to() : ((Lying) at(time)).at());
    }

    /** @param person where somebody is at the same time */
    Vec at(double time, Function<String, Vec> person) {
        Spell spell = at(time);
        if (spell instanceof With w) {
            return person.apply(w.who());
        }
        return spell instanceof Away a ? a.flight().at(time) : ((Lying) spell).at();
    }

    /** Who has it, from when until when; the last one until {@code end}. */
    List<Possession> possessions(double end) {
        List<Possession> all = new ArrayList<>();
        for (int i = 0; i < spells.size(); i++) {
            if (spells.get(i) instanceof With w) {
                double to = i + 1 < spells.size() ? spells.get(i + 1).start() : end;
                all.add(new Possession(w.who(), Math.max(0, w.start()), Math.max(0, to)));
            }
        }
        return all;
    }

    /** When somebody first has it; never is infinitely late, from before the whistle infinitely early. */
    double firstHeld() {
        return spells.stream().filter(With.class::isInstance).mapToDouble(Spell::start).min()
                .orElse(Double.POSITIVE_INFINITY);
    }

    private Spell at(double time) {
        for (int i = spells.size() - 1; i > 0; i--) {
            if (time >= spells.get(i).start()) {
                return spells.get(i);
            }
        }
        return spells.get(0);
    }
}
