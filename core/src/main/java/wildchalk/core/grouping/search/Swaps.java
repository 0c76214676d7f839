package wildchalk.core.grouping.search;

import ai.timefold.solver.core.api.score.director.ScoreDirector;
import ai.timefold.solver.core.impl.heuristic.selector.move.factory.MoveIteratorFactory;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Random;

/** Swaps of one to three people of two groups, by lot. */
public final class Swaps implements MoveIteratorFactory<Seating, Swap> {

    /** How many change places at once: one more often than two, two more often than three. */
    private static final int[] MANY = {1, 1, 1, 1, 2, 2, 2, 3};

    @Override
    public long getSize(ScoreDirector<Seating> director) {
        long people = director.getWorkingSolution().seats().size();
        return people * people;
    }

    @Override
    public Iterator<Swap> createOriginalMoveIterator(ScoreDirector<Seating> director) {
        throw new UnsupportedOperationException();
    }

    @Override
    public Iterator<Swap> createRandomMoveIterator(ScoreDirector<Seating> director, Random lots) {
        List<Seat> seats = director.getWorkingSolution().seats();
        return new Iterator<>() {
            @Override
            public boolean hasNext() {
                return true;
            }

            @Override
            public Swap next() {
                return swap(seats, lots);
            }
        };
    }

    private static Swap swap(List<Seat> seats, Random lots) {
        Seat one = seats.get(lots.nextInt(seats.size()));
        Seat other = seats.get(lots.nextInt(seats.size()));
        Integer a = one.getGroup();
        Integer b = other.getGroup();
        List<Seat> chosen = new ArrayList<>();
        List<Integer> to = new ArrayList<>();
        if (a.equals(b)) {
            return new Swap(chosen, to);
        }
        chosen.add(one);
        to.add(b);
        chosen.add(other);
        to.add(a);
        int more = MANY[lots.nextInt(MANY.length)] - 1;
        for (int k = 0; k < more; k++) {
            Seat p = in(seats, a, chosen, lots);
            Seat q = in(seats, b, chosen, lots);
            if (p != null && q != null) {
                chosen.add(p);
                to.add(b);
                chosen.add(q);
                to.add(a);
            }
        }
        return new Swap(chosen, to);
    }

    /** Somebody of a group who is not chosen yet; none when nobody is found soon. */
    private static Seat in(List<Seat> seats, Integer group, List<Seat> chosen, Random lots) {
        int from = lots.nextInt(seats.size());
        for (int i = 0; i < seats.size(); i++) {
            Seat seat = seats.get((from + i) % seats.size());
            if (seat.getGroup().equals(group) && !chosen.contains(seat)) {
                return seat;
            }
        }
        return null;
    }
}
