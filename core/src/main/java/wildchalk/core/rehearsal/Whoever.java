package wildchalk.core.rehearsal;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Stream;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Whom;
import wildchalk.core.geometry.Vec;
import wildchalk.core.timeline.Timeline;

/** Who is meant at a moment, by where everybody and every ball is then. */
final class Whoever {

    /** What has only just changed hands was had just before, seconds. */
    private static final double JUST_BEFORE = 1e-3;

    private final Stage stage;
    private final Timeline timeline;
    private final Predicate<Piece.Person> here;
    private final List<String> balls;

    Whoever(Stage stage, Timeline timeline) {
        this(stage, timeline, p -> true, timeline.balls());
    }

    /**
     * @param here whether somebody is among those who can be meant at all: with stations those of one
     * @param balls ids of the balls that are meant: of several in play, those that the moment is about
     */
    Whoever(Stage stage, Timeline timeline, Predicate<Piece.Person> here, List<String> balls) {
        this.balls = balls;
        this.stage = stage;
        this.timeline = timeline;
        this.here = here;
    }

    /** Whether somebody is among those who are meant at a time. */
    boolean is(String who, Whom whom, double t) {
        return at(whom, t, Set.of()).contains(who);
    }

    /**
     * Ids of those who are meant at a time, in the order in which they were put there; the nearest first where that is
     * what counts. A coach is meant only by name.
     *
     * @param spokenOf ids of those of whom something is said at that moment already
     */
    List<String> at(Whom whom, double t, Set<String> spokenOf) {
        return whom.match(new Whom.Cases<>() {
            @Override
            public List<String> everybody(Whom.Everybody everybody) {
                return players(p -> true);
            }

            @Override
            public List<String> people(Whom.People people) {
                return people.named();
            }

            @Override
            public List<String> wholeTeam(Whom.Team team) {
                return players(p -> p.bib() == team.bib());
            }

            @Override
            public List<String> hasBall(Whom.HasBall side) {
                Optional<Bib> bib = onTheBall(t).map(Piece.Person::bib);
                return bib.isEmpty() ? List.of() : players(p -> (p.bib() == bib.get()) == side.has());
            }

            @Override
            public List<String> being(Whom.Being being) {
                return Whoever.this.being(being, t, spokenOf);
            }
        });
    }

    private List<String> being(Whom.Being being, double t, Set<String> spokenOf) {
        Optional<Piece.Person> ball = onTheBall(t);
        Predicate<Piece.Person> team =
                p -> being.team().isEmpty() || being.team().get() == p.bib();
        // A keeper keeps the goal, whoever is nearest.
        Predicate<Piece.Person> theirs = team.and(p -> !(p instanceof Piece.Goalkeeper));
        Predicate<Piece.Person> without =
                p -> ball.isEmpty() || !p.id().equals(ball.get().id());
        return switch (being.role()) {
            case ON_THE_BALL -> ball.filter(team).map(Piece::id).stream().toList();
            case WITHOUT_BALL -> players(theirs.and(without));
            case THE_REST -> players(theirs.and(without).and(p -> !spokenOf.contains(p.id())));
            case NEAREST -> nearest(being, theirs.and(without), t);
            case MARKING -> marking(being.of().flatMap(stage::person).or(() -> ball), theirs, t);
        };
    }

    private List<String> nearest(Whom.Being being, Predicate<Piece.Person> among, double t) {
        Optional<Vec> from = being.of().map(id -> place(id, t)).or(() -> ballPlace(t));
        return from.isEmpty()
                ? List.of()
                : people(among.and(p -> being.of().filter(p.id()::equals).isEmpty()))
                        .sorted(Comparator.comparingDouble(
                                p -> timeline.at(p.id(), t).distance(from.get())))
                        .limit(being.number())
                        .map(Piece::id)
                        .toList();
    }

    /** Whoever goes with somebody; where nobody does, the nearest of the others. */
    private List<String> marking(Optional<Piece.Person> marked, Predicate<Piece.Person> theirs, double t) {
        if (marked.isEmpty()) {
            return List.of();
        }
        String whom = marked.get().id();
        Predicate<Piece.Person> goesWith = p -> stage.actionsOf(p.id()).stream()
                .anyMatch(a -> a instanceof Shadow s
                        && s.whom().equals(whom)
                        && timeline.times(a.id())
                                .filter(x -> x.start() <= t && t <= x.over())
                                .isPresent());
        List<String> drawn = players(theirs.and(goesWith));
        Predicate<Piece.Person> opponents = p -> p.bib() != marked.get().bib();
        return drawn.isEmpty()
                ? nearest(
                        new Whom.Being(Whom.Role.NEAREST, Optional.empty(), 1, Optional.of(whom)),
                        theirs.and(opponents),
                        t)
                : drawn;
    }

    /** Whoever has a ball, or else is to get the one on its way, or else has played it last; a coach does not count. */
    Optional<Piece.Person> onTheBall(double t) {
        return first(b -> timeline.holder(b, t))
                .or(() ->
                        first(b -> timeline.sentBy(b, t).flatMap(stage::action).flatMap(Action::receiver)))
                .or(() ->
                        first(b -> timeline.sentBy(b, t).flatMap(stage::action).map(Action::who)))
                .or(() -> lastHad(t));
    }

    private Optional<Piece.Person> first(Function<String, Optional<String>> by) {
        return balls.stream()
                .flatMap(b -> by.apply(b).stream())
                .flatMap(w -> stage.person(w).stream())
                .filter(p -> !(p instanceof Piece.Coach) && here.test(p))
                .findFirst();
    }

    private Optional<Piece.Person> lastHad(double t) {
        return balls.stream()
                .flatMap(b -> timeline.possessions(b).stream())
                .filter(p -> p.from() <= t + JUST_BEFORE
                        && stage.person(p.who()).filter(here).isPresent())
                .max(Comparator.comparingDouble(p -> p.from()))
                .flatMap(p -> stage.person(p.who()))
                .filter(p -> !(p instanceof Piece.Coach));
    }

    /** Where the ball is that is played, or where whoever is about to get it is; empty where there is none. */
    Optional<Vec> ballPlace(double t) {
        return onTheBall(t)
                .map(p -> timeline.at(p.id(), t))
                .or(() -> balls.stream().findFirst().map(b -> timeline.ball(b, t)));
    }

    private Vec place(String id, double t) {
        if (timeline.people().contains(id)) {
            return timeline.at(id, t);
        }
        return timeline.balls().contains(id)
                ? timeline.ball(id, t)
                : stage.piece(id).map(stage::place).orElse(Vec.ZERO);
    }

    private List<String> players(Predicate<Piece.Person> which) {
        return people(which).map(Piece::id).toList();
    }

    private Stream<Piece.Person> people(Predicate<Piece.Person> which) {
        return stage.people().stream().filter(p -> !(p instanceof Piece.Coach)).filter(here.and(which));
    }
}
