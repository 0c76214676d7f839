package wildchalk.desktop.practice;

import java.util.List;
import javafx.scene.layout.FlowPane;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.PracticeEdits;

/** How the ends of parts are heard when the evening is run. */
final class WarnedRows {

    private static final List<Integer> SECONDS = List.of(0, 10, 30, 60, 120);

    private WarnedRows() {}

    static FlowPane of(PracticeState state) {
        Practice.Warned now = state.practice().setting().warned();
        FlowPane row = BlockCard.row(say("evening.warned"));
        for (int seconds : SECONDS) {
            row.getChildren()
                    .add(BlockCard.choice(
                            "warned-" + seconds,
                            say(seconds == 0 ? "warned.never" : "warned.seconds", seconds),
                            now.seconds() == seconds,
                            () -> warn(state, new Practice.Warned(seconds, now.ticks(), now.horn()))));
        }
        row.getChildren()
                .addAll(
                        BlockCard.choice(
                                "warned-ticks",
                                say("warned.ticks"),
                                now.ticks(),
                                () -> warn(state, new Practice.Warned(now.seconds(), !now.ticks(), now.horn()))),
                        BlockCard.choice(
                                "warned-horn",
                                say("warned.horn"),
                                now.horn(),
                                () -> warn(state, new Practice.Warned(now.seconds(), now.ticks(), !now.horn()))));
        return row;
    }

    private static void warn(PracticeState state, Practice.Warned warned) {
        state.apply(PracticeEdits.warn(warned));
    }

    private static String say(String key, Object... values) {
        return PracticeState.BOOK.say(key, values);
    }
}
