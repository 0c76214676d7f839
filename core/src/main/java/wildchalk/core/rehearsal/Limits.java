package wildchalk.core.rehearsal;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Stream;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Cue.Trigger;
import wildchalk.core.drill.Game;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.LimitCases;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Stage;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.Event;
import wildchalk.core.timeline.Problem;
import wildchalk.core.timeline.Timeline;

/** Watches a rep as it was worked out for what breaks the limits of its stage, and says when and by whom. */
final class Limits {

    private static final LimitCases<Stream<Trigger>> COUNTED_FROM = new LimitCases<>() {
        @Override
        public Stream<Trigger> count(Limit.Count number) {
            return Stream.concat(number.span().from().stream(), number.span().until().stream());
        }

        @Override
        public Stream<Trigger> passesFirst(Limit.PassesFirst passes) {
            return Stream.empty();
        }

        @Override
        public Stream<Trigger> entriesFirst(Limit.EntriesFirst entries) {
            return Stream.empty();
        }

        @Override
        public Stream<Trigger> within(Limit.Within within) {
            return within.from().stream();
        }

        @Override
        public Stream<Trigger> onlyIn(Limit.OnlyIn only) {
            return only.from().stream();
        }

        @Override
        public Stream<Trigger> stayIn(Limit.StayIn stay) {
            return stay.until().stream();
        }

        @Override
        public Stream<Trigger> notBefore(Limit.NotBefore before) {
            return Stream.of(before.moment());
        }
    };
    private static final Instruction.Cases<Stream<Trigger>> MOMENTS = new Instruction.Cases<>() {
        @Override
        public Stream<Trigger> read(Instruction.Read read) {
            return Stream.empty();
        }

        @Override
        public Stream<Trigger> freeze(Instruction.Freeze freeze) {
            return Stream.of(freeze.at().trigger());
        }

        @Override
        public Stream<Trigger> moveOn(Instruction.MoveOn moveOn) {
            return Stream.empty();
        }

        @Override
        public Stream<Trigger> attacks(Instruction.Attacks attacks) {
            return attacks.from().map(Cue::trigger).stream();
        }

        @Override
        public Stream<Trigger> limit(Limit limit) {
            return limit.matchLimit(COUNTED_FROM);
        }

        @Override
        public Stream<Trigger> game(Game game) {
            return game.moment().map(Cue::trigger).stream();
        }

        @Override
        public Stream<Trigger> rotation(Rotation rotation) {
            return rotation.moment().map(Cue::trigger).stream();
        }
    };

    private final LimitCases<Void> judging = new LimitCases<>() {
        @Override
        public Void count(Limit.Count number) {
            judge(number);
            return null;
        }

        @Override
        public Void passesFirst(Limit.PassesFirst passes) {
            judge(passes);
            return null;
        }

        @Override
        public Void entriesFirst(Limit.EntriesFirst entries) {
            judge(entries);
            return null;
        }

        @Override
        public Void within(Limit.Within within) {
            judge(within);
            return null;
        }

        @Override
        public Void onlyIn(Limit.OnlyIn only) {
            judge(only);
            return null;
        }

        @Override
        public Void stayIn(Limit.StayIn stay) {
            judge(stay);
            return null;
        }

        @Override
        public Void notBefore(Limit.NotBefore before) {
            judge(before);
            return null;
        }
    };

    /**
     * A limit that is broken.
     *
     * @param action id of the action that breaks it; the limit's own when none does
     * @param who id of the person; null for nobody
     * @param ball id of the ball; null for none
     */
    record Breach(double t, Limit limit, String action, String who, String ball, String message) {}

    private final Stage stage;
    private final Timeline timeline;
    private final Sightings sightings;
    private final Tallies tallies;
    private final Whoever whoever;
    private final Breaches breaches;
    private final Surface surface;
    private final List<Breach> found = new ArrayList<>();

    private Limits(Stage stage, Surface surface, Timeline timeline) {
        this.stage = stage;
        this.surface = surface;
        this.timeline = timeline;
        this.sightings = new Sightings(timeline, surface);
        this.tallies = new Tallies(stage, timeline);
        this.whoever = new Whoever(stage, timeline);
        this.breaches = new Breaches(stage, surface);
    }

    /** The moments that limits and freezes are about. */
    static Stream<Trigger> moments(Stage stage) {
        return stage.instructions().stream()
                .flatMap(said -> said.match(MOMENTS))
                .flatMap(t -> t.parts().stream());
    }

    /** The timeline with its breaches among the events and the problems. */
    static Timeline judged(Stage stage, Surface surface, Timeline timeline) {
        List<Limit> all = stage.instructions(Limit.class);
        if (all.isEmpty()) {
            return timeline;
        }
        Limits limits = new Limits(stage, surface, timeline);
        all.forEach(l -> l.matchLimit(limits.judging));
        return timeline.with(
                limits.found.stream()
                        .map(b -> new Event(b.t(), Event.Kind.LIMIT, b.limit().id(), b.who(), b.ball()))
                        .toList(),
                limits.found.stream()
                        .map(b -> new Problem(b.action(), Problem.Kind.LIMIT, b.message(), b.t()))
                        .toList());
    }

    private void judge(Limit.Count limit) {
        for (Tallies.Over over : tallies.broken(limit)) {
            found.add(new Breach(over.t(), limit, over.action(), over.who(), null, breaches.of(limit, over)));
        }
    }

    private void judge(Limit.PassesFirst limit) {
        if (limit.line().isPresent()) {
            for (String ball : timeline.balls()) {
                OptionalDouble crossed = sightings.crosses(ball, limit.line().get());
                crossed.ifPresent(t -> early(
                        limit,
                        t,
                        limit.id(),
                        null,
                        ball,
                        tallies.received(t),
                        limit.passes(),
                        "passes",
                        "the ball crosses the line"));
            }
            return;
        }
        tallies.shots()
                .forEach(s -> early(
                        limit,
                        s.t(),
                        s.action(),
                        s.who(),
                        s.ball(),
                        tallies.received(s.t()),
                        limit.passes(),
                        "passes",
                        "this shot leaves"));
    }

    private void judge(Limit.EntriesFirst limit) {
        tallies.shots()
                .forEach(s -> early(
                        limit,
                        s.t(),
                        s.action(),
                        s.who(),
                        s.ball(),
                        sightings.entries(limit.zone(), s.t()),
                        limit.entries(),
                        "entries into the " + zone(limit.zone()),
                        "this shot leaves"));
    }

    private void early(
            Limit limit,
            double t,
            String action,
            String who,
            String ball,
            long done,
            int wanted,
            String what,
            String event) {
        if (done < wanted) {
            found.add(new Breach(
                    t,
                    limit,
                    action,
                    who,
                    ball,
                    "only " + done + " of " + wanted + " " + what + (done == 1 ? " has" : " have") + " been made when "
                            + event + ": let the others come first, or ask for fewer"));
        }
    }

    private void judge(Limit.Within limit) {
        OptionalDouble from = limit.from().map(timeline::moment).orElse(OptionalDouble.of(0));
        if (from.isEmpty()) {
            return;
        }
        double start = from.getAsDouble();
        OptionalDouble done = limit.zone().isPresent()
                ? sightings.inZone(limit.zone().get(), start)
                : tallies.shots().stream()
                        .mapToDouble(Event::t)
                        .filter(t -> t >= start)
                        .findFirst();
        double taken = done.orElse(Double.POSITIVE_INFINITY) - start;
        if (taken > limit.seconds() + 1e-9) {
            String what = limit.zone().isPresent()
                    ? "a ball in the " + zone(limit.zone().get())
                    : "a shot";
            String when = done.isPresent() ? "it takes " + seconds(taken) : "there is none";
            String action = limit.zone().isPresent() || done.isEmpty()
                    ? limit.id()
                    : tallies.shots().stream()
                            .filter(s -> s.t() == done.getAsDouble())
                            .findFirst()
                            .map(Event::action)
                            .orElse(limit.id());
            found.add(new Breach(
                    Math.min(start + limit.seconds(), timeline.duration()),
                    limit,
                    action,
                    null,
                    null,
                    "there should be " + what + " within " + seconds(limit.seconds()) + ", and " + when
                            + ": set things off sooner, or allow more time"));
        }
    }

    private void judge(Limit.OnlyIn limit) {
        double open =
                limit.from().map(timeline::moment).orElse(OptionalDouble.of(0)).orElse(Double.POSITIVE_INFINITY);
        for (String who : timeline.people()) {
            OptionalDouble seen = sightings.inZone(who, limit.zone(), 0);
            if (seen.isPresent()) {
                double t = seen.getAsDouble();
                boolean allowed = whoever.is(who, limit.whom(), t);
                if (!allowed || t < open - 1e-9) {
                    found.add(new Breach(
                            t, limit, doing(who, t, limit), who, null, breaches.inside(limit, who, allowed)));
                }
            }
        }
    }

    private void judge(Limit.StayIn limit) {
        double until = limit.until()
                .map(timeline::moment)
                .orElse(OptionalDouble.empty())
                .orElse(Double.POSITIVE_INFINITY);
        for (String who : whoever.at(limit.whom(), 0, Set.of())) {
            OptionalDouble out =
                    timeline.people().contains(who) ? sightings.outOfZone(who, limit.zone()) : OptionalDouble.empty();
            if (out.isPresent() && out.getAsDouble() < until - 1e-9) {
                double t = out.getAsDouble();
                found.add(new Breach(t, limit, doing(who, t, limit), who, null, breaches.outside(limit, who)));
            }
        }
    }

    private void judge(Limit.NotBefore limit) {
        double moment = timeline.moment(limit.moment()).orElse(Double.POSITIVE_INFINITY);
        for (String who : timeline.people()) {
            tallies.firstTouch(who)
                    .filter(touch -> touch.t() < moment - 1e-9 && whoever.is(who, limit.whom(), touch.t()))
                    .ifPresent(touch -> found.add(new Breach(
                            touch.t(), limit, touch.action(), who, touch.ball(), breaches.early(limit, who))));
        }
    }

    /** What somebody is doing at a time; the limit when they are doing nothing. */
    private String doing(String who, double t, Limit limit) {
        return stage.actionsOf(who).stream()
                .map(Action::id)
                .filter(a -> timeline.times(a).filter(x -> x.start() <= t).isPresent())
                .reduce((a, b) -> b)
                .orElse(limit.id());
    }

    private String zone(String id) {
        return Optional.of(id).flatMap(surface::zone).map(Surface.Zone::name).orElse(id);
    }

    private static String seconds(double s) {
        double tenths = Math.round(s * 10) / 10.0;
        return (tenths == Math.rint(tenths) ? Long.toString((long) tenths) : Double.toString(tenths)) + " s";
    }
}
