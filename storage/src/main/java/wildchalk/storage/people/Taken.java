package wildchalk.storage.people;

import java.util.List;
import wildchalk.core.squad.Member;

/**
 * People as a list has them.
 *
 * @param people in the order of the list; their ids are those of a squad that has nobody else
 * @param words what was done with what was not plain, a sentence each; usually empty
 */
public record Taken(List<Member> people, List<String> words) {

    public Taken {
        people = List.copyOf(people);
        words = List.copyOf(words);
    }
}
