package wildchalk.desktop.page;

import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import javafx.beans.property.ReadOnlyLongProperty;
import javafx.beans.property.ReadOnlyLongWrapper;
import wildchalk.core.document.Change;
import wildchalk.core.document.Document;
import wildchalk.core.document.Edit;
import wildchalk.core.document.History;
import wildchalk.desktop.background.Background;
import wildchalk.desktop.keeping.Keeper;
import wildchalk.desktop.trouble.Trouble;
import wildchalk.storage.book.Version;
import wildchalk.storage.kind.Kind;

/** The document that a page works on, with what was done to it. Whatever is done is kept at once. */
public class OpenDocument<T extends Document<T>> implements Undoable {

    private final BiConsumer<T, Change> keep;
    private final ReadOnlyLongWrapper changes = new ReadOnlyLongWrapper();
    private History<T> history;

    /** @param keep told of every change and what made it, after everybody else */
    public OpenDocument(T document, BiConsumer<T, Change> keep) {
        this.keep = keep;
        this.history = History.of(document);
    }

    public final T document() {
        return history.now();
    }

    public final History<T> history() {
        return history;
    }

    /** Does an edit. */
    public final void apply(Edit<T> edit) {
        take(history.after(edit), new Change.Edited(edit.name()));
    }

    public final void undo() {
        history.nextUndo().ifPresent(name -> take(history.undo(), new Change.Undone(name)));
    }

    @Override
    public final void undo(int steps) {
        if (steps == 1) {
            undo();
        } else if (steps > 1 && steps <= history.done().size()) {
            take(history.undo(steps), new Change.UndoneSteps(steps));
        }
    }

    @Override
    public final void redo() {
        history.nextRedo().ifPresent(name -> take(history.redo(), new Change.Redone(name)));
    }

    @Override
    public final List<String> done() {
        return newestFirst(history.done());
    }

    @Override
    public final List<String> undone() {
        return newestFirst(history.undone());
    }

    private static List<String> newestFirst(List<? extends History.Step<?>> steps) {
        return IntStream.rangeClosed(1, steps.size())
                .mapToObj(i -> steps.get(steps.size() - i).name())
                .toList();
    }

    /** Takes what was done to it before it was opened, so that it can be undone too. */
    public final void recall(History<T> past) {
        history = history.since(past);
    }

    private void take(History<T> next, Change change) {
        if (next != history) {
            history = next;
            changes.set(changes.get() + 1);
            keep.accept(next.now(), change);
        }
    }

    /** Counts up whenever the document is another one. */
    public final ReadOnlyLongProperty changesProperty() {
        return changes.getReadOnlyProperty();
    }

    /**
     * Reads what was done to it before it was opened, beside the window's thread.
     *
     * @param then done on the window's thread when it can be undone
     * @param trouble told why it cannot
     */
    public final void recall(Keeper keeper, Kind<T> kind, Runnable then, Consumer<Trouble> trouble) {
        keeper.ask(b -> b.of(kind).versions(document().id()), versions -> {
            if (versions.isEmpty()) {
                return;
            }
            Background.work(
                    "reading what was done before",
                    () -> History.replayed(versions.stream().map(Version::read).toList()),
                    past -> {
                        recall(past);
                        then.run();
                    },
                    trouble);
        });
    }
}
