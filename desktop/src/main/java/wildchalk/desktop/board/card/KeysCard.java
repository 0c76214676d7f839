package wildchalk.desktop.board.card;

import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import wildchalk.desktop.board.command.Command.Help;
import wildchalk.desktop.board.command.Scope;

/** What the keys and the mouse do with what is in focus, while it is asked for; what always counts comes after. */
public final class KeysCard extends GridPane {

    private static final int ABREAST = 2;

    /** @param help what it says, what belongs together next to each other */
    public KeysCard(List<Help> help) {
        setId("keys-card");
        getStyleClass().add("board-card");
        setHgap(12);
        setVgap(3);
        for (Scope scope : Scope.values()) {
            add(scope.heading(), help.stream().filter(h -> h.scope() == scope).toList());
        }
    }

    private void add(String heading, List<Help> help) {
        if (help.isEmpty()) {
            return;
        }
        Label title = new Label(heading);
        title.getStyleClass().add("keys-heading");
        add(title, 0, getRowCount(), 2 * ABREAST, 1);
        int first = getRowCount();
        int rows = (help.size() + ABREAST - 1) / ABREAST;
        for (int i = 0; i < help.size(); i++) {
            add(label(help.get(i).keys(), "card-heading"), 2 * (i / rows), first + i % rows);
            add(label(help.get(i).words(), "quiet"), 2 * (i / rows) + 1, first + i % rows);
        }
    }

    private static Label label(String words, String style) {
        Label label = new Label(words);
        label.getStyleClass().add(style);
        return label;
    }
}
