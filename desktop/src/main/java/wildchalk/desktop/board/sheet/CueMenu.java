package wildchalk.desktop.board.sheet;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Side;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.SeparatorMenuItem;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.edit.ActionEdits;
import wildchalk.core.edit.Retiming;
import wildchalk.core.script.ScriptWriter;
import wildchalk.core.stroke.CueChoices;
import wildchalk.desktop.board.state.BoardState;

/** What could set an action off, and how much later, at the words that say it. */
final class CueMenu {

    /** A step of a delay, seconds. */
    private static final double STEP = 0.5;

    private CueMenu() {}

    static void show(BoardState state, Action action, Node at) {
        ContextMenu menu = new ContextMenu();
        menu.setId("cue-menu");
        List<MenuItem> items = new ArrayList<>();
        for (Cue cue : CueChoices.of(action, state.stage())) {
            Action tied = action.withCue(cue);
            String words = ScriptWriter.cue(state.stage().withAction(tied), state.timeline(), state.surface(), tied);
            RadioMenuItem item = new RadioMenuItem(words);
            item.setSelected(cue.trigger().equals(action.cue().trigger()));
            item.setOnAction(e ->
                    apply(state, action, cue.delayed(Math.max(0, action.cue().delay()))));
            items.add(item);
        }
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
