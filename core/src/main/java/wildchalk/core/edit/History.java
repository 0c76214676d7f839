package wildchalk.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wildchalk.core.drill.Drill;

/** A drill with everything that was done to it and everything that was undone. */
public record History(List<Step> done, Drill now, List<Step> undone) {

    /**
     * A step that was taken.
     *
     * @param name of the edit
     * @param other the drill on its far side: before it in {@code done}, after it in {@code undone}
     */
    public record Step(String name, Drill other) {
    }

    public History {
        done = List.copyOf(done);
        undone = List.copyOf(undone);
    }

    public static History of(Drill drill) {
        return new History(List.of(), drill, List.of());
    }

    /** How an undo is named where it is kept, before the name of what it took back. */
    public static final String UNDO = "Undo: ";
    public static final String REDO = "Redo: ";
    private static final Pattern SEVERAL = Pattern.compile(UNDO + "([0-9]+) steps");

    /**
     * A drill as it was kept.
     *
     * @param edit the name of what had been done
     */
    public record Kept(String edit, Drill drill) {
    }

    /** What was done, from what was kept, oldest first; what was undone can be done again. */
    public static History replayed(List<Kept> kept) {
        History history = of(kept.get(0).drill());
        for (Kept next : kept.subList(1, kept.size())) {
            history = history.replay(next);
        }
        return history;
    }

    private History replay(Kept next) {
        Matcher several = SEVERAL.matcher(next.edit());
        History moved = several.matches() ? undo(Integer.parseInt(several.group(1)))
                : next.edit().startsWith(UNDO) ? undo() : next.edit().startsWith(REDO) ? redo() : this;
        // Where what was kept begins in the middle of things, an undo is a step like any other.
        return moved != this && moved.now.isLike(next.drill()) ? moved : after(new Edit(next.edit(), d -> next.drill()));
    }

    /** The same with what had been done before it; unchanged when that led somewhere else. */
    public History since(History before) {
        Drill first = done.isEmpty() ? now : done.get(0).other();
        if (!before.now.isLike(first)) {
            return this;
        }
        List<Step> all = new ArrayList<>(before.done);
        all.addAll(done);
        return new History(all, now, done.isEmpty() ? before.undone : undone);
    }

    /** After one more edit; unchanged when the edit changes nothing. */
    public History after(Edit edit) {
        Drill changed = edit.apply(now);
        if (changed.isLike(now)) {
            return this;
        }
        return new History(with(done, new Step(edit.name(), now)), changed, List.of());
    }

    public History undo() {
        if (done.isEmpty()) {
            return this;
        }
        Step last = done.get(done.size() - 1);
        return new History(without(done), last.other().following(now), with(undone, new Step(last.name(), now)));
    }

    /** Takes back the last {@code steps} edits, or all when there are fewer. */
    public History undo(int steps) {
        History history = this;
        for (int i = 0; i < steps && !history.done.isEmpty(); i++) {
            history = history.undo();
        }
        return history;
    }

    public History redo() {
        if (undone.isEmpty()) {
            return this;
        }
        Step last = undone.get(undone.size() - 1);
        return new History(with(done, new Step(last.name(), now)), last.other().following(now), without(undone));
    }

    /** What undo would take back. */
    public Optional<String> nextUndo() {
        return done.isEmpty() ? Optional.empty() : Optional.of(done.get(done.size() - 1).name());
    }

    /** What redo would do again. */
    public Optional<String> nextRedo() {
        return undone.isEmpty() ? Optional.empty() : Optional.of(undone.get(undone.size() - 1).name());
    }

    private static List<Step> with(List<Step> steps, Step step) {
        List<Step> result = new ArrayList<>(steps);
        result.add(step);
        return result;
    }

    private static List<Step> without(List<Step> steps) {
        return steps.subList(0, steps.size() - 1);
    }
}
