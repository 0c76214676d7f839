package wildchalk.core.squad;

import com.ibm.icu.text.ListFormatter;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;
import wildchalk.core.wording.Wordbook;

/** What is another in a squad than before, in a coach's words. */
public final class SquadChanges {

    private static final Wordbook BOOK = Wordbook.beside(SquadChanges.class, "Squad");
    private static final ListFormatter LIST = ListFormatter.getInstance(Locale.ENGLISH);
    /** More names than these are not read one by one. */
    private static final int MOST_NAMES = 6;

    private final Squad before;
    private final Squad after;

    private SquadChanges(Squad before, Squad after) {
        this.before = before;
        this.after = after;
    }

    /** A line for each thing that is another; empty when nothing is. */
    public static List<String> of(Squad before, Squad after) {
        return new SquadChanges(before, after).lines();
    }

    /** How somebody is there: "late, from 18:45". */
    public static String presence(Presence how) {
        String key = "there." + Wordbook.key(how.state());
        return how.state() == Presence.State.LATE && how.from().isPresent()
                ? BOOK.say(key + ".from", how.from().get().toString())
                : BOOK.say(key);
    }

    private List<String> lines() {
        List<String> all = new ArrayList<>();
        if (!before.title().equals(after.title())) {
            all.add(BOOK.say("title", after.title()));
        }
        if (!before.usual().equals(after.usual())) {
            all.add(BOOK.say("usual"));
        }
        people("added", after.people(), p -> before.person(p.id()).isEmpty()).ifPresent(all::add);
        people("gone", before.people(), p -> after.person(p.id()).isEmpty()).ifPresent(all::add);
        people("changed", after.people(), p -> before.person(p.id())
                        .filter(b -> !b.equals(p))
                        .isPresent())
                .ifPresent(all::add);
        if (!before.staff().equals(after.staff())) {
            all.add(BOOK.say("staff"));
        }
        if (!before.lately().equals(after.lately())) {
            all.add(BOOK.say("evening"));
            return all;
        }
        people("guests", after.tonight().guests(), g -> before.person(g.id()).isEmpty())
                .ifPresent(all::add);
        after.all()
                .filter(p -> before.person(p.id()).isPresent())
                .filter(p -> !before.tonight().of(p.id()).equals(after.tonight().of(p.id())))
                .forEach(p -> all.add(
                        BOOK.say("there", p.name(), presence(after.tonight().of(p.id())))));
        all.addAll(groups());
        return all;
    }

    private static Optional<String> people(String key, List<Member> people, Predicate<Member> which) {
        List<String> names = people.stream().filter(which).map(Member::name).toList();
        if (names.isEmpty()) {
            return Optional.empty();
        }
        String listed = names.size() <= MOST_NAMES
                ? LIST.format(names)
                : LIST.format(Stream.concat(names.stream().limit(MOST_NAMES - 1), Stream.of("\u2026"))
                        .toList());
        return Optional.of(BOOK.say(key, names.size(), listed));
    }

    private List<String> groups() {
        Optional<Groups> was = before.tonight().groups();
        Optional<Groups> is = after.tonight().groups();
        if (Objects.equals(was, is) || is.isEmpty()) {
            return List.of();
        }
        List<String> all = new ArrayList<>();
        boolean same =
                was.filter(w -> w.groups().size() == is.get().groups().size()).isPresent();
        Set<String> moved = new HashSet<>();
        if (same) {
            for (int g = 0; g < is.get().groups().size(); g++) {
                List<String> there = was.get().groups().get(g).people();
                is.get().groups().get(g).people().stream()
                        .filter(p -> !there.contains(p))
                        .forEach(moved::add);
            }
        } else {
            all.add(BOOK.say("groups", is.get().groups().size()));
        }
        if (!moved.isEmpty()) {
            String who = moved.stream()
                    .flatMap(id -> after.person(id).stream())
                    .map(Member::name)
                    .findFirst()
                    .orElse("");
            all.add(BOOK.say("groups.moved", moved.size(), who));
        }
        if (was.filter(w -> !w.wishes().equals(is.get().wishes())).isPresent()) {
            all.add(BOOK.say("wishes"));
        }
        return all;
    }
}
