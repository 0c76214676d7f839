package wildchalk.core.flow;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The people of one copy, and how they move, while a flow is worked out. */
final class Crowd {

    private final int firstLetter;
    private final List<Person> people = new ArrayList<>();
    private final List<Move> moves = new ArrayList<>();

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

    Map<String, Flow.Each> each(int copy, double end) {
        Map<String, Flow.Each> each = new LinkedHashMap<>();
        for (int i = 0; i < people.size(); i++) {
            each.put(letter(i), people.get(i).each(copy, end));
        }
        return each;
    }
}
