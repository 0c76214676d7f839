package wildchalk.desktop.pitchside;

import java.util.List;
import java.util.Optional;
import javafx.scene.layout.FlowPane;
import wildchalk.core.pitchside.Calls;
import wildchalk.core.pitchside.Run;
import wildchalk.core.pitchside.Stretch;

/** Everything that can be done, each with its key on it. */
final class KeyRow extends FlowPane {

    private final RunActions actions;

    KeyRow(RunActions actions) {
        super(7, 7);
        this.actions = actions;
        setId("run-keys");
        setMinHeight(USE_PREF_SIZE);
    }

    private static String say(String key, Object... values) {
        return RunWords.say(key, values);
    }

    /**
     * How the screen is looked at.
     *
     * @param large whether the board is
     * @param playing whether it plays
     * @param audible whether there is something to be heard through
     */
    record Shown(boolean large, boolean playing, boolean audible) {}

    void fill(RunState state, Shown shown) {
        getChildren().clear();
        Run run = state.run();
        if (!run.isOver()) {
            clock(state, run);
        }
        counting(state);
        Optional<Calls> calls = state.calls();
        calls.ifPresent(c -> add("call", "C", called(state, c)));
        if (!run.done().isEmpty()) {
            add(
                    "back-take",
                    "⌫",
                    say(
                            "do.take.back",
                            RunWords.last(
                                    state, run.done().get(run.done().size() - 1).deed())));
        }
        if (!run.isOver()) {
            add("agree", "K", say("do.agree"));
            add("watch", "T", say("do.watch"));
            add("marks", "P", say("do.marks"));
        }
        add("note", "N", say("do.note"));
        board(state, shown);
        if (shown.audible()) {
            add("quiet", "M", say(state.quietProperty().get() ? "do.loud" : "do.quiet"));
        }
        add("leave", say("key.escape"), say(run.isOver() ? "do.finish" : "do.leave"));
    }

    private void clock(RunState state, Run run) {
        boolean before =
                run.stretch().filter(s -> s.kind() == Stretch.Kind.BEFORE).isPresent();
        if (before) {
            add("whistle", "W", say("do.begin")).strong();
        }
        add("stop", say("key.space"), say(run.going() ? "do.stop" : "do.go"));
        if (!before) {
            add("whistle", "W", say("do.whistle"));
            add("next", "→", say("do.next"));
        }
        add("back", "←", say("do.back"));
        add("more", "+", say("do.more"));
        add("skip", "S", say("do.skip"));
        if (state.practice().blocks().size() > 1) {
            add("late", "L", say("do.late"));
        }
    }

    private void counting(RunState state) {
        List<CountKey> keys =
                state.scoring().map(s -> CountKey.of(s, state.sides())).orElse(List.of());
        if (state.sides().size() > TallyCards.CARDS) {
            // Each has a card that is touched.
            return;
        }
        for (CountKey key : keys) {
            String digit = key.digit() == 0 ? "" : Integer.toString(key.digit());
            String id = key.side().key() + "-" + key.counter().id();
            KeyButton one = new KeyButton("count-" + id, digit, key.words(), () -> key.count(state, false));
            // What does not count yet stands back.
            getChildren().add(key.counts(state) ? one.strong() : one);
            if (key.canMiss()) {
                getChildren()
                        .add(new KeyButton(
                                "miss-" + id,
                                digit.isEmpty() ? "" : "⇧" + digit,
                                say("do.missed"),
                                () -> key.count(state, true)));
            }
        }
    }

    private static String called(RunState state, Calls calls) {
        if (state.isCalling()) {
            return say("do.call.end");
        }
        String moment = calls.calling().moment();
        return say(calls.calling().every().isPresent() ? "do.call.series" : "do.call")
                + (moment.isEmpty() ? "" : ", " + moment);
    }

    private void board(RunState state, Shown shown) {
        boolean drill = state.rundown()
                .on()
                .filter(b -> b.parts().stream()
                        .anyMatch(p -> state.briefing().drill(p).isPresent()))
                .isPresent();
        if (!drill) {
            return;
        }
        add("board", "B", say(shown.large() ? "do.small" : "do.large"));
        add("play", "D", say(shown.playing() ? "do.still" : "do.play"));
        if (state.rundown().on().orElseThrow().parts().size() > 1) {
            add("other", "O", say("do.other"));
        }
    }

    private KeyButton add(String id, String key, String words) {
        KeyButton button = new KeyButton("run-do-" + id, key, words, () -> actions.act(id));
        getChildren().add(button);
        return button;
    }
}
