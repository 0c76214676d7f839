package wildchalk.core.edit;

import java.util.ArrayList;
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
import wildchalk.core.geometry.Vec;
import wildchalk.core.timeline.Problem;

/** What would mend what cannot happen: one edit each, likeliest first. */
public final class Mends {

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
}
