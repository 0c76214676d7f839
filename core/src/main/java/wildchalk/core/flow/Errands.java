package wildchalk.core.flow;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.implied.NextInLine;
import wildchalk.core.flow.Flow.Doing;
import wildchalk.core.flow.Flow.Side;
import wildchalk.core.geometry.Vec;

/** Where people and balls go after one side of a rep. */
final class Errands {

    /** Nearer than this somebody is there already, metres. */
    private static final double HERE = 0.1;

    private final Rules rules;
    private final Walks walks;
    private final Optional<Vec> coach;
    private final Ground ground;
    private final Rotating.Cast cast;
    private final double start;
    private final Map<String, Integer> who;
    private final List<Played.BallUse> lying = new ArrayList<>();
    /** Whose role somebody takes who takes theirs, by who is changed with. */
    private final Map<String, String> changing = new HashMap<>();

    /** Who and what there is of one copy. */
    record Ground(Floor floor, Stock stock, Crowd crowd) {}

    /** @param ways whose coach fetches what nobody else does */
    Errands(Rules rules, Walks walks, Ways ways, Ground ground, Rotating.Rep rep) {
        this.rules = rules;
        this.walks = walks;
        this.coach = ways.coach();
        this.ground = ground;
        this.cast = rep.cast();
        this.start = rep.start();
        this.who = rep.who();
        lying.addAll(cast.played().balls());
        for (Piece.Person role : rules.roles()) {
            Rotation.Goes goes = rules.of(role.id());
            if (goes.to().isChange() && !isStill(who.get(role.id()), goes)) {
                goes.to().role().ifPresent(r -> changing.put(r, role.id()));
            }
        }
    }

    /** Sends somebody on, with whatever balls they bring back on the way. */
    void goesOn(int n, String role) {
        Played.Part part = cast.played().part(role);
        int person = who.get(role);
        Rotation.Goes goes = rules.of(role);
        boolean changed = changing.containsKey(role);
        boolean inFront = rules.staysInFront(role, cast.played());
        boolean stays = !changed && (inFront || goes.to().isStay() || isStill(person, goes));
        String next = changed ? changing.get(role) : next(role, stays);
        Side set = goes.to() instanceof Rotation.Becomes b
                        && b.otherSide()
                        && !stays
                        && rules.sets().size() > 1
                ? cast.set().other()
                : cast.set();
        Vec at = Rules.at(part.leaves(), cast.side());
        // Who only stands there, and stays, is there for the next rep whenever it begins.
        boolean isThere = stays && !part.acts() && at.distance(rules.place(next, set)) < HERE;
        double t = start + (isThere ? 0 : part.ends());
        List<Vec> path = new ArrayList<>(List.of(at));
        for (Played.BallUse ball : brings(role)) {
            boolean byItself = ball.holder().isPresent()
                    && ball.from().role().filter(next::equals).isPresent();
            t = Math.max(
                    t, start + (ball.holder().isPresent() ? 0 : cast.played().over()));
            if (ball.holder().isEmpty()) {
                path.add(Rules.at(ball.lies(), cast.side()));
            }
            if (!byItself) {
                path.add(Rules.at(ball.from().at(), cast.set()));
            }
            lying.remove(ball);
            double there = t + seconds(path) + (byItself ? seconds(List.of(last(path), rules.place(next, set))) : 0);
            double picked = t + (ball.holder().isPresent() ? 0 : seconds(upTo(path, ball)));
            brought(ball, n, picked, there, Optional.of(ground.crowd().letter(person)));
            ground.stock().bring(ball.from(), cast.set(), start, there, byItself);
        }
        Line line = ground.floor().line(next, set);
        boolean first = stays || goes.to().isAtOnce();
        path.add(first ? rules.place(next, set) : rules.slot(next, set, line.size()));
        double there = t + seconds(path);
        walks(n, person, t, path);
        arrives(
                changed ? "" : role,
                person,
                first,
                new Arrival(n, ground.floor().place(next, set), t, there),
                line);
    }

    /** The way to where a ball lies: the last but one place of a way on which it is brought back. */
    private List<Vec> upTo(List<Vec> path, Played.BallUse ball) {
        return path.subList(0, path.lastIndexOf(Rules.at(ball.lies(), cast.side())) + 1);
    }

    private void brought(Played.BallUse ball, int n, double picked, double there, Optional<String> by) {
        ground.crowd().brought().add(new Crowd.Brought(ball, cast.side(), cast.set(), n, picked, there, by));
    }

    /** Who changes with somebody goes on as that one would have gone on. */
    private String next(String role, boolean stays) {
        Rotation.To to = rules.of(role).to();
        if (stays) {
            return NextInLine.token(role);
        }
        Optional<String> theirs = to.isChange()
                ? to.role()
                        .map(r -> rules.of(r).to())
                        .filter(t -> !t.isChange())
                        .flatMap(Rotation.To::role)
                : Optional.empty();
        return theirs.or(to::role).orElse(role);
    }

    /** Where somebody comes after a rep, when they set off and when they are there. */
    private record Arrival(int rep, Floor.Place at, double left, double there) {

        Crowd.Stand stand(int person) {
            return new Crowd.Stand(person, Optional.of(at), there, rep);
        }
    }

    /** @param role whose place is taken by somebody who was out; empty for none */
    private void arrives(String role, int person, boolean first, Arrival arrival, Line line) {
        double there = arrival.there();
        Crowd crowd = ground.crowd();
        if (first) {
            line.keep(person, there);
            crowd.stands(arrival.stand(person));
            return;
        }
        crowd.person(person).goesOn();
        if (!role.isEmpty() && rules.of(role).to().isOut()) {
            ground.floor().bench().join(person, there);
            crowd.stands(new Crowd.Stand(person, Optional.empty(), there, arrival.rep()));
            Line.Waiter in = ground.floor().bench().take();
            double ready = Math.max(in.ready(), there);
            ground.floor().line(role, cast.set()).join(in.person(), ready);
            Floor.Place theirs = ground.floor().place(role, cast.set());
            // Who sees somebody leave goes in at once.
            double seen = Math.max(in.ready(), arrival.left());
            crowd.stands(new Crowd.Stand(in.person(), Optional.of(theirs), seen, arrival.rep()));
        } else {
            line.join(person, there);
            crowd.stands(arrival.stand(person));
        }
    }

    /** Whether somebody has the role still, because they are to have it for longer. */
    private boolean isStill(int person, Rotation.Goes goes) {
        if (goes.after().isEmpty()) {
            return false;
        }
        Rotation.Stay stay = goes.after().get();
        Person p = ground.crowd().person(person);
        return stay.counted() == Rotation.Counted.REPS ? p.stayed() < stay.n() : p.made() + 1e-9 < stay.n();
    }

    /** The balls that somebody brings back: those in their hands, and those that they have to fetch. */
    private List<Played.BallUse> brings(String role) {
        return lying.stream()
                .filter(b -> b.holder().isPresent()
                        ? b.holder().get().equals(role)
                        : rules.fetcher() == Rotation.Fetcher.SHOOTER
                                && b.lastBy().filter(role::equals).isPresent())
                .toList();
    }

    /** What nobody who played brings back. */
    void leftLying(int n) {
        for (Played.BallUse ball : lying) {
            double over = start + cast.played().over();
            Vec at = Rules.at(ball.lies(), cast.side());
            Vec to = Rules.at(ball.from().at(), cast.set());
            if (rules.fetcher() == Rotation.Fetcher.NOBODY) {
                ground.stock().leave(start);
                brought(ball, n, Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, Optional.empty());
            } else if (!lastInLine(n, ball, at, to)) {
                Vec by = coach.orElse(to);
                double picked = over + walks.seconds(by.distance(at));
                double there = picked + walks.seconds(at.distance(to));
                brought(ball, n, picked, there, Optional.empty());
                ground.stock().bring(ball.from(), cast.set(), start, there, false);
            }
        }
    }

    private boolean lastInLine(int n, Played.BallUse ball, Vec at, Vec to) {
        double over = start + cast.played().over();
        if (rules.fetcher() != Rotation.Fetcher.LAST_IN_LINE) {
            return false;
        }
        for (Map.Entry<Floor.Place, Line> entry : ground.floor().lines().entrySet()) {
            Optional<Integer> idle = entry.getValue().idle(over);
            if (idle.isPresent()) {
                Vec from = rules.slot(entry.getKey().role(), entry.getKey().side(), idle.get());
                Line.Waiter waiter = entry.getValue().at(idle.get());
                List<Vec> path = List.of(from, at, to, from);
                walks(0, waiter.person(), over, path);
                double there = over + seconds(path.subList(0, 3));
                brought(
                        ball,
                        n,
                        over + seconds(path.subList(0, 2)),
                        there,
                        Optional.of(ground.crowd().letter(waiter.person())));
                ground.stock().bring(ball.from(), cast.set(), start, there, false);
                entry.getValue().away(idle.get(), over + seconds(path));
                return true;
            }
        }
        return false;
    }

    private void walks(int n, int person, double t, List<Vec> path) {
        double far = 0;
        double at = t;
        for (int i = 0; i + 1 < path.size(); i++) {
            double stretch = path.get(i).distance(path.get(i + 1));
            double until = at + walks.seconds(stretch);
            if (until > at) {
                ground.crowd()
                        .moves()
                        .add(new Move(
                                ground.crowd().letter(person),
                                n,
                                at,
                                until,
                                new Move.Straight(path.get(i), path.get(i + 1))));
            }
            at = until;
            far += stretch;
        }
        ground.crowd().person(person).does(Doing.ON_THE_WAY, t, at, n);
        ground.crowd().person(person).walks(far);
    }

    private double seconds(List<Vec> path) {
        double sum = 0;
        for (int i = 0; i + 1 < path.size(); i++) {
            sum += walks.seconds(path.get(i).distance(path.get(i + 1)));
        }
        return sum;
    }

    private static Vec last(List<Vec> path) {
        return path.get(path.size() - 1);
    }
}
