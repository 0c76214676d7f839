package wildchalk.core.edit;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.ActionCases;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Hold;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.PlayOn;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.stroke.CueChoices;

/** Edits that change one word of what is told: who does it, where it goes, with what it begins. */
public final class Retelling {

    private Retelling() {}

    /** Lets somebody else do it. A ball that the first had for it goes to the other. */
    public static Edit<Drill> by(String rung, Action action, Piece.Person other) {
        return StageEdit.of("Let " + name(other) + " do it", rung, stage -> {
            boolean first = stage.actionsOf(action.who()).indexOf(action) == 0;
            boolean needsBall = action instanceof Action.Delivery || action instanceof Travel.Carry;
            boolean hasNone = stage.balls().stream()
                    .noneMatch(b -> b.heldBy().filter(other.id()::equals).isPresent());
            Stage given = !(first && needsBall && hasNone)
                    ? stage
                    : stage.withPieces(stage.pieces().stream()
                            .map(p -> p.heldBy().filter(action.who()::equals).isPresent()
                                    ? new Piece.Ball(p.id(), other.at(), Optional.of(other.id()))
                                    : p)
                            .toList());
            return given.withAction(
                    Transfer.renaming(Map.of(action.who(), other.id())).action(action));
        });
    }

    private static String name(Piece.Person person) {
        return person.label().isBlank() ? "somebody else" : person.label();
    }

    /** Lets it go somewhere else: a delivery to there, a line by the same way to there, a shadow with another. */
    public static Optional<Edit<Drill>> to(String rung, Action action, Spot spot) {
        return action.match(new ActionCases.Families<>() {
            @Override
            public Optional<Edit<Drill>> travel(Travel travel) {
                return Optional.of(ActionEdits.change(
                        rung,
                        "Lead the line elsewhere",
                        travel.withPath(travel.path().endingAt(spot))));
            }

            @Override
            public Optional<Edit<Drill>> delivery(Action.Delivery delivery) {
                return Optional.of(ActionEdits.change(rung, "Send it elsewhere", delivery.withTo(spot)));
            }

            @Override
            public Optional<Edit<Drill>> shadow(Action.Shadow s) {
                return spot instanceof Spot.AtPiece p
                        ? Optional.of(ActionEdits.change(
                                rung,
                                "Follow another",
                                new Action.Shadow(
                                        s.id(),
                                        s.who(),
                                        p.piece(),
                                        new Action.Shadow.Style(s.way(), s.side(), s.distance()),
                                        s.gait(),
                                        s.until(),
                                        s.cue())))
                        : Optional.empty();
            }

            @Override
            public Optional<Edit<Drill>> hold(Hold hold) {
                return Optional.of(ActionEdits.change(rung, "Face another way", hold.facing(Optional.of(spot))));
            }

            @Override
            public Optional<Edit<Drill>> call(Action.Call call) {
                return Optional.empty();
            }

            @Override
            public Optional<Edit<Drill>> blow(Action.Blow blow) {
                return Optional.empty();
            }

            @Override
            public Optional<Edit<Drill>> playOn(PlayOn play) {
                return Optional.empty();
            }

            @Override
            public Optional<Edit<Drill>> handle(Action.Handle handle) {
                return Optional.empty();
            }
        });
    }

    /**
     * Lets an action begin with another one, on the same cue.
     *
     * @return empty when the other one waits for it, so that both would wait for ever
     */
    public static Optional<Edit<Drill>> together(String rung, Stage stage, Action action, Action other) {
        Cue.Trigger theirs = other.cue().trigger();
        boolean follows = theirs.followsOwn() && !other.who().equals(action.who());
        List<Action> own = stage.actionsOf(other.who());
        int i = own.indexOf(other);
        Cue cue;
        if (!follows) {
            cue = other.cue();
        } else if (i > 0) {
            cue = Cue.after(own.get(i - 1).id());
        } else {
            cue = Cue.whistle();
        }
        if (other.id().equals(action.id()) || CueChoices.waitsFor(other, action, stage)) {
            return Optional.empty();
        }
        return Optional.of(ActionEdits.change(
                rung,
                "Let it begin with that",
                action.withCue(cue.delayed(other.cue().delay()))));
    }
}
