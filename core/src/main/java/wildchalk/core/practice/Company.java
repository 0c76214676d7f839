package wildchalk.core.practice;

/**
 * Who is expected, in counts.
 *
 * @param squad id of the squad in the book from which they come; empty for none
 * @param people who play, keepers among them, 0 or more
 * @param keepers of them, 0 or more
 * @param staff coaches, assistants and helpers, 0 or more
 */
public record Company(String squad, int people, int keepers, int staff) {

    /** Nobody is said to come: what depends on how many there are is not looked at. */
    public static final Company UNSAID = new Company("", 0, 0, 0);

    public Company {
        if (people < 0 || keepers < 0 || staff < 0 || keepers > people) {
            throw new IllegalArgumentException(people + ", " + keepers + ", " + staff);
        }
    }

    /** Whether it is said how many there are. */
    public boolean isSaid() {
        return people > 0;
    }
}
