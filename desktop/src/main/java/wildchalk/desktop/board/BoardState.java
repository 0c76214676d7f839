package wildchalk.desktop.board;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyLongProperty;
import javafx.beans.property.ReadOnlyLongWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.beans.property.SimpleObjectProperty;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Stage;
import wildchalk.core.edit.Edit;
import wildchalk.core.edit.History;
import wildchalk.core.measure.Unit;
import wildchalk.core.rehearsal.Beat;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.rehearsal.Timeline;
import wildchalk.core.scene.Board;
import wildchalk.core.scene.Frame;
import wildchalk.core.scene.Look;
import wildchalk.core.scene.Picking;
import wildchalk.core.script.Script;
import wildchalk.core.script.ScriptWriter;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;

/** Everything the Board shows: the drill with its history, what is chosen, and the moment that is looked at. */
public final class BoardState {

    private final BiConsumer<Drill, String> keep;
    private History history;
    private History beforePreview;
    private Surface surface;
    private String rung;
    private Stage stage;
    private Timeline timeline;
    private Script script;
    private Board board;
    private final ReadOnlyLongWrapper changes = new ReadOnlyLongWrapper();
    private final DoubleProperty playhead = new SimpleDoubleProperty();
    private final BooleanProperty playing = new SimpleBooleanProperty();
    private final BooleanProperty halfSpeed = new SimpleBooleanProperty();
    private final ObjectProperty<Set<String>> chosen = new SimpleObjectProperty<>(Set.of());
    private final ObjectProperty<Set<String>> pointedAt = new SimpleObjectProperty<>(Set.of());
    private final ObjectProperty<Tool> tool = new SimpleObjectProperty<>(Tool.GUESS);
    private final ObjectProperty<Look> look = new SimpleObjectProperty<>(Look.SLATE);

    /** @param keep told of every change and the name of the edit that made it */
    public BoardState(Drill drill, BiConsumer<Drill, String> keep) {
        this.keep = keep;
        this.rung = drill.ladder().get(0).id();
        show(History.of(drill));
    }

    private void show(History next) {
        history = next;
        Drill drill = next.now();
        surface = Surfaces.get(drill.surface());
        stage = Ladder.build(drill, rung);
        timeline = Rehearsal.of(stage, surface);
        script = ScriptWriter.write(stage, timeline, surface, Unit.METRES);
        board = new Board(surface, stage, timeline, drill.lineKey(), Frame.of(surface.view(drill.view()).box()));
        chosen.set(stillThere(chosen.get()));
        playhead.set(Math.min(playhead.get(), timeline.duration()));
        changes.set(changes.get() + 1);
    }

    private Set<String> stillThere(Set<String> ids) {
        Set<String> left = new HashSet<>(ids);
        left.removeIf(id -> stage.piece(id).isEmpty() && stage.action(id).isEmpty());
        return Set.copyOf(left);
    }

    /** Does an edit; it is kept at once. */
    public void apply(Edit edit) {
        putBack();
        take(history.after(edit), edit.name());
    }

    /** Shows an edit that is under way, such as a drag, without keeping it; {@link #putBack} ends it. */
    public void preview(Edit edit) {
        if (beforePreview == null) {
            beforePreview = history;
        }
        show(new History(beforePreview.done(), edit.apply(beforePreview.now()), beforePreview.undone()));
    }

    /** Ends a preview: the drill is as it was before it. */
    public void putBack() {
        if (beforePreview != null) {
            History before = beforePreview;
            beforePreview = null;
            show(before);
        }
    }

    public void undo() {
        history.nextUndo().ifPresent(name -> take(history.undo(), "Undo: " + name));
    }

    public void redo() {
        history.nextRedo().ifPresent(name -> take(history.redo(), "Redo: " + name));
    }

    private void take(History next, String name) {
        if (next != history) {
            show(next);
            keep.accept(next.now(), name);
        }
    }

    /** Everything at the moment that is looked at: the actions under way and whoever does them; what is pointed at. */
    public Set<String> lit() {
        Set<String> lit = new HashSet<>(pointedAt.get());
        double t = playhead.get();
        if (t > 0 || playing.get()) {
            for (Action action : stage.actions()) {
                timeline.times(action.id()).filter(x -> x.start() <= t && t < x.over())
                        .ifPresent(x -> lit.add(action.id()));
            }
        }
        return lit;
    }

    /** The beat to light up; none before the rep has begun. */
    public Optional<Beat> currentBeat() {
        return playhead.get() > 0 || playing.get() ? timeline.beatAt(playhead.get()) : Optional.empty();
    }

    public void choose(String... ids) {
        chosen.set(Set.of(ids));
    }

    /** The chosen action, when it is the only thing chosen. */
    public Optional<Action> chosenAction() {
        List<String> ids = List.copyOf(chosen.get());
        return ids.size() == 1 ? stage.action(ids.get(0)) : Optional.empty();
    }

    public Drill drill() {
        return history.now();
    }

    public History history() {
        return history;
    }

    public Surface surface() {
        return surface;
    }

    public String rung() {
        return rung;
    }

    public Stage stage() {
        return stage;
    }

    public Timeline timeline() {
        return timeline;
    }

    public Script script() {
        return script;
    }

    public Board board() {
        return board;
    }

    public Picking picking() {
        return new Picking(stage, timeline, board);
    }

    /** Counts up whenever the drill is another one. */
    public ReadOnlyLongProperty changesProperty() {
        return changes.getReadOnlyProperty();
    }

    public DoubleProperty playheadProperty() {
        return playhead;
    }

    public BooleanProperty playingProperty() {
        return playing;
    }

    public BooleanProperty halfSpeedProperty() {
        return halfSpeed;
    }

    public ObjectProperty<Set<String>> chosenProperty() {
        return chosen;
    }

    public ObjectProperty<Set<String>> pointedAtProperty() {
        return pointedAt;
    }

    public ObjectProperty<Tool> toolProperty() {
        return tool;
    }

    public ObjectProperty<Look> lookProperty() {
        return look;
    }
}
