package wildchalk.core.drill;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import wildchalk.core.colour.Bib;

/** Who a rule is about: named people, a team, or whoever is something at the moment that counts. */
public sealed interface Whom {

    /** Everybody who plays. */
    static Whom everybody() {
        return new Everybody();
    }

    /** What the cases say of this kind. */
    <R> R match(Cases<R> cases);

    /** Ids of the people and pieces that are named; others are found by what they are at a moment. */
    default List<String> named() {
        return List.of();
    }

    /** The team whose people are meant; empty where that is open. */
    default Optional<Bib> team() {
        return Optional.empty();
    }

    /** Somebody, by their id; everybody where it is empty. */
    static Whom of(Optional<String> who) {
        return who.<Whom>map(Whom::one).orElse(everybody());
    }

    /** One person, by their id. */
    static Whom one(String who) {
        return new People(List.of(who));
    }

    /** The same about others, each id replaced. */
    default Whom mapped(UnaryOperator<String> ids) {
        return this;
    }

    /** What is left of it when some are gone; empty when it was about those alone. */
    default Optional<Whom> without(Set<String> gone) {
        return Optional.of(this);
    }

    /** One answer for each way of saying who. */
    interface Cases<R> {

        /** For {@link Everybody}. */
        R everybody(Everybody everybody);

        /** For {@link People}. */
        R people(People people);

        /** For {@link Team}. */
        R wholeTeam(Team team);

        /** For {@link HasBall}. */
        R hasBall(HasBall side);

        /** For {@link Being}. */
        R being(Being being);
    }

    /** Everybody who plays; coaches do not. */
    record Everybody() implements Whom {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.everybody(this);
        }
    }

    /** These, by their ids; nobody where there is none. */
    record People(List<String> named) implements Whom {
        public People {
            named = List.copyOf(named);
        }

        @Override
        public Whom mapped(UnaryOperator<String> ids) {
            return new People(named.stream().map(ids).toList());
        }

        @Override
        public Optional<Whom> without(Set<String> gone) {
            List<String> left = named.stream().filter(w -> !gone.contains(w)).toList();
            return left.isEmpty() && !named.isEmpty() ? Optional.empty() : Optional.of(new People(left));
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.people(this);
        }
    }

    /** All who wear a bib. */
    record Team(Bib bib) implements Whom {
        @Override
        public Optional<Bib> team() {
            return Optional.of(bib);
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.wholeTeam(this);
        }
    }

    /**
     * The team that has the ball at the moment, or those who have not: it changes with the ball. While it travels, the
     * team of whoever sent it has it.
     *
     * @param has whether those are meant who have it
     */
    record HasBall(boolean has) implements Whom {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.hasBall(this);
        }
    }

    /**
     * Whoever is something at the moment.
     *
     * @param number how many at most, 1 to 9; no matter for those of whom there is one
     * @param of id of the person, ball or piece that it is seen from; empty for the ball
     */
    record Being(Role role, Optional<Bib> team, int number, Optional<String> of) implements Whom {
        @Override
        public List<String> named() {
            return of.stream().toList();
        }

        @Override
        public Whom mapped(UnaryOperator<String> ids) {
            return new Being(role, team, number, of.map(ids));
        }

        @Override
        public Optional<Whom> without(Set<String> gone) {
            return of.filter(gone::contains).isPresent() ? Optional.empty() : Optional.of(this);
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.being(this);
        }
    }

    /** What somebody can be at a moment; a keeper can only have the ball. */
    enum Role {
        /** Whoever has the ball, or is about to get it. */
        ON_THE_BALL,
        /** All who have none. */
        WITHOUT_BALL,
        /** Those nearest to the ball, or to somebody. */
        NEAREST,
        /** Whoever marks the one who has the ball or is about to get it, or somebody; else the nearest opponent. */
        MARKING,
        /** Those of the team of whom nothing else is said at that moment. */
        THE_REST
    }
}
