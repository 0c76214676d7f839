package wildchalk.core.rehearsal;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.PersonTrack;
import wildchalk.core.motion.Posture;
import wildchalk.core.rehearsal.Agenda.Kind;
import wildchalk.core.timeline.Event;
import wildchalk.core.wording.Wordbook;

/**
 * What bodies do to each other and to balls where they are: who goes down, who is driven off, who has the ball then.
 */
final class Acts {

    /** The words of this. */
    static final Wordbook BOOK = Wordbook.beside(Acts.class, "Body");

    /** From this far somebody is tackled, metres; assumed: a step and the arms. */
    private static final double TACKLES = 2;
    /** From this far somebody is touched or has a ball taken off them, metres; assumed. */
    private static final double ARM = 1.5;
    /** The same with a stick, metres; assumed. */
    private static final double STICK = 2.2;
    /** How far somebody is driven off, and how far whoever does so goes along, metres; assumed. */
    private static final double DRIVEN = 1.5;

    private static final double ALONG = 1.2;

    private final Stage stage;
    private final RehearsalState rep;
    private final Bodies bodies;
    private final Handling handling;
    private final Deliveries deliveries;
    private final Locomotion legs;
    private final Postures postures;
    private final Problems problems;
    private final Set<String> failed = new HashSet<>();

    Acts(
            Stage stage,
            RehearsalState rep,
            Bodies bodies,
            Handling handling,
            Deliveries deliveries,
            Locomotion legs,
            Postures postures,
            Problems problems) {
        this.stage = stage;
        this.rep = rep;
        this.bodies = bodies;
        this.handling = handling;
        this.deliveries = deliveries;
        this.legs = legs;
        this.postures = postures;
        this.problems = problems;
    }

    void begin(Act act) {
        Optional<String> trouble = trouble(act);
        if (trouble.isPresent()) {
            failed.add(act.id());
            problems.cannotDo(act, trouble.get());
            rep.plan(rep.now(), Kind.END, act.id());
            return;
        }
        double over = rep.now() + act.seconds();
        switch (act.what()) {
            case GO_DOWN -> over = down(act, act.who(), Posture.LYING);
            case KNEEL -> over = down(act, act.who(), Posture.KNEELING);
            case GET_UP -> up(act, over);
            case TACKLE -> over = tackle(act);
            case CLEAR_OUT -> over = clearOut(act);
            case WALL_UP, PUT_DOWN -> over = stops(act, act.who());
            case TAP, TAP_STICK, LET_FALL, TAKE -> {}
        }
        rep.plan(over, Kind.END, act.id());
    }

    /** What the end of it brings about. */
    void end(Act act) {
        if (failed.contains(act.id())) {
            return;
        }
        switch (act.what()) {
            case PUT_DOWN, LET_FALL -> deliveries.layDown(act.who(), rep.now());
            case TAKE -> take(act);
            case TACKLE -> {
                if (act.then() == Act.Then.LOOSE) {
                    act.whom().ifPresent(w -> deliveries.layDown(w, rep.now()));
                }
            }
            default -> {}
        }
    }

    /** Why it cannot be done. */
    private Optional<String> trouble(Act act) {
        String name = problems.name(act.who());
        boolean needsBall = act.what() == Act.What.PUT_DOWN || act.what() == Act.What.LET_FALL;
        if (needsBall && !deliveries.hasBall(act.who())) {
            return Optional.of(BOOK.say("no.ball", name));
        }
        if (act.what().about() == Act.About.NOBODY) {
            boolean up =
                    act.what() == Act.What.GET_UP && bodies.track(act.who()).posture(rep.now()) == Posture.UP;
            return up ? Optional.of(BOOK.say("is.up", name)) : Optional.empty();
        }
        if (act.on().isEmpty()) {
            return Optional.of(BOOK.say("nobody"));
        }
        double off = place(act).distance(bodies.track(act.who()).at(rep.now()));
        if (off > reach(act)) {
            return Optional.of(BOOK.say("too.far", name, Math.round(off * 10) / 10.0));
        }
        boolean hasNone = act.what() == Act.What.TAKE
                && act.whom().filter(deliveries::hasBall).isEmpty();
        return hasNone
                ? Optional.of(
                        BOOK.say("they.have.none", problems.name(act.whom().orElse(""))))
                : Optional.empty();
    }

    private static double reach(Act act) {
        return switch (act.what()) {
            case TACKLE -> TACKLES;
            case TAP_STICK -> STICK;
            default -> ARM;
        };
    }

    private Vec place(Act act) {
        Spot on = act.on().orElseThrow();
        return on.namedPiece()
                .filter(w -> stage.person(w).isPresent())
                .map(w -> bodies.track(w).at(rep.now()))
                .orElseGet(() -> nearest(act, on));
    }

    /** The nearest place of gear that is broad; a bare place is where it is. */
    private Vec nearest(Act act, Spot on) {
        Vec own = bodies.track(act.who()).at(rep.now());
        Vec at = handling.place(on, rep.now());
        double broad = on.namedPiece()
                .flatMap(stage::piece)
                .filter(Piece.Item.class::isInstance)
                .map(p -> Math.max(((Piece.Item) p).width(), ((Piece.Item) p).depth()) / 2)
                .orElse(0.0);
        Vec way = own.minus(at);
        return way.length() <= broad ? own : at.plus(way.unit().times(broad));
    }

    private double stops(Act act, String who) {
        boolean dead = act.what() == Act.What.TACKLE && act.then() != Act.Then.MISSED;
        double rest = legs.stop(who, act, dead);
        return Math.max(rest, rep.now()) + act.seconds();
    }

    private double down(Act act, String who, Posture posture) {
        double over = stops(act, who);
        bodies.track(who).is(posture, rep.now() + (over - rep.now()) / 2);
        postures.isBusy(who, over);
        return over;
    }

    private void up(Act act, double over) {
        bodies.track(act.who()).is(Posture.UP, over);
        postures.isBusy(act.who(), over);
    }

    private double tackle(Act act) {
        String whom = act.whom().orElseThrow();
        Act.Then then = act.then();
        if (then == Act.Then.MISSED) {
            return down(act, act.who(), Posture.LYING);
        }
        boolean both = then == Act.Then.BOTH_DOWN || then == Act.Then.LOOSE;
        double over = both ? down(act, act.who(), Posture.LYING) : stops(act, act.who());
        over = Math.max(over, then == Act.Then.HELD_UP ? stops(act, whom) : down(act, whom, Posture.LYING));
        postures.isBusy(whom, over);
        postures.isBusy(act.who(), over);
        return over;
    }

    private double clearOut(Act act) {
        String whom = act.whom().orElseThrow();
        PersonTrack own = bodies.track(act.who());
        Vec way = bodies.track(whom).at(rep.now()).minus(own.at(rep.now()));
        Vec off = way.length() < 0.1 ? Vec.polar(1, own.pose(rep.now()).facing()) : way.unit();
        legs.stop(whom, act);
        legs.stop(act.who(), act);
        double over = Math.max(
                bodies.shove(whom, off.times(DRIVEN), rep.now(), act.seconds()),
                bodies.shove(act.who(), off.times(ALONG), rep.now(), act.seconds()));
        for (String each : List.of(whom, act.who())) {
            legs.changedWay(each);
            postures.isBusy(each, over);
        }
        return over;
    }

    private void take(Act act) {
        String whom = act.whom().orElseThrow();
        if (deliveries.hasBall(whom)) {
            String ball = deliveries.handOver(whom, act.who(), rep.now()).orElseThrow();
            rep.note(Event.Kind.TOUCH, act.id(), act.who(), ball);
            rep.touches(act.who(), ball);
        }
    }
}
