package wildchalk.core.flow;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.flow.Flow.Side;

/** The people of one copy, and how they move, while a flow is worked out. */
final class Crowd {

    private final int firstLetter;
    private final List<Person> people = new ArrayList<>();
    private final List<Move> moves = new ArrayList<>();
    private final List<Stand> stands = new ArrayList<>();
    private final List<Brought> brought = new ArrayList<>();

    /**
     * Somebody who waits somewhere until they have their next role.
     *
     * @param where the line they are in; empty for who is out
     * @param from seconds after the first whistle
     * @param rep after which one; 0 at the start
     */
    record Stand(int person, Optional<Floor.Place> where, double from, int rep) {}

    /**
     * A ball after a rep.
     *
     * @param use the ball, and where it lies or who has it when the rep is over
     * @param played the side that the rep was played on
     * @param set whose ball it is: where it is taken back to
     * @param rep from 1
     * @param picked seconds after the first whistle at which it is picked up; infinite for never
     * @param there seconds at which it is where it was taken from
     * @param by the letter of who brings it; empty for nobody who plays
     */
    record Brought(
            Played.BallUse use, Side played, Side set, int rep, double picked, double there, Optional<String> by) {}

    /**
     * @param firstLetter how many people there are in the copies before
     * @param size how many there are
     */
    Crowd(int firstLetter, int size) {
        this.firstLetter = firstLetter;
        for (int i = 0; i < size; i++) {
            people.add(new Person());
        }
    }

    int size() {
        return people.size();
    }

    /** One of them, from 0. */
    Person person(int n) {
        return people.get(n);
    }

    /** Which of all people of all copies one of them is, from 0. */
    int number(int person) {
        return firstLetter + person;
    }

    String letter(int person) {
        return Letters.of(number(person));
    }

    /** Everybody's moves: what they do in reps and between them. */
    List<Move> moves() {
        return moves;
    }

    /** Where everybody waited, in the order in which they came. */
    List<Stand> stands() {
        return stands;
    }

    void stands(Stand stand) {
        stands.add(stand);
    }

    /** What became of balls after their reps. */
    List<Brought> brought() {
        return brought;
    }

    Map<String, Flow.Each> each(int copy, double end) {
        Map<String, Flow.Each> each = new LinkedHashMap<>();
        for (int i = 0; i < people.size(); i++) {
            each.put(letter(i), people.get(i).each(copy, end));
        }
        return each;
    }
}
