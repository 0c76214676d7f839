package wildchalk.desktop.board.state;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;

/** What of a stage is chosen, and what distances are measured from. Only what is on the stage can be. */
public final class Selection {

    private static final int REMEMBERED = 20;

    private final Supplier<Stage> stage;
    private final ObjectProperty<Set<String>> chosen = new SimpleObjectProperty<>(Set.of());
    /** Those before the last count when that is gone: it was taken away, or its being put down was undone. */
    private final Deque<String> references = new ArrayDeque<>();

    /** @param stage asked each time, because it becomes another with each edit */
    Selection(Supplier<Stage> stage) {
        this.stage = stage;
    }

    /** Ids of the pieces and actions that are chosen. */
    public ObjectProperty<Set<String>> chosenProperty() {
        return chosen;
    }

    public void choose(String... ids) {
        chosen.set(stillThere(Set.of(ids)));
    }

    /** Chooses one thing; or, besides what is chosen, takes it in or out. */
    public void chooseAlso(String id, boolean besides) {
        Set<String> ids = new HashSet<>(besides ? chosen.get() : Set.of());
        if (!ids.add(id)) {
            ids.remove(id);
        }
        chosen.set(Set.copyOf(ids));
    }

    /** Forgets what is not there any more. */
    void keepToStage() {
        chosen.set(stillThere(chosen.get()));
    }

    private Set<String> stillThere(Set<String> ids) {
        Set<String> left = new HashSet<>(ids);
        left.removeIf(
                id -> stage.get().piece(id).isEmpty() && stage.get().action(id).isEmpty());
        return Set.copyOf(left);
    }

    /** The chosen action, when it is the only thing chosen. */
    public Optional<Action> action() {
        List<String> ids = List.copyOf(chosen.get());
        return ids.size() == 1 ? stage.get().action(ids.get(0)) : Optional.empty();
    }

    /** What distances are measured from: the piece that was put down, moved or chosen last. */
    public Optional<Piece> reference() {
        return references.stream().flatMap(id -> stage.get().piece(id).stream()).findFirst();
    }

    /** @param piece id of the piece that distances are measured from now */
    public void refer(String piece) {
        references.remove(piece);
        references.addFirst(piece);
        if (references.size() > REMEMBERED) {
            references.removeLast();
        }
    }
}
