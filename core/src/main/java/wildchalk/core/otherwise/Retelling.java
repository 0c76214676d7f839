package wildchalk.core.otherwise;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.ActionCases;
import wildchalk.core.drill.Contest;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Hold;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.PlayOn;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.edit.ActionEdits;
import wildchalk.core.stroke.CueChoices;

/** Edits that change one word of what is told: who does it, where it goes, with what it begins. */
public final class Retelling {

    private Retelling() {}

    /** Lets somebody else do it. A ball that the first had for it goes to the other. */
    public static Edit<Drill> by(String rung, Action action, Piece.Person other) {
        return ActionEdits.by(rung, Choosing.BOOK.say("by", name(other)), action, other);
    }

    private static String name(Piece.Person person) {
        return person.label().isBlank() ? Choosing.BOOK.say("by.somebody") : person.label();
    }

    /** Lets it go somewhere else: a delivery to there, a line by the same way to there, a shadow with another. */
    public static Optional<Edit<Drill>> to(String rung, Action action, Spot spot) {
        return action.match(new ActionCases.Families<>() {
            @Override
            public Optional<Edit<Drill>> travel(Travel travel) {
                return Optional.of(ActionEdits.change(
                        rung,
                        Choosing.BOOK.say("to.line"),
                        travel.withPath(travel.path().endingAt(spot))));
            }

            @Override
            public Optional<Edit<Drill>> delivery(Action.Delivery delivery) {
                return Optional.of(ActionEdits.change(rung, Choosing.BOOK.say("to.send"), delivery.withTo(spot)));
            }

            @Override
            public Optional<Edit<Drill>> shadow(Shadow s) {
                return spot instanceof Spot.AtPiece p
                        ? Optional.of(ActionEdits.change(rung, Choosing.BOOK.say("to.follow"), s.with(p.piece())))
                        : Optional.empty();
            }

            @Override
            public Optional<Edit<Drill>> hold(Hold hold) {
                return Optional.of(
                        ActionEdits.change(rung, Choosing.BOOK.say("to.face"), hold.facing(Optional.of(spot))));
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
                return handle.to()
                        .map(t -> ActionEdits.change(
                                rung,
                                Choosing.BOOK.say("act.other"),
                                new Action.Handle(
                                        handle.id(),
                                        handle.who(),
                                        handle.piece(),
                                        handle.deed(),
                                        Optional.of(spot),
                                        handle.cue())));
            }

            @Override
            public Optional<Edit<Drill>> act(Act act) {
                return act.what().about() == Act.About.NOBODY
                        ? Optional.empty()
                        : Optional.of(ActionEdits.change(rung, Choosing.BOOK.say("act.other"), act.on(spot)));
            }

            @Override
            public Optional<Edit<Drill>> contest(Contest contest) {
                return spot.namedPiece()
                        .map(g -> ActionEdits.change(rung, Choosing.BOOK.say("gets"), gets(contest, g)));
            }
        });
    }

    /** With somebody more who can get the ball, or without them; somebody always can. */
    private static Contest gets(Contest contest, String who) {
        List<String> gets = new ArrayList<>(contest.gets());
        boolean away = gets.size() > 1 && gets.remove(who);
        if (!away && !gets.contains(who) && gets.size() < Contest.MOST) {
            gets.add(who);
        }
        return contest.between(contest.against(), gets);
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
                Choosing.BOOK.say("together"),
                action.withCue(cue.delayed(other.cue().delay()))));
    }
}
