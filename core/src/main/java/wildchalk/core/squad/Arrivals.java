package wildchalk.core.squad;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import wildchalk.core.document.Edit;
import wildchalk.core.grouping.Handed;
import wildchalk.core.wording.Wordbook;

/**
 * A list of people beside a squad: who is new, changed, gone, and of whom it is not plain who they are.
 *
 * @param arrivals one for each of the list, in its order
 * @param gone who is in the squad and not in the list
 */
public record Arrivals(List<Arrival> arrivals, List<Member> gone) {

    private static final Wordbook BOOK = Wordbook.beside(Arrivals.class, "Squad");

    /** What somebody of the list is for the squad. */
    public enum Kind {
        NEW,
        CHANGED,
        SAME,
        DOUBTFUL
    }

    /**
     * Somebody of the list.
     *
     * @param taken as the list has them
     * @param known who they are, or may be, in the squad; empty for somebody new
     * @param words what is another, or why it is not plain; may be empty
     */
    public record Arrival(Kind kind, Member taken, Optional<Member> known, List<String> words) {
        public Arrival {
            words = List.copyOf(words);
        }
    }

    public Arrivals {
        arrivals = List.copyOf(arrivals);
        gone = List.copyOf(gone);
    }

    /** Compares a list with a squad. */
    public static Arrivals of(Squad squad, List<Member> taken) {
        Map<String, List<Member>> byName = by(squad.people(), Member::name);
        Map<String, List<Member>> spelt = by(squad.people(), m -> plain(m.name()));
        Map<String, List<Member>> byNumber =
                by(squad.people().stream().filter(m -> !m.number().isEmpty()).toList(), Member::number);
        Map<String, List<Member>> twice = by(taken, Member::name);
        List<Arrival> all = new ArrayList<>();
        Set<String> met = new HashSet<>();
        for (Member one : taken) {
            List<Member> same = byName.getOrDefault(one.name(), List.of());
            Arrival arrival;
            if (same.size() > 1 || twice.get(one.name()).size() > 1 && !same.isEmpty()) {
                arrival = doubtful(
                        one, same.stream().filter(m -> !met.contains(m.id())).findFirst(), "twice");
            } else if (same.size() == 1) {
                List<String> words = differences(same.get(0), one);
                arrival = new Arrival(words.isEmpty() ? Kind.SAME : Kind.CHANGED, one, Optional.of(same.get(0)), words);
            } else {
                arrival = fresh(one, spelt.get(plain(one.name())), byNumber.get(one.number()), byName, twice);
            }
            arrival.known().ifPresent(m -> met.add(m.id()));
            all.add(arrival);
        }
        return new Arrivals(
                all, squad.people().stream().filter(m -> !met.contains(m.id())).toList());
    }

    private static Arrival fresh(
            Member one,
            List<Member> spelt,
            List<Member> numbered,
            Map<String, List<Member>> byName,
            Map<String, List<Member>> list) {
        if (spelt != null) {
            return doubtful(
                    one, Optional.of(spelt.get(0)), "spelt", spelt.get(0).name());
        }
        // A number that went from somebody who is still in the list to another is no riddle.
        if (numbered != null && !list.containsKey(numbered.get(0).name()) && byName.size() > 0) {
            Member who = numbered.get(0);
            return doubtful(one, Optional.of(who), "number", who.number(), who.name());
        }
        return new Arrival(Kind.NEW, one, Optional.empty(), List.of());
    }

    private static Arrival doubtful(Member one, Optional<Member> who, String why, Object... values) {
        return new Arrival(Kind.DOUBTFUL, one, who, List.of(BOOK.say("arrives.doubtful." + why, values)));
    }

    private static Map<String, List<Member>> by(Collection<Member> people, Function<Member, String> key) {
        return people.stream().collect(Collectors.groupingBy(key, LinkedHashMap::new, Collectors.toList()));
    }

    /** A name without its accents, capitals and signs. */
    private static String plain(String name) {
        return Normalizer.normalize(name, Normalizer.Form.NFKD)
                .replaceAll("[^\\p{L}\\p{N}]", "")
                .toLowerCase(Locale.ROOT);
    }

    /** What a list says otherwise; what it does not say stays. */
    private static List<String> differences(Member known, Member taken) {
        Member after = merged(known, taken);
        List<String> words = new ArrayList<>();
        if (!after.number().equals(known.number())) {
            words.add(BOOK.say("arrives.number", known.number().isEmpty() ? "\u2013" : known.number(), after.number()));
        }
        if (!after.positions().equals(known.positions())) {
            words.add(BOOK.say("arrives.positions", String.join(", ", after.positions())));
        }
        if (after.side() != known.side()) {
            words.add(BOOK.say("arrives.side", side(after.side())));
        }
        if (after.level().strength() != known.level().strength()) {
            words.add(BOOK.say("arrives.strength", after.level().strength()));
        }
        if (after.level().speed() != known.level().speed()) {
            words.add(BOOK.say("arrives.speed", after.level().speed()));
        }
        return words;
    }

    /** "left". */
    public static String side(Handed side) {
        return BOOK.say("side." + Wordbook.key(side));
    }

    private static Member merged(Member known, Member taken) {
        Member.Level level = new Member.Level(
                taken.level().strength() == 0
                        ? known.level().strength()
                        : taken.level().strength(),
                taken.level().speed() == 0
                        ? known.level().speed()
                        : taken.level().speed(),
                known.level().sprints());
        return known.called(taken.name(), taken.number().isEmpty() ? known.number() : taken.number())
                .playing(
                        taken.positions().isEmpty() ? known.positions() : taken.positions(),
                        taken.side() == Handed.UNSAID ? known.side() : taken.side())
                .at(level);
    }

    /**
     * Takes the list in.
     *
     * @param same the places in the list of those who are not plain and are whom the squad has; others are new
     * @param off whether those who are not in the list go
     */
    public Edit<Squad> takingIn(Set<Integer> same, boolean off) {
        return new Edit<>(SquadEdits.words("take"), squad -> {
            Map<String, Member> changed = new HashMap<>();
            List<Member> fresh = new ArrayList<>();
            for (int i = 0; i < arrivals.size(); i++) {
                Arrival a = arrivals.get(i);
                boolean isKnown = a.known().isPresent() && (a.kind() != Kind.DOUBTFUL || same.contains(i));
                if (isKnown) {
                    changed.put(a.known().get().id(), merged(a.known().get(), a.taken()));
                } else {
                    fresh.add(a.taken());
                }
            }
            Squad after = squad.of(squad.people().stream()
                    .map(m -> changed.getOrDefault(m.id(), m))
                    .toList());
            for (Member gone : off ? gone : List.<Member>of()) {
                after = after.without(gone.id());
            }
            return after.with(fresh);
        });
    }
}
