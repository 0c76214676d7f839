package wildchalk.desktop.practice;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Change;
import wildchalk.core.practice.Plan;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.PracticeEdits;
import wildchalk.core.practice.Slot;

/**
 * An evening as a column of time, true to scale: each block as high as it is long, what comes before it as high as that
 * takes. Blocks are dragged to another place and pulled longer at their lower edge.
 */
final class TimeColumn extends Pane {

    private static final double TOP = 8;
    private static final double TIMES = 46;
    private static final double CHANGES = 178;
    private static final double GAP = 8;
    private static final double LINE = 16;
    /** Times nearer than this cannot both be read. */
    private static final double NEAR = 15;

    private static final double LEAST_SCALE = 9;
    private static final double MOST_SCALE = 16;
    private static final int MINUTE = 60;

    /** Scrolls so that a stretch is seen. */
    interface Reveal {
        void show(double from, double to);
    }

    private final PracticeState state;
    private final Reveal reveal;
    private final ColumnKeys keys;
    private final Map<String, BlockBox> boxes = new HashMap<>();
    private final Region marker = new Region();
    private final Label carried = new Label();
    private double seen = 600;
    private double scale = LEAST_SCALE;
    private Plan plan = new Plan(List.of());
    /** While a block is pulled: how long it would be. */
    private Optional<Practice> pulled = Optional.empty();

    private Optional<Drop> drop = Optional.empty();

    /**
     * Where something would go.
     *
     * @param at before which block, by its place
     * @param beside the block beside which it would go; empty for none
     */
    record Drop(int at, Optional<Block> beside) {}

    TimeColumn(PracticeState state, Reveal reveal) {
        this.state = state;
        this.reveal = reveal;
        this.keys = new ColumnKeys(state, this);
        setId("time-column");
        getStyleClass().add("time-column");
        setFocusTraversable(true);
        setAccessibleText(PracticeState.BOOK.say("column"));
        marker.getStyleClass().add("drop-marker");
        marker.setVisible(false);
        marker.setManaged(false);
        marker.setMouseTransparent(true);
        carried.getStyleClass().add("carried");
        carried.setVisible(false);
        carried.setManaged(false);
        carried.setMouseTransparent(true);
        setOnMousePressed(e -> {
            requestFocus();
            if (e.getTarget() == this) {
                state.choose(Optional.empty());
            }
        });
        setOnKeyPressed(keys::press);
    }

    /** As high as can be seen: the whole slot is shown in it where that can be read. */
    void fit(double height) {
        seen = height;
        fill();
    }

    /** Shows the evening as it is now, or as it would be. */
    void fill() {
        Practice practice = pulled.orElse(state.evening());
        plan = state.plan(practice);
        Slot slot = practice.slot();
        int all = Math.max(slot.seconds(), plan.seconds());
        // While a block is pulled, so many pixels stay so many minutes.
        scale = pulled.isPresent() ? scale : scale(practice, all);
        List<Node> shown = new ArrayList<>();
        Map<String, BlockBox> kept = new HashMap<>();
        for (Plan.Entry entry : plan.entries()) {
            change(slot, entry, shown);
            if (Math.abs(entry.start() - slot.seconds()) * scale > NEAR * MINUTE) {
                time(Clock.at(slot, entry.start()), entry.start(), "time-label", shown);
            }
            BlockBox box = Optional.ofNullable(boxes.get(entry.block().id()))
                    .orElseGet(() -> new BlockBox(state, this, entry.block().id()));
            kept.put(entry.block().id(), box);
            shown.add(box);
        }
        end(slot, all, shown);
        if (plan.entries().isEmpty()) {
            shown.add(empty());
        }
        boxes.clear();
        boxes.putAll(kept);
        shown.add(marker);
        shown.add(carried);
        getChildren().setAll(shown);
        setMinHeight(y(all) + 30);
        setPrefHeight(y(all) + 30);
        requestLayout();
    }

    /** Pixels for a minute: all of the slot is seen where it can be read, and the shortest block has a line. */
    private double scale(Practice practice, int seconds) {
        int shortest =
                practice.blocks().stream().mapToInt(b -> b.time().now()).min().orElse(MINUTE);
        double fitting = (seen - TOP - 34) * MINUTE / seconds;
        double readable = Math.min(MOST_SCALE, LINE / shortest);
        return Math.max(Math.max(LEAST_SCALE, readable), Math.min(MOST_SCALE, fitting));
    }

    private double y(double seconds) {
        return TOP + seconds * scale / MINUTE;
    }

    private Label empty() {
        Label label = new Label(PracticeState.BOOK.say("column.empty"));
        label.setId("column-empty");
        label.getStyleClass().add("empty");
        label.setWrapText(true);
        label.setPrefWidth(360);
        label.relocate(TIMES + 24, y(0) + 40);
        return label;
    }

    private void time(String words, double seconds, String style, List<Node> shown) {
        Label label = new Label(words);
        label.getStyleClass().add(style);
        label.setPrefWidth(TIMES - 6);
        label.relocate(0, y(seconds) - 3);
        shown.add(label);
    }

    private void end(Slot slot, int all, List<Node> shown) {
        boolean over = plan.seconds() > slot.seconds();
        Region line = new Region();
        line.setId("slot-end");
        line.getStyleClass().add(over ? "slot-over" : "slot-end");
        line.setManaged(false);
        line.resizeRelocate(TIMES, y(slot.seconds()), Math.max(0, getWidth() - TIMES), 2);
        shown.add(line);
        time(Clock.at(slot, slot.seconds()), slot.seconds(), over ? "time-over" : "time-end", shown);
        if (over && all - slot.seconds() > 2 * MINUTE) {
            time(Clock.at(slot, all), all, "time-over", shown);
        }
    }

    /** What comes before a block: a strip as high as it takes, and its words beside it. */
    private void change(Slot slot, Plan.Entry entry, List<Node> shown) {
        Change change = entry.before();
        if (change.seconds() == 0 && change.parts().isEmpty()) {
            return;
        }
        double from = y(entry.start() - change.seconds());
        double high = y(entry.start()) - from;
        Region strip = new Region();
        strip.getStyleClass().add("change-strip");
        strip.setManaged(false);
        strip.setMouseTransparent(true);
        strip.resizeRelocate(TIMES, from, Math.max(0, blockWidth()), high);
        shown.add(strip);
        String parts = change.parts().stream().map(Change.Part::words).collect(Collectors.joining(", "));
        String words = PracticeState.BOOK.say(
                change.said().isPresent() ? "change.said" : "change", Clock.minutes(change.seconds()), parts);
        Button label = new Button(words);
        label.setId("change-" + entry.block().id());
        label.getStyleClass().add("change-words");
        label.setTooltip(new Tooltip(words));
        label.setOnAction(e -> state.choose(Optional.of(entry.block().id())));
        label.setWrapText(true);
        label.setPrefWidth(CHANGES);
        label.setMaxWidth(CHANGES);
        label.setMaxHeight(Math.max(LINE + 2, high + y(entry.end()) - y(entry.start())));
        label.relocate(getWidth() - CHANGES, from + Math.min(high, LINE) / 2 - 10);
        shown.add(label);
    }

    private double blockWidth() {
        return getWidth() - TIMES - CHANGES - GAP;
    }

    @Override
    protected void layoutChildren() {
        super.layoutChildren();
        for (Plan.Entry entry : plan.entries()) {
            BlockBox box = boxes.get(entry.block().id());
            double high = y(entry.end()) - y(entry.start());
            box.show(entry.block(), Math.max(60, blockWidth()), high);
            box.resizeRelocate(TIMES, y(entry.start()), Math.max(60, blockWidth()), high);
        }
    }

    @Override
    protected void setWidth(double width) {
        boolean other = width != getWidth();
        super.setWidth(width);
        if (other) {
            fill();
        }
    }

    /** So many minutes are as high as that. */
    int minutes(double pixels) {
        return (int) Math.round(pixels / scale);
    }

    /** Shows how long a block would be, until it is let go. */
    void pull(Block block, int minutes) {
        pulled = Optional.of(PracticeEdits.last(block, minutes).change().apply(state.evening()));
        fill();
    }

    /** It is as long as it was pulled. */
    void letGo(Block block, int minutes) {
        pulled = Optional.empty();
        if (minutes == block.time().now()) {
            fill();
        } else {
            state.apply(PracticeEdits.last(block, minutes));
        }
    }

    /** Puts a block in after the one that is chosen, or at the end. */
    void putIn(Block block) {
        int after = state.chosen()
                .map(b -> state.practice().place(b.id()) + 1)
                .orElse(state.practice().blocks().size());
        putIn(block, new Drop(after, Optional.empty()));
    }

    /** Puts a block in where it was let go. */
    void putIn(Block block, Drop at) {
        state.put(at.at(), block);
        at.beside().ifPresent(other -> state.chosen().ifPresent(b -> state.apply(PracticeEdits.beside(b, other))));
        requestFocus();
        state.chosen().ifPresent(b -> reveal(b.id()));
    }

    /** Scrolls to a block. */
    void reveal(String block) {
        plan.entries().stream()
                .filter(e -> e.block().all().anyMatch(b -> b.id().equals(block)))
                .findFirst()
                .ifPresent(e -> reveal.show(y(e.start()) - 20, y(e.end()) + 20));
    }

    /** Something is carried over the column: shows where it would go. */
    void hover(double sceneX, double sceneY, String words) {
        Point2D at = sceneToLocal(sceneX, sceneY);
        drop = at(at);
        marker.setVisible(drop.isPresent());
        drop.ifPresent(d -> d.beside().ifPresentOrElse(this::markBeside, () -> mark(d.at())));
        carried.setText(words);
        carried.setVisible(drop.isPresent());
        carried.autosize();
        carried.relocate(at.getX() + 10, at.getY() + 8);
        reveal.show(at.getY() - 24, at.getY() + 24);
    }

    /** Where it was let go; empty where that is nowhere. */
    Optional<Drop> dropped(double sceneX, double sceneY) {
        Optional<Drop> at = at(sceneToLocal(sceneX, sceneY));
        marker.setVisible(false);
        carried.setVisible(false);
        drop = Optional.empty();
        return at;
    }

    private Optional<Drop> at(Point2D p) {
        if (p.getX() < 0 || p.getX() > getWidth() || p.getY() < -40) {
            return Optional.empty();
        }
        int place = 0;
        for (Plan.Entry entry : plan.entries()) {
            double from = y(entry.start());
            double to = y(entry.end());
            boolean on = p.getY() >= from && p.getY() <= to;
            if (on && p.getX() > TIMES + blockWidth() * 0.72 && p.getX() < TIMES + blockWidth()) {
                return Optional.of(new Drop(place + 1, Optional.of(entry.block())));
            }
            if (p.getY() < (from + to) / 2) {
                break;
            }
            place++;
        }
        return Optional.of(new Drop(place, Optional.empty()));
    }

    private void mark(int at) {
        List<Plan.Entry> all = plan.entries();
        OptionalDouble y =
                at < all.size() ? OptionalDouble.of(y(all.get(at).start())) : OptionalDouble.of(y(plan.seconds()));
        marker.resizeRelocate(TIMES - 4, y.getAsDouble() - 2, blockWidth() + 8, 4);
    }

    private void markBeside(Block block) {
        BlockBox box = boxes.get(block.id());
        marker.resizeRelocate(
                box.getLayoutX() + box.getWidth() * 0.72, box.getLayoutY(), box.getWidth() * 0.28, box.getHeight());
    }
}
