package wildchalk.desktop.window;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.IntConsumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.page.Page;
import wildchalk.desktop.page.Undoable;
import wildchalk.desktop.pages.PageKind;

/**
 * The bar at the top of the window: a tab for each page, whether all is kept, and what can be done on the page that is
 * in sight.
 */
final class TopBar extends HBox {

    private static final Wordbook BOOK = Wordbook.beside(TopBar.class, "Bar");

    private final List<ToggleButton> tabs = new ArrayList<>();
    private final KeptLabel kept = new KeptLabel();
    private final Button undo = new Button("↶");
    private final Button redo = new Button("↷");
    private final Button run = new Button(BOOK.say("run"));
    private final Button show = new Button("Show it");
    private final Button handOut = new Button("Hand out");
    private Optional<Undoable> history = Optional.empty();

    /** @param go told the number of the page that is wanted */
    TopBar(List<PageKind> kinds, IntConsumer go, Runnable runIt, Runnable showIt, Runnable handItOut) {
        super(14);
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().add("top-bar");
        Label name = new Label("Wild Chalk");
        name.getStyleClass().add("name");
        for (int i = 0; i < kinds.size(); i++) {
            tabs.add(tab(kinds.get(i), i, go));
        }
        List.of(undo, redo).forEach(b -> {
            b.setTooltip(new Tooltip());
            b.getStyleClass().add("history");
        });
        undo.setId("undo");
        undo.setOnAction(e -> history.ifPresent(h -> h.undo(1)));
        UndoList.on(undo, () -> history);
        redo.setId("redo");
        redo.setOnAction(e -> history.ifPresent(Undoable::redo));
        run.setId("run-it");
        run.setTooltip(new Tooltip(BOOK.say("run.help")));
        run.setOnAction(e -> runIt.run());
        show.setId("show-it");
        show.setTooltip(new Tooltip("On the whole screen, beat by beat (F5)"));
        show.setOnAction(e -> showIt.run());
        handOut.setId("hand-out");
        handOut.setTooltip(new Tooltip("Card, page, clip, picture, text: whoever gets one can run the drill (Ctrl P)"));
        handOut.setOnAction(e -> handItOut.run());
        List.of(run, show, handOut).forEach(b -> b.getStyleClass().add("dark-button"));
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        getChildren().add(name);
        getChildren().addAll(tabs);
        getChildren().addAll(gap, kept, undo, redo, show, handOut, run);
    }

    private static ToggleButton tab(PageKind kind, int number, IntConsumer go) {
        ToggleButton tab = new ToggleButton(kind.title());
        tab.setId(kind.id());
        tab.getStyleClass().add("tab-button");
        tab.setOnAction(e -> go.accept(number));
        return tab;
    }

    KeptLabel kept() {
        return kept;
    }

    /**
     * Offers what can be done.
     *
     * @param inSight the page that can be seen; empty while something lies over it
     * @param there the numbers of the pages that can be gone to
     * @param here the number of the page that was gone to; -1 for none
     */
    void offer(Optional<Page> inSight, List<Integer> there, int here) {
        for (int i = 0; i < tabs.size(); i++) {
            tabs.get(i).setDisable(!there.contains(i));
            tabs.get(i).setSelected(i == here);
        }
        history = inSight.flatMap(Page::history);
        offer(undo, "Undo", history.map(Undoable::done).orElse(List.of()));
        offer(redo, "Redo", history.map(Undoable::undone).orElse(List.of()));
        handOut.setVisible(inSight.flatMap(Page::handingOut).isPresent());
        run.setVisible(inSight.flatMap(Page::running).isPresent());
        show.setVisible(inSight.flatMap(Page::showing).isPresent());
    }

    private void offer(Button button, String verb, List<String> steps) {
        button.setDisable(steps.isEmpty());
        button.setVisible(history.isPresent());
        String words = steps.isEmpty() ? verb : verb + ": " + steps.get(0);
        button.getTooltip()
                .setText(button == undo && !steps.isEmpty() ? words + "\nRight button: the whole list" : words);
        button.setAccessibleText(words);
    }
}
