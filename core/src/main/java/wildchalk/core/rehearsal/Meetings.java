package wildchalk.core.rehearsal;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.geometry.Route;
import wildchalk.core.geometry.Vec;

/**
 * The passes that are met on a line. Ball and runner come to the place that was drawn at one moment: the passer holds
 * the ball until then, or, where it cannot be there in time, the runner stops at the place and waits for it.
 *
 * <p>Who has to wait is only known when the whole rep has been played once: {@link Rehearsal} plays it again with those
 * who came too soon waiting, until nobody does.
 */
final class Meetings {

    /** Ball and runner are together when they come within this of each other, seconds. */
    private static final double TOGETHER = 0.03;
    /** How far apart the places are that a part of a smooth line is led through, metres. */
    private static final double STEP = 0.5;
    /** How far before and after what is as far along one looks for the place itself, and how finely, metres. */
    private static final double AROUND = 1.5;

    private static final double LOOK = 0.02;
    /** Of two places as near the one is taken that is as far along. */
    private static final double NEAR_ENOUGH = 0.01;

    private final Places places;
    /** By the line on which they are met, those nearer to its beginning first. */
    private final Map<String, List<Action.Pass>> on = new LinkedHashMap<>();
    /** Ids of the passes for which their runner waits. */
    private final Set<String> waits;
    /** Ids of the passes that nobody waits for any more: they have come, or cannot be met as drawn. */
    private final Set<String> over = new HashSet<>();
    /** Ids of those that are sent to where the runner is, because they cannot be met as drawn. */
    private final Set<String> givenUp = new HashSet<>();
    /** How much of a line is behind who stands on it and waits, a share of it. */
    private final Map<String, Double> done = new HashMap<>();
    /** When the runner came to where the pass is met, as far as was known last. */
    private final Map<String, Double> there = new HashMap<>();

    Meetings(Collection<Action> played, Places places, Set<String> waits) {
        this.places = places;
        this.waits = waits;
        Set<String> lines = new HashSet<>();
        played.stream().filter(Travel.class::isInstance).forEach(a -> lines.add(a.id()));
        for (Action action : played) {
            action.met()
                    .filter(o -> lines.contains(o.line()) && !o.who().equals(action.who()))
                    .ifPresent(o ->
                            on.computeIfAbsent(o.line(), l -> new ArrayList<>()).add((Action.Pass) action));
        }
        on.values().forEach(p -> p.sort(Comparator.comparingDouble(Meetings::share)));
    }

    /** Whether ball and runner come to a place together; so does a ball that is there no later. */
    static boolean together(double ball, double runner) {
        return ball <= runner + TOGETHER;
    }

    private static double share(Action.Pass pass) {
        Spot.OnLine spot = pass.met().orElseThrow();
        return spot.isAtEnd() ? 1 : Math.max(0, spot.share());
    }

    /** Whether a pass is met on a line, and not sent to where somebody is. */
    boolean isMet(Action action) {
        return action.met().stream().anyMatch(o -> on.getOrDefault(o.line(), List.of()).stream()
                        .anyMatch(action::equals))
                && !givenUp.contains(action.id());
    }

    /** Whether the runner waits for a pass at the place. */
    boolean isWaitedFor(String pass) {
        return waits.contains(pass) && !over.contains(pass);
    }

    /** Whether somebody has waited for a pass in vain and gone on. */
    boolean isOver(String pass) {
        return over.contains(pass);
    }

    /** The pass that somebody stops and waits for on a line next; empty when they go on to its end. */
    Optional<Action.Pass> stop(Travel travel) {
        return on.getOrDefault(travel.id(), List.of()).stream()
                .filter(p -> waits.contains(p.id()) && !over.contains(p.id()))
                .findFirst();
    }

    /** The pass that is met at speed where a line ends. */
    Optional<Action.Pass> atEnd(Travel travel) {
        return on.getOrDefault(travel.id(), List.of()).stream()
                .filter(p -> share(p) == 1 && !waits.contains(p.id()))
                .findFirst();
    }

    private double end(Travel travel) {
        return stop(travel).map(Meetings::share).orElse(1.0);
    }

    private double begin(Travel travel) {
        return done.getOrDefault(travel.id(), 0.0);
    }

    /** The part of a line that is gone without stopping for a ball: all of it, where nobody waits. */
    Travel part(Travel travel) {
        double from = begin(travel);
        double to = end(travel);
        if (from <= 0 && to >= 1) {
            return travel;
        }
        Route way = places.drawn(travel);
        List<Spot> through = new ArrayList<>();
        if (travel.path().smooth()) {
            int steps = Math.max(1, (int) Math.ceil((to - from) * way.length() / STEP));
            for (int i = 1; i < steps; i++) {
                through.add(Spot.at(way.at((from + (to - from) * i / steps) * way.length())));
            }
        } else {
            through.addAll(between(travel, from, to));
        }
        through.add(to >= 1 ? travel.path().last() : Spot.at(way.at(to * way.length())));
        return travel.withPath(new TravelPath(through, travel.path().smooth()));
    }

    /** The corners of a line of straight pieces that lie between two shares of it. */
    private List<Spot> between(Travel travel, double from, double to) {
        List<Spot> between = new ArrayList<>();
        List<Spot> through = travel.path().through();
        Vec at = places.before(travel);
        double gone = 0;
        double all = places.drawn(travel).length();
        for (Spot spot : through.subList(0, through.size() - 1)) {
            Vec corner = places.of(spot);
            gone += at.distance(corner);
            at = corner;
            if (gone > from * all + 1e-6 && gone < to * all - 1e-6) {
                between.add(spot);
            }
        }
        return between;
    }

    /**
     * How far along the part of a line that is gone now a moment on it comes, metres; empty when it does not come on
     * it.
     *
     * @param length of that part, metres
     */
    OptionalDouble gone(Travel travel, Cue.Trigger moment, double length) {
        double from = begin(travel);
        double to = end(travel);
        double all = to > from ? length / (to - from) : length;
        double wanted =
                moment instanceof Cue.Partway p ? p.share() : ((Cue.Gone) moment).metres() / Math.max(all, 1e-9);
        boolean here = wanted >= from - 1e-9 && (wanted <= to + 1e-9 || to >= 1);
        return here ? OptionalDouble.of(Math.max(0, Math.min(length, (wanted - from) * all))) : OptionalDouble.empty();
    }

    /**
     * When the runner is where a pass is met, if they are on a run that leads there.
     *
     * @param running the run that they are on
     */
    OptionalDouble there(Action.Pass pass, Chain running) {
        Spot.OnLine spot = pass.met().orElseThrow();
        if (running == null || running.indexOf(spot.line()) < 0) {
            return OptionalDouble.empty();
        }
        Travel travel = running.travels().get(running.indexOf(spot.line()));
        OptionalDouble metres = gone(travel, new Cue.Partway(spot.line(), share(pass)), running.length(spot.line()));
        if (metres.isEmpty()) {
            return OptionalDouble.empty();
        }
        double time = running.timeAfter(spot.line(), nearest(spot, running, metres.getAsDouble()));
        there.put(pass.id(), time);
        return OptionalDouble.of(time);
    }

    /**
     * Corners are rounded, so that as far along as was drawn is not just where it was drawn: what is nearest to that.
     */
    private double nearest(Spot.OnLine spot, Chain running, double about) {
        Vec drawn = places.of(spot);
        double length = running.length(spot.line());
        double best = about;
        double least = Double.MAX_VALUE;
        for (double m = Math.max(0, about - AROUND); m <= Math.min(length, about + AROUND); m += LOOK) {
            double off = running.placeAfter(spot.line(), m).distance(drawn) + NEAR_ENOUGH * Math.abs(m - about);
            if (off < least) {
                least = off;
                best = m;
            }
        }
        return best;
    }

    /** A pass cannot be met as drawn: nobody waits for it any more. */
    void giveUp(String pass) {
        givenUp.add(pass);
        over.add(pass);
    }

    /** A pass has come, or is not waited for any longer: the runner goes on from there. */
    void goOn(Action.Pass pass) {
        over.add(pass.id());
        done.put(pass.met().orElseThrow().line(), share(pass));
    }

    /** The passes that came after their runner had gone by. */
    Set<String> late(Map<String, Double> arrivals) {
        Set<String> late = new HashSet<>();
        for (List<Action.Pass> passes : on.values()) {
            for (Action.Pass pass : passes) {
                boolean came =
                        there.containsKey(pass.id()) && !waits.contains(pass.id()) && !givenUp.contains(pass.id());
                double arrival = arrivals.getOrDefault(pass.id(), Double.NaN);
                if (came && !together(arrival, there.get(pass.id()))) {
                    late.add(pass.id());
                }
            }
        }
        return late;
    }
}
