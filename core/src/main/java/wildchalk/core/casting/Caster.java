package wildchalk.core.casting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import wildchalk.core.squad.Member;
import wildchalk.core.wording.Wordbook;

/** Finds who plays whom. The same people in the same roles each time. */
public final class Caster {

    /** How it is found. */
    public enum Way {
        /** Everybody where they play, as far as that is known. */
        POSITION,
        /** Left-footed and left-handed people on the left, right ones on the right. */
        SIDE,
        /** As they stand in the list, each time moved on by one. */
        TURN
    }

    /** So far from the middle a role is on a side, metres; assumed. */
    private static final double ASIDE = 2;
    /** A keeper anywhere else, or anybody else in goal. */
    private static final double MISPLACED = 40;

    private static final double ELSEWHERE = 10;
    private static final double WRONG_SIDE = 3;
    private static final double NO_SIDE = 1;
    /** Where all else is the same, the first stand first; far less than anything else together. */
    private static final double ORDER = 1e-6;

    /** Words are the same where one begins with the other and has as many letters as these. */
    private static final int STEM = 3;

    private static final Wordbook BOOK = Wordbook.beside(Caster.class, "Casting");
    private static final List<String> KEEPER = List.of(BOOK.say("keeper").split(","));
    private static final String LEFT = BOOK.say("left");
    private static final String RIGHT = BOOK.say("right");

    private Caster() {}

    /**
     * Puts people into roles. Where there are fewer people than places, those in front are filled first; where there
     * are more, some are in none.
     *
     * @param turn by how many people a list is moved on, for {@link Way#TURN}
     */
    public static Casting cast(List<Role> roles, List<Member> people, Way way, int turn) {
        List<Role> places = places(roles);
        List<Role> filled = places.subList(0, Math.min(places.size(), people.size()));
        List<Member> order = way == Way.TURN ? turned(people, turn) : people;
        double[][] cost = new double[filled.size()][order.size()];
        for (int i = 0; i < filled.size(); i++) {
            for (int j = 0; j < order.size(); j++) {
                cost[i][j] = cost(filled.get(i), order.get(j), way) + ORDER * (i - j) * (i - j);
            }
        }
        int[] who = Assignment.of(cost);
        Map<String, List<String>> cast = new LinkedHashMap<>();
        roles.forEach(r -> cast.put(r.id(), new ArrayList<>()));
        for (int i = 0; i < filled.size(); i++) {
            cast.get(filled.get(i).id()).add(order.get(who[i]).id());
        }
        return new Casting(cast);
    }

    /** The same casting, with roles that nobody plays given to those who play none: a rung may have more of them. */
    public static Casting filledUp(Casting now, List<Role> roles, List<Member> people, Way way) {
        List<Role> open =
                roles.stream().filter(r -> now.front(r.id()).isEmpty()).toList();
        List<Member> free = people.stream()
                .filter(m -> now.people().values().stream().noneMatch(some -> some.contains(m.id())))
                .toList();
        if (open.isEmpty() || free.isEmpty()) {
            return now;
        }
        Map<String, List<String>> all = new LinkedHashMap<>(now.people());
        all.putAll(cast(open, free, way, 0).people());
        return new Casting(all);
    }

    /** A place for each who plays, those in front of all roles before the second ones. */
    private static List<Role> places(List<Role> roles) {
        List<Role> places = new ArrayList<>();
        int deepest = roles.stream().mapToInt(Role::places).max().orElse(0);
        for (int depth = 0; depth < deepest; depth++) {
            for (Role role : roles) {
                if (role.places() > depth) {
                    places.add(role);
                }
            }
        }
        return places;
    }

    private static List<Member> turned(List<Member> people, int turn) {
        List<Member> order = new ArrayList<>();
        for (int i = 0; i < people.size(); i++) {
            order.add(people.get(Math.floorMod(i + turn, people.size())));
        }
        return order;
    }

    /** Whether somebody can play in goal. */
    public static boolean keeps(Member person) {
        return person.positions().stream().map(p -> p.toLowerCase(Locale.ROOT)).anyMatch(KEEPER::contains);
    }

    private static double cost(Role role, Member person, Way way) {
        boolean first = !person.positions().isEmpty() && KEEPER.contains(first(person));
        boolean wanted = role.keeper() || role.words().stream().anyMatch(KEEPER::contains);
        boolean can = keeps(person);
        double cost = first && !wanted ? MISPLACED / 2 : 0;
        if (wanted && !can) {
            cost = MISPLACED;
        }
        return cost
                + switch (way) {
                    case TURN -> 0;
                    case SIDE -> side(role.side(), person);
                    case POSITION -> position(role, person);
                };
    }

    private static String first(Member person) {
        return person.positions().get(0).toLowerCase(Locale.ROOT);
    }

    private static double side(double side, Member person) {
        if (Math.abs(side) < ASIDE) {
            return 0;
        }
        boolean left = side < 0;
        boolean home = left ? person.side().isLeft() : person.side().isRight();
        boolean other = left ? person.side().isRight() : person.side().isLeft();
        if (home) {
            return 0;
        }
        return other ? WRONG_SIDE : NO_SIDE;
    }

    /** The first of their positions that fits counts least; words for a side count for those who play there. */
    private static double position(Role role, Member person) {
        double side = 0;
        if (role.words().contains(LEFT)) {
            side = side(-ASIDE, person);
        } else if (role.words().contains(RIGHT)) {
            side = side(ASIDE, person);
        }
        List<String> wanted = role.words().stream()
                .filter(w -> !w.equals(LEFT) && !w.equals(RIGHT))
                .toList();
        if (wanted.isEmpty()) {
            return side;
        }
        for (int i = 0; i < person.positions().size(); i++) {
            String position = person.positions().get(i).toLowerCase(Locale.ROOT);
            if (wanted.stream().anyMatch(w -> isSame(w, position))) {
                return side + i;
            }
        }
        return side + ELSEWHERE;
    }

    /** "wing", "winger" and "wings" are the same. */
    private static boolean isSame(String one, String other) {
        return one.equals(other)
                || Math.min(one.length(), other.length()) >= STEM && (one.startsWith(other) || other.startsWith(one));
    }
}
