package wildchalk.desktop.board.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import javafx.geometry.Side;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.input.KeyCode;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.edit.ActionEdits;
import wildchalk.core.naming.PieceWords;
import wildchalk.core.otherwise.Retiming;
import wildchalk.core.script.ScriptWriter;
import wildchalk.core.stroke.CountedCues;
import wildchalk.core.stroke.CueChoices;
import wildchalk.desktop.board.state.BoardState;

/** What could set an action off, and how much later, at the words that say it. */
public final class CueMenu {

    /** A step of a delay, seconds. */
    private static final double STEP = 0.5;

    private CueMenu() {}

    /** Offers them at what says the present one; the key that opened the list goes on to the next. */
    public static void show(BoardState state, Action action, Node at) {
        ContextMenu menu = new ContextMenu();
        KeyLists.goOn(menu, KeyCode.W, () -> {
            apply(state, action, CueChoices.after(action, state.stage()));
            state.selection().action().ifPresent(now -> show(state, now, at));
        });
        menu.setId("cue-menu");
        List<MenuItem> items = new ArrayList<>();
        CueChoices.Sorted sorted = CueChoices.sorted(action, state.stage(), state.timeline());
        sorted.likely().forEach(cue -> items.add(item(state, action, cue)));
        if (!sorted.others().isEmpty()) {
            items.add(new SeparatorMenuItem());
            sorted.others().forEach(cue -> items.add(item(state, action, cue)));
        }
        CueChoices.insideHasMoved(action, state.stage()).ifPresent(cue -> items.add(item(state, action, cue)));
        items.addAll(more(state, action));
        items.add(new SeparatorMenuItem());
        double delay = action.cue().delay();
        items.add(delay(state, action, "half a second later", delay + STEP));
        if (delay >= STEP || delay > -STEP && Retiming.isForeseen(action.cue())) {
            items.add(delay(state, action, "half a second earlier", delay - STEP));
        }
        if (delay != 0) {
            items.add(delay(state, action, "at once", 0));
        }
        menu.getItems().setAll(items);
        menu.show(at, Side.BOTTOM, 0, 2);
    }

    private static MenuItem item(BoardState state, Action action, Cue cue) {
        Action tied = action.withCue(cue.delayed(0));
        RadioMenuItem item = new RadioMenuItem(
                ScriptWriter.cue(state.stage().withAction(tied), state.timeline(), state.surface(), tied));
        item.setSelected(cue.trigger().equals(action.cue().trigger()));
        item.setOnAction(
                e -> apply(state, action, cue.delayed(Math.max(0, action.cue().delay()))));
        return item;
    }

    /** Calls, touches and crossings, and for what can come more than once which time of it, and which way. */
    private static List<MenuItem> more(BoardState state, Action action) {
        List<MenuItem> items = new ArrayList<>();
        CountedCues.called(state.stage()).forEach(cue -> items.add(item(state, action, cue)));
        Menu touches = menu(state, action, "as somebody touches the ball", CountedCues.touches(action, state.stage()));
        Menu crosses = new Menu("as somebody crosses a line");
        state.stage().people().forEach(p -> crosses.getItems()
                .add(menu(state, action, PieceWords.name(p), CountedCues.crosses(p.id(), state.surface()))));
        Stream.of(touches, crosses).filter(m -> !m.getItems().isEmpty()).forEach(items::add);
        if (CountedCues.canBeCounted(action.cue().trigger())) {
            items.add(new SeparatorMenuItem());
            items.add(menu(state, action, "which time", CountedCues.times(action.cue())));
            items.add(menu(state, action, "counted from", CountedCues.since(action.cue(), action, state.stage())));
            List<Cue> headings = CountedCues.headings(action.cue());
            if (!headings.isEmpty()) {
                items.add(menu(state, action, "which way", headings));
            }
        }
        return items;
    }

    private static Menu menu(BoardState state, Action action, String words, List<Cue> cues) {
        Menu menu = new Menu(words);
        cues.forEach(cue -> menu.getItems().add(item(state, action, cue)));
        return menu;
    }

    private static MenuItem delay(BoardState state, Action action, String words, double seconds) {
        MenuItem item = new MenuItem(words);
        item.setOnAction(e -> apply(state, action, action.cue().delayed(Math.round(seconds * 10) / 10.0)));
        return item;
    }

    private static void apply(BoardState state, Action action, Cue cue) {
        state.apply(ActionEdits.cue(state.rung(), action, cue));
        state.selection().choose(action.id());
    }
}
