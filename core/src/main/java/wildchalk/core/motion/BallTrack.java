package wildchalk.core.motion;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import wildchalk.core.geometry.Vec;

/** Where one ball is at any time: with somebody, on its way, or lying somewhere. */
public final class BallTrack {

    /** One spell of a ball's life, from its start until the next one's. */
    private sealed interface Spell {

        double start();

        /** Where it is. */
        Vec at(double time, Function<String, Vec> person);

        /** Who has it. */
        default Optional<String> holder() {
            return Optional.empty();
        }

        /** The action that sent it and still carries it at a time. */
        default Optional<String> sentBy(double time) {
            return Optional.empty();
        }

        /** Where it lies in the end, if nobody takes it. */
        Optional<Vec> rest();
    }

    private record With(double start, String who) implements Spell {
        @Override
        public Vec at(double time, Function<String, Vec> person) {
            return person.apply(who);
        }

        @Override
        public Optional<String> holder() {
            return Optional.of(who);
        }

        @Override
        public Optional<Vec> rest() {
            return Optional.empty();
        }
    }

    private record Away(double start, Flight flight) implements Spell {
        @Override
        public Vec at(double time, Function<String, Vec> person) {
            return flight.at(time);
        }

        @Override
        public Optional<String> sentBy(double time) {
            return time < flight.end() ? Optional.of(flight.action()) : Optional.empty();
        }

        @Override
        public Optional<Vec> rest() {
            return Optional.of(flight.to());
        }
    }

    private record Lying(double start, Vec place) implements Spell {
        @Override
        public Vec at(double time, Function<String, Vec> person) {
            return place;
        }

        @Override
        public Optional<Vec> rest() {
            return Optional.of(place);
        }
    }

    private final List<Spell> spells = new ArrayList<>();

    /** Somebody has it from a time on, seconds; what was known of later is forgotten. */
    public void heldFrom(double time, String who) {
        add(new With(time, who));
    }

    /** It is on its way from a time on, seconds; what was known of later is forgotten. */
    public void fliesFrom(double time, Flight flight) {
        spells.removeIf(s -> s instanceof Away a && a.flight().action().equals(flight.action()) && a.start() == time);
        add(new Away(time, flight));
    }

    /** It lies somewhere from a time on, seconds; what was known of later is forgotten. */
    public void liesFrom(double time, Vec at) {
        add(new Lying(time, at));
    }

    /** What was foreseen for later is out of date. */
    private void add(Spell next) {
        spells.removeIf(s -> s.start() > next.start());
        spells.add(next);
    }

    /** Who has it; empty while it travels or lies. */
    public Optional<String> holder(double time) {
        return at(time).holder();
    }

    /** The action that sent it, while it travels. */
    public Optional<String> sentBy(double time) {
        return at(time).sentBy(time);
    }

    /** Where it lies at a time, or will come to rest if nobody takes it; empty while somebody has it. */
    public Optional<Vec> rest(double time) {
        return at(time).rest();
    }

    /** @param person where somebody is at the same time */
    public Vec at(double time, Function<String, Vec> person) {
        return at(time).at(time, person);
    }

    /** Who has it, from when until when; the last one until {@code end}. */
    public List<Possession> possessions(double end) {
        List<Possession> all = new ArrayList<>();
        for (int i = 0; i < spells.size(); i++) {
            double from = spells.get(i).start();
            double to = i + 1 < spells.size() ? spells.get(i + 1).start() : end;
            spells.get(i).holder().ifPresent(who -> all.add(new Possession(who, Math.max(0, from), Math.max(0, to))));
        }
        return all;
    }

    /** When somebody first has it; never is infinitely late, from before the whistle infinitely early. */
    public double firstHeld() {
        return spells.stream()
                .filter(s -> s.holder().isPresent())
                .mapToDouble(Spell::start)
                .min()
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
