package wildchalk.desktop.board.sheet;

import java.util.List;
import javafx.beans.property.BooleanProperty;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import wildchalk.desktop.board.state.BoardState;

/**
 * The drill in words, what comes between reps, the sheet for whoever puts the gear down, or what was found in it: one
 * at a time.
 */
public final class SheetTabs extends FlowPane {

    private static final double GAP = 6;

    SheetTabs(BoardState state) {
        super(GAP, GAP);
        getStyleClass().add("sheet-tabs");
        BooleanProperty gear = state.sheets().wantedProperty();
        BooleanProperty next = state.flow().wantedProperty();
        BooleanProperty look = state.look().wantedProperty();
        BooleanProperty rules = state.rulesProperty();
        ToggleButton words = tab("sheet-words", NextPane.BOOK.say("tab.words"), () -> {
            gear.set(false);
            next.set(false);
            look.set(false);
            rules.set(false);
        });
        ToggleButton game = tab("sheet-rules", RulesPane.BOOK.say("tab"), () -> rules.set(true));
        ToggleButton between = tab("sheet-next", NextPane.BOOK.say("tab"), () -> next.set(true));
        ToggleButton setOut = tab("sheet-set-out", NextPane.BOOK.say("tab.set-out"), () -> gear.set(true));
        ToggleButton over = tab("sheet-look", LookPane.BOOK.say("tab"), () -> look.set(true));
        LookMark.on(over, state.look());
        Runnable show = () -> {
            words.setSelected(!gear.get() && !next.get() && !look.get() && !rules.get());
            game.setSelected(rules.get());
            between.setSelected(next.get());
            setOut.setSelected(gear.get());
            over.setSelected(look.get());
        };
        for (ToggleButton tab : List.of(words, game, between, setOut, over)) {
            tab.selectedProperty().addListener(o -> show.run());
        }
        gear.addListener(o -> show.run());
        next.addListener(o -> show.run());
        look.addListener(o -> show.run());
        rules.addListener(o -> show.run());
        show.run();
        getChildren().addAll(words, game, between, setOut, over);
    }

    private static ToggleButton tab(String id, String text, Runnable wanted) {
        ToggleButton tab = new ToggleButton(text);
        tab.setId(id);
        tab.getStyleClass().add("pill");
        tab.setOnAction(e -> wanted.run());
        return tab;
    }

    /** What the sheet is called that says what comes between reps. */
    public static String whoIsNext() {
        return NextPane.BOOK.say("command");
    }

    /** What the sheet of the rules is called. */
    public static String rules() {
        return RulesPane.BOOK.say("command");
    }

    /** What the sheet is called that lists what was found. */
    public static String lookItOver() {
        return LookPane.BOOK.say("command");
    }
}
