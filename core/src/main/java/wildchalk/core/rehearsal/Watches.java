package wildchalk.core.rehearsal;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.DoublePredicate;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Cue.Trigger;
import wildchalk.core.drill.CueCases;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.Halving;
import wildchalk.core.surface.Marking;
import wildchalk.core.surface.Surface;

/** Keeps an eye on where people and balls are: who comes into a zone, over a line, near somebody. */
final class Watches {

    /** How often one looks, in seconds; a moment in between is then found to {@link #FINE}. */
    private static final double LOOK = 0.02;

    private static final double FINE = 1e-5;

    /** So near a target what is off the surface is in its net, metres; assumed. */
    private static final double NET = 4;

    private static final class Watch {
        private final Trigger trigger;
        private final DoublePredicate holds;
        private boolean held;

        Watch(Trigger trigger, DoublePredicate holds, boolean held) {
            this.trigger = trigger;
            this.holds = holds;
            this.held = held;
        }
    }

    /** Something that was seen. */
    record Seen(Trigger trigger, double time) {}

    private final Surface surface;
    private final BiFunction<String, Double, Optional<Vec>> where;
    private final List<Watch> watches = new ArrayList<>();
    private double looked;

    /** @param where the place of a person, ball or piece by id and time; empty for what is not there */
    Watches(Surface surface, BiFunction<String, Double, Optional<Vec>> where) {
        this.surface = surface;
        this.where = where;
    }

    boolean any() {
        return !watches.isEmpty();
    }

    static boolean isWatched(Trigger trigger) {
        return trigger.match(WATCHED);
    }

    private static final CueCases.Families<Boolean> WATCHED = new CueCases.Families<>() {
        @Override
        public Boolean ofAction(Trigger moment) {
            return false;
        }

        @Override
        public Boolean several(Cue.Several several) {
            return false;
        }

        @Override
        public Boolean whistle(Cue.Whistle whistle) {
            return false;
        }

        @Override
        public Boolean next(Cue.Next next) {
            return false;
        }

        @Override
        public Boolean called(Cue.Called called) {
            return false;
        }

        @Override
        public Boolean touches(Cue.Touches touches) {
            return false;
        }

        @Override
        public Boolean dead(Cue.Dead dead) {
            // What goes in, or is held, is no matter of places.
            return dead.how() != Cue.Dead.How.IN;
        }

        @Override
        public Boolean occurrence(Cue.Occurrence occurrence) {
            return false;
        }

        @Override
        public Boolean enters(Cue.Enters enters) {
            return true;
        }

        @Override
        public Boolean crosses(Cue.Crosses crosses) {
            return true;
        }

        @Override
        public Boolean near(Cue.Near near) {
            return true;
        }
    };

    /** Begins to look out for something; who is near already has come near now, who is in a zone must come in anew. */
    void lookOutFor(Trigger trigger, double now) {
        DoublePredicate holds = holding(trigger, now);
        watches.add(new Watch(trigger, holds, !(trigger instanceof Cue.Near) && holds.test(now)));
    }

    /** Looks out for something that has just been seen to come again: it has to end first. */
    void lookOutAgainFor(Trigger trigger, double now) {
        boolean eitherWay = trigger instanceof Cue.Crosses c && c.heading() == Cue.Crosses.Heading.EITHER;
        watches.add(new Watch(trigger, holding(trigger, now), !eitherWay));
    }

    private DoublePredicate holding(Trigger trigger, double now) {
        DoublePredicate holds;
        if (trigger instanceof Cue.Enters e) {
            holds = inside(e);
        } else if (trigger instanceof Cue.Crosses c) {
            holds = beyond(c, now);
        } else if (trigger instanceof Cue.Dead d) {
            holds = outside(d);
        } else {
            holds = near((Cue.Near) trigger);
        }
        return holds;
    }

    private DoublePredicate inside(Cue.Enters e) {
        Optional<Surface.Zone> zone = surface.zone(e.zone());
        return t -> zone.isPresent()
                && where.apply(e.who(), t).filter(p -> zone.get().contains(p)).isPresent();
    }

    /** Whether a ball is off the surface, and not in a net. */
    private DoublePredicate outside(Cue.Dead d) {
        return t -> where.apply(d.ball(), t)
                .filter(p ->
                        !surface.contains(p, 0) && surface.targets().stream().noneMatch(g -> g.at().distance(p) < NET))
                .isPresent();
    }

    /** Whether somebody is on the other side of a line from where they were, or on the one that they go to. */
    private DoublePredicate beyond(Cue.Crosses c, double now) {
        Optional<Marking.Straight> line = surface.line(c.line());
        Optional<Vec> first = where.apply(c.who(), now);
        if (line.isEmpty() || first.isEmpty()) {
            return t -> false;
        }
        Vec a = line.get().points().get(0);
        Vec way = line.get().points().get(line.get().points().size() - 1).minus(a);
        double side = c.heading() == Cue.Crosses.Heading.EITHER
                ? Math.signum(way.cross(first.get().minus(a)))
                : -Math.signum(way.cross(towards(c.heading())));
        return t -> where.apply(c.who(), t)
                .filter(p -> way.cross(p.minus(a)) * side < 0)
                .isPresent();
    }

    private static Vec towards(Cue.Crosses.Heading heading) {
        return switch (heading) {
            case EITHER -> Vec.ZERO;
            case UP -> new Vec(1, 0);
            case DOWN -> new Vec(-1, 0);
            case LEFT -> new Vec(0, -1);
            case RIGHT -> new Vec(0, 1);
        };
    }

    private DoublePredicate near(Cue.Near n) {
        return t -> {
            Optional<Vec> a = where.apply(n.who(), t);
            Optional<Vec> b = where.apply(n.other(), t);
            return a.isPresent() && b.isPresent() && a.get().distance(b.get()) <= n.metres() + 1e-9;
        };
    }

    /** The first thing that is seen up to a time; it is not looked out for any more. */
    Optional<Seen> lookUpTo(double time) {
        if (watches.isEmpty()) {
            looked = Math.max(looked, time);
            return Optional.empty();
        }
        Optional<Seen> seen = look(looked, looked);
        while (seen.isEmpty() && looked < time) {
            double to = Math.min(time, looked + LOOK);
            seen = look(looked, to);
            looked = seen.map(Seen::time).orElse(to);
        }
        return seen;
    }

    private Optional<Seen> look(double from, double to) {
        Watch first = null;
        double when = Double.POSITIVE_INFINITY;
        for (Watch watch : watches) {
            if (!watch.held && watch.holds.test(to)) {
                double t = Halving.begin(watch.holds, from, to, FINE);
                if (t < when) {
                    when = t;
                    first = watch;
                }
            }
        }
        if (first != null) {
            watches.remove(first);
        }
        double seen = Math.min(to, when);
        // What begins to hold is always told; only what was so from the start has to end first.
        watches.forEach(w -> w.held = w.held && w.holds.test(seen));
        return first == null ? Optional.empty() : Optional.of(new Seen(first.trigger, when));
    }
}
