package wildchalk.desktop.board.state;

import java.util.List;
import java.util.function.BiConsumer;
import java.util.stream.IntStream;
import javafx.beans.property.ReadOnlyLongProperty;
import javafx.beans.property.ReadOnlyLongWrapper;
import wildchalk.core.document.Change;
import wildchalk.core.document.Edit;
import wildchalk.core.document.History;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.FreeIds;
import wildchalk.desktop.page.Undoable;

/** The drill that a page works on, with what was done to it. Whatever is done is kept at once. */
public final class DrillDocument implements Undoable {

    private final BiConsumer<Drill, Change> keep;
    private final ReadOnlyLongWrapper changes = new ReadOnlyLongWrapper();
    private History<Drill> history;

    /** @param keep told of every change and what made it, after everybody else */
    public DrillDocument(Drill drill, BiConsumer<Drill, Change> keep) {
        this.keep = keep;
        this.history = History.of(drill);
    }

    public Drill drill() {
        return history.now();
    }

    public History<Drill> history() {
        return history;
    }

    /** Ids for what is new in the drill. */
    public FreeIds freeIds() {
        return new FreeIds(drill());
    }

    /** Does an edit. */
    public void apply(Edit<Drill> edit) {
        take(history.after(edit), new Change.Edited(edit.name()));
    }

    public void undo() {
        history.nextUndo().ifPresent(name -> take(history.undo(), new Change.Undone(name)));
    }

    @Override
    public void undo(int steps) {
        if (steps == 1) {
            undo();
        } else if (steps > 1 && steps <= history.done().size()) {
            take(history.undo(steps), new Change.UndoneSteps(steps));
        }
    }

    @Override
    public void redo() {
        history.nextRedo().ifPresent(name -> take(history.redo(), new Change.Redone(name)));
    }

    @Override
    public List<String> done() {
        return newestFirst(history.done());
    }

    @Override
    public List<String> undone() {
        return newestFirst(history.undone());
    }

    private static List<String> newestFirst(List<History.Step<Drill>> steps) {
        return IntStream.rangeClosed(1, steps.size())
                .mapToObj(i -> steps.get(steps.size() - i).name())
                .toList();
    }

    /** Takes what was done to the drill before it was opened, so that it can be undone too. */
    public void recall(History<Drill> past) {
        history = history.since(past);
    }

    private void take(History<Drill> next, Change change) {
        if (next != history) {
            history = next;
            changes.set(changes.get() + 1);
            keep.accept(next.now(), change);
        }
    }

    /** Counts up whenever the drill is another one. */
    public ReadOnlyLongProperty changesProperty() {
        return changes.getReadOnlyProperty();
    }
}
