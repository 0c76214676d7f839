package wildchalk.core.document;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A document with everything that was done to it and everything that was undone. */
public record History<T extends Document<T>>(List<Step<T>> done, T now, List<Step<T>> undone) {

    /**
     * A step that was taken.
     *
     * @param name of the edit
     * @param other the document on its far side: before it in {@code done}, after it in {@code undone}
     */
    public record Step<T>(String name, T other) {}

    public History {
        done = List.copyOf(done);
        undone = List.copyOf(undone);
    }

    /** One to which nothing was done yet. */
    public static <T extends Document<T>> History<T> of(T document) {
        return new History<>(List.of(), document, List.of());
    }

    /**
     * A document as it was kept.
     *
     * @param change what had been done
     */
    public record Kept<T>(Change change, T document) {}

    /** What was done, from what was kept, oldest first; what was undone can be done again. */
    public static <T extends Document<T>> History<T> replayed(List<Kept<T>> kept) {
        History<T> history = of(kept.get(0).document());
        for (Kept<T> next : kept.subList(1, kept.size())) {
            history = history.replay(next);
        }
        return history;
    }

    private History<T> replay(Kept<T> next) {
        History<T> moved = after(next.change());
        // Where what was kept begins in the middle of things, an undo is a step like any other.
        return moved != this && moved.now.isLike(next.document())
                ? moved
                : after(new Edit<>(next.change().words(), d -> next.document()));
    }

    private History<T> after(Change change) {
        if (change instanceof Change.UndoneSteps several) {
            return undo(several.steps());
        }
        if (change instanceof Change.Undone) {
            return undo();
        }
        return change instanceof Change.Redone ? redo() : this;
    }

    /** The same with what had been done before it; unchanged when that led somewhere else. */
    public History<T> since(History<T> before) {
        T first = done.isEmpty() ? now : done.get(0).other();
        if (!before.now.isLike(first)) {
            return this;
        }
        List<Step<T>> all = new ArrayList<>(before.done);
        all.addAll(done);
        return new History<>(all, now, done.isEmpty() ? before.undone : undone);
    }

    /** After one more edit; unchanged when the edit changes nothing. */
    public History<T> after(Edit<T> edit) {
        T changed = edit.apply(now);
        if (changed.isLike(now)) {
            return this;
        }
        return new History<>(with(done, new Step<>(edit.name(), now)), changed, List.of());
    }

    /** Before the last edit; unchanged when there was none. */
    public History<T> undo() {
        if (done.isEmpty()) {
            return this;
        }
        Step<T> last = done.get(done.size() - 1);
        return new History<>(without(done), last.other().following(now), with(undone, new Step<>(last.name(), now)));
    }

    /** Takes back the last {@code steps} edits, or all when there are fewer. */
    public History<T> undo(int steps) {
        History<T> history = this;
        for (int i = 0; i < steps && !history.done.isEmpty(); i++) {
            history = history.undo();
        }
        return history;
    }

    /** After the edit that was undone last; unchanged when none was. */
    public History<T> redo() {
        if (undone.isEmpty()) {
            return this;
        }
        Step<T> last = undone.get(undone.size() - 1);
        return new History<>(
                with(done, new Step<>(last.name(), now)), last.other().following(now), without(undone));
    }

    /** What undo would take back. */
    public Optional<String> nextUndo() {
        return done.isEmpty()
                ? Optional.empty()
                : Optional.of(done.get(done.size() - 1).name());
    }

    /** What redo would do again. */
    public Optional<String> nextRedo() {
        return undone.isEmpty()
                ? Optional.empty()
                : Optional.of(undone.get(undone.size() - 1).name());
    }

    private static <T> List<Step<T>> with(List<Step<T>> steps, Step<T> step) {
        List<Step<T>> result = new ArrayList<>(steps);
        result.add(step);
        return result;
    }

    private static <T> List<Step<T>> without(List<Step<T>> steps) {
        return steps.subList(0, steps.size() - 1);
    }
}
