package wildchalk.desktop.board.state;

import java.util.List;
import java.util.Optional;
import javafx.beans.property.ReadOnlyLongProperty;
import javafx.beans.property.ReadOnlyLongWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import wildchalk.core.casting.Named;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Rung;
import wildchalk.core.drill.Stage;
import wildchalk.core.scene.Board;
import wildchalk.core.scene.Frame;
import wildchalk.core.scene.Look;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.Timeline;

/**
 * What is on a board: a rung of a drill, the moment and the way through it, and how it is looked at. Nothing here
 * changes the drill.
 */
public final class BoardModel {

    private final PlayHead head = new PlayHead();
    private final Viewing viewing = new Viewing();
    private final Focus focus = new Focus();
    private final ReadOnlyLongWrapper changes = new ReadOnlyLongWrapper();
    private final ReadOnlyObjectWrapper<Shown> draft = new ReadOnlyObjectWrapper<>();
    private Drill drill;
    private String rung;
    private int place;
    private Surface surface;
    private Shown base;
    private Optional<Named> cast = Optional.empty();
    private double tokens = 1;
    private boolean changing;

    /** Begins with the lowest rung. */
    public BoardModel(Drill drill) {
        this(drill, drill.ladder().get(0).id());
    }

    /** @param rung id of the rung to begin with */
    public BoardModel(Drill drill, String rung) {
        this.rung = rung;
        show(drill);
        viewing.unitsProperty().addListener(o -> show(this.drill));
        viewing.aidsProperty().addListener(o -> redraw());
        focus.choicesProperty().addListener(o -> {
            if (!changing) {
                show(this.drill);
            }
        });
    }

    /** Shows another state of the drill; where the rung has gone, the one that stands in its place. */
    void show(Drill next) {
        drill = next;
        List<String> rungs = drill.ladder().stream().map(Rung::id).toList();
        rung = rungs.contains(rung) ? rung : rungs.get(Math.min(place, rungs.size() - 1));
        place = rungs.indexOf(rung);
        surface = drill.surface();
        if (viewing.lookProperty().get().isTrue()) {
            viewing.lookProperty().set(Look.trueTo(surface.ground()));
        }
        Stage built = Ladder.build(drill, rung);
        changing = true;
        focus.keepTo(built);
        changing = false;
        base = base == null ? Shown.of(built, manner()) : base.then(built, manner());
        draft.set(null);
        head.atProperty().set(Math.min(head.atProperty().get(), base.timeline().duration()));
        changes.set(changes.get() + 1);
    }

    /** Goes to another rung of the ladder, from its start. */
    public void climb(String to) {
        head.playingProperty().set(false);
        rung = to;
        head.atProperty().set(0);
        changing = true;
        focus.forget();
        changing = false;
        show(drill);
    }

    /** How the rung is shown that is looked at. */
    public Shown.Manner manner() {
        return new Shown.Manner(
                surface,
                drill.lineKey(),
                Frame.of(drill, surface).scaled(tokens),
                viewing.unitsProperty().get(),
                viewing.aidsProperty().get(),
                focus.choicesProperty().get(),
                cast);
    }

    /** Puts people of a squad into the roles, as long as that is looked at; nobody for none. */
    public void cast(Optional<Named> who) {
        cast = who;
        show(drill);
    }

    /** Who is in the roles while that is looked at. */
    public Optional<Named> cast() {
        return cast;
    }

    /** Draws tokens and lines larger or smaller: who looks from nearer needs them no larger on the screen. */
    public void scaleTokens(double factor) {
        if (factor != tokens) {
            tokens = factor;
            redraw();
        }
    }

    private void redraw() {
        base = base.drawn(manner());
    }

    /** Shows an edit that is under way; null ends it. */
    void draft(Shown underWay) {
        draft.set(underWay);
    }

    public Drill drill() {
        return drill;
    }

    /** Id of the rung that is shown. */
    public String rung() {
        return rung;
    }

    /** The rung that is shown, where it stands in the ladder. */
    int place() {
        return place;
    }

    public Surface surface() {
        return surface;
    }

    public Stage stage() {
        return base.stage();
    }

    public Timeline timeline() {
        return base.timeline();
    }

    public Board board() {
        return base.board();
    }

    /** What is kept of the drill, without an edit that is under way. */
    Shown base() {
        return base;
    }

    /** What is on the board now: the drill, or an edit of it that is under way. */
    public Shown shown() {
        return draft.get() == null ? base : draft.get();
    }

    /** An edit that is under way; null when there is none. */
    public ReadOnlyObjectProperty<Shown> draftProperty() {
        return draft.getReadOnlyProperty();
    }

    /** The moment that is looked at. */
    public PlayHead head() {
        return head;
    }

    /** How it is looked at. */
    public Viewing viewing() {
        return viewing;
    }

    /** Which options, which rung below and which freeze are looked at. */
    public Focus focus() {
        return focus;
    }

    /** Counts up whenever something else is shown: another rung, another way through, another state of the drill. */
    public ReadOnlyLongProperty changesProperty() {
        return changes.getReadOnlyProperty();
    }
}
