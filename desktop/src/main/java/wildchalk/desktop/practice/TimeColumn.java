package wildchalk.desktop.practice;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.geometry.Point2D;
import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import wildchalk.core.practice.Block;
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
    private static final double TIMES = TimeMarks.TIMES;
    private static final double CHANGES = TimeMarks.CHANGES;
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
    private final TimeMarks marks;
    private final Label empty = empty();
    private final Region marker = new Region();
    private final Region end = new Region();
    private final Label carried = new Label();
    private double seen = 600;
    private double scale = LEAST_SCALE;
    private Plan plan = new Plan(List.of());
    /** While a block is pulled: how long it would be. */
    private Optional<Practice> pulled = Optional.empty();

    /** What was put in, until it is known what comes before it: only then it is where it stays. */
    private Optional<String> fresh = Optional.empty();

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
        this.marks = new TimeMarks(state);
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
        end.setId("slot-end");
        end.setManaged(false);
        end.setMouseTransparent(true);
        getChildren().addAll(marks, empty, end, marker, carried);
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
        marks.begin();
        Map<String, BlockBox> kept = new HashMap<>();
        for (Plan.Entry entry : plan.entries()) {
            String id = entry.block().id();
            double from = y(entry.start() - entry.before().seconds());
            if (!entry.before().parts().isEmpty() || entry.before().seconds() > 0) {
                marks.change(entry, from, y(entry.start()), y(entry.end()), getWidth(), blockWidth());
            }
            if (Math.abs(entry.start() - slot.seconds()) * scale > NEAR * MINUTE) {
                marks.time(id, Clock.at(slot, entry.start()), y(entry.start()), "time-label");
            }
            kept.put(id, Optional.ofNullable(boxes.get(id)).orElseGet(() -> new BlockBox(state, this, id)));
        }
        end(slot, all);
        empty.setVisible(plan.entries().isEmpty());
        marks.end();
        keep(kept);
        setMinHeight(y(all) + 30);
        setPrefHeight(y(all) + 30);
        requestLayout();
        if (fresh.isPresent() && state.isSeen()) {
            fresh.ifPresent(this::reveal);
            fresh = Optional.empty();
        }
    }

    /** A box that is carried must not leave the window meanwhile: those that stay are not touched. */
    private void keep(Map<String, BlockBox> kept) {
        getChildren().removeIf(n -> n instanceof BlockBox && !kept.containsValue(n));
        kept.values().stream().filter(b -> !getChildren().contains(b)).forEach(b -> getChildren()
                .add(1, b));
        boxes.clear();
        boxes.putAll(kept);
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

    private static Label empty() {
        Label label = new Label(PracticeState.BOOK.say("column.empty"));
        label.setId("column-empty");
        label.getStyleClass().add("empty");
        label.setWrapText(true);
        label.setPrefWidth(360);
        label.setMouseTransparent(true);
        label.relocate(TIMES + 24, TOP + 40);
        return label;
    }

    private void end(Slot slot, int all) {
        boolean over = plan.seconds() > slot.seconds();
        end.getStyleClass().setAll(over ? "slot-over" : "slot-end");
        end.toFront();
        end.resizeRelocate(TIMES, y(slot.seconds()), Math.max(0, getWidth() - TIMES), 2);
        marks.time("end", Clock.at(slot, slot.seconds()), y(slot.seconds()), over ? "time-over" : "time-end");
        if (over && all - slot.seconds() > 2 * MINUTE) {
            marks.time("over", Clock.at(slot, all), y(all), "time-over");
        }
    }

    private double blockWidth() {
        return getWidth() - TIMES - CHANGES - GAP;
    }

    @Override
    protected void layoutChildren() {
        super.layoutChildren();
        marks.resizeRelocate(0, 0, getWidth(), getHeight());
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
        fresh = state.chosen().map(Block::id);
        fresh.ifPresent(this::reveal);
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
