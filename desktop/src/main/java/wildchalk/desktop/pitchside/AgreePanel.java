package wildchalk.desktop.pitchside;

import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import wildchalk.core.call.Calling;
import wildchalk.core.score.Aloud;
import wildchalk.core.score.Scoring;

/** What is called and what counts in this block, in half a minute. */
final class AgreePanel extends WrittenPanel {

    private final RunState state;
    private final Runnable close;
    private final TextField counts;
    private final TextField calls;
    private final Label wrong;

    AgreePanel(RunState state, Runnable close) {
        super("run-agree", RunWords.say("agree.title"));
        this.state = state;
        this.close = close;
        Aloud now = state.aloud();
        counts = field(
                "run-agree-counts",
                RunWords.say("agree.counts"),
                now.scoring().map(Scoring::words).orElse(""),
                RunWords.say("agree.counts.prompt"));
        words(RunWords.say("agree.counts.help")).getStyleClass().add("run-panel-quiet");
        calls = field(
                "run-agree-calls",
                RunWords.say("agree.calls"),
                now.calling().map(Calling::words).orElse(""),
                RunWords.say("agree.calls.prompt"));
        words(RunWords.say("agree.calls.help")).getStyleClass().add("run-panel-quiet");
        wrong = words("");
        wrong.getStyleClass().add("run-panel-wrong");
        counts.setOnAction(e -> keep());
        calls.setOnAction(e -> keep());
        offerToKeep("run-agree", RunWords.say("agree.keep"), close);
    }

    @Override
    void begin() {
        counts.requestFocus();
        counts.end();
    }

    @Override
    void keep() {
        String counted = counts.getText().strip();
        String called = calls.getText().strip();
        if (!counted.isEmpty() && Scoring.read(counted).isEmpty()) {
            wrong.setText(RunWords.say("agree.counts.wrong"));
        } else if (!called.isEmpty() && Calling.read(called).isEmpty()) {
            wrong.setText(RunWords.say("agree.calls.wrong"));
        } else {
            state.agree(called, counted);
            close.run();
        }
    }
}
