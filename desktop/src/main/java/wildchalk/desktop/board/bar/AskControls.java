package wildchalk.desktop.board.bar;

import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import wildchalk.core.drill.Instruction.Freeze;
import wildchalk.core.drill.Reads;
import wildchalk.desktop.board.canvas.BoardPane;
import wildchalk.desktop.board.card.FreezeCard;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.control.Fields;

/** Beside what plays: every way through, one after another; and the questions, each at its moment. */
final class AskControls extends HBox {

    /** More buttons than this have no room in a small window. */
    private static final int MOST = 2;

    private final BoardState state;
    private final BoardPane pane;
    private final Ways ways;
    private List<Object> shown = List.of();

    AskControls(BoardState state, BoardPane pane) {
        super(6);
        this.state = state;
        this.pane = pane;
        this.ways = new Ways(state);
        setAlignment(Pos.CENTER_LEFT);
        state.changesProperty().addListener(o -> rebuild());
        rebuild();
    }

    private void rebuild() {
        List<Object> wanted =
                List.of(Reads.ways(state.stage()).size(), state.stage().instructions(Freeze.class));
        if (wanted.equals(shown)) {
            return;
        }
        shown = wanted;
        getChildren().clear();
        add("freeze-here", "+ ?", "Freeze here and ask (Q)", () -> FreezeCard.make(state, pane));
        int through = Reads.ways(state.stage()).size();
        if (through > 1) {
            add(
                    "ways",
                    through + (through == Reads.MOST_WAYS ? " ways or more" : " ways") + "  ▶",
                    "Plays every way through, one after another",
                    ways::playAll);
        }
        List<Freeze> freezes = state.stage().instructions(Freeze.class);
        if (freezes.size() > MOST) {
            getChildren().add(menu(freezes));
            return;
        }
        for (int i = 0; i < freezes.size(); i++) {
            Freeze freeze = freezes.get(i);
            add(
                    "freeze-" + freeze.id(),
                    "?" + (freezes.size() > 1 ? " " + (i + 1) : ""),
                    question(freeze),
                    () -> FreezeCard.open(state, pane, freeze.id()));
        }
    }

    private MenuButton menu(List<Freeze> freezes) {
        MenuButton menu = new MenuButton("? " + freezes.size());
        menu.setId("freezes");
        menu.getStyleClass().add("pill");
        menu.setAccessibleText(freezes.size() + " questions");
        freezes.forEach(f -> {
            MenuItem item = new MenuItem(question(f));
            item.setOnAction(e -> FreezeCard.open(state, pane, f.id()));
            menu.getItems().add(item);
        });
        return menu;
    }

    private static String question(Freeze freeze) {
        return freeze.question().isBlank() ? "A freeze without a question yet" : freeze.question();
    }

    private void add(String id, String text, String help, Runnable action) {
        Button button = Fields.pill(id, text, action);
        button.setTooltip(new Tooltip(help));
        button.setAccessibleText(text + ": " + help);
        getChildren().add(button);
    }
}
