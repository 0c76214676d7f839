package wildchalk.core.waiting;

import java.util.Map;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Stage;
import wildchalk.core.flow.Flow;
import wildchalk.core.flow.Flows;
import wildchalk.core.flow.Replay;
import wildchalk.core.flow.Rotates;
import wildchalk.core.geometry.Box;
import wildchalk.core.measure.Unit;
import wildchalk.core.script.RotationWords;

/** What is played now, played once, and what every attempt is compared with. */
final class Trials {

    private final Question question;
    private final Stage stage;
    private final Flows flows;
    private final Replay replay;
    private final Rotates rotates;
    private final RotationWords words;
    private final Box ground;

    /** @param unit what is said is said in */
    Trials(Question question, Unit unit) {
        this.question = question;
        this.stage = question.stage();
        this.flows = new Flows(stage, question.surface(), question.dose());
        this.replay = flows.replay(question.asked(), 0);
        this.rotates = flows.rotates();
        this.words = new RotationWords(stage, stage.marked(question.surface()), unit);
        this.ground = flows.ground(replay);
    }

    /** Two edits, one after the other, as one. */
    static Edit<Drill> both(Edit<Drill> one, Edit<Drill> then) {
        return new Edit<>(one.name(), d -> then.apply(one.apply(d)));
    }

    Question question() {
        return question;
    }

    Stage stage() {
        return stage;
    }

    Replay replay() {
        return replay;
    }

    Flow flow() {
        return replay.flow();
    }

    Rotates rotates() {
        return rotates;
    }

    RotationWords words() {
        return words;
    }

    int fewest() {
        return flows.fewest();
    }

    Map<String, Integer> lined() {
        return flows.linedUp(question.asked());
    }

    /** What it takes now, metres. */
    Box ground() {
        return ground;
    }

    Copies room() {
        return new Copies(stage, question.surface(), ground);
    }

    /** Whether all of it is on the surface in the mirror too. */
    boolean isOnSurfaceMirrored() {
        double half = question.surface().width() / 2 + question.surface().runOff();
        return -ground.y() <= half && ground.y() + ground.height() <= half;
    }

    /** The drill as it would be played after an attempt. */
    Flows after(Attempt attempt) {
        if (attempt.edit().isEmpty()) {
            return flows;
        }
        Stage next = question.after(attempt.edit().get());
        return attempt.reps() ? new Flows(next, question.surface(), question.dose()) : flows.saying(next);
    }

    Stage stageAfter(Attempt attempt) {
        return attempt.edit().map(question::after).orElse(stage);
    }
}
