package wildchalk.core.practice;

import java.time.LocalTime;
import java.util.List;
import wildchalk.core.effort.Effort;

/**
 * Who is expected, in counts.
 *
 * @param squad id of the squad in the book from which they come; empty for none
 * @param heads how many
 * @param groups how many are in each group; none while there are no groups
 * @param late who comes later, of those who are counted
 * @param absent ids of those of the staff who are not there
 * @param age how old, or how far on, they are
 */
public record Company(
        String squad, Heads heads, List<Integer> groups, List<Late> late, List<String> absent, Effort.Level age) {

    /** Nobody is said to come: what depends on how many there are is not looked at. */
    public static final Company UNSAID = of(0, 0, 0);

    /**
     * How many, each 0 or more.
     *
     * @param people who play, keepers among them
     * @param keepers of them
     * @param staff coaches, assistants and helpers
     * @param unheard of those who play: not heard from yet
     */
    public record Heads(int people, int keepers, int staff, int unheard) {
        public Heads {
            if (people < 0 || keepers < 0 || staff < 0 || unheard < 0 || keepers > people || unheard > people) {
                throw new IllegalArgumentException(people + ", " + keepers + ", " + staff + ", " + unheard);
            }
        }
    }

    /**
     * Somebody who comes later.
     *
     * @param from on the clock
     * @param group the number of their group, from 1; 0 for none
     */
    public record Late(LocalTime from, int group, boolean keeper) {}

    public Company {
        groups = List.copyOf(groups);
        late = List.copyOf(late);
        absent = List.copyOf(absent);
    }

    /** Grown people of no squad, of whom no more is known. */
    public static Company of(int people, int keepers, int staff) {
        return new Company(
                "", new Heads(people, keepers, staff, 0), List.of(), List.of(), List.of(), Effort.Level.ADULT);
    }

    /** Grown people or others, in the same numbers. */
    public Company aged(Effort.Level other) {
        return new Company(squad, heads, groups, late, absent, other);
    }

    /** The same people of another squad, or of none. */
    public Company of(String otherSquad) {
        return new Company(otherSquad, heads, groups, late, absent, age);
    }

    /** As many as these, of no squad. */
    public Company counting(Heads other) {
        return new Company("", other, groups, late, absent, age);
    }

    /** Who play, keepers among them. */
    public int people() {
        return heads.people();
    }

    /** Of those who play. */
    public int keepers() {
        return heads.keepers();
    }

    /** Coaches, assistants and helpers. */
    public int staff() {
        return heads.staff();
    }

    /** Whether it is said how many there are. */
    public boolean isSaid() {
        return people() > 0;
    }

    /** How many are in a group, from 1; everybody for 0 and for one of which nothing is known. */
    public int in(int group) {
        return group >= 1 && group <= groups.size() ? groups.get(group - 1) : people();
    }
}
