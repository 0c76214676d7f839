package wildchalk.desktop.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import wildchalk.core.carousel.Turns;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Company;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.GoingRound;
import wildchalk.core.practice.KnownNeeds;
import wildchalk.core.practice.PracticeEdits;
import wildchalk.desktop.background.Background;

/** Whether groups go round what is side by side, and what comes of it. */
final class RoundRows {

    private static final int MINUTE = 60;
    /** Shorter turns nobody gets into, seconds; assumed. */
    private static final int SHORT = 90;

    private RoundRows() {}

    private static String say(String key, Object... values) {
        return PracticeState.BOOK.say(key, values);
    }

    static FlowPane of(PracticeState state, Block block, Content.Beside beside) {
        Optional<Content.Round> round = beside.round();
        FlowPane row = BlockCard.row(
                say("round"),
                BlockCard.choice(
                        "round-stay", say("round.stay"), round.isEmpty(), () -> go(state, block, Optional.empty())),
                BlockCard.choice(
                        "round-go",
                        say("round.go"),
                        round.isPresent(),
                        () -> go(state, block, Optional.of(new Content.Round(false)))));
        round.ifPresent(r -> row.getChildren()
                .add(BlockCard.choice(
                        "round-flip",
                        say("round.flip"),
                        r.flipped(),
                        () -> go(state, block, Optional.of(r.flipping(!r.flipped()))))));
        return row;
    }

    private static void go(PracticeState state, Block block, Optional<Content.Round> round) {
        if (!(block.content() instanceof Content.Beside b) || !b.round().equals(round)) {
            state.apply(PracticeEdits.goRound(block, round));
        }
    }

    /**
     * "4 turns of 5:40. Group 2 rests in turn 3." For many groups it takes a moment to find, which nobody waits for.
     */
    static Label words(PracticeState state, Block block) {
        Label label = new Label();
        label.setId("round-words");
        label.getStyleClass().add("quiet");
        label.setWrapText(true);
        show(label, "");
        Company company = state.evening().company();
        KnownNeeds needs = state.needs();
        Background.work(
                say("work.round"),
                () -> GoingRound.of(block, company, needs),
                found -> found.ifPresent(r -> show(label, words(block, r))),
                trouble -> state.desk().warn(trouble.words(say("trouble.round"))));
        return label;
    }

    private static void show(Label label, String words) {
        label.setText(words);
        label.setManaged(!words.isEmpty());
        label.setVisible(!words.isEmpty());
    }

    private static String words(Block block, GoingRound round) {
        Turns turns = round.turns();
        int each = (int) Math.max(0, Math.floor(round.seconds()));
        List<String> words = new ArrayList<>();
        words.add(say(round.placed() ? "round.turns.placed" : "round.turns", turns.count(), Clock.minutes(each)));
        for (int g = 0; g < turns.carousel().groups(); g++) {
            List<String> rests =
                    turns.rests(g).stream().map(t -> Integer.toString(t + 1)).toList();
            if (!rests.isEmpty()) {
                words.add(say("round.rests", g + 1, String.join(", ", rests)));
            }
        }
        if (each < SHORT) {
            words.add(say("round.short", block.time().now() + (SHORT - each) * turns.count() / MINUTE + 1));
        }
        return String.join(" ", words);
    }
}
