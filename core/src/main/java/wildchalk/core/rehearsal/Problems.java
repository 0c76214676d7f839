package wildchalk.core.rehearsal;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Action.Delivery;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Reads;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.soundness.Soundness;
import wildchalk.core.timeline.Problem;

/** Puts into words what cannot happen as drawn, one problem for each action. */
final class Problems {

    /** A ball that is handed over is not longer on its way than this, seconds. */
    private static final double HAND_OFF_SECONDS = 0.6;

    private final Stage stage;
    private final Map<String, Problem> found = new LinkedHashMap<>();
    private final Set<String> dropped = new HashSet<>();
    private final Set<String> notTaken;

    /** @param notTaken ids of the actions that do not happen because another option is taken */
    Problems(Stage stage, Set<String> notTaken) {
        this.stage = stage;
        this.notTaken = notTaken;
    }

    List<Problem> found() {
        return List.copyOf(found.values());
    }

    boolean isDropped(String action) {
        return dropped.contains(action);
    }

    /** Whether an action has somebody to do it and goes to real places; if not, says so. */
    boolean canBePlayed(Action action, Places places) {
        if (stage.person(action.who()).isEmpty()) {
            add(action, Problem.Kind.NOWHERE, "nobody is there to do this: give it to a person who is on the surface");
            return false;
        }
        boolean real = Double.isFinite(action.cue().delay())
                && Soundness.spots(action).stream()
                        .allMatch(spot -> places.of(spot).isFinite());
        real &= !(action instanceof Travel t)
                || t.going().pace() > 0 && t.going().pace() <= 1;
        boolean moves = action instanceof Travel || action instanceof Action.Delivery;
        if (action instanceof Shadow shadow
                && (stage.person(shadow.whom()).isEmpty()
                        || shadow.whom().equals(shadow.who())
                        || !Double.isFinite(shadow.distance()))) {
            add(action, Problem.Kind.NOWHERE, "there is nobody to follow: choose whom this is about");
            return false;
        }
        if (!real || moves && Soundness.spots(action).isEmpty()) {
            add(action, Problem.Kind.NOWHERE, "this goes nowhere: draw it again");
            return false;
        }
        if (action instanceof Delivery d && d.to() instanceof Spot.AtTarget t && stage.isDown(t.target())) {
            add(action, Problem.Kind.NOWHERE, Breaches.BOOK.say("goal.down"));
        }
        return true;
    }

    void noBall(Action action) {
        String name = name(action.who());
        if (!stage.heaps().isEmpty() && action instanceof Delivery) {
            add(
                    action,
                    Problem.Kind.NO_BALL,
                    "no balls in reach of " + name + ": bring them nearer, or give " + name + " one");
            return;
        }
        add(
                action,
                Problem.Kind.NO_BALL,
                name + " has no ball here: give " + name + " one, or let this wait until " + name + " receives a pass");
    }

    void secondBall(Delivery delivery, String receiver) {
        String name = name(receiver);
        add(
                delivery,
                Problem.Kind.NOT_SO,
                name + " has a ball already when this one comes: let " + name
                        + " send it first, or send this one to somebody else");
    }

    /** Who has more balls from the start than they send away keeps one that is in the way. */
    void tooManyBalls(Collection<Action> played) {
        Map<String, List<String>> held = new LinkedHashMap<>();
        stage.balls().forEach(b -> b.heldBy()
                .ifPresent(w -> held.computeIfAbsent(w, k -> new ArrayList<>()).add(b.id())));
        held.values().removeIf(balls -> balls.size() < 2);
        held.forEach((who, balls) -> {
            long sent = played.stream()
                    .filter(a -> a instanceof Delivery && a.who().equals(who))
                    .count();
            boolean feeds =
                    stage.person(who).filter(Piece.Player.class::isInstance).isEmpty();
            if (!feeds && balls.size() > sent + 1) {
                String id = balls.get(1);
                found.putIfAbsent(
                        id,
                        new Problem(
                                id,
                                Problem.Kind.NOT_SO,
                                name(who) + " has " + balls.size() + " balls from the start and sends "
                                        + (sent == 0 ? "none" : sent)
                                        + " of them away: give one to somebody else, or put it down"));
            }
        });
    }

    void throughTheBoards(Travel travel) {
        add(
                travel,
                Problem.Kind.NOT_SO,
                name(travel.who()) + " would go through the boards: keep the line inside them");
    }

    void nobodySaves(Delivery shot) {
        add(
                shot,
                Problem.Kind.NOT_SO,
                "no keeper is near enough to save this: put one in the goal, or let the shot end otherwise");
    }

    void twoAtOnce(Action action) {
        add(
                action,
                Problem.Kind.SENT_ELSEWHERE,
                name(action.who()) + " is sent another way at the same moment, so this is never begun: "
                        + "let one of them come after the other");
    }

    void nothingThere(Travel.Collect collect) {
        add(
                collect,
                Problem.Kind.NOTHING_THERE,
                name(collect.who()) + " finds no ball there: put one down, or let this wait until one lies there");
    }

    /** Says when a pass cannot go the way it was drawn. */
    void cannotGoSo(Action.Pass pass, Deliveries deliveries, Sent sent) {
        if (deliveries.missesItsWall(pass)) {
            add(
                    pass,
                    Problem.Kind.NOT_SO,
                    BallWays.isRim(pass)
                            ? "the ball cannot go round there: no round corner of boards lies between the two, "
                                    + "so it goes straight"
                            : "the ball cannot come off there: the wall is not straight between the two, so it "
                                    + "goes straight");
        } else if (pass.manner() == Action.Manner.HAND_OFF && (sent.arrival() - sent.release()) > HAND_OFF_SECONDS) {
            add(
                    pass,
                    Problem.Kind.NOT_SO,
                    name(pass.who()) + " is too far away to hand the ball over: bring the two together first");
        }
    }

    /** Why two cannot meet. */
    enum NoMeeting {
        /** The runner has left their line. */
        GONE,
        /** The runner waits for the pass itself. */
        TOO_LATE,
        /** The line belongs to an option that is not taken, or is somebody else's. */
        NOT_THIS_WAY
    }

    /** A pass is sent to where its receiver is, because the two cannot meet as drawn. */
    void cannotMeet(Action.Pass pass, NoMeeting why) {
        String name = name(pass.receiver().orElse(""));
        add(
                pass,
                Problem.Kind.NO_MEETING,
                switch (why) {
                    case GONE -> name + " goes another way before the ball can be there: pass it at once, or earlier";
                    case TOO_LATE -> name
                            + " sets off there only after this pass, so they cannot come there together: let "
                            + name + " set off sooner, or pass it at once";
                    case NOT_THIS_WAY -> name
                            + " does not go there on this way through, so the ball is sent to where " + name
                            + " is: pass it at once, or make it part of the option in which " + name
                            + " goes there";
                });
    }

    void cannotHandle(Action.Handle handle, Handling.Trouble trouble) {
        String name = name(handle.who());
        add(
                handle,
                Problem.Kind.NOT_SO,
                switch (trouble) {
                    case OUT_OF_REACH -> name + " is too far away to pick this up: let " + name + " go there first";
                    case NOT_IN_HAND -> name + " has not got this in hand: let " + name + " pick it up first";
                    case NOTHING_TO_SWAP -> Acts.BOOK.say(
                            "swap.none",
                            handle.to()
                                    .flatMap(Spot::namedPiece)
                                    .map(this::name)
                                    .orElse(""));
                    case NOT_THERE -> "this is not on the ground, so nobody can pick it up: put it down first";
                });
    }

    /** What somebody is to do with body or hands cannot be done. */
    void cannotDo(Action action, String why) {
        add(action, Problem.Kind.NOT_SO, why);
    }

    void sentElsewhere(Action action) {
        dropped.add(action.id());
        add(
                action,
                Problem.Kind.SENT_ELSEWHERE,
                name(action.who()) + " never gets to this: they are sent another way first. "
                        + "Set it off by something that comes later");
    }

    /** Says of every action that never started what it waits for in vain. */
    void neverStarted(Collection<Action> actions, Set<String> started) {
        for (Action action : actions) {
            boolean excused = dropped.contains(action.id()) || isLeftOut(action, started, new HashSet<>());
            if (!started.contains(action.id()) && !excused) {
                add(
                        action,
                        Problem.Kind.NEVER,
                        inCircle(action)
                                ? "this waits for itself in a circle: set one of them off by the whistle"
                                : vain(action));
            }
        }
    }

    /** Says of every option that nothing follows from it: what is empty, and of what is taken, what never begins. */
    void leadsNowhere(Choices choices, Set<String> started) {
        for (Instruction.Read read : stage.instructions(Instruction.Read.class)) {
            Optional<Instruction.Option> taken = Reads.taken(stage, choices, read);
            for (int i = 0; i < read.options().size(); i++) {
                Instruction.Option option = read.options().get(i);
                boolean nothing = option.actions().isEmpty()
                        || taken.filter(option::equals).isPresent()
                                && option.actions().stream().noneMatch(started::contains);
                if (nothing) {
                    String label =
                            option.label().isBlank() ? "option " + (i + 1) : "\u201c" + option.label() + "\u201d";
                    found.putIfAbsent(
                            read.id(),
                            new Problem(
                                    read.id(),
                                    Problem.Kind.LEADS_NOWHERE,
                                    label + " leads nowhere: draw what " + name(read.who())
                                            + " does then, or take it away"));
                }
            }
        }
    }

    /** Whether all that an action waits for belongs to an option that is not taken. */
    private boolean isLeftOut(Action action, Set<String> started, Set<String> seen) {
        if (notTaken.isEmpty() || !seen.add(action.id())) {
            return false;
        }
        return waitsFor(action)
                .filter(a -> !started.contains(a.id()) && (notTaken.contains(a.id()) || isLeftOut(a, started, seen)))
                .isPresent();
    }

    private String vain(Action action) {
        Optional<Action> other = waitsFor(action);
        if (action.cue().trigger() instanceof Cue.Occurrence o) {
            if (o.nth() == 1) {
                return "this waits for something to come once more, and that never happens: choose what sets it off";
            }
            return "this waits for time " + o.nth() + " of "
                    + (o.moment() instanceof Cue.Called c
                            ? "the call \u201c" + c.word() + "\u201d"
                            : "what " + name(o.watched().get(0)) + " does")
                    + ", and that does not come so often: choose what sets it off";
        }
        if (action.cue().trigger() instanceof Cue.Called called) {
            boolean once = stage.actions().stream()
                    .anyMatch(a -> a instanceof Action.Call c && c.word().equals(called.word()));
            if (once) {
                return "this waits for another call \u201c" + called.word()
                        + "\u201d after the one that " + name(action.who())
                        + " has gone on already: let it be called once more, or choose what sets this off";
            }
            return "this waits for the call \u201c" + called.word()
                    + "\u201d, but nobody calls it: let somebody, or choose what " + "sets it off";
        }
        if (!action.cue().trigger().watched().isEmpty()) {
            return "this waits for " + name(action.cue().trigger().watched().get(0))
                    + " to get somewhere, and that never happens: choose what sets it off";
        }
        if (other.isEmpty()) {
            return "this waits for something that is not there: choose what sets it off";
        }
        String who = name(other.get().who());
        if (action.cue().trigger() instanceof Cue.Received) {
            return "this waits for a ball from " + who + " that never comes: choose what sets it off";
        }
        return "this waits for something by " + who + " that never happens: choose what sets it off";
    }

    /** Whether an action comes, by whatever detour, only after another: waiting for it would be waiting for ever. */
    boolean waitsFor(String action, String other) {
        Set<String> seen = new HashSet<>();
        Optional<Action> next = stage.action(action);
        while (next.isPresent() && seen.add(next.get().id())) {
            if (next.get().cue().trigger() instanceof Cue.FirstOf) {
                return false;
            }
            // Who sets off with another does not wait for what that one does.
            boolean together = next.get().cue().trigger() instanceof Cue.With;
            next = waitsFor(next.get());
            if (!together && next.filter(a -> a.id().equals(other)).isPresent()) {
                return true;
            }
        }
        return false;
    }

    private boolean inCircle(Action action) {
        Set<String> seen = new HashSet<>();
        Optional<Action> next = Optional.of(action);
        while (next.isPresent() && seen.add(next.get().id())) {
            next = waitsFor(next.get());
        }
        return next.filter(a -> a.id().equals(action.id())).isPresent();
    }

    private Optional<Action> waitsFor(Action action) {
        if (action.cue().trigger().followsOwn()) {
            List<Action> own = stage.actionsOf(action.who());
            int i = own.indexOf(action);
            return i > 0 ? Optional.of(own.get(i - 1)) : Optional.empty();
        }
        return action.cue().trigger().parts().stream()
                .flatMap(t -> t.of().stream())
                .flatMap(a -> stage.action(a).stream())
                .findFirst();
    }

    private void add(Action action, Problem.Kind kind, String message) {
        found.putIfAbsent(action.id(), new Problem(action.id(), kind, message));
    }

    String name(String who) {
        return name(stage, who);
    }

    static String name(Stage stage, String who) {
        return stage.person(who)
                .map(Piece.Person::label)
                .filter(l -> !l.isBlank())
                .orElse("this person");
    }
}
