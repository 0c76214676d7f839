package wildchalk.core.flow;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Those who wait for a role, or are on their way there, in the order in which they are to have it. */
final class Line {

    /**
     * Somebody who waits, or will.
     *
     * @param ready seconds after the first whistle at which they are there
     */
    record Waiter(int person, double ready) {}

    private final List<Waiter> waiters = new ArrayList<>();

    /** Behind all who are there sooner. */
    void join(int person, double ready) {
        int at = waiters.size();
        while (at > 0 && waiters.get(at - 1).ready() > ready) {
            at--;
        }
        waiters.add(at, new Waiter(person, ready));
    }

    /** In front: it is theirs. */
    void keep(int person, double ready) {
        waiters.add(0, new Waiter(person, ready));
    }

    /** Whoever comes after {@code k} others; empty when there are not so many. */
    Optional<Waiter> next(int k) {
        return k < waiters.size() ? Optional.of(waiters.get(k)) : Optional.empty();
    }

    Waiter take() {
        return waiters.remove(0);
    }

    int size() {
        return waiters.size();
    }

    /** The last of those who are there at a time and are not the next. */
    Optional<Integer> idle(double t) {
        for (int i = waiters.size() - 1; i > 0; i--) {
            if (waiters.get(i).ready() <= t) {
                return Optional.of(i);
            }
        }
        return Optional.empty();
    }

    Waiter at(int i) {
        return waiters.get(i);
    }

    /** Somebody in it is away until a time, and keeps their place. */
    void away(int i, double until) {
        waiters.set(i, new Waiter(waiters.get(i).person(), until));
    }
}
