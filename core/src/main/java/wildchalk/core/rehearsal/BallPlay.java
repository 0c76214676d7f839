package wildchalk.core.rehearsal;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import java.util.function.Predicate;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Action.Delivery;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Contest;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.PlayOn;
import wildchalk.core.drill.Reads;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.motion.Speeds;
import wildchalk.core.rehearsal.Agenda.Entry;
import wildchalk.core.rehearsal.Agenda.Kind;
import wildchalk.core.timeline.Event;

/** What happens to balls in a rep: they are sent, come off walls, arrive, are taken up and fought for. */
final class BallPlay {

    /** Who comes this long after another is in time to fight for a ball, seconds; assumed. */
    private static final double CONTESTED = 1;
    /** What is as little later as this is now, seconds. */
    private static final double AT_ONCE = 1e-4;

    /** A ball that has been down for longer than this has bounced, seconds; assumed. */
    private static final double BEFORE_IT_BOUNCES = 0.15;

    private final RehearsalState rep;
    private final Stage stage;
    private final Choices choices;
    private final Deliveries deliveries;
    private final Shadows shadows;
    private final Problems problems;
    private final Speeds speeds;
    private final Meetings meetings;
    /** The passes that are ready to be sent and wait for their runner, and since when. */
    private final Map<Action.Pass, Double> held = new LinkedHashMap<>();

    /** The balls that are won in contests, by the contest's id. */
    private final Map<String, Action.Pass> won = new HashMap<>();

    private final Deflecting touched;

    private Consumer<Action.Pass> come = p -> {};

    BallPlay(
            RehearsalState rep,
            Stage stage,
            Choices choices,
            Deliveries deliveries,
            Shadows shadows,
            Problems problems,
            Speeds speeds,
            Meetings meetings) {
        this.meetings = meetings;
        this.rep = rep;
        this.stage = stage;
        this.choices = choices;
        this.deliveries = deliveries;
        this.shadows = shadows;
        this.problems = problems;
        this.speeds = speeds;
        this.touched = new Deflecting(rep, deliveries, problems);
    }

    boolean hasBall(String who) {
        return deliveries.hasBall(who);
    }

    /** Where the ball that is to be collected will be; empty when somebody has it, or there is none. */
    Optional<Deliveries.Course> course(Travel.Collect collect) {
        return deliveries.course(collect, rep.now());
    }

    /** A ball is fought for until it is won. */
    void contest(Contest contest) {
        String winner = Reads.winner(stage, choices, contest).orElse(contest.who());
        if (stage.person(winner).isEmpty() || !deliveries.promise(contest, rep.now())) {
            problems.cannotDo(contest, Acts.BOOK.say("contest.no.ball", problems.name(contest.who())));
            rep.plan(rep.now(), Kind.END, contest.id());
            return;
        }
        won.put(contest.id(), contest.won(winner));
        rep.plan(rep.now() + contest.seconds(), Kind.RELEASE, contest.id());
    }

    void deliver(Delivery delivery) {
        if (delivery.touch() == Action.Touch.DEFLECTED) {
            touched.meet(delivery);
            return;
        }
        Optional<Double> leaves = deliveries.prepare(delivery, rep.now());
        if (leaves.isEmpty()) {
            problems.noBall(delivery);
            rep.plan(rep.now(), Kind.END, delivery.id());
        } else if (meetings.isMet(delivery)) {
            meet((Action.Pass) delivery, leaves.get());
        } else {
            delivery.met().ifPresent(o -> problems.cannotMeet((Action.Pass) delivery, Problems.NoMeeting.NOT_THIS_WAY));
            rep.plan(leaves.get(), Kind.RELEASE, delivery.id());
        }
    }

    /**
     * Holds a ball that is to be met until it is known when its runner is there; who waited in vain gets it at once.
     */
    private void meet(Action.Pass pass, double leaves) {
        held.put(pass, leaves);
        if (meetings.isOver(pass.id())
                || problems.waitsFor(pass.met().orElseThrow().line(), pass.id())) {
            cannotMeet(pass);
        } else {
            arrangeMeetings();
        }
    }

    /** Lets those go at the right moment who hold a ball for somebody of whom it is known when they are there. */
    void arrangeMeetings() {
        for (Action.Pass pass : List.copyOf(held.keySet())) {
            OptionalDouble there = deliveries.released().there(pass);
            if (there.isPresent()) {
                double from = Math.max(rep.now(), held.remove(pass));
                rep.plan(deliveries.released().letsGo(pass, from, there.getAsDouble()), Kind.RELEASE, pass.id());
            } else if (rep.hasStarted(pass.met().orElseThrow().line())) {
                cannotMeet(pass);
            }
        }
    }

    /** Those who hold a ball for somebody who never comes send it to where they are; whether there are any. */
    boolean holdNoLonger() {
        List<Action.Pass> all = List.copyOf(held.keySet());
        all.forEach(this::cannotMeet);
        return !all.isEmpty();
    }

    private void cannotMeet(Action.Pass pass) {
        double from = Math.max(rep.now(), held.getOrDefault(pass, rep.now()));
        held.remove(pass);
        boolean gone = rep.hasStarted(pass.met().orElseThrow().line());
        problems.cannotMeet(pass, gone ? Problems.NoMeeting.GONE : Problems.NoMeeting.TOO_LATE);
        meetings.giveUp(pass.id());
        rep.plan(from, Kind.RELEASE, pass.id());
    }

    /** Whether a pass is to be held longer, or is not met as was planned: its runner has changed their way since. */
    private boolean isHeldOn(Delivery delivery) {
        if (!meetings.isMet(delivery)) {
            return false;
        }
        Action.Pass pass = (Action.Pass) delivery;
        OptionalDouble there = deliveries.released().there(pass);
        if (there.isEmpty()) {
            cannotMeet(pass);
            return true;
        }
        double release = deliveries.released().letsGo(pass, rep.now(), there.getAsDouble());
        if (release > rep.now() + AT_ONCE) {
            rep.plan(release, Kind.RELEASE, pass.id());
            return true;
        }
        return false;
    }

    void release(Entry entry) {
        Action action = rep.action(entry.action());
        Delivery delivery = action instanceof Contest ? won.get(action.id()) : (Delivery) action;
        boolean deflected = delivery.touch() == Action.Touch.DEFLECTED;
        if (isHeldOn(delivery) || deflected && !touched.isThere(delivery)) {
            return;
        }
        Sent sent = deflected ? touched.send(delivery) : deliveries.release(delivery, rep.now());
        shadows.changedBall(rep.now());
        if (delivery instanceof Action.Pass pass) {
            problems.cannotGoSo(pass, deliveries, sent);
        } else if (sent.isUnsaved()) {
            problems.nobodySaves(delivery);
        }
        rep.released(delivery.id());
        rep.note(Event.Kind.RELEASE, delivery.id(), delivery.who(), sent.ball());
        rep.happens(new Cue.Released(delivery.id()));
        expect(sent);
        rep.plan(rep.now() + speeds.forPerson(delivery.who()).takes().followThrough(), Kind.END, delivery.id());
    }

    /** Everything on its way to people who have just changed their own way is aimed anew. */
    void aimAnew(Predicate<String> receivers) {
        deliveries.aimAnew(receivers).forEach(this::expect);
    }

    private void expect(Sent sent) {
        String id = sent.delivery().id();
        sent.flight()
                .meetsWall()
                .filter(t -> t >= rep.now())
                .ifPresent(t -> rep.plan(t, Kind.BANK, id, sent.version(), null));
        rep.plan(sent.arrival(), Kind.ARRIVAL, id, sent.version(), null);
        rep.foresee(new Cue.Received(id), sent.arrival(), sent.version());
    }

    /**
     * A ball comes off a wall: it touches something, but nobody. A pass that is aimed anew after that is aimed anew
     * from the start, as by somebody who saw it coming; then only its last way off the wall is told.
     */
    void bank(Entry entry) {
        deliveries.onItsWay(entry.action(), entry.version()).ifPresent(sent -> {
            rep.unnote(Event.Kind.TOUCH, entry.action());
            rep.note(Event.Kind.TOUCH, entry.action(), null, sent.ball());
            rep.touches(null, sent.ball());
        });
    }

    void arrive(Entry entry) {
        if (deliveries.onItsWay(entry.action(), entry.version()).isEmpty()) {
            return;
        }
        Sent sent = deliveries.arrive(entry.action(), rep.now());
        shadows.changedBall(rep.now());
        rep.arrived(entry.action());
        Optional<String> receiver = sent.taker();
        receiver.filter(deliveries::hasSeveral).ifPresent(r -> problems.secondBall(sent.delivery(), r));
        rep.note(
                Event.Kind.ARRIVAL,
                entry.action(),
                receiver.orElse(sent.delivery().who()),
                sent.ball());
        receiver.ifPresent(r -> rep.note(Event.Kind.TOUCH, entry.action(), r, sent.ball()));
        if (sent.delivery().met().isPresent()) {
            come.accept((Action.Pass) sent.delivery());
        }
        rep.happens(new Cue.Received(entry.action()));
        rep.touches(receiver.orElse(null), sent.ball());
        if (sent.delivery() instanceof Action.Shot shot) {
            dies(shot, sent.ball(), receiver.isPresent());
        }
    }

    /** A shot goes in, of which nothing else is said, or a keeper has it. */
    private void dies(Action.Shot shot, String ball, boolean kept) {
        boolean in = !kept && (shot.result() == Action.Result.IN || shot.result() == Action.Result.OPEN);
        if (in) {
            rep.happens(new Cue.Dead(ball, Cue.Dead.How.IN));
        }
        if (in || kept) {
            rep.happens(new Cue.Dead(ball, Cue.Dead.How.EITHER));
        }
    }

    /** What is to be done when a pass comes that is met on a line, before anybody hears of it. */
    void onMet(Consumer<Action.Pass> doing) {
        come = doing;
    }

    /** Somebody has come to a ball that they went for. */
    void collected(Travel.Collect collect) {
        Optional<String> ball = isToLose(collect) ? Optional.empty() : deliveries.collect(collect, rep.now());
        if (ball.isPresent()) {
            shadows.changedBall(rep.now());
            if (collect.ending() == Action.Ending.CATCH) {
                double late = rep.now() - deliveries.downAt(ball.get());
                if (!(late <= BEFORE_IT_BOUNCES)) {
                    problems.cannotDo(collect, Acts.BOOK.say("bounces", problems.name(collect.who())));
                }
            }
            deliveries.cutShort(ball.get()).ifPresent(sent -> taken(sent, collect));
            rep.note(Event.Kind.TOUCH, collect.id(), collect.who(), ball.get());
            rep.touches(collect.who(), ball.get());
            return;
        }
        boolean others = rep.actions().stream()
                .anyMatch(a -> a instanceof Travel.Collect c
                        && c != collect
                        && c.path().last().equals(collect.path().last())
                        && isFoughtFor(c));
        if (others) {
            rep.note(Event.Kind.CONTEST, collect.id(), collect.who(), null);
        } else {
            problems.nothingThere(collect);
        }
    }

    /** A ball is taken on its way: from somebody it was meant for, it never comes to them. */
    private void taken(Sent sent, Travel.Collect by) {
        String pass = sent.delivery().id();
        if (sent.taker().isPresent()) {
            rep.note(Event.Kind.CUT_OUT, by.id(), by.who(), sent.ball());
        } else {
            rep.arrived(pass);
            rep.note(Event.Kind.ARRIVAL, pass, by.who(), sent.ball());
            rep.happens(new Cue.Received(pass));
        }
    }

    /** Live play is over: whoever is to go on with a ball then has the one that was played. */
    void playedOut(PlayOn play) {
        rep.actions().stream()
                .filter(a -> !rep.hasStarted(a.id()) && goesOn(a, play))
                .filter(a -> a instanceof Delivery || a instanceof Travel.Carry)
                .map(Action::who)
                .findFirst()
                .filter(who -> !deliveries.hasBall(who))
                .ifPresent(who -> {
                    deliveries.handOver(play.who(), who, rep.now());
                    shadows.changedBall(rep.now());
                });
    }

    private boolean goesOn(Action action, PlayOn play) {
        boolean follows = action.cue().trigger().followsOwn() && action.who().equals(play.who());
        return follows || action.cue().trigger().parts().stream().anyMatch(t -> t.equals(new Cue.After(play.id())));
    }

    /** Whether another goes for a ball still, or has only just had it. */
    private boolean isFoughtFor(Travel.Collect other) {
        return rep.isOn(other.id())
                || rep.hasStarted(other.id())
                        && rep.now() - rep.times().get(other.id()).end() < CONTESTED;
    }

    /** Whether another who goes for the same ball has been chosen to win it. */
    private boolean isToLose(Travel.Collect collect) {
        Optional<String> winner = collect.wanted().flatMap(b -> Reads.winner(stage, choices, b));
        return winner.filter(w -> !w.equals(collect.who())).isPresent()
                && rep.actions().stream()
                        .anyMatch(a -> a instanceof Travel.Collect c
                                && c.who().equals(winner.get())
                                && c.path().last().equals(collect.path().last())
                                && rep.isOn(c.id()));
    }
}
