package wildchalk.desktop.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntConsumer;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import wildchalk.core.carousel.Turns;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.BlockWords;
import wildchalk.core.practice.GoingRound;
import wildchalk.core.practice.ground.Laid;

/** Who is where in which turn, and what each place takes. */
final class GroundPlaces extends VBox {

    private final PracticeState state;
    private final IntConsumer turn;

    GroundPlaces(PracticeState state, IntConsumer turn) {
        super(3);
        this.state = state;
        this.turn = turn;
        setId("ground-places");
    }

    private static String say(String key, Object... values) {
        return PracticeState.BOOK.say(key, values);
    }

    void fill(GroundScene scene, int now) {
        getChildren().clear();
        scene.round().ifPresent(r -> getChildren().add(turns(r, now)));
        for (Laid laid : scene.ground().laid()) {
            HBox row = new HBox(6);
            row.getChildren().addAll(GroupChips.of(state, scene.round(), laid.block(), now));
            Label words = new Label(line(laid.block()));
            words.setMinWidth(0);
            row.getChildren().add(words);
            getChildren().add(row);
        }
        scene.round().ifPresent(r -> rest(r, now));
    }

    private FlowPane turns(GoingRound round, int now) {
        FlowPane row = new FlowPane(6, 4, new Label(say("ground.turns")));
        for (int t = 0; t < round.turns().count(); t++) {
            int to = t;
            Button pill = BlockCard.choice(
                    "ground-turn-" + (t + 1), Integer.toString(t + 1), t == now, () -> turn.accept(to));
            row.getChildren().add(pill);
        }
        Label words = new Label(
                say("ground.each", Clock.minutes((int) Math.max(0, Math.floor(round.seconds()))), change(round, now)));
        words.getStyleClass().add("quiet");
        row.getChildren().add(words);
        return row;
    }

    /** "25 s to get there"; empty for the first turn. */
    private static String change(GoingRound round, int turn) {
        return turn == 0 ? "" : say("ground.change", (int) round.change(turn));
    }

    private void rest(GoingRound round, int now) {
        List<Integer> resting = round.turns().there(now, Turns.REST);
        if (!resting.isEmpty()) {
            HBox row = new HBox(6);
            resting.forEach(g -> row.getChildren().add(GroupChips.chip(state, g + 1)));
            row.getChildren().add(new Label(say("ground.rest")));
            getChildren().add(row);
        }
    }

    /** "Gates · Wren leads · 6 people · 4 cones". */
    private String line(Block block) {
        List<String> parts = new ArrayList<>();
        parts.add(BlockWords.of(block));
        BlockLine.lead(state, block).ifPresent(l -> parts.add(say("leads", l)));
        BlockLine.needs(state, block).ifPresent(parts::add);
        return String.join(say("between"), parts);
    }
}
