package wildchalk.core.practice.ground;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Venue;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Vec;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.KnownNeeds;
import wildchalk.core.practice.Needs;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.Reach;
import wildchalk.core.practice.Stand;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;

/**
 * What is on at one time, on the ground of an evening. What is kept free and how far balls go is assumed; the rules of
 * the sport and of the place go first.
 *
 * @param venue what the evening is on
 * @param surface the same, laid out
 * @param part what there is of the surface, metres
 * @param laid what stands there
 */
public record Ground(Venue venue, Surface surface, Box part, List<Laid> laid) {

    /** A talk takes as much, metres each way; assumed. */
    private static final double TALK = 5;
    /** A game of which nothing is said takes as much, metres; assumed. */
    private static final Content.Area GAME = new Content.Area(20, 15);

    /** What something takes that is no drill, or a drill of which nothing is known. */
    private static final Content.Cases<Content.Area> AREA = new Content.Cases<>() {
        @Override
        public Content.Area play(Content.Play play) {
            return GAME;
        }

        @Override
        public Content.Area game(Content.Game game) {
            return game.area().orElse(GAME);
        }

        @Override
        public Content.Area words(Content.Words words) {
            return new Content.Area(TALK, TALK);
        }

        @Override
        public Content.Area beside(Content.Beside beside) {
            return GAME;
        }
    };

    private static final double FREE = 3;
    private static final double FREE_ON_COURT = 2;
    /** People whose ways come nearer than this could run into each other, metres; assumed. */
    private static final double NEAR = 1.5;
    /** So far goes a pass that nobody stops, metres; assumed. */
    private static final double PASS_ON = 6;
    /** So far goes a shot that misses, behind what it was at, metres; assumed. */
    private static final double SHOT_ON = 20;
    /** By so much a shot misses to either side, degrees; assumed. */
    private static final double SHOT_WIDE = 10;
    /** Less nobody sees, metres. */
    private static final double NOTHING = 0.05;

    public Ground {
        laid = List.copyOf(laid);
    }

    /**
     * What an evening is on, with the sizes that a drill of it has chosen which is drawn on the same; where nothing is
     * said of it, what its first drill is drawn on. Empty where nothing is known.
     *
     * @param drills of the evening, as they were planned
     */
    public static Optional<Venue> venue(Practice practice, Map<Content.Planned, Drill> drills, Surfaces surfaces) {
        String id = practice.surface();
        return practice.blocks().stream()
                .flatMap(Block::all)
                .flatMap(Block::play)
                .map(p -> drills.get(p.drill()))
                .filter(Objects::nonNull)
                .map(Drill::venue)
                .filter(v -> id.isEmpty() || v.surface().equals(id))
                .findFirst()
                .or(() -> surfaces.plan(id).map(Venue::of));
    }

    /**
     * What is side by side in a block, as it stands; whatever nobody has placed stands in the middle. Empty for a block
     * of one thing.
     *
     * @param needs what drills take
     * @param venue what the evening is on
     */
    public static Optional<Ground> of(Practice practice, Block block, KnownNeeds needs, Venue venue) {
        if (!(block.content() instanceof Content.Beside beside)) {
            return Optional.empty();
        }
        Surface surface = venue.lay();
        Box part = practice.setting().part().on(surface);
        List<Laid> laid = new ArrayList<>();
        for (Block each : beside.blocks()) {
            laid.add(new Laid(
                    each, takes(each, needs), beside.stands().getOrDefault(each.id(), new Stand(part.centre(), 0))));
        }
        return Optional.of(new Ground(venue, surface, part, laid));
    }

    private static Laid.Takes takes(Block block, KnownNeeds needs) {
        Optional<Needs.Footing> footing = needs.of(block).map(Needs::footing);
        if (footing.isPresent()) {
            Needs.Footing f = footing.orElseThrow();
            return new Laid.Takes(f.length(), f.width(), f.centre(), f.copies(), f.reach());
        }
        Content.Area area = block.content().match(AREA);
        return new Laid.Takes(area.length(), area.width(), Vec.ZERO, List.of(), Reach.NONE);
    }

    /** Metres that are kept free between what is side by side: less on a court, where there is less room. */
    public double free() {
        return surface.ground() == Surface.Ground.FLOOR ? FREE_ON_COURT : FREE;
    }

    /** The block with this id. */
    public Optional<Laid> laid(String id) {
        return laid.stream().filter(l -> l.id().equals(id)).findFirst();
    }

    /** The same with a block somewhere else. */
    public Ground with(String id, Stand stand) {
        return new Ground(
                venue,
                surface,
                part,
                laid.stream().map(l -> l.id().equals(id) ? l.on(stand) : l).toList());
    }

    /** Where everything stands, by ids of blocks. */
    public Map<String, Stand> stands() {
        return laid.stream().collect(Collectors.toMap(Laid::id, Laid::stand));
    }

    /** What is in the way of what, the worst first; of two the worst alone. */
    public List<Clash> clashes() {
        List<Clash> all = new ArrayList<>();
        for (int i = 0; i < laid.size(); i++) {
            beyond(laid.get(i)).ifPresent(all::add);
            for (int j = 0; j < i; j++) {
                between(laid.get(j), laid.get(i)).ifPresent(all::add);
            }
        }
        all.sort((a, b) -> a.kind().compareTo(b.kind()));
        return all;
    }

    /** How far something reaches beyond the ground; empty where it does not. */
    Optional<Clash> beyond(Laid one) {
        double metres = 0;
        for (Vec corner : one.corners()) {
            Vec inside = part.clamp(corner);
            metres = Math.max(metres, inside.distance(corner));
            if (surface.cornerRadius() > 0 && !surface.contains(inside, 0)) {
                metres = Math.max(metres, outside(inside));
            }
        }
        return metres > NOTHING ? Optional.of(new Clash(Clash.Kind.BEYOND, one.id(), "", metres)) : Optional.empty();
    }

    /** How far a place in a corner is behind the round boards. */
    private double outside(Vec place) {
        double r = surface.cornerRadius();
        double x = Math.max(0, Math.abs(place.x()) - (surface.length() / 2 - r));
        double y = Math.max(0, Math.abs(place.y()) - (surface.width() / 2 - r));
        return Math.hypot(x, y) - r;
    }

    /** The worst between two; empty where all is well. */
    Optional<Clash> between(Laid one, Laid other) {
        double gap = one.gap(other);
        return ball(one, other, true, gap)
                .or(() -> ball(other, one, true, gap))
                .or(() -> ball(one, other, false, gap))
                .or(() -> ball(other, one, false, gap))
                .or(() -> meet(one, other, gap))
                .or(() -> gap < free() - NOTHING
                        ? Optional.of(new Clash(Clash.Kind.NEAR, one.id(), other.id(), gap))
                        : Optional.empty());
    }

    /** Whether something that is laid out otherwise is all on the ground, and in nobody else's way. */
    public boolean isFree(Laid one) {
        return beyond(one).isEmpty()
                && laid.stream().filter(l -> !l.id().equals(one.id())).allMatch(l -> isClear(one, l));
    }

    /** Whether neither is in the way of the other; quicker than to say what is. */
    boolean isClear(Laid one, Laid other) {
        boolean far = one.stand().at().distance(other.stand().at()) > one.radius() + other.radius() + free();
        return (far || one.gap(other) >= free() - NOTHING)
                && Stream.of(true, false)
                        .allMatch(s -> ball(one, other, s, 0).isEmpty()
                                && ball(other, one, s, 0).isEmpty());
    }

    private static Optional<Clash> ball(Laid one, Laid other, boolean shot, double gap) {
        boolean into = one.takes().reach().flights().stream()
                .filter(f -> f.shot() == shot)
                .map(f -> f.way().stream().map(one.stand()::place).toList())
                .anyMatch(way -> isInto(way, other, shot));
        return into
                ? Optional.of(new Clash(shot ? Clash.Kind.SHOT : Clash.Kind.BALL, one.id(), other.id(), gap))
                : Optional.empty();
    }

    /** Whether a ball goes over what something takes, on its way or behind the end of it. */
    private static boolean isInto(List<Vec> way, Laid other, boolean shot) {
        for (int i = 0; i + 1 < way.size(); i++) {
            if (other.isCrossed(way.get(i), way.get(i + 1))) {
                return true;
            }
        }
        Vec from = way.get(0);
        Vec to = way.get(way.size() - 1);
        Vec along = to.minus(from);
        if (along.length() < NOTHING) {
            return false;
        }
        double wide = shot ? Math.toRadians(SHOT_WIDE) : 0;
        for (double by : new double[] {0, -wide, wide}) {
            Vec end = from.plus(along.rotated(by)).plus(along.unit().rotated(by).times(shot ? SHOT_ON : PASS_ON));
            if (other.isCrossed(from, end)) {
                return true;
            }
        }
        return false;
    }

    private static Optional<Clash> meet(Laid one, Laid other, double gap) {
        if (gap >= NEAR) {
            return Optional.empty();
        }
        Reach mine = one.reach();
        Reach theirs = other.reach();
        for (List<Vec> run : mine.runs()) {
            for (List<Vec> their : theirs.runs()) {
                double apart = Stretches.apart(run, their);
                if (apart < NEAR) {
                    return Optional.of(new Clash(Clash.Kind.MEET, one.id(), other.id(), apart));
                }
            }
        }
        return Optional.empty();
    }
}
