package wildchalk.core.squad;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import wildchalk.core.document.Document;
import wildchalk.core.effort.Effort;

/**
 * The people of a team and who of them is there.
 *
 * @param ids the highest number that was given to anybody in it, so that none is given twice
 * @param usual where they play and how old they are: what their speeds are measured by
 * @param people in the coach's order
 * @param tonight the evening that is prepared or on
 * @param lately who was in one group on the evenings before, the latest last: the groups of each
 */
public record Squad(
        String id,
        String title,
        int ids,
        Usual usual,
        List<Member> people,
        List<Helper> staff,
        Evening tonight,
        List<List<List<String>>> lately)
        implements Document<Squad> {

    /**
     * What is usual for a squad.
     *
     * @param surface id of the surface that they play on most; empty where nothing is said
     * @param level how old, or how far on, they are
     */
    public record Usual(String surface, Effort.Level level) {

        /** Of grown people of whom no more is said. */
        public static final Usual UNSAID = new Usual("", Effort.Level.ADULT);
    }

    /** Evenings before more than these are no longer remembered. */
    public static final int MOST_LATELY = 12;

    private static final String ID = "m";

    public Squad {
        people = List.copyOf(people);
        staff = List.copyOf(staff);
        lately = lately.stream()
                .skip(Math.max(0, lately.size() - MOST_LATELY))
                .map(evening -> evening.stream().map(List::copyOf).toList())
                .toList();
    }

    /** One without anybody. */
    public static Squad empty(String id, String title) {
        return new Squad(id, title, 0, Usual.UNSAID, List.of(), List.of(), Evening.UNSAID, List.of());
    }

    /** Somebody of the squad or a guest. */
    public Optional<Member> person(String person) {
        return all().filter(p -> p.id().equals(person)).findFirst();
    }

    /** Everybody of the squad, then the guests. */
    public Stream<Member> all() {
        return Stream.concat(people.stream(), tonight.guests().stream());
    }

    /** Those who are put into groups tonight. */
    public List<Member> playing() {
        return all().filter(p -> tonight.of(p.id()).state().plays()).toList();
    }

    /** The same with one more of whom this is known; their id is given here. */
    public Squad with(Member somebody) {
        return with(List.of(somebody));
    }

    /** The same with more people at the end; their ids are given here. */
    public Squad with(List<Member> more) {
        List<Member> all = new ArrayList<>(people);
        int given = ids;
        for (Member somebody : more) {
            all.add(somebody.withId(ID + ++given));
        }
        return new Squad(id, title, given, usual, all, staff, tonight, lately);
    }

    /** The same with a guest for tonight; their id is given here. */
    public Squad welcoming(Member guest) {
        return new Squad(
                id, title, ids + 1, usual, people, staff, tonight.welcoming(guest.withId(ID + (ids + 1))), lately);
    }

    /** The same with one of the staff more; their id is given here. */
    public Squad with(Helper helper) {
        List<Helper> more = new ArrayList<>(staff);
        more.add(new Helper(ID + (ids + 1), helper.name(), helper.duty(), helper.leads()));
        return new Squad(id, title, ids + 1, usual, people, more, tonight, lately);
    }

    /** The same with other people, by ids that were given. */
    public Squad of(List<Member> newPeople) {
        return new Squad(id, title, ids, usual, newPeople, staff, tonight, lately);
    }

    /** The same, with something else usual. */
    public Squad usually(Usual other) {
        return new Squad(id, title, ids, other, people, staff, tonight, lately);
    }

    /** The same with other staff, by ids that were given. */
    public Squad led(List<Helper> newStaff) {
        return new Squad(id, title, ids, usual, people, newStaff, tonight, lately);
    }

    /** The same with other evenings before, the latest last: the groups of each. */
    public Squad remembering(List<List<List<String>>> evenings) {
        return new Squad(id, title, ids, usual, people, staff, tonight, evenings);
    }

    /** The same with somebody as they are now. */
    public Squad knowing(Member somebody) {
        Evening evening = new Evening(
                tonight.day(),
                tonight.presence(),
                tonight.guests().stream()
                        .map(g -> g.id().equals(somebody.id()) ? somebody : g)
                        .toList(),
                tonight.groups());
        return of(people.stream()
                        .map(p -> p.id().equals(somebody.id()) ? somebody : p)
                        .toList())
                .on(evening);
    }

    /** The same on another evening. */
    public Squad on(Evening evening) {
        return new Squad(id, title, ids, usual, people, staff, evening, lately);
    }

    /** The same without somebody; who was with whom is still counted, by an id that says nothing. */
    public Squad without(String person) {
        return new Squad(
                id,
                title,
                ids,
                usual,
                people.stream().filter(p -> !p.id().equals(person)).toList(),
                staff.stream().filter(h -> !h.id().equals(person)).toList(),
                tonight.without(person),
                lately);
    }

    /**
     * The same without anything by which somebody could be known: without them, and without their name in words about
     * others, unless another is called the same.
     */
    public Squad forgetting(String person, String name) {
        Squad left = without(person);
        boolean another = left.all().anyMatch(m -> m.name().equals(name))
                || left.staff.stream().anyMatch(h -> h.name().equals(name));
        if (another || name.isBlank()) {
            return left;
        }
        Evening evening = left.tonight;
        return left.of(left.people.stream().map(m -> m.silentOf(name)).toList())
                .on(new Evening(
                        evening.day(),
                        evening.presence(),
                        evening.guests().stream().map(m -> m.silentOf(name)).toList(),
                        evening.groups()));
    }

    /**
     * The evening is over: who was with whom is remembered, guests are gone, and everybody is expected again. Wishes
     * stay, for pairs and lines that are kept whole.
     */
    public Squad evening() {
        List<List<List<String>>> more = new ArrayList<>(lately);
        tonight.groups().filter(g -> !g.groups().isEmpty()).ifPresent(g -> more.add(g.people()));
        Groups left = tonight.groups().map(Groups::emptied).orElse(Groups.NONE);
        for (Member guest : tonight.guests()) {
            left = left.without(guest.id());
        }
        Evening next = left.wishes().isEmpty() ? Evening.UNSAID : Evening.UNSAID.in(left);
        return new Squad(id, title, ids, usual, people, staff, next, more);
    }

    @Override
    public Squad withId(String newId) {
        return new Squad(newId, title, ids, usual, people, staff, tonight, lately);
    }

    @Override
    public Squad withTitle(String newTitle) {
        return new Squad(id, newTitle, ids, usual, people, staff, tonight, lately);
    }

    @Override
    public Squad following(Squad before) {
        return counting(Math.max(ids, before.ids));
    }

    @Override
    public boolean isLike(Squad other) {
        return counting(0).equals(other.counting(0));
    }

    private Squad counting(int given) {
        return new Squad(id, title, given, usual, people, staff, tonight, lately);
    }
}
