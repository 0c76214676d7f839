package wildchalk.desktop.board.bar;

import javafx.geometry.Pos;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.board.state.BoardState;

/** Whether the strip and the board show one rep or many. */
final class ModePills extends HBox {

    private static final Wordbook BOOK = Wordbook.beside(ModePills.class, "Many");

    ModePills(BoardState state) {
        super(0);
        setAlignment(Pos.CENTER_RIGHT);
        setAccessibleText(BOOK.say("mode"));
        getStyleClass().add("mode-pills");
        ToggleButton one = pill(state, "mode-one", false);
        ToggleButton many = pill(state, "mode-many", true);
        one.setText(BOOK.say("one"));
        Runnable name = () ->
                many.setText(BOOK.say("many", state.flow().minutesProperty().get()));
        state.flow().minutesProperty().addListener(o -> name.run());
        name.run();
        getChildren().addAll(one, many);
    }

    private static ToggleButton pill(BoardState state, String id, boolean isMany) {
        ToggleButton pill = new ToggleButton();
        pill.setId(id);
        pill.getStyleClass().add("pill");
        Runnable show = () -> pill.setSelected(state.many().shownProperty().get() == isMany);
        pill.setOnAction(e -> {
            state.many().shownProperty().set(isMany);
            show.run();
        });
        state.many().shownProperty().addListener(o -> show.run());
        show.run();
        return pill;
    }
}
