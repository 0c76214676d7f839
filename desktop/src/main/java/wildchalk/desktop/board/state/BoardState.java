package wildchalk.desktop.board.state;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.Supplier;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyLongProperty;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;
import wildchalk.core.document.Change;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.FreeIds;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Reads;
import wildchalk.core.drill.Stage;
import wildchalk.core.edit.PieceEdits;
import wildchalk.core.edit.ReadEdits;
import wildchalk.core.edit.Twins;
import wildchalk.core.scene.Board;
import wildchalk.core.scene.Picking;
import wildchalk.core.script.Script;
import wildchalk.core.stroke.Guess;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.Timeline;
import wildchalk.desktop.background.Newest;

/** The Board while it is drawn on: the drill, what of it is on the board, what is chosen and what is in the hand. */
public final class BoardState {

    /** More pieces than this and every drag would be waited for; assumed from what was measured. */
    public static final int MOST_PIECES = 2000;

    /** Boards with no more than this are worked out within a frame. */
    private static final int FEW_ACTIONS = 40;

    private static final int FEW_PIECES = 300;
    private static final int FEW_RUNGS = 3;

    private final DrillDocument document;
    private final BoardModel model;
    private final Selection selection;
    private final Samples samples = new Samples();
    private final SheetDesk sheets;
    private final FlowDesk flow;
    private final ManyReps many;
    private final HelpDesk helps;
    private final LookDesk look;
    private final BooleanProperty rules = new SimpleBooleanProperty();
    private final Desk desk;
    private final ObjectProperty<Tool> tool = new SimpleObjectProperty<>(Tool.GUESS);
    private final ReadOnlyStringWrapper notice = new ReadOnlyStringWrapper("");
    private final Newest<Shown> drafts;
    private Script script;

    /** @param keep told of every change and what made it */
    public BoardState(Drill drill, BiConsumer<Drill, Change> keep) {
        this(drill, keep, Desk.EMPTY);
    }

    /** @param desk where other drills are, and who tells the coach things */
    public BoardState(Drill drill, BiConsumer<Drill, Change> keep, Desk desk) {
        this.desk = desk;
        document = new DrillDocument(drill, keep);
        model = new BoardModel(drill);
        selection = new Selection(model::stage);
        sheets = new SheetDesk(model.viewing().settingOutProperty(), desk::say);
        flow = new FlowDesk(desk::say);
        many = new ManyReps(flow);
        look = new LookDesk(this);
        oneAtATime(List.of(flow.wantedProperty(), sheets.wantedProperty(), look.wantedProperty(), rules));
        drafts = new Newest<>(
                "working an edit out that is under way",
                model::draft,
                trouble -> announce("This cannot be shown while it is dragged; let go to do it."));
        // Before any view hears of a change, everything that goes with it is the new one.
        model.changesProperty().addListener(o -> follow());
        document.changesProperty().addListener(o -> model.show(document.drill()));
        helps = new HelpDesk(this);
        many.shownProperty().addListener((o, was, is) -> look(is));
        follow();
    }

    private static void oneAtATime(List<BooleanProperty> sheets) {
        sheets.forEach(sheet -> sheet.addListener((o, was, is) -> {
            if (is) {
                sheets.stream().filter(other -> other != sheet).forEach(other -> other.set(false));
            }
        }));
    }

    /** While many reps are looked at one rep stands still, and nothing of it is in the hand. */
    private void look(boolean atMany) {
        if (atMany) {
            head().playingProperty().set(false);
            head().atProperty().set(0);
            selection.choose();
            tool.set(Tool.GUESS);
        }
    }

    private void follow() {
        script = model.base().script(model.viewing().unitsProperty().get());
        drafts.forget();
        selection.keepToStage();
        sheets.ask(
                model.stage(), model.surface(), model.viewing().unitsProperty().get());
        flow.ask(model.base(), model.surface(), Ladder.dose(drill(), rung()), model.cast());
        look.look();
    }

    /**
     * Does an edit; it is kept at once. One that would make the drill too large is not done, and that is said.
     *
     * @return whether it was done
     */
    public boolean apply(Edit<Drill> edit) {
        putBack();
        Edit<Drill> wanted = Twins.tied(
                ReadEdits.lookingAt(edit, rung(), focus().choicesProperty().get()));
        Drill next = wanted.apply(drill());
        int pieces = next.ladder().stream().anyMatch(r -> r.id().equals(rung()))
                ? Ladder.build(next, rung()).pieces().size()
                : 0;
        if (pieces > MOST_PIECES && pieces > stage().pieces().size()) {
            desk.say("A drill holds up to " + MOST_PIECES + " pieces, and this would make " + pieces
                    + ". Nothing was changed.");
            return false;
        }
        document.apply(new Edit<>(edit.name(), d -> next));
        return true;
    }

    /** Takes what is chosen away. */
    public void removeChosen() {
        Set<String> chosen = selection.chosenProperty().get();
        if (!chosen.isEmpty()) {
            apply(PieceEdits.remove(rung(), stage(), chosen));
        }
    }

    /** Whether the sheet of the rules is shown. */
    public BooleanProperty rulesProperty() {
        return rules;
    }

    /** Tells the coach something about what they just did. */
    public void announce(String words) {
        notice.set("");
        notice.set(words);
    }

    /** What was told last; the next thing that is done takes it away. */
    public ReadOnlyStringProperty noticeProperty() {
        return notice.getReadOnlyProperty();
    }

    /**
     * Shows an edit that is under way, such as a drag, without keeping it; {@link #putBack} ends it. Only what it
     * changes is shown anew: words, strip and ladder wait until it is done. On a busy board it is worked out beside the
     * window's thread and shown a moment later.
     */
    public void preview(Edit<Drill> edit) {
        Drill now = drill();
        Shown before = model.base();
        String shown = rung();
        Shown.Manner manner = model.manner();
        Supplier<Shown> work =
                () -> before.changed(Ladder.build(Twins.tied(edit).apply(now), shown), manner);
        if (stage().actions().size() > FEW_ACTIONS
                || stage().pieces().size() > FEW_PIECES
                || now.ladder().size() > FEW_RUNGS
                || !Reads.of(stage()).isEmpty()) {
            drafts.ask(work);
        } else {
            model.draft(work.get());
        }
    }

    /** Ends a preview: the drill is as it was before it. */
    public void putBack() {
        drafts.forget();
        model.draft(null);
    }

    /** The rung that this one was made from; empty for one that follows none. */
    public Optional<Stage> madeFrom() {
        return drill().ladder()
                .get(model.place())
                .from()
                .filter(f -> drill().ladder().stream().anyMatch(r -> r.id().equals(f)))
                .map(f -> Ladder.build(drill(), f));
    }

    /** The drill with what was done to it. */
    public DrillDocument document() {
        return document;
    }

    /** What is on the board. */
    public BoardModel model() {
        return model;
    }

    public Selection selection() {
        return selection;
    }

    public Drill drill() {
        return document.drill();
    }

    /** Ids for what is new in the drill. */
    public FreeIds freeIds() {
        return document.freeIds();
    }

    /** What strokes on the rung that is shown mean. */
    public Guess guess() {
        return new Guess(stage(), timeline(), stage().set(surface()), freeIds());
    }

    /** Id of the rung that is shown. */
    public String rung() {
        return model.rung();
    }

    public Surface surface() {
        return model.surface();
    }

    public Stage stage() {
        return model.stage();
    }

    public Timeline timeline() {
        return model.timeline();
    }

    public Board board() {
        return model.board();
    }

    /** What is on the board now: the drill, or an edit of it that is under way. */
    public Shown shown() {
        return model.shown();
    }

    public Script script() {
        return script;
    }

    public Focus focus() {
        return model.focus();
    }

    public PlayHead head() {
        return model.head();
    }

    public Viewing viewing() {
        return model.viewing();
    }

    /** Counts up whenever something else is on the board. */
    public ReadOnlyLongProperty changesProperty() {
        return model.changesProperty();
    }

    public Picking picking() {
        return new Picking(stage(), timeline(), board());
    }

    /** The set-out sheet of the stage, worked out beside the window's thread while it is wanted. */
    public SheetDesk sheets() {
        return sheets;
    }

    /** What many reps of the stage come to, worked out beside the window's thread while it is wanted. */
    public FlowDesk flow() {
        return flow;
    }

    /** Many reps, as they are looked at. */
    public ManyReps many() {
        return many;
    }

    /** What a second pair of eyes sees in the drill, looked for beside the window's thread. */
    public LookDesk look() {
        return look;
    }

    /** What would cut the waiting in them. */
    public HelpDesk helps() {
        return helps;
    }

    public ObjectProperty<Tool> toolProperty() {
        return tool;
    }

    /** What the next thing that is made looks like. */
    public Samples samples() {
        return samples;
    }

    public Desk desk() {
        return desk;
    }
}
