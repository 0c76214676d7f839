package wildchalk.core.squad;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import wildchalk.core.colour.Bib;
import wildchalk.core.document.Edit;
import wildchalk.core.grouping.Wish;
import wildchalk.core.wording.Wordbook;

/** What can be done to a squad, each under the name that undo has for it. */
public final class SquadEdits {

    private static final Wordbook BOOK = Wordbook.beside(SquadEdits.class, "Edits");

    private SquadEdits() {}

    static String words(String key, Object... values) {
        return BOOK.say(key, values);
    }

    /** More people at the end of the list; their ids are given by the squad. */
    public static Edit<Squad> add(List<Member> people) {
        String name = people.size() == 1 ? people.get(0).name() : "";
        return new Edit<>(words("add", people.size(), name), squad -> squad.with(people));
    }

    /** A guest for tonight. */
    public static Edit<Squad> welcome(String name) {
        return new Edit<>(words("guest", name), squad -> squad.welcoming(Member.named("", name)));
    }

    /** One of the staff more. */
    public static Edit<Squad> add(Helper helper) {
        return new Edit<>(words("staff", helper.name()), squad -> squad.with(helper));
    }

    /** One of the staff as they are now. */
    public static Edit<Squad> change(Helper helper) {
        return new Edit<>(
                words("change", helper.name()),
                squad -> squad.led(squad.staff().stream()
                        .map(h -> h.id().equals(helper.id()) ? helper : h)
                        .toList()));
    }

    /** Somebody as they are now. */
    public static Edit<Squad> change(Member person) {
        return new Edit<>(words("change", person.name()), squad -> squad.knowing(person));
    }

    /** A sprint of somebody was measured. */
    public static Edit<Squad> timed(String name, String person, Sprint sprint) {
        return new Edit<>(words("timed", name), squad -> squad.person(person)
                .map(m -> squad.knowing(m.at(m.level().with(sprint))))
                .orElse(squad));
    }

    /** Somebody goes from the list; what is remembered of who was with whom stays. */
    public static Edit<Squad> remove(String name, String person) {
        return new Edit<>(words("remove", name), squad -> squad.without(person));
    }

    /** The squad is called otherwise. */
    public static Edit<Squad> rename(String title) {
        return new Edit<>(words("rename"), squad -> squad.withTitle(title));
    }

    /** They play elsewhere, or are older than was said. */
    public static Edit<Squad> usually(Squad.Usual usual) {
        return new Edit<>(words("usual"), squad -> squad.usually(usual));
    }

    /** Somebody is there otherwise. Who does not play is in no group. */
    public static Edit<Squad> presence(String name, String person, Presence how) {
        return evening(
                words("there", name, SquadChanges.presence(how)),
                e -> how.state().plays()
                        ? e.with(person, how)
                        : e.groups().map(g -> e.in(g.leaving(person))).orElse(e).with(person, how));
    }

    /** Groups, made anew. */
    public static Edit<Squad> group(Groups groups) {
        return evening(words("group", groups.groups().size()), e -> e.in(groups));
    }

    /**
     * Somebody goes to another group.
     *
     * @param to from 0
     */
    public static Edit<Squad> move(String name, String person, int to) {
        return groups(words("move", name, to + 1), g -> g.moved(person, to));
    }

    /**
     * A group gets another colour; who wore it before gets the colour that is free then.
     *
     * @param group from 0
     */
    public static Edit<Squad> colour(int group, Bib bib) {
        return groups(words("colour", group + 1), g -> g.wearing(group, bib));
    }

    /** One wish more. */
    public static Edit<Squad> wish(Wish wish, String words) {
        return wishes(
                words("wish", words),
                all -> all.contains(wish)
                        ? all
                        : Stream.concat(all.stream(), Stream.of(wish)).toList());
    }

    /** A wish that is no longer one. */
    public static Edit<Squad> unwish(Wish wish, String words) {
        return wishes(
                words("wish.gone", words),
                all -> all.stream().filter(w -> !w.equals(wish)).toList());
    }

    /** A wish that may be broken where it could not, or the other way round. */
    public static Edit<Squad> swap(Wish wish, Wish other, String words) {
        return wishes(
                words(other.must() ? "wish.must" : "wish.may", words),
                all -> all.stream().map(w -> w.equals(wish) ? other : w).toList());
    }

    /** The evening is over. */
    public static Edit<Squad> over() {
        return new Edit<>(words("over"), Squad::evening);
    }

    private static Edit<Squad> evening(String name, UnaryOperator<Evening> change) {
        return new Edit<>(name, squad -> squad.on(change.apply(squad.tonight())));
    }

    private static Edit<Squad> groups(String name, UnaryOperator<Groups> change) {
        return evening(name, e -> e.groups().map(g -> e.in(change.apply(g))).orElse(e));
    }

    private static Edit<Squad> wishes(String name, UnaryOperator<List<Wish>> change) {
        return evening(name, e -> {
            Groups groups = e.groups().orElse(Groups.NONE);
            return e.in(groups.wishing(change.apply(groups.wishes())));
        });
    }

    /** Who plays tonight and is in no group yet; nobody while there are no groups. */
    public static List<Member> ungrouped(Squad squad) {
        Optional<Groups> groups =
                squad.tonight().groups().filter(g -> !g.groups().isEmpty());
        return groups.map(g -> squad.playing().stream()
                        .filter(p -> g.people().stream().noneMatch(in -> in.contains(p.id())))
                        .toList())
                .orElse(List.of());
    }
}
