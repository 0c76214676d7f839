package wildchalk.desktop.board.bar;

import java.util.function.BiFunction;
import java.util.function.Predicate;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.MenuButton;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import wildchalk.core.scene.Aids;
import wildchalk.core.scene.Look;
import wildchalk.desktop.board.state.BoardState;

/** How the board looks and what helps to read it; the drill itself stays as it is. */
final class LooksMenu extends MenuButton {

    LooksMenu(BoardState state) {
        setId("looks");
        getStyleClass().add("pill");
        setTooltip(new Tooltip("How the board looks, and what helps to read it"));
        ToggleGroup group = new ToggleGroup();
        RadioMenuItem slate =
                look("slate", group, () -> state.viewing().lookProperty().set(Look.SLATE));
        RadioMenuItem paper =
                look("paper", group, () -> state.viewing().lookProperty().set(Look.PAPER));
        RadioMenuItem like = look("like the ground", group, () -> state.viewing()
                .lookProperty()
                .set(Look.trueTo(state.surface().ground())));
        getItems()
                .addAll(
                        slate,
                        paper,
                        like,
                        new SeparatorMenuItem(),
                        aid(state, "beat numbers", "numbers", Aids::numbers, Aids::withNumbers),
                        aid(state, "grid", "grid", Aids::grid, Aids::withGrid),
                        aid(state, "trails", "trails", Aids::trails, Aids::withTrails),
                        aid(state, "where all began", "ghost", Aids::ghost, Aids::withGhost));
        Runnable show = () -> {
            Look look = state.viewing().lookProperty().get();
            like.setSelected(look.isTrue());
            paper.setSelected(look == Look.PAPER);
            slate.setSelected(look == Look.SLATE);
            String plain = look == Look.PAPER ? "paper" : "slate";
            setText("looks: " + (look.isTrue() ? "ground" : plain));
        };
        state.viewing().lookProperty().addListener(o -> show.run());
        show.run();
    }

    private static RadioMenuItem look(String words, ToggleGroup group, Runnable choose) {
        RadioMenuItem item = new RadioMenuItem(words);
        item.setToggleGroup(group);
        item.setOnAction(e -> choose.run());
        return item;
    }

    private static CheckMenuItem aid(
            BoardState state, String words, String id, Predicate<Aids> is, BiFunction<Aids, Boolean, Aids> with) {
        CheckMenuItem item = new CheckMenuItem(words);
        item.setId("aid-" + id);
        item.setSelected(is.test(state.viewing().aidsProperty().get()));
        item.selectedProperty().addListener((o, was, on) -> state.viewing()
                .aidsProperty()
                .set(with.apply(state.viewing().aidsProperty().get(), on)));
        state.viewing().aidsProperty().addListener((o, was, now) -> item.setSelected(is.test(now)));
        return item;
    }
}
