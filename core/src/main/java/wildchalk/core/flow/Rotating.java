package wildchalk.core.flow;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rotation;
import wildchalk.core.flow.Flow.Doing;
import wildchalk.core.flow.Flow.Side;
import wildchalk.core.geometry.Vec;

/** Plays one copy of a drill rep by rep: each rep begins when it is to, and its roles and balls are there. */
final class Rotating {

    /** More parts that somebody plays than these, in all reps together, are not worked out in one go. */
    private static final int MOST = 10_000;

    private final Rules rules;
    private final Ways ways;
    private final Walks walks;
    private final int copy;
    private final Flows.Asked asked;
    private final double end;
    /** How many have been played, both sides at once counted twice. */
    private int plays;

    private final Crowd crowd;
    private final Floor floor;
    private final Stock stock;
    private final List<Flow.Rep> reps = new ArrayList<>();
    private final List<Flow.Jam> jams = new ArrayList<>();

    /** One side of a rep about to be played: who has which role. */
    record Cast(Side set, Side side, Played played, Map<String, Line.Waiter> who) {}

    /**
     * One side of a rep that is being played.
     *
     * @param start seconds, when it began
     * @param who by role, a number in the crowd
     */
    record Rep(Cast cast, double start, Map<String, Integer> who) {}

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
        this.crowd = new Crowd(wanted.firstLetter(), wanted.people());
        this.asked = wanted.asked();
        this.end = asked.minutes() * 60;
        this.floor = new Floor(rules);
        this.stock = new Stock(rules.stage());
    }

    /** Those who play, and what they do in reps and between them. */
    Crowd crowd() {
        return crowd;
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
        return crowd.each(copy, end);
    }

    void run() {
        if (crowd.size() < rules.fewest()) {
            jam(1, "few", rules.fewest(), crowd.size());
            return;
        }
        int spare = floor.lineUp(crowd.size(), asked.lines());
        if (spare > 0) {
            jam(1, "spare", spare);
        }
        stand();
        double due = 0;
        int parts = 0;
        for (int n = 1; due < end; n++) {
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
            parts += casts.get().size() * rules.roles().size();
            if (parts > MOST) {
                jam(n, "many", n);
                return;
            }
            double next = start;
            for (Cast cast : casts.get()) {
                next = Math.max(next, play(n, cast, start, start - due));
            }
            due = next;
        }
    }

    /** Everybody is where they begin. */
    private void stand() {
        floor.lines().forEach((place, line) -> {
            for (int i = 0; i < line.size(); i++) {
                crowd.stands(new Crowd.Stand(line.at(i).person(), Optional.of(place), 0, 0));
            }
        });
        Set<Integer> in = crowd.stands().stream().map(Crowd.Stand::person).collect(Collectors.toSet());
        // Those on the bench, and those for whom there is nothing to do.
        IntStream.range(0, crowd.size())
                .filter(p -> !in.contains(p))
                .forEach(p -> crowd.stands(new Crowd.Stand(p, Optional.empty(), 0, 0)));
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
            int percent = asked.percent(crowd.number(waiter.person()));
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
            letters.put(role.id(), crowd.letter(person));
        }
        for (Played.BallUse ball : played.balls()) {
            stock.take(ball.from(), cast.set());
        }
        who.values().forEach(p -> letters.values().stream()
                .filter(l -> !l.equals(crowd.letter(p)))
                .forEach(crowd.person(p)::meets));
        double over = start + played.over();
        reps.add(new Flow.Rep(n, start, cast.side(), copy, letters, over, held));
        for (Piece.Person role : rules.roles()) {
            Played.Part part = played.part(role.id());
            Person person = crowd.person(who.get(role.id()));
            person.takes(role.id(), cast.set(), part);
            person.does(Doing.BUSY, start + part.begins(), start + part.ends(), n);
            crowd.moves()
                    .add(Move.played(
                            letters.get(role.id()),
                            n,
                            start,
                            new Move.InRep(role.id(), cast.side(), played, since.get(role.id()))));
        }
        Errands errands =
                new Errands(rules, walks, ways, new Errands.Ground(floor, stock, crowd), new Rep(cast, start, who));
        for (Piece.Person role : rules.roles()) {
            errands.goesOn(n, role.id());
        }
        errands.leftLying(n);
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
}
