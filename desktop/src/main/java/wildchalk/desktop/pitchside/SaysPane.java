package wildchalk.desktop.pitchside;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import wildchalk.core.pitchside.Says;
import wildchalk.core.score.Scoring;

/** What to say, ask, watch for and take care of: no more of it than can be read at a glance. */
final class SaysPane extends Fitting {

    private static final int SAID = 2;
    private static final int ASKED = 1;

    SaysPane() {
        super("run-says", 7);
    }

    void fill(RunState state) {
        getChildren().clear();
        Says says = state.rundown()
                .on()
                .map(b -> state.briefing().says(b, state.rung()))
                .orElse(Says.NOTHING);
        add("limit", said(state, Scoring::limit), ASKED);
        add("say", says.say(), SAID);
        add("care", says.care(), SAID);
        add("ask", says.ask(), ASKED);
        add("watch", says.watch(), SAID);
        add("lost", said(state, Scoring::forfeit), ASKED);
    }

    private static List<String> said(RunState state, Function<Scoring, String> what) {
        Optional<String> words = state.scoring().map(what).filter(w -> !w.isEmpty());
        return words.map(List::of).orElse(List.of());
    }

    private void add(String key, List<String> words, int most) {
        if (words.isEmpty()) {
            return;
        }
        Text what = new Text(RunWords.say("says." + key) + " ");
        what.getStyleClass().add("run-says-what");
        Text said = new Text(String.join(" ", words.subList(0, Math.min(most, words.size()))));
        said.getStyleClass().add("run-says-words");
        TextFlow line = new TextFlow(what, said);
        line.setMinHeight(USE_PREF_SIZE);
        getChildren().add(line);
    }
}
