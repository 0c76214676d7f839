package wildchalk.core.edit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.geometry.Vec;
import wildchalk.core.timeline.Problem;

/** What would mend what cannot happen: one edit each, likeliest first. */
public final class Mends {

    /** Who stands nearer than this to a line is on it, metres, and how far from them it is led past. */
    private static final double IN_THE_WAY = 0.5;

    private static final double PAST = 1.2;
    /** Balls that are brought nearer lie so far from who plays them in, metres. */
    private static final double BESIDE = 1.5;

    private Mends() {}

    /**
     * One way to mend something.
     *
     * @param words as they stand on a button: "Give 7 a ball"
     */
    public record Mend(String words, Edit<Drill> edit) {}

    /** Empty where only the coach can know what was meant. */
    public static List<Mend> of(String rung, Stage stage, Problem problem) {
        if (problem.kind() == Problem.Kind.LEADS_NOWHERE) {
            return nowhere(rung, stage, problem);
        }
        Optional<Action> action = stage.action(problem.action());
        if (action.isEmpty()) {
            return List.of();
        }
        return switch (problem.kind()) {
            case NO_BALL -> ball(rung, stage, action.get());
            case NOTHING_THERE -> ballThere(rung, stage, action.get());
            case NEVER, SENT_ELSEWHERE -> cues(rung, stage, action.get());
            case NOWHERE -> List.of(
                    new Mend("Take it away", PieceEdits.remove(rung, stage, List.of(problem.action()))));
            case IN_THE_WAY -> past(rung, stage, action.get());
            case NO_MEETING -> meeting(rung, stage, action.get());
            case NOT_SO, LIMIT, LEADS_NOWHERE -> List.of();
        };
    }

    private static List<Mend> nowhere(String rung, Stage stage, Problem problem) {
        return stage.instructions(Instruction.Read.class).stream()
                .filter(r -> r.id().equals(problem.action()))
                .flatMap(r -> r.options().stream()
                        .filter(o -> o.actions().isEmpty())
                        .map(o -> new Mend("Take this option away", ReadEdits.without(rung, stage, r, o.id()))))
                .toList();
    }

    private static List<Mend> ball(String rung, Stage stage, Action action) {
        List<Mend> mends = new ArrayList<>();
        Optional<Piece.Person> who = stage.person(action.who());
        String name = who.map(Piece.Person::label).orElse("");
        stage.actions().stream()
                .filter(a -> a.receiver().filter(action.who()::equals).isPresent()
                        && !action.cue().trigger().of().equals(Optional.of(a.id())))
                .reduce((a, b) -> b)
                .ifPresent(pass -> mends.add(new Mend(
                        "Wait for the pass from "
                                + stage.person(pass.who())
                                        .map(Piece.Person::label)
                                        .orElse("them"),
                        ActionEdits.cue(rung, action, Cue.received(pass.id())))));
        if (action instanceof Action.Delivery) {
            nearer(rung, stage, action).ifPresent(mends::add);
        }
        boolean hasOne = stage.balls().stream()
                .anyMatch(b -> b.heldBy().filter(action.who()::equals).isPresent());
        if (!hasOne) {
            who.ifPresent(w -> mends.add(new Mend(
                    "Give " + name + " a ball",
                    StageEdit.making(
                            "Give " + name + " a ball",
                            rung,
                            (s, ids) -> s.withPiece(new Piece.Ball(ids.take("b"), w.at(), Optional.of(w.id())))))));
        }
        return mends;
    }

    /** The heap of balls that is nearest to who is to play one, brought to where they can reach it. */
    private static Optional<Mend> nearer(String rung, Stage stage, Action action) {
        Vec at = from(stage, action);
        return stage.heaps().stream()
                .filter(p -> p.at().distance(at) > Piece.Supply.IN_REACH)
                .min(Comparator.comparingDouble(p -> p.at().distance(at)))
                .map(heap -> new Mend(
                        "Bring the balls nearer",
                        StageEdit.of(
                                "Bring the balls nearer",
                                rung,
                                s -> s.withPiece(heap.movedTo(
                                        at.plus(heap.at().minus(at).unit().times(BESIDE)))))));
    }

    /** Where somebody is to stand when an action comes, as drawn. */
    private static Vec from(Stage stage, Action action) {
        return stage.actionsOf(action.who()).stream()
                .takeWhile(a -> !a.equals(action))
                .filter(Travel.class::isInstance)
                .reduce((a, b) -> b)
                .flatMap(a -> place(stage, ((Travel) a).path().last()))
                .orElseGet(() -> stage.person(action.who()).map(Piece::at).orElse(Vec.ZERO));
    }

    private static List<Mend> ballThere(String rung, Stage stage, Action action) {
        if (!(action instanceof Travel.Collect collect)) {
            return List.of();
        }
        Spot end = collect.path().last();
        Vec at = end instanceof Spot.Place place
                ? place.at()
                : end.namedPiece().flatMap(stage::piece).map(Piece::at).orElse(Vec.ZERO);
        return List.of(new Mend("Put a ball there", StageEdit.making("Put a ball there", rung, (s, ids) -> {
            String id = ids.take("b");
            return s.withPiece(new Piece.Ball(id, at, Optional.empty()))
                    .withAction(collect.withPath(collect.path().endingAt(Spot.at(id))));
        })));
    }

    private static List<Mend> cues(String rung, Stage stage, Action action) {
        List<Mend> mends = new ArrayList<>();
        if (stage.actionsOf(action.who()).indexOf(action) > 0
                && !action.cue().trigger().followsOwn()) {
            mends.add(new Mend("Let it follow their last", ActionEdits.cue(rung, action, Cue.next())));
        }
        mends.add(new Mend("Begin on the whistle", ActionEdits.cue(rung, action, Cue.whistle())));
        return mends;
    }

    /** Sent to where the receiver is; or its receiver sets off as the passer makes ready. */
    private static List<Mend> meeting(String rung, Stage stage, Action action) {
        if (action.met().isEmpty()) {
            return List.of();
        }
        Action.Pass pass = (Action.Pass) action;
        Spot.OnLine o = action.met().get();
        String name = stage.person(o.who()).map(Piece.Person::label).orElse("them");
        List<Mend> mends = new ArrayList<>();
        stage.action(o.line())
                .filter(line ->
                        line.cue().trigger().of().filter(pass.id()::equals).isPresent())
                .ifPresent(line -> mends.add(new Mend(
                        "Let " + name + " set off with it", ActionEdits.cue(rung, line, Cue.with(pass.id())))));
        mends.add(new Mend("Pass it at once", LineEdits.atOnce(rung, pass)));
        return mends;
    }

    /** Past who or what stands on a straight way; or later, when whoever is in the way may be gone. */
    private static List<Mend> past(String rung, Stage stage, Action action) {
        List<Mend> mends = new ArrayList<>();
        if (action instanceof Travel travel && travel.path().through().size() == 1) {
            bent(stage, travel)
                    .ifPresent(t -> mends.add(
                            new Mend("Lead the line past", ActionEdits.change(rung, "Lead the line past", t))));
        }
        double delay = Math.max(0, action.cue().delay());
        mends.add(new Mend(
                "Let it begin a second later",
                ActionEdits.cue(rung, action, action.cue().delayed(delay + 1))));
        return mends;
    }

    /** A straight way bent round whoever or whatever stands on it; empty when nothing does. */
    private static Optional<Travel> bent(Stage stage, Travel travel) {
        Optional<Vec> to = place(stage, travel.path().last());
        Vec from = from(stage, travel);
        return to.flatMap(end -> stage.pieces().stream()
                .filter(p -> !p.id().equals(travel.who()))
                .filter(p -> p instanceof Piece.Person || p instanceof Piece.Item)
                .map(Piece::at)
                .filter(p -> p.distanceToStretch(from, end) < IN_THE_WAY)
                .min(Comparator.comparingDouble(p -> p.distanceToStretch(from, end)))
                .map(p -> {
                    Vec way = end.minus(from).unit();
                    double side = way.cross(p.minus(from)) > 0 ? -1 : 1;
                    Spot past = Spot.at(p.plus(way.quarterTurn().times(side * PAST)));
                    return travel.withPath(
                            new TravelPath(List.of(past, travel.path().last()), true));
                }));
    }

    private static Optional<Vec> place(Stage stage, Spot spot) {
        return spot instanceof Spot.Place at
                ? Optional.of(at.at())
                : spot.namedPiece().flatMap(stage::piece).map(Piece::at);
    }
}
