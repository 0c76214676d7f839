package wildchalk.core.rehearsal;

import java.util.Optional;
import java.util.function.Predicate;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Cue.Trigger;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.motion.Speeds;

/**
 * How long somebody needs from a moment until they do what it sets off. Nobody reacts to what they do themselves, to a
 * ball that they receive or to their own whistle.
 */
final class Reacting {

    private final Stage stage;
    private final Speeds speeds;
    private final Predicate<String> onTheMove;

    /** @param onTheMove whether somebody moves just now: they are ready */
    Reacting(Stage stage, Speeds speeds, Predicate<String> onTheMove) {
        this.stage = stage;
        this.speeds = speeds;
        this.onTheMove = onTheMove;
    }

    /** Seconds until somebody begins an action that a moment sets off. */
    double before(Action action, Trigger moment) {
        if (isOwn(action.who(), moment)) {
            return 0;
        }
        Speeds.Reaction theirs = speeds.forPerson(action.who()).reaction();
        double usual = isHeard(moment) ? theirs.heard() : theirs.seen();
        return onTheMove.test(action.who()) ? Math.min(usual, theirs.ready()) : usual;
    }

    private boolean isHeard(Trigger moment) {
        return isSignal(moment)
                || moment.of()
                        .flatMap(stage::action)
                        .filter(a -> a instanceof Action.Call || a instanceof Action.Blow)
                        .isPresent();
    }

    private static boolean isSignal(Trigger moment) {
        return moment instanceof Cue.Whistle || moment instanceof Cue.Called;
    }

    private boolean isOwn(String who, Trigger moment) {
        // Who comes near somebody does so themselves; the other sees it.
        if (moment.watched().stream().limit(1).anyMatch(who::equals)) {
            return true;
        }
        if (isSignal(moment)) {
            return moment instanceof Cue.Whistle
                    ? stage.person(who).filter(Piece.Coach.class::isInstance).isPresent()
                    : stage.actionsOf(who).stream()
                            .anyMatch(a -> a instanceof Action.Call c && new Cue.Called(c.word()).equals(moment));
        }
        Optional<Action> of = moment.of().flatMap(stage::action);
        return of.filter(a -> a.who().equals(who) || moment instanceof Cue.Received && isFor(a, who))
                .isPresent();
    }

    private static boolean isFor(Action action, String who) {
        return action instanceof Action.Delivery d
                && d.receiver().filter(who::equals).isPresent();
    }
}
