package wildchalk.core.flow;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.NextInLine;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rotation;
import wildchalk.core.flow.Flow.Doing;
import wildchalk.core.flow.Flow.Side;
import wildchalk.core.geometry.Vec;

/** Plays one copy of a drill rep by rep: each rep begins when it is to, and its roles and balls are there. */
final class Rotating {

    /** More reps than this in one go are no practice. */
    private static final int MOST = 2000;

    private final Rules rules;
    private final Ways ways;
    private final Walks walks;
    private final int copy;
    private final int firstLetter;
    private final Flows.Asked asked;
    private final double end;
    /** How many have been played, both sides at once counted twice. */
    private int plays;

    private final List<Person> people = new ArrayList<>();
    private final Floor floor;
    private final Stock stock;
    private final List<Flow.Rep> reps = new ArrayList<>();
    private final List<Flow.Jam> jams = new ArrayList<>();
    private final List<Move> moves = new ArrayList<>();

    /** One side of a rep about to be played: who has which role. */
    private record Cast(Side set, Side side, Played played, Map<String, Line.Waiter> who) {}

    /**
     * What is wanted.
     *
     * @param firstLetter how many people there are in the copies before
     * @param people how many there are
     * @param asked of whom
     */
    record Wanted(int copy, int firstLetter, int people, Flows.Asked asked) {}

    Rotating(Rules rules, Ways ways, Walks walks, Wanted wanted) {
        this.rules = rules;
        this.ways = ways;
        this.walks = walks;
        this.copy = wanted.copy();
        this.firstLetter = wanted.firstLetter();
        this.asked = wanted.asked();
        this.end = asked.minutes() * 60;
        this.floor = new Floor(rules);
        this.stock = new Stock(ways.stage());
        for (int i = 0; i < wanted.people(); i++) {
            people.add(new Person());
        }
    }

    /** Everybody's moves: what they do in reps and between them. */
    List<Move> moves() {
        return moves;
    }

    List<Flow.Rep> reps() {
        return reps;
    }

    List<Flow.Jam> jams() {
        return jams;
    }

    Stock stock() {
        return stock;
    }

    Map<String, Flow.Each> each() {
        Map<String, Flow.Each> each = new LinkedHashMap<>();
        for (int i = 0; i < people.size(); i++) {
            each.put(letter(i), people.get(i).each(copy, end));
        }
        return each;
    }

    private String letter(int person) {
        return Letters.of(firstLetter + person);
    }

    void run() {
        if (people.size() < rules.fewest()) {
            jam(1, "few", rules.fewest(), people.size());
            return;
        }
        int spare = floor.lineUp(people.size(), asked.lines());
        if (spare > 0) {
            jam(1, "spare", spare);
        }
        double due = 0;
        for (int n = 1; n <= MOST && due < end; n++) {
            Optional<List<Cast>> casts = cast(n, due);
            if (casts.isEmpty()) {
                return;
            }
            double start = due;
            for (Cast cast : casts.get()) {
                start = Math.max(start, ready(cast));
            }
            if (Double.isInfinite(start)) {
                jam(n, "ball", n);
                return;
            }
            if (start >= end) {
                return;
            }
            double next = start;
            for (Cast cast : casts.get()) {
                next = Math.max(next, play(n, cast, start, start - due));
            }
            due = next;
        }
    }

    private void jam(int n, String key, Object... values) {
        jams.add(new Flow.Jam(n, copy, FlowWords.say("jam." + key, values), FlowWords.say("mend." + key, values)));
    }

    /** Who is first for each role of the next rep; empty, with a jam, when somebody is missing for good. */
    private Optional<List<Cast>> cast(int n, double due) {
        List<Cast> casts = new ArrayList<>();
        for (Side side : rules.taken() == Rotation.Taken.BOTH ? rules.sets() : List.of(side(n, due))) {
            Side set = rules.sets().size() == 1 ? Side.DRAWN : side;
            Map<String, Line.Waiter> who = new HashMap<>();
            Map<Line, Integer> before = new HashMap<>();
            for (Piece.Person role : rules.roles()) {
                Line line = floor.line(role.id(), set);
                Optional<Line.Waiter> next = line.next(before.merge(line, 1, Integer::sum) - 1);
                if (next.isEmpty()) {
                    jam(n, "empty", FlowWords.role(ways.stage(), role.id()), n);
                    return Optional.empty();
                }
                who.put(role.id(), next.get());
            }
            casts.add(new Cast(set, side, ways.rep(plays++, speeds(who)), who));
        }
        return Optional.of(casts);
    }

    /** Who does not go at the usual speed. */
    private Map<String, Integer> speeds(Map<String, Line.Waiter> who) {
        if (asked.speeds().isEmpty()) {
            return Map.of();
        }
        Map<String, Integer> speeds = new HashMap<>();
        who.forEach((role, waiter) -> {
            int percent = asked.percent(firstLetter + waiter.person());
            if (percent != 100) {
                speeds.put(role, percent);
            }
        });
        return speeds;
    }

    private Side side(int n, double due) {
        boolean turns = rules.taken() == Rotation.Taken.IN_TURN || rules.taken() == Rotation.Taken.TWO_SETS;
        return turns && rules.turns().isOther(n - 1, due) ? Side.MIRRORED : Side.DRAWN;
    }

    /** When all are there, and the balls: whoever waits on the drawn side goes over to the mirrored one first. */
    private double ready(Cast cast) {
        double ready = 0;
        // Where a rep goes on into the next nobody has to be there before their part begins.
        boolean goesOn = reps.size() > 0 && rules.goesOn(cast.played());
        for (Map.Entry<String, Line.Waiter> entry : cast.who().entrySet()) {
            Vec from = rules.place(entry.getKey(), cast.set());
            Vec to = rules.place(entry.getKey(), cast.side());
            double there = entry.getValue().ready() + walks.seconds(from.distance(to));
            double early = goesOn ? cast.played().part(entry.getKey()).begins() : 0;
            ready = Math.max(ready, there - early);
        }
        for (Played.BallUse ball : cast.played().balls()) {
            ready = Math.max(ready, stock.ready(ball.from(), cast.set()));
        }
        return ready;
    }

    /** @return when the next rep is due */
    private double play(int n, Cast cast, double start, double held) {
        Played played = cast.played();
        Map<String, String> letters = new LinkedHashMap<>();
        Map<String, Integer> who = new HashMap<>();
        Map<String, Double> since = new HashMap<>();
        for (Piece.Person role : rules.roles()) {
            Line.Waiter waiter = floor.line(role.id(), cast.set()).take();
            int person = waiter.person();
            who.put(role.id(), person);
            since.put(role.id(), Math.max(0, waiter.ready() - start));
            letters.put(role.id(), letter(person));
        }
        for (Played.BallUse ball : played.balls()) {
            stock.take(ball.from(), cast.set());
        }
        who.values().forEach(p -> letters.values().stream()
                .filter(l -> !l.equals(letter(p)))
                .forEach(people.get(p)::meets));
        double over = start + played.over();
        reps.add(new Flow.Rep(n, start, cast.side(), copy, letters, over, held));
        for (Piece.Person role : rules.roles()) {
            Played.Part part = played.part(role.id());
            Person person = people.get(who.get(role.id()));
            person.takes(role.id(), cast.set(), part);
            person.does(Doing.BUSY, start + part.begins(), start + part.ends(), n);
            moves.add(Move.played(
                    letters.get(role.id()),
                    n,
                    start,
                    new Move.InRep(role.id(), cast.side(), played, since.get(role.id()))));
        }
        Errands errands = new Errands(cast, start, who);
        for (Piece.Person role : rules.roles()) {
            errands.goesOn(n, role.id());
        }
        errands.leftLying();
        return due(start, over, played);
    }

    private double due(double start, double over, Played played) {
        if (rules.goesOn(played)) {
            Played.Part part = played.part(rules.starter(played).orElseThrow());
            return part.acts() ? start + part.ends() : over;
        }
        if (rules.when().every().isPresent()) {
            return start + rules.when().every().getAsDouble();
        }
        return rules.when()
                .at()
                .map(c -> start + played.moment(c).orElse(played.over()))
                .orElse(over);
    }

    /** Where people and balls go after one side of a rep. */
    private final class Errands {

        private final Cast cast;
        private final double start;
        private final Map<String, Integer> who;
        private final List<Played.BallUse> lying = new ArrayList<>();
        /** Whose role somebody takes who takes theirs, by who is changed with. */
        private final Map<String, String> changing = new HashMap<>();

        Errands(Cast cast, double start, Map<String, Integer> who) {
            this.cast = cast;
            this.start = start;
            this.who = who;
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
            double t = start + part.ends();
            List<Vec> path = new ArrayList<>(List.of(at));
            for (Played.BallUse ball : brings(role)) {
                boolean byItself = ball.holder().isPresent()
                        && ball.from().role().filter(next::equals).isPresent();
                t = Math.max(
                        t,
                        start + (ball.holder().isPresent() ? 0 : cast.played().over()));
                if (ball.holder().isEmpty()) {
                    path.add(Rules.at(ball.lies(), cast.side()));
                }
                if (!byItself) {
                    path.add(Rules.at(ball.from().at(), cast.set()));
                }
                lying.remove(ball);
                double there =
                        t + seconds(path) + (byItself ? seconds(List.of(last(path), rules.place(next, set))) : 0);
                stock.bring(ball.from(), cast.set(), start, there, byItself);
            }
            Line line = floor.line(next, set);
            boolean first = stays || goes.to().isAtOnce();
            path.add(first ? rules.place(next, set) : rules.slot(next, set, line.size()));
            double there = t + seconds(path);
            walks(n, person, t, path);
            arrives(changed ? "" : role, person, first, there, line);
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

        /** @param role whose place is taken by somebody who was out; empty for none */
        private void arrives(String role, int person, boolean first, double there, Line line) {
            if (first) {
                line.keep(person, there);
                return;
            }
            people.get(person).goesOn();
            if (!role.isEmpty() && rules.of(role).to().isOut()) {
                floor.bench().join(person, there);
                Line.Waiter in = floor.bench().take();
                floor.line(role, cast.set()).join(in.person(), Math.max(in.ready(), there));
            } else {
                line.join(person, there);
            }
        }

        /** Whether somebody has the role still, because they are to have it for longer. */
        private boolean isStill(int person, Rotation.Goes goes) {
            if (goes.after().isEmpty()) {
                return false;
            }
            Rotation.Stay stay = goes.after().get();
            Person p = people.get(person);
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
        void leftLying() {
            for (Played.BallUse ball : lying) {
                double over = start + cast.played().over();
                Vec at = Rules.at(ball.lies(), cast.side());
                Vec to = Rules.at(ball.from().at(), cast.set());
                if (rules.fetcher() == Rotation.Fetcher.NOBODY) {
                    stock.leave(start);
                } else if (!lastInLine(ball, over, at, to)) {
                    Vec coach = ways.coach().orElse(to);
                    double there = over + walks.seconds(coach.distance(at)) + walks.seconds(at.distance(to));
                    stock.bring(ball.from(), cast.set(), start, there, false);
                }
            }
        }

        private boolean lastInLine(Played.BallUse ball, double over, Vec at, Vec to) {
            if (rules.fetcher() != Rotation.Fetcher.LAST_IN_LINE) {
                return false;
            }
            for (Map.Entry<Floor.Place, Line> entry : floor.lines().entrySet()) {
                Optional<Integer> idle = entry.getValue().idle(over);
                if (idle.isPresent()) {
                    Vec from = rules.slot(entry.getKey().role(), entry.getKey().side(), idle.get());
                    Line.Waiter waiter = entry.getValue().at(idle.get());
                    List<Vec> path = List.of(from, at, to, from);
                    walks(0, waiter.person(), over, path);
                    stock.bring(ball.from(), cast.set(), start, over + seconds(path.subList(0, 3)), false);
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
                    moves.add(new Move(letter(person), n, at, until, new Move.Straight(path.get(i), path.get(i + 1))));
                }
                at = until;
                far += stretch;
            }
            people.get(person).does(Doing.ON_THE_WAY, t, at, n);
            people.get(person).walks(far);
        }

        private double seconds(List<Vec> path) {
            double sum = 0;
            for (int i = 0; i + 1 < path.size(); i++) {
                sum += walks.seconds(path.get(i).distance(path.get(i + 1)));
            }
            return sum;
        }
    }

    private static Vec last(List<Vec> path) {
        return path.get(path.size() - 1);
    }
}
