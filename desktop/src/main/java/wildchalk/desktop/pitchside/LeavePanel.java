package wildchalk.desktop.pitchside;

import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** Whether it is finished, or only this screen is left. */
final class LeavePanel extends RunPanel {

    private static final double WIDE = 780;

    private final Runnable finish;
    private final Runnable leave;

    LeavePanel(RunState state, Runnable stay, Runnable leave, Runnable finish) {
        super("run-leave", RunWords.say(state.run().isOver() ? "leave.over" : "leave.title"), WIDE);
        this.finish = finish;
        this.leave = leave;
        words(RunWords.say("leave.words"));
        offer(
                new KeyButton("run-leave-stay", RunWords.say("key.escape"), RunWords.say("leave.stay"), stay).strong(),
                new KeyButton("run-leave-go", "L", RunWords.say("leave.go"), leave),
                new KeyButton("run-leave-finish", "F", RunWords.say("leave.finish"), finish));
    }

    @Override
    boolean key(KeyEvent e) {
        if (e.getCode() == KeyCode.F) {
            finish.run();
            return true;
        }
        if (e.getCode() == KeyCode.L) {
            leave.run();
            return true;
        }
        return false;
    }
}
