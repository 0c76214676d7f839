package wildchalk.core.grouping;

import com.ibm.icu.text.ListFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import wildchalk.core.wording.Wordbook;

/** How groups came out, in a coach's words. */
public final class GroupWords {

    private static final Wordbook BOOK = Wordbook.beside(GroupWords.class, "Groups");
    private static final ListFormatter LIST = ListFormatter.getInstance(Locale.ENGLISH);
    /** How often two are together in a row before it is said. */
    private static final int IN_A_ROW = 3;
    /** Groups whose means are farther apart than this, in steps of strength, are not called even. */
    private static final double FAR = 0.5;
    /** Pairs more than these are not read. */
    private static final int MOST_PAIRS = 3;

    private final Asked asked;
    private final Function<String, String> name;
    private final List<String> groups;

    /** @param name what somebody is called, by id */
    public GroupWords(Asked asked, Function<String, String> name) {
        this(asked, name, List.of());
    }

    /**
     * The words for groups that have names.
     *
     * @param name what somebody is called, by id
     * @param groups what each group is called; those after the last by their number
     */
    public GroupWords(Asked asked, Function<String, String> name, List<String> groups) {
        this.asked = asked;
        this.name = name;
        this.groups = List.copyOf(groups);
    }

    /** Everything that should be known of a division, the weightiest first. */
    public List<String> told(Division division) {
        List<String> all = new ArrayList<>();
        all.add(style(division));
        if (division.verdict().sizes() > 0) {
            all.add(BOOK.say(
                    "sizes",
                    joined(division.groups().stream()
                            .map(List::size)
                            .map(String::valueOf)
                            .toList())));
        }
        List<Wish> broken = broken(division);
        List<String> holding = asked.wishes().stream()
                .filter(w -> !broken.contains(w))
                .map(this::wish)
                .toList();
        if (!holding.isEmpty()) {
            all.add(capital(BOOK.say("holds", joined(holding))));
        }
        all.addAll(hindered(broken));
        all.addAll(inARow(division));
        return all;
    }

    /** What of it could not be had, with why; empty when all was. */
    public List<String> missing(Division division) {
        return hindered(broken(division));
    }

    private List<Wish> broken(Division division) {
        int[] group = asked.people().stream().mapToInt(p -> division.of(p.id())).toArray();
        Judge judge = new Judge(asked);
        return asked.wishes().stream().filter(w -> judge.broken(w, group) > 0).toList();
    }

    private List<String> hindered(List<Wish> broken) {
        List<String> all = new ArrayList<>();
        List<Wish> hindrance = broken.stream().anyMatch(Wish::must) ? Hindrance.of(asked) : List.of();
        if (hindrance.size() == 1) {
            all.add(BOOK.say("hindered.one", wish(hindrance.get(0))));
            hindrance.get(0).match(new Numbers(asked)).ifPresent(n -> all.add(BOOK.say("number", n, asked.groups())));
        } else if (!hindrance.isEmpty()) {
            all.add(BOOK.say(
                    "hindered", joined(hindrance.stream().map(this::wish).toList())));
        }
        List<String> others = broken.stream()
                .filter(w -> !hindrance.contains(w))
                .map(this::wish)
                .toList();
        if (!others.isEmpty()) {
            all.add(BOOK.say("broken", joined(others)));
        }
        return all;
    }

    private String style(Division division) {
        String means = joined(division.groups().stream().map(this::mean).toList());
        long off = division.verdict().spread();
        return switch (asked.style()) {
            case EVEN -> even(division, means);
            case STRENGTH -> BOOK.say(off == 0 ? "strength" : "strength.off", means);
            case POSITION -> off == 0 ? BOOK.say("position") : BOOK.say("position.off", off);
            case MIRROR -> off == 0 ? BOOK.say("mirror") : BOOK.say("mirror.off", means);
            case ONE_STRONG -> BOOK.say("one-strong", means);
            case RANDOM -> BOOK.say("random", Long.toString(asked.seed()));
        };
    }

    private String even(Division division, String means) {
        List<Integer> sums = division.groups().stream().map(this::sum).toList();
        boolean alike = division.groups().stream().map(List::size).distinct().count() == 1;
        if (alike && division.verdict().spread() == 0) {
            return BOOK.say("even", joined(sums.stream().map(String::valueOf).toList()));
        }
        if (division.best() && division.verdict().spread() > 0) {
            return BOOK.say("even.best", means);
        }
        return BOOK.say(division.verdict().difference() > FAR ? "even.far" : "even.mean", means);
    }

    private int sum(List<String> group) {
        return asked.people().stream()
                .filter(p -> group.contains(p.id()))
                .mapToInt(Entrant::strength)
                .sum();
    }

    private String mean(List<String> group) {
        return String.format(Locale.ROOT, "%.1f", group.isEmpty() ? 0.0 : (double) sum(group) / group.size());
    }

    /** A wish as it is said among others: "Ada and Bo together". */
    public String wish(Wish wish) {
        return wish.match(new WishWords(this));
    }

    /** What a group is called: "coral", "group 3". */
    String group(int g) {
        return g < groups.size() ? groups.get(g) : BOOK.say("group", g + 1);
    }

    String names(List<String> people) {
        return LIST.format(people.stream().map(name).toList());
    }

    private static String joined(List<String> parts) {
        return String.join(BOOK.say("comma"), parts);
    }

    private static String capital(String text) {
        return text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
    }

    static String say(String key, Object... values) {
        return BOOK.say(key, values);
    }

    /** Who is together once more after having been so in each of the evenings before. */
    private List<String> inARow(Division division) {
        List<String> all = new ArrayList<>();
        for (List<String> group : division.groups()) {
            for (int i = 0; i < group.size() && all.size() < MOST_PAIRS; i++) {
                for (int j = i + 1; j < group.size() && all.size() < MOST_PAIRS; j++) {
                    int row = 1 + asked.inARow(group.get(i), group.get(j));
                    if (row >= IN_A_ROW) {
                        String nth = BOOK.say(BOOK.has("nth." + row) ? "nth." + row : "nth.more", row);
                        all.add(BOOK.say("again", nth, names(List.of(group.get(i), group.get(j)))));
                    }
                }
            }
        }
        return all;
    }

    /** How many there are for a wish of which each group needs one. */
    private record Numbers(Asked asked) implements WishCases<Optional<Long>> {

        @Override
        public Optional<Long> together(Wish.Together wish) {
            return Optional.empty();
        }

        @Override
        public Optional<Long> apart(Wish.Apart wish) {
            return Optional.of((long) wish.people().size());
        }

        @Override
        public Optional<Long> pinned(Wish.Pinned wish) {
            return Optional.empty();
        }

        @Override
        public Optional<Long> inEach(Wish.InEach wish) {
            return Optional.of(asked.people().stream()
                    .filter(p -> p.positions().contains(wish.position()))
                    .count());
        }

        @Override
        public Optional<Long> bothSides(Wish.BothSides wish) {
            return Optional.empty();
        }

        @Override
        public Optional<Long> lateLast(Wish.LateLast wish) {
            return Optional.empty();
        }

        @Override
        public Optional<Long> easyTogether(Wish.EasyTogether wish) {
            return Optional.empty();
        }
    }
}
