package wildchalk.desktop.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Consumer;
import java.util.function.IntConsumer;
import java.util.function.UnaryOperator;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.BlockWords;
import wildchalk.core.practice.Change;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.Plan;
import wildchalk.core.practice.PracticeEdits;
import wildchalk.core.practice.Slot;
import wildchalk.core.squad.Helper;
import wildchalk.core.squad.Squad;
import wildchalk.desktop.control.Fields;
import wildchalk.desktop.control.ListButton;

/** All that is said of a block; whatever is changed is kept at once. */
final class BlockCard extends VBox {

    private static final int LONG = 400;
    private static final int GROUPS = 6;

    private final PracticeState state;
    private final Block block;

    BlockCard(PracticeState state, Block block) {
        super(8);
        this.state = state;
        this.block = block;
        setId("block-card");
        getStyleClass().add("block-card");
        Label title = new Label(BlockWords.of(block));
        title.getStyleClass().add("side-head");
        title.setWrapText(true);
        boolean part = state.practice().blocks().stream().noneMatch(b -> b.id().equals(block.id()));
        getChildren().add(title);
        if (!part) {
            // One of several side by side is on as long as they are.
            getChildren().addAll(must(), minutes(), limits());
        }
        getChildren().addAll(LearnedRows.of(state, block));
        getChildren().addAll(block.content().match(new ContentRows(state, block)));
        if (!(block.content() instanceof Content.Beside)) {
            getChildren().addAll(group(), lead(), note());
        }
        getChildren().addAll(PlaceRows.of(state, block));
        if (!part) {
            getChildren().add(before());
        }
        getChildren().add(does(part));
    }

    /** What else the card of a block depends on. */
    static Object around(PracticeState state, Block block) {
        return List.of(
                state.fetched(),
                state.evening().company(),
                PlaceRows.around(state, block).map(Block::content),
                next(state, block).map(BlockWords::of).orElse(""),
                change(state, block).map(c -> (Object) c).orElse(""));
    }

    private static Optional<Change> change(PracticeState state, Block block) {
        return state.plan(state.evening()).entries().stream()
                .filter(e -> e.block().id().equals(block.id()))
                .map(Plan.Entry::before)
                .findFirst();
    }

    /** What comes after it; empty for the last, and for one of several side by side. */
    private static Optional<Block> next(PracticeState state, Block block) {
        List<Block> all = state.practice().blocks();
        int at = all.stream().map(Block::id).toList().indexOf(block.id());
        return at >= 0 && at + 1 < all.size() ? Optional.of(all.get(at + 1)) : Optional.empty();
    }

    static String say(String key, Object... values) {
        return PracticeState.BOOK.say(key, values);
    }

    /** A row with a word before it. */
    static FlowPane row(String label, Node... nodes) {
        Label name = new Label(label);
        name.getStyleClass().add("block-label");
        FlowPane row = new FlowPane(6, 4, name);
        row.setRowValignment(VPos.CENTER);
        row.getChildren().addAll(nodes);
        return row;
    }

    /** A choice among others. */
    static Button choice(String id, String words, boolean on, Runnable then) {
        Button pill = Fields.pill(id, words, then);
        if (on) {
            pill.getStyleClass().add("asked");
        }
        return pill;
    }

    /** A text as wide as the card. */
    static TextField text(String id, String shown, String prompt, int columns, Consumer<String> set) {
        TextField field = Fields.text(id, shown, LONG, set);
        field.setPromptText(prompt);
        field.setAccessibleText(prompt);
        field.setPrefColumnCount(columns);
        return field;
    }

    private FlowPane must() {
        return row(
                say("card.has"),
                choice(
                        "block-card-first",
                        say("card.must"),
                        block.must(),
                        () -> state.apply(PracticeEdits.having(block, true))),
                choice(
                        "block-nice",
                        say("card.nice"),
                        !block.must(),
                        () -> state.apply(PracticeEdits.having(block, false))));
    }

    private HBox minutes() {
        HBox now =
                Fields.count("block-minutes", say("card.minutes"), block.time().now(), 1, Slot.MOST, n -> {
                    if (n != block.time().now()) {
                        state.apply(PracticeEdits.last(block, n));
                    }
                });
        ((Label) now.getChildren().get(0)).getStyleClass().add("block-label");
        return now;
    }

    private FlowPane limits() {
        Block.Time time = block.time();
        return row(
                say("card.least"),
                limit("block-least", time.least(), n -> limit(Math.min(n, time.now()), time.most())),
                new Label(say("card.most")),
                limit("block-most", time.most(), n -> limit(time.least(), Math.max(n, time.now()))));
    }

    private TextField limit(String id, int now, IntConsumer set) {
        return text(id, Integer.toString(now), say("card.minutes"), 2, t -> {
            if (t.matches("[0-9]{1,4}") && Integer.parseInt(t) >= 1 && Integer.parseInt(t) <= Slot.MOST) {
                set.accept(Integer.parseInt(t));
            } else {
                state.desk().warn(say("no.number", t));
            }
        });
    }

    private void limit(int least, int most) {
        Block.Time time = new Block.Time(least, block.time().now(), most);
        if (!time.equals(block.time())) {
            change(b -> b.lasting(time));
        }
    }

    /** A field that is left says again what was said before. */
    private void change(UnaryOperator<Block> how) {
        state.practice()
                .block(block.id())
                .filter(b -> !how.apply(b).equals(b))
                .ifPresent(b -> state.apply(PracticeEdits.change(how.apply(b))));
    }

    private FlowPane group() {
        int groups = Math.max(
                block.group(),
                state.evening().company().groups().isEmpty()
                        ? GROUPS / 2
                        : state.evening().company().groups().size());
        boolean round = PlaceRows.around(state, block)
                .filter(w ->
                        w.content() instanceof Content.Beside b && b.round().isPresent())
                .isPresent();
        FlowPane row = row(
                say(round ? "card.first" : "card.who"),
                choice("group-of-0", say("card.everybody"), block.group() == 0, () -> change(b -> b.forGroup(0))));
        for (int g = 1; g <= Math.min(GROUPS, groups); g++) {
            int group = g;
            row.getChildren()
                    .add(choice(
                            "group-of-" + g,
                            BlockLine.group(state, g),
                            block.group() == g,
                            () -> change(b -> b.forGroup(group))));
        }
        return row;
    }

    private FlowPane lead() {
        ListButton lead = new ListButton(BlockLine.lead(state, block).orElse(say("card.nobody")));
        lead.setId("block-lead");
        lead.getStyleClass().add("pill");
        lead.point();
        lead.offer(() -> {
            List<MenuItem> items = new ArrayList<>();
            items.add(item("lead-nobody", say("card.nobody"), () -> change(b -> b.led(""))));
            List<Helper> staff = state.fetched().squad().map(Squad::staff).orElse(List.of());
            staff.forEach(h -> items.add(item("lead-" + h.id(), h.name(), () -> change(b -> b.led(h.id())))));
            if (staff.isEmpty()) {
                items.add(item("lead-none", say("card.no.staff"), () -> state.show(PracticeState.Side.EVENING)));
            }
            return items;
        });
        return row(say("card.leads"), lead);
    }

    static MenuItem item(String id, String words, Runnable then) {
        MenuItem item = new MenuItem(words);
        item.setId(id);
        item.setOnAction(e -> then.run());
        return item;
    }

    private FlowPane note() {
        return row(
                say("card.note"),
                text("block-note", block.note(), say("card.note.prompt"), 16, t -> change(b -> b.noting(t))));
    }

    /** What comes before it, each part with its seconds, and how long the coach says that it takes. */
    private VBox before() {
        VBox all = new VBox(2);
        all.setId("block-before");
        change(state, block).ifPresent(c -> {
            for (Change.Part part : c.parts()) {
                Label line = new Label(say("card.part", Clock.minutes(part.seconds()), part.words()));
                line.getStyleClass().add("quiet");
                all.getChildren().add(line);
            }
            TextField takes = text("block-takes", Clock.minutes(c.seconds()), say("card.takes"), 4, this::takes);
            FlowPane row = row(say("card.before"), takes);
            if (c.said().isPresent()) {
                row.getChildren()
                        .add(Fields.pill(
                                "block-worked-out",
                                say("card.worked.out", Clock.minutes(c.workedOut())),
                                () -> state.apply(PracticeEdits.after(block, OptionalInt.empty()))));
            }
            all.getChildren().add(0, row);
        });
        return all;
    }

    private void takes(String typed) {
        Clock.seconds(typed)
                .ifPresentOrElse(
                        n -> {
                            boolean same = change(state, block)
                                    .filter(c -> c.seconds() == n)
                                    .isPresent();
                            if (!same) {
                                state.apply(PracticeEdits.after(block, OptionalInt.of(n)));
                            }
                        },
                        () -> state.desk().warn(say("no.takes", typed)));
    }

    private FlowPane does(boolean part) {
        FlowPane row = new FlowPane(6, 6);
        if (block.content() instanceof Content.Beside) {
            row.getChildren()
                    .add(Fields.pill("block-apart", say("card.apart"), () -> state.apply(PracticeEdits.apart(block))));
        }
        next(state, block).ifPresent(n -> row.getChildren()
                .add(Fields.pill(
                        "block-beside",
                        say("card.beside", BlockWords.of(n)),
                        () -> state.apply(PracticeEdits.beside(n, block)))));
        if (!part) {
            row.getChildren()
                    .add(Fields.pill("block-again", say("card.again"), () -> state.apply(PracticeEdits.again(block))));
        }
        row.getChildren()
                .add(Fields.pill("block-out", say("card.out"), () -> state.apply(PracticeEdits.remove(block))));
        return row;
    }
}
