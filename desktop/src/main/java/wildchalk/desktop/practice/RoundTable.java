package wildchalk.desktop.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import wildchalk.core.carousel.Turns;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.BlockWords;
import wildchalk.core.practice.GoingRound;
import wildchalk.core.practice.Plan;

/** Who is where in each turn of a block that groups go round: a row for each turn, a column for each place. */
final class RoundTable extends GridPane {

    private static final double ROW = 23;
    private static final double TIME = 44;
    /** Room for pictures. */
    private static final double PICTURE = 60;

    private final PracticeState state;
    private final GoingRound round;

    private RoundTable(PracticeState state, Block block, GoingRound round, Function<Block, Optional<Node>> pictures) {
        this.state = state;
        this.round = round;
        setId("round-" + block.id());
        setHgap(6);
        setVgap(2);
        setPadding(new Insets(3, 0, 3, 0));
        HBox.setHgrow(this, Priority.ALWAYS);
        setMinWidth(0);
        getColumnConstraints().add(new ColumnConstraints(TIME));
        block.parts().forEach(this::column);
        pictures(block, pictures);
        boolean rests = rests();
        for (int t = 0; t < round.turns().count(); t++) {
            row(block, t, rests);
        }
        if (rests) {
            head(getColumnConstraints().size(), PracticeState.BOOK.say("ground.rest"), Optional.empty());
        }
    }

    /**
     * It, if there is room for all of its rows and it is known by now who goes where.
     *
     * @param pictures of what is at a place, where there is one and room for it
     */
    static Optional<RoundTable> of(
            PracticeState state, Block block, double height, Function<Block, Optional<Node>> pictures) {
        return state.seenProperty()
                .get()
                .flatMap(s -> Optional.ofNullable(s.rounds().get(block.id())))
                .filter(r -> height >= rows(r))
                .map(r -> new RoundTable(
                        state, block, r, b -> height >= rows(r) + PICTURE ? pictures.apply(b) : Optional.empty()));
    }

    private static double rows(GoingRound round) {
        return (round.turns().count() + 1) * ROW;
    }

    private void pictures(Block block, Function<Block, Optional<Node>> pictures) {
        List<Block> parts = block.parts();
        for (int p = 0; p < parts.size(); p++) {
            Block part = parts.get(p);
            int column = p + 1;
            pictures.apply(part).ifPresent(n -> {
                n.setUserData(part);
                add(n, column, 1);
            });
        }
    }

    private void column(Block part) {
        head(getColumnConstraints().size(), BlockWords.of(part), Optional.of(part));
    }

    private void head(int at, String words, Optional<Block> part) {
        ColumnConstraints column = new ColumnConstraints(0, 120, Double.MAX_VALUE);
        column.setHgrow(Priority.ALWAYS);
        getColumnConstraints().add(column);
        Label title = new Label(words);
        title.getStyleClass().add("block-small");
        title.setMinWidth(0);
        part.ifPresent(p -> {
            title.setUserData(p);
            title.setId("part-" + p.id());
        });
        add(title, at, 0);
    }

    private void row(Block block, int turn, boolean rests) {
        Label time = new Label(time(block, turn));
        time.getStyleClass().add("quiet");
        time.setMinWidth(Region.USE_PREF_SIZE);
        add(time, 0, turn + 2);
        List<Block> parts = block.parts();
        for (int p = 0; p < parts.size(); p++) {
            add(cell(GroupChips.of(state, Optional.of(round), parts.get(p), turn), parts.get(p)), p + 1, turn + 2);
        }
        if (rests) {
            List<Region> resting = new ArrayList<>();
            round.turns().there(turn, Turns.REST).forEach(g -> resting.add(GroupChips.chip(state, g + 1)));
            add(cell(resting, block), parts.size() + 1, turn + 2);
        }
    }

    private static HBox cell(List<Region> groups, Block part) {
        HBox cell = new HBox(3);
        cell.setUserData(part);
        cell.setMinWidth(0);
        groups.forEach(g -> {
            g.setMaxWidth(Double.MAX_VALUE);
            g.setMinWidth(0);
            HBox.setHgrow(g, Priority.ALWAYS);
            cell.getChildren().add(g);
        });
        return cell;
    }

    private String time(Block block, int turn) {
        return state.plan(state.evening()).entries().stream()
                .filter(e -> e.block().id().equals(block.id()))
                .map(Plan.Entry::start)
                .findFirst()
                .map(s -> Clock.at(state.practice().slot(), s + round.begins(turn)))
                .orElse("");
    }

    private boolean rests() {
        for (int g = 0; g < round.turns().carousel().groups(); g++) {
            if (!round.turns().rests(g).isEmpty()) {
                return true;
            }
        }
        return false;
    }
}
