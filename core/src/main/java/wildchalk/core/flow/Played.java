package wildchalk.core.flow;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.PlayOn;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.implied.LivePlay;
import wildchalk.core.drill.implied.NextInLine;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.Possession;
import wildchalk.core.timeline.ActionTimes;
import wildchalk.core.timeline.Event;
import wildchalk.core.timeline.Timeline;

/**
 * What one rep comes to, read off its rehearsal once.
 *
 * @param over seconds after its whistle at which all is done
 * @param parts what each role does in it, by the id of its person
 * @param balls those that are played
 */
record Played(Timeline timeline, double over, Map<String, Part> parts, List<BallUse> balls) {

    /**
     * What somebody does in a rep.
     *
     * @param acts whether they do anything, or have the ball
     * @param does whether anything is drawn that they do, rather than only coming to the front of their line
     * @param begins when, seconds after the whistle
     * @param ends when their part is over
     * @param leaves where they are then
     * @param made shots that go in; of those of which nothing is said half do
     */
    record Part(
            boolean acts,
            boolean does,
            double begins,
            double ends,
            Vec leaves,
            double metres,
            Counts counts,
            double made) {}

    /** How often somebody does what. */
    record Counts(int sprints, int touches, int shots) {}

    /**
     * A ball in a rep.
     *
     * @param id of the ball
     * @param from where it is when the rep begins
     * @param holder id of whoever has it at the end; empty for one that lies
     * @param lastBy id of whoever had it last; empty for one that nobody had
     * @param lies where it is at the end
     */
    record BallUse(String id, Source from, Optional<String> holder, Optional<String> lastBy, Vec lies) {}

    /**
     * Where a ball is taken from.
     *
     * @param role id of whoever has it from the start; empty for a ball that lies
     * @param heap id of the heap it lies in; empty for one that lies by itself
     */
    record Source(Optional<String> role, Optional<String> heap, Vec at) {}

    /** What a role does; nothing for who is in other ways of the rep only. */
    Part part(String role) {
        Part part = parts.get(role);
        return part != null
                ? part
                : new Part(
                        false, false, over, over, timeline.at(NextInLine.token(role), over), 0, new Counts(0, 0, 0), 0);
    }

    /** When a moment comes, seconds after the whistle; empty when it never does. */
    OptionalDouble moment(Cue cue) {
        return timeline.moment(cue);
    }

    /** @param ends what ends it before all is done */
    static Played of(Stage stage, Timeline timeline, List<Cue> ends) {
        double over = timeline.duration();
        for (Cue end : ends) {
            over = Math.min(over, timeline.moment(end).orElse(over));
        }
        Map<String, Part> parts = new HashMap<>();
        for (Piece.Person person : stage.people()) {
            parts.put(person.id(), part(stage, timeline, person.id(), over));
        }
        List<BallUse> balls = new ArrayList<>();
        for (String ball : timeline.balls()) {
            if (timeline.events().stream().anyMatch(e -> ball.equals(e.ball())) || isCarried(stage, timeline, ball)) {
                balls.add(use(stage, timeline, ball, over));
            }
        }
        return new Played(timeline, over, parts, balls);
    }

    /** Whether somebody only takes it along: no touch of theirs is an event. */
    private static boolean isCarried(Stage stage, Timeline timeline, String ball) {
        return stage.actions().stream().filter(Travel.Carry.class::isInstance).anyMatch(a -> timeline.times(a.id())
                .flatMap(t -> timeline.holder(ball, t.start()))
                .filter(a.who()::equals)
                .isPresent());
    }

    private static Part part(Stage stage, Timeline timeline, String who, double over) {
        double begins = Double.POSITIVE_INFINITY;
        double ends = 0;
        int sprints = 0;
        int shots = 0;
        double made = 0;
        boolean does = false;
        for (Action action : stage.actionsOf(who)) {
            Optional<ActionTimes> t = timeline.times(action.id());
            if (t.isPresent() && t.get().start() <= over) {
                if (!NextInLine.isStep(action.id())) {
                    begins = Math.min(begins, t.get().start());
                    does = true;
                }
                ends = Math.max(ends, Math.min(over, t.get().end()));
                sprints += action instanceof Travel go && go.gait() == Action.Gait.SPRINT ? 1 : 0;
                shots += action instanceof Action.Shot ? 1 : 0;
                made += action instanceof Action.Shot shot ? made(shot) : 0;
            }
        }
        for (ActionTimes live : undrawn(stage, timeline, who, over)) {
            begins = Math.min(begins, live.start());
            ends = Math.max(ends, Math.min(over, live.end()));
            does = true;
        }
        int touches = 0;
        for (Event event : timeline.events()) {
            if (event.kind() == Event.Kind.TOUCH && who.equals(event.who()) && event.t() <= over) {
                touches++;
                begins = Math.min(begins, event.t());
                ends = Math.max(ends, event.t());
            }
        }
        boolean acts = begins <= over;
        double end = acts ? ends : over;
        return new Part(
                acts,
                does,
                acts ? begins : over,
                end,
                timeline.at(who, end),
                timeline.gone(who, 0, end),
                new Counts(sprints, touches, shots),
                made);
    }

    /** When somebody takes part in live play, or does what whoever is something at a moment does. */
    private static List<ActionTimes> undrawn(Stage stage, Timeline timeline, String who, double over) {
        List<ActionTimes> times = new ArrayList<>();
        for (Action action : stage.actions()) {
            if (action instanceof PlayOn play && LivePlay.people(stage, play).contains(who)) {
                timeline.times(action.id()).ifPresent(times::add);
            }
        }
        timeline.events().stream()
                .filter(e -> e.kind() == Event.Kind.START && who.equals(e.who()))
                .filter(e -> stage.action(e.action()).isEmpty())
                .flatMap(e -> timeline.times(e.action()).stream())
                .forEach(times::add);
        times.removeIf(t -> t.start() > over);
        return times;
    }

    private static double made(Action.Shot shot) {
        return switch (shot.result()) {
            case IN -> 1;
            case OPEN -> 0.5;
            case SAVED, REBOUND -> 0;
        };
    }

    private static BallUse use(Stage stage, Timeline timeline, String ball, double over) {
        Vec at = timeline.ball(ball, 0);
        // Who plays theirs at the whistle has it no more at that moment.
        Optional<String> role =
                stage.piece(ball).filter(Piece.Ball.class::isInstance).flatMap(p -> ((Piece.Ball) p).heldBy());
        Optional<String> heap = role.isPresent()
                ? Optional.empty()
                : stage.pieces().stream()
                        .filter(p -> p instanceof Piece.Supply && p.at().distance(at) < 0.5)
                        .map(Piece::id)
                        .findFirst();
        List<Possession> had = timeline.possessions(ball);
        return new BallUse(
                ball,
                new Source(role, heap, at),
                timeline.holder(ball, over),
                had.isEmpty()
                        ? Optional.empty()
                        : Optional.of(had.get(had.size() - 1).who()),
                timeline.ball(ball, over));
    }
}
