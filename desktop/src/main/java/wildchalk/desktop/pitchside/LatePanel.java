package wildchalk.desktop.pitchside;

import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import wildchalk.core.pitchside.Deed;
import wildchalk.core.pitchside.Refit;

/** What is left, fitted into the time that is left, when the coach says so: what goes is said before it goes. */
final class LatePanel extends RunPanel {

    private static final double WIDE = 780;

    private final RunState state;
    private final Runnable close;
    private final Label words;
    private Optional<Refit> refit = Optional.empty();
    /** The stretch for which it was worked out: what is over by now cannot be fitted. */
    private final int at;

    LatePanel(RunState state, Runnable close) {
        super("run-late", RunWords.say("late.title"), WIDE);
        this.state = state;
        this.close = close;
        this.at = state.run().at();
        words = words(RunWords.say("late.working"));
        words.setId("run-late-words");
        leaveOnly();
        state.fit(this::show, trouble -> words.setText(trouble.words(RunWords.say("trouble.fitting"))));
    }

    private void leaveOnly() {
        offer(new KeyButton("run-late-leave", RunWords.say("key.escape"), RunWords.say("leave.it"), close));
    }

    private void show(Optional<Refit> found) {
        refit = found;
        if (found.isEmpty()) {
            words.setText(RunWords.say("late.nothing"));
            return;
        }
        words.setText(found.get().words());
        offer(
                new KeyButton("run-late-take", RunWords.say("key.enter"), RunWords.say("late.take"), this::take)
                        .strong(),
                new KeyButton("run-late-leave", RunWords.say("key.escape"), RunWords.say("leave.it"), close));
    }

    private void take() {
        if (refit.isPresent() && state.run().at() == at) {
            state.doing(new Deed.Anew(refit.get().rest()));
        }
        close.run();
    }

    @Override
    boolean key(KeyEvent e) {
        if (e.getCode() == KeyCode.ENTER && refit.isPresent()) {
            take();
            return true;
        }
        return false;
    }
}
