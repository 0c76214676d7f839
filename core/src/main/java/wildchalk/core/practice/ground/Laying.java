package wildchalk.core.practice.ground;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Vec;
import wildchalk.core.practice.KnownNeeds;
import wildchalk.core.practice.Needs;
import wildchalk.core.practice.Stand;

/**
 * Finds where things could stand so that none is in the way of another: in a row along the ground as near as can be,
 * each where it is drawn if that is on the same surface, turned only where it must be. The same is found every time.
 */
public final class Laying {

    /** So far apart are the places that are tried, metres. */
    private static final double STEP = 2;
    /** The same where it is nearer than {@link #NEAR}. */
    private static final double FINE = 1;

    private static final double NEAR = 6;
    /** A turn to this is as bad as standing so many metres elsewhere; assumed. */
    private static final Map<Integer, Double> TURNING = Map.of(0, 0.0, 180, 3.0, 90, 6.0, 270, 6.0);
    /** So much is looked at to find the nearest for all of them; then whatever is in the way is moved. */
    private static final int MOST_LOOKED_AT = 60_000;
    /** So often something is moved that is in the way: about a second at most. */
    private static final int MOST_MOVED = 60;

    /** Of so many places that are alike any is taken, so that nothing goes to and fro for ever. */
    private static final int NEAREST = 8;

    private final Ground ground;
    private final List<Laid> order;
    private final Map<String, List<Stand>> choices = new HashMap<>();
    private int looked;

    private Laying(Ground ground) {
        this.ground = ground;
        this.order = ground.laid().stream()
                .sorted(Comparator.comparingDouble(
                        l -> -l.takes().length() * l.takes().width()))
                .toList();
    }

    /**
     * Everything where nothing is in the way of anything; empty where it was not found, because there is too little
     * room.
     *
     * @param needs where drills are drawn
     */
    public static Optional<Ground> out(Ground ground, KnownNeeds needs) {
        Laying laying = new Laying(ground);
        for (Laid each : row(ground).laid()) {
            List<Stand> all = new ArrayList<>();
            drawn(ground, each, needs).ifPresent(all::add);
            all.addAll(laying.stands(each, each.stand()));
            laying.choices.put(each.id(), all);
        }
        return laying.fill(0, new ArrayList<>()).or(laying::moved);
    }

    /** Everything in a row along the ground, whatever is in the way of what. */
    public static Ground row(Ground ground) {
        Box part = ground.part();
        boolean along = part.width() >= part.height();
        int n = ground.laid().size();
        Ground row = ground;
        for (int i = 0; i < n; i++) {
            double by = (i - (n - 1) / 2.0) / n;
            Vec at = part.centre().plus(along ? new Vec(by * part.width(), 0) : new Vec(0, by * part.height()));
            row = row.with(ground.laid().get(i).id(), new Stand(paced(at), 0));
        }
        return row;
    }

    /** The nearest place that can be paced, in half metres. */
    private static Vec paced(Vec at) {
        return new Vec(Math.rint(at.x() * 2) / 2, Math.rint(at.y() * 2) / 2);
    }

    /** Where it is drawn, if that is on this surface and on this part of it. */
    private static Optional<Stand> drawn(Ground ground, Laid each, KnownNeeds needs) {
        return needs.of(each.block())
                .map(Needs::footing)
                .filter(f -> f.surface().equals(ground.surface().id()))
                .map(f -> new Stand(f.centre(), 0))
                .filter(s -> ground.beyond(each.on(s)).isEmpty());
    }

    /**
     * The same with one of the two moved or turned that are in each other's way, by as little as will do; empty where
     * neither has room anywhere as long as the others stay.
     */
    public static Optional<Ground> apart(Ground ground, Clash clash) {
        Laying laying = new Laying(ground);
        Comparator<Ground> better =
                Comparator.<Ground>comparingInt(g -> g.clashes().size()).thenComparingDouble(g -> cost(ground, g));
        return List.of(clash.one(), clash.other()).stream()
                .flatMap(id -> ground.laid(id).flatMap(laying::nearest).stream())
                .min(better);
    }

    /** The same with one thing moved or turned by as little as will do; empty where there is no room for it. */
    private Optional<Ground> nearest(Laid each) {
        List<Laid> others =
                ground.laid().stream().filter(l -> !l.id().equals(each.id())).toList();
        return stands(each, each.stand()).stream()
                .filter(s -> isFree(each.on(s), others))
                .findFirst()
                .map(s -> ground.with(each.id(), s));
    }

    private static double cost(Ground from, Ground to) {
        return from.laid().stream()
                .mapToDouble(l -> cost(l.stand(), to.laid(l.id()).orElse(l).stand()))
                .sum();
    }

    private static double cost(Stand from, Stand to) {
        return from.at().distance(to.at())
                + TURNING.getOrDefault(Math.floorMod(to.degrees() - from.degrees(), 360), 0.0);
    }

    /** Where something could stand on the ground, the nearest to where it is wanted first. */
    private List<Stand> stands(Laid each, Stand wanted) {
        Box part = ground.part();
        Box near = Box.around(wanted.at(), 2 * NEAR, 2 * NEAR);
        List<Stand> all = new ArrayList<>();
        for (int degrees : new int[] {0, 90, 180, 270}) {
            add(each, new Stand(wanted.at(), wanted.degrees() + degrees), all);
            grid(each, part, STEP, wanted.degrees() + degrees, all);
            grid(each, near, FINE, wanted.degrees() + degrees, all);
        }
        all.sort(Comparator.comparingDouble(s -> cost(wanted, s)));
        return all;
    }

    private void grid(Laid each, Box area, double step, int degrees, List<Stand> all) {
        for (double x = 0; x <= area.width(); x += step) {
            for (double y = 0; y <= area.height(); y += step) {
                add(each, new Stand(paced(new Vec(area.x() + x, area.y() + y)), degrees), all);
            }
        }
    }

    private void add(Laid each, Stand stand, List<Stand> all) {
        if (ground.beyond(each.on(stand)).isEmpty()) {
            all.add(stand);
        }
    }

    private boolean isFree(Laid each, List<Laid> others) {
        looked += others.size();
        return others.stream().allMatch(o -> ground.isClear(each, o));
    }

    private Optional<Ground> fill(int at, List<Laid> placed) {
        if (at == order.size()) {
            Ground found = ground;
            for (Laid each : placed) {
                found = found.with(each.id(), each.stand());
            }
            return Optional.of(found);
        }
        Laid next = order.get(at);
        for (Stand stand : choices.get(next.id())) {
            if (looked > MOST_LOOKED_AT) {
                return Optional.empty();
            }
            Laid there = next.on(stand);
            if (isFree(there, placed)) {
                placed.add(there);
                Optional<Ground> found = fill(at + 1, placed);
                if (found.isPresent()) {
                    return found;
                }
                placed.remove(placed.size() - 1);
            }
        }
        return Optional.empty();
    }

    /**
     * Begins with everything where it is wanted; what is in the way goes where it is in the way of the fewest, again
     * and again, until nothing is or nobody has the patience.
     */
    private Optional<Ground> moved() {
        Ground now = row(ground);
        Random random = new Random(ground.laid().size());
        for (int n = 0; n < MOST_MOVED; n++) {
            Ground here = now;
            List<Laid> wrong = here.laid().stream().filter(l -> !here.isFree(l)).toList();
            if (wrong.isEmpty()) {
                return Optional.of(here);
            }
            Laid each = wrong.get(random.nextInt(wrong.size()));
            now = here.with(each.id(), fewest(each, here, random));
        }
        return Optional.empty();
    }

    /** Where something is in the way of the fewest, of several such places any of the nearest. */
    private Stand fewest(Laid each, Ground here, Random random) {
        List<Laid> others =
                here.laid().stream().filter(l -> !l.id().equals(each.id())).toList();
        List<Stand> best = new ArrayList<>();
        long least = Long.MAX_VALUE;
        for (Stand stand : choices.get(each.id())) {
            Laid there = each.on(stand);
            long clashes = others.stream().filter(o -> !here.isClear(there, o)).count();
            if (clashes < least) {
                least = clashes;
                best.clear();
            }
            if (clashes == least && best.size() < NEAREST && !stand.equals(each.stand())) {
                best.add(stand);
            }
        }
        return best.isEmpty() ? each.stand() : best.get(random.nextInt(best.size()));
    }
}
