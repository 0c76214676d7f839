package wildchalk.desktop.practice;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import wildchalk.core.log.season.DrillLine;
import wildchalk.core.log.season.ExperienceWords;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.PracticeEdits;
import wildchalk.desktop.control.Fields;

/** What the log has taught, where an evening is planned: of a drill, and of how long changes take. */
final class LearnedRows {

    private static final double GRAIN = 100.0;

    private LearnedRows() {}

    private static String say(String key, Object... values) {
        return PracticeState.BOOK.say(key, values);
    }

    /** Of the drill of a block: when it was run last, what to do this time, how long it usually is. */
    static List<Node> of(PracticeState state, Block block) {
        Optional<DrillLine> known = block.play()
                .findFirst()
                .map(Content.Play::drill)
                .flatMap(d -> state.desk().experience().of(d.id()));
        List<Node> rows = new ArrayList<>();
        known.ifPresent(d -> {
            Label words = new Label(ExperienceWords.more(d, LocalDate.now(ZoneId.systemDefault())));
            words.setId("block-ran");
            words.getStyleClass().add("quiet");
            words.setWrapText(true);
            rows.add(words);
            d.usual()
                    .map(m -> (int) Math.max(1, Math.round(m)))
                    .filter(m -> m != block.time().now())
                    .ifPresent(m -> rows.add(usual(state, block, m)));
        });
        return rows;
    }

    private static Node usual(PracticeState state, Block block, int minutes) {
        Node pill = Fields.pill(
                "block-usual", say("card.usual", minutes), () -> state.apply(PracticeEdits.last(block, minutes)));
        pill.setAccessibleText(say("card.usual.what", minutes));
        return new FlowPane(pill);
    }

    /** How long changes are taken to be in this evening, and how long they were. */
    static FlowPane changes(PracticeState state) {
        double now = state.practice().setting().changes();
        Label as = new Label(now == 1 ? say("evening.changes.as") : say("evening.changes.times", now));
        FlowPane row = BlockCard.row(say("evening.changes"), as);
        state.desk().experience().changes().ifPresent(c -> {
            double really = Math.round(c.factor() * GRAIN) / GRAIN;
            if (really != now) {
                Label learned = new Label(say("evening.changes.learned", really, c.times()));
                learned.getStyleClass().add("quiet");
                row.getChildren()
                        .addAll(
                                learned,
                                Fields.pill(
                                        "changes-take",
                                        say("evening.changes.take"),
                                        () -> state.apply(PracticeEdits.changes(really))));
            }
        });
        if (now != 1) {
            row.getChildren()
                    .add(Fields.pill(
                            "changes-as", say("evening.changes.not"), () -> state.apply(PracticeEdits.changes(1))));
        }
        return row;
    }
}
