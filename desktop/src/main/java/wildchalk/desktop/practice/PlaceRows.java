package wildchalk.desktop.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import wildchalk.core.carousel.Carousel;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.BlockWords;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.PracticeEdits;
import wildchalk.desktop.control.Fields;

/**
 * What is said of a place that groups come round to: what must not come before it, who stays, how many fit, keepers.
 */
final class PlaceRows {

    private final PracticeState state;
    private final Block whole;
    private final Content.Beside beside;
    private final Content.Round round;
    private final Block place;

    private PlaceRows(PracticeState state, Block whole, Content.Beside beside, Block place) {
        this.state = state;
        this.whole = whole;
        this.beside = beside;
        this.round = beside.round().orElseThrow();
        this.place = place;
    }

    /** Its rows; none for a block that nobody comes round to. */
    static List<Node> of(PracticeState state, Block place) {
        return around(state, place)
                .filter(w ->
                        w.content() instanceof Content.Beside b && b.round().isPresent())
                .map(w -> (Content.Beside) w.content())
                .map(b -> new PlaceRows(state, around(state, place).orElseThrow(), b, place).rows())
                .orElse(List.of());
    }

    /** The block in which it is side by side with others; empty for one that stands alone. */
    static Optional<Block> around(PracticeState state, Block place) {
        return state.practice().blocks().stream()
                .filter(w -> w.content() instanceof Content.Beside b
                        && b.blocks().stream().anyMatch(p -> p.id().equals(place.id())))
                .findFirst();
    }

    private static String say(String key, Object... values) {
        return PracticeState.BOOK.say(key, values);
    }

    private void go(Content.Round other) {
        if (!other.equals(round)) {
            state.apply(PracticeEdits.goRound(whole, Optional.of(other)));
        }
    }

    private List<Node> rows() {
        boolean keepers = round.keepers().equals(place.id());
        List<Node> rows = new ArrayList<>();
        rows.add(BlockCard.row(
                say("round.keepers"),
                BlockCard.choice(
                        "round-keepers",
                        say("round.keepers.own"),
                        keepers,
                        () -> go(round.keeping(keepers ? "" : place.id())))));
        if (!keepers) {
            rows.add(BlockCard.row(
                    say("round.room"),
                    Fields.count(
                            "round-room",
                            "",
                            round.rooms().getOrDefault(place.id(), 1),
                            1,
                            Carousel.MOST,
                            n -> go(round.holding(place.id(), n))),
                    new Label(say("round.room.groups"))));
            rows.add(never());
            rows.add(stays());
        }
        return rows;
    }

    private FlowPane never() {
        FlowPane row = BlockCard.row(say("round.never"));
        for (Block other : beside.blocks()) {
            if (!other.id().equals(place.id()) && !other.id().equals(round.keepers())) {
                Content.Round.Never way = new Content.Round.Never(other.id(), place.id());
                row.getChildren()
                        .add(BlockCard.choice(
                                "never-" + other.id(),
                                BlockWords.of(other),
                                round.never().contains(way),
                                () -> go(round.turning(way))));
            }
        }
        return row;
    }

    private FlowPane stays() {
        FlowPane row = BlockCard.row(say("round.stays"));
        int groups = state.evening().company().groups().isEmpty()
                ? beside.blocks().size()
                : state.evening().company().groups().size();
        for (int g = 1; g <= Math.min(groups, Carousel.MOST); g++) {
            Content.Round.Stay stay = new Content.Round.Stay(g, place.id());
            row.getChildren()
                    .add(BlockCard.choice(
                            "stays-" + g,
                            BlockLine.group(state, g),
                            round.stays().contains(stay),
                            () -> go(round.turning(stay))));
        }
        return row;
    }
}
