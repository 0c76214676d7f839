package wildchalk.core.grouping;

import java.util.List;
import java.util.Optional;

/** What is wished of groups. */
public sealed interface Wish {

    /** Whether it may not be broken where it can be had. */
    boolean must();

    /** The same without somebody; empty where it is about too few then. */
    default Optional<Wish> without(String person) {
        return Optional.of(this);
    }

    /** What the cases say of this kind of wish. */
    <R> R match(WishCases<R> cases);

    /**
     * In one group: a pair, a line that stays whole, a newcomer and a friend.
     *
     * @param people ids, at least two
     */
    record Together(List<String> people, boolean must) implements Wish {
        public Together {
            people = List.copyOf(people);
        }

        @Override
        public Optional<Wish> without(String person) {
            List<String> left = people.stream().filter(p -> !p.equals(person)).toList();
            return left.size() < 2 ? Optional.empty() : Optional.of(new Together(left, must));
        }

        @Override
        public <R> R match(WishCases<R> cases) {
            return cases.together(this);
        }
    }

    /**
     * In different groups.
     *
     * @param people ids, at least two
     */
    record Apart(List<String> people, boolean must) implements Wish {
        public Apart {
            people = List.copyOf(people);
        }

        @Override
        public Optional<Wish> without(String person) {
            List<String> left = people.stream().filter(p -> !p.equals(person)).toList();
            return left.size() < 2 ? Optional.empty() : Optional.of(new Apart(left, must));
        }

        @Override
        public <R> R match(WishCases<R> cases) {
            return cases.apart(this);
        }
    }

    /**
     * In this group.
     *
     * @param group from 0
     */
    record Pinned(String person, int group, boolean must) implements Wish {
        @Override
        public Optional<Wish> without(String other) {
            return person.equals(other) ? Optional.empty() : Optional.of(this);
        }

        @Override
        public <R> R match(WishCases<R> cases) {
            return cases.pinned(this);
        }
    }

    /** At least one who can play there in each group: a keeper in each. */
    record InEach(String position, boolean must) implements Wish {
        @Override
        public <R> R match(WishCases<R> cases) {
            return cases.inEach(this);
        }
    }

    /** Somebody for the left and somebody for the right in each group. */
    record BothSides(boolean must) implements Wish {
        @Override
        public <R> R match(WishCases<R> cases) {
            return cases.bothSides(this);
        }
    }

    /** Those who come late are in the last group. */
    record LateLast(boolean must) implements Wish {
        @Override
        public <R> R match(WishCases<R> cases) {
            return cases.lateLast(this);
        }
    }

    /** Those who take it easy are in one group, which then does what has no contact. */
    record EasyTogether(boolean must) implements Wish {
        @Override
        public <R> R match(WishCases<R> cases) {
            return cases.easyTogether(this);
        }
    }
}
