package wildchalk.desktop.board;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.Supplier;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyLongProperty;
import javafx.beans.property.ReadOnlyLongWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.beans.property.SimpleObjectProperty;
import wildchalk.core.document.Edit;
import wildchalk.core.document.History;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.FreeIds;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rung;
import wildchalk.core.drill.Stage;
import wildchalk.core.edit.ReadEdits;
import wildchalk.core.measure.Units;
import wildchalk.core.rehearsal.Timeline;
import wildchalk.core.scene.Aids;
import wildchalk.core.scene.Board;
import wildchalk.core.scene.Frame;
import wildchalk.core.scene.Look;
import wildchalk.core.scene.Picking;
import wildchalk.core.script.Script;
import wildchalk.core.script.ScriptWriter;
import wildchalk.core.surface.Surface;
import wildchalk.desktop.beside.Newest;

/** Everything the Board shows: the drill with its history, what is chosen, and the moment that is looked at. */
public final class BoardState {

    /** More pieces than this and every drag would be waited for; assumed from what was measured. */
    public static final int MOST_PIECES = 2000;

    /** Boards with no more than this are worked out within a frame. */
    private static final int FEW_ACTIONS = 40;
    private static final int FEW_PIECES = 300;
    private static final int FEW_RUNGS = 3;

    private final BiConsumer<Drill, String> keep;
    private String rung;
    private int place;
    private History<Drill> history;
    private Surface surface;
    private Script script;
    private Shown base;
    private String reference = "";
    private double tokens = 1;
    private final ReadOnlyLongWrapper changes = new ReadOnlyLongWrapper();
    private final ReadOnlyObjectWrapper<Shown> draft = new ReadOnlyObjectWrapper<>();
    private final Newest<Shown> drafts = new Newest<>("working an edit out that is under way", draft::set,
            trouble -> say("This cannot be shown while it is dragged; let go to do it."));
    private final DoubleProperty playhead = new SimpleDoubleProperty();
    private final BooleanProperty playing = new SimpleBooleanProperty();
    private final DoubleProperty speed = new SimpleDoubleProperty(1);
    private final BooleanProperty looping = new SimpleBooleanProperty();
    private final ObjectProperty<Set<String>> chosen = new SimpleObjectProperty<>(Set.of());
    private final ObjectProperty<Set<String>> pointedAt = new SimpleObjectProperty<>(Set.of());
    private final ObjectProperty<Tool> tool = new SimpleObjectProperty<>(Tool.GUESS);
    private final ObjectProperty<Look> look = new SimpleObjectProperty<>(Look.SLATE);
    private final ReadOnlyStringWrapper said = new ReadOnlyStringWrapper("");
    private final ObjectProperty<Aids> aids = new SimpleObjectProperty<>(Aids.USUAL);
    private final ObjectProperty<Units> units = new SimpleObjectProperty<>(Units.METRIC);
    private final Samples samples = new Samples();
    private final SheetDesk sheets;
    private final Focus focus = new Focus();
    private boolean showing;
    private final Desk desk;

    /** @param keep told of every change and the name of the edit that made it */
    public BoardState(Drill drill, BiConsumer<Drill, String> keep) {
        this(drill, keep, Desk.EMPTY);
    }

    /** @param desk where other drills are, and who tells the coach things */
    public BoardState(Drill drill, BiConsumer<Drill, String> keep, Desk desk) {
        this.keep = keep;
        this.desk = desk;
        this.sheets = new SheetDesk(desk::say);
        this.rung = drill.ladder().get(0).id();
        show(History.of(drill));
        units.addListener(o -> show(history));
        aids.addListener(o -> redraw());
        focus.choicesProperty().addListener(o -> {
            if (!showing) {
                show(history);
            }
        });
    }

    private void show(History<Drill> next) {
        history = next;
        Drill drill = next.now();
        // Where a rung has gone, the one that stands in its place is shown.
        List<String> rungs = drill.ladder().stream().map(Rung::id).toList();
        rung = rungs.contains(rung) ? rung : rungs.get(Math.min(place, rungs.size() - 1));
        place = rungs.indexOf(rung);
        surface = drill.surface();
        if (look.get().isTrue()) {
            look.set(Look.trueTo(surface.ground()));
        }
        Stage built = Ladder.build(drill, rung);
        showing = true;
        focus.keepTo(built);
        showing = false;
        base = base == null ? Shown.of(built, manner(drill)) : base.then(built, manner(drill));
        script = ScriptWriter.write(base.stage(), base.timeline(), surface, units.get().unit());
        putBack();
        chosen.set(stillThere(chosen.get()));
        playhead.set(Math.min(playhead.get(), base.timeline().duration()));
        changes.set(changes.get() + 1);
        sheets.ask(base.stage(), surface, units.get());
    }

    /** Goes to another rung of the ladder, from its start. */
    public void climb(String to) {
        playing.set(false);
        rung = to;
        playhead.set(0);
        showing = true;
        focus.forget();
        showing = false;
        show(history);
    }

    /** How the rung is shown that is looked at. */
    Shown.Manner manner() {
        return manner(drill());
    }

    private Shown.Manner manner(Drill drill) {
        return new Shown.Manner(surface, drill.lineKey(), Frame.of(drill, surface).scaled(tokens), units.get(), aids.get(), focus.choicesProperty().get());
    }

    private Set<String> stillThere(Set<String> ids) {
        Set<String> left = new HashSet<>(ids);
        left.removeIf(id -> stage().piece(id).isEmpty() && stage().action(id).isEmpty());
        return Set.copyOf(left);
    }

    /** Draws tokens and lines larger or smaller: who looks from nearer needs them no larger on the screen. */
    void scaleTokens(double factor) {
        if (factor != tokens) {
            tokens = factor;
            redraw();
        }
    }

    private void redraw() {
        base = base.drawn(manner(drill()));
    }

    /**
     * Does an edit; it is kept at once. One that would make the drill too large is not done, and that is said.
     *
     * @return whether it was done
     */
    public boolean apply(Edit<Drill> edit) {
        putBack();
        History<Drill> next = history.after(ReadEdits.lookingAt(edit, rung, focus.choicesProperty().get()));
        int pieces = next.now().ladder().stream().anyMatch(r -> r.id().equals(rung)) ? Ladder.build(next.now(), rung).pieces().size() : 0;
        if (pieces > MOST_PIECES && pieces > stage().pieces().size()) {
            desk.say("A drill holds up to " + MOST_PIECES + " pieces, and this would make " + pieces + ". Nothing was changed.");
            return false;
        }
        take(next, edit.name());
        return true;
    }

    /** Tells the coach something about what they just did. */
    void say(String words) {
        said.set("");
        said.set(words);
    }

    /** What was told last; the next thing that is done takes it away. */
    ReadOnlyStringProperty saidProperty() {
        return said.getReadOnlyProperty();
    }

    /**
     * Shows an edit that is under way, such as a drag, without keeping it; {@link #putBack} ends it. Only what it
     * changes is shown anew: words, strip and ladder wait until it is done. On a busy board it is worked out beside the
     * window's thread and shown a moment later.
     */
    public void preview(Edit<Drill> edit) {
        Drill now = history.now();
        Shown before = base;
        String shown = rung;
        Shown.Manner manner = manner(now);
        Supplier<Shown> work = () -> before.changed(Ladder.build(edit.apply(now), shown), manner);
        if (base.stage().actions().size() > FEW_ACTIONS || base.stage().pieces().size() > FEW_PIECES || now.ladder().size() > FEW_RUNGS) {
            drafts.ask(work);
        } else {
            draft.set(work.get());
        }
    }

    /** Ends a preview: the drill is as it was before it. */
    public void putBack() {
        drafts.forget();
        draft.set(null);
    }

    public void undo() {
        history.nextUndo().ifPresent(name -> take(history.undo(), History.UNDO + name));
    }

    /** Goes back to how it was so many edits ago. */
    public void undo(int steps) {
        if (steps > 0 && steps <= history.done().size()) {
            take(history.undo(steps), History.UNDO + steps + " steps");
        }
    }

    public void redo() {
        history.nextRedo().ifPresent(name -> take(history.redo(), History.REDO + name));
    }

    /** Takes what was done to the drill before it was opened, so that it can be undone too. */
    public void recall(History<Drill> past) {
        history = history.since(past);
    }

    private void take(History<Drill> next, String name) {
        if (next != history) {
            show(next);
            keep.accept(next.now(), name);
        }
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

    /** The chosen action, when it is the only thing chosen. */
    public Optional<Action> chosenAction() {
        List<String> ids = List.copyOf(chosen.get());
        return ids.size() == 1 ? stage().action(ids.get(0)) : Optional.empty();
    }

    public Drill drill() {
        return history.now();
    }

    /** Ids for what is new in the drill. */
    public FreeIds freeIds() {
        return new FreeIds(drill());
    }

    public History<Drill> history() {
        return history;
    }

    public Surface surface() {
        return surface;
    }

    public String rung() {
        return rung;
    }

    public Stage stage() {
        return base.stage();
    }

    /** The rung that this one was made from; empty for one that follows none. */
    Optional<Stage> madeFrom() {
        return drill().ladder().get(place).from().filter(f -> drill().ladder().stream().anyMatch(r -> r.id().equals(f)))
                .map(f -> Ladder.build(drill(), f));
    }

    public Timeline timeline() {
        return base.timeline();
    }

    public Script script() {
        return script;
    }

    public Board board() {
        return base.board();
    }

    /** What is on the board now: the drill, or an edit of it that is under way. */
    public Shown shown() {
        return draft.get() == null ? base : draft.get();
    }

    /** An edit that is under way; null when there is none. */
    public ReadOnlyObjectProperty<Shown> draftProperty() {
        return draft.getReadOnlyProperty();
    }

    /** What distances are measured from: the piece that was put down, moved or chosen last. */
    public Optional<Piece> reference() {
        return stage().piece(reference);
    }

    public void refer(String piece) {
        reference = piece;
    }

    /** The set-out sheet of the stage, worked out beside the window's thread while it is wanted. */
    public SheetDesk sheets() {
        return sheets;
    }

    /** How the coach wants lengths said. */
    public ObjectProperty<Units> unitsProperty() {
        return units;
    }

    /** What the next thing that is made looks like. */
    public Samples samples() {
        return samples;
    }

    Desk desk() {
        return desk;
    }

    public Picking picking() {
        return new Picking(base.stage(), base.timeline(), base.board());
    }

    /** Which options, which rung below and which freeze are looked at. */
    public Focus focus() {
        return focus;
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

    /** How fast it plays: 1 is as it is. */
    public DoubleProperty speedProperty() {
        return speed;
    }

    /** Whether it plays again from the start when all is over. */
    public BooleanProperty loopingProperty() {
        return looping;
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

    /** What helps to read the board. */
    public ObjectProperty<Aids> aidsProperty() {
        return aids;
    }
}
