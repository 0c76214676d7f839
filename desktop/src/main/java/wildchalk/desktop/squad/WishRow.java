package wildchalk.desktop.squad;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import wildchalk.core.grouping.Wish;
import wildchalk.core.grouping.WishCases;
import wildchalk.core.squad.SquadEdits;
import wildchalk.desktop.control.ListButton;

/** What is wished of the groups: a chip each, and a list of what else can be. */
final class WishRow extends FlowPane {

    private static final PseudoClass MAY = PseudoClass.getPseudoClass("may");

    private final SquadState state;
    private final ListButton more = new ListButton(SquadState.BOOK.say("wish"));

    WishRow(SquadState state) {
        super(6, 6);
        this.state = state;
        more.setId("wish");
        more.getStyleClass().add("pill");
        more.point();
        more.offer(this::offered);
    }

    void fill() {
        getChildren().clear();
        List<Wish> wishes = state.groups().wishes();
        for (int i = 0; i < wishes.size(); i++) {
            getChildren().add(chip(i, wishes.get(i)));
        }
        getChildren().add(more);
    }

    private HBox chip(int number, Wish wish) {
        Wish other = wish.match(new Otherwise());
        Button words = new Button(SquadState.BOOK.say(wish.must() ? "wish.must" : "wish.may", state.words(wish)));
        words.setId("wish-" + number);
        words.getStyleClass().add("wish-words");
        words.setTooltip(new Tooltip(SquadState.BOOK.say(wish.must() ? "wish.must.tip" : "wish.may.tip")));
        words.setOnAction(e -> state.swap(wish, other));
        Button gone = new Button("\u00d7");
        gone.setId("wish-gone-" + number);
        gone.getStyleClass().add("wish-gone");
        gone.setAccessibleText(SquadState.BOOK.say("wish.gone", state.words(wish)));
        gone.setOnAction(e -> state.apply(SquadEdits.unwish(wish, state.words(wish))));
        HBox chip = new HBox(words, gone);
        chip.setAlignment(Pos.CENTER_LEFT);
        chip.getStyleClass().add("wish-chip");
        chip.pseudoClassStateChanged(MAY, !wish.must());
        return chip;
    }

    private List<MenuItem> offered() {
        List<MenuItem> items = new ArrayList<>();
        Menu each = new Menu(SquadState.BOOK.say("wish.in-each"));
        state.squad().playing().stream()
                .flatMap(p -> p.positions().stream())
                .distinct()
                .sorted()
                .forEach(p -> each.getItems().add(item(p, new Wish.InEach(p, true))));
        each.setDisable(each.getItems().isEmpty());
        items.add(each);
        for (Wish wish : List.of(new Wish.BothSides(true), new Wish.LateLast(true), new Wish.EasyTogether(true))) {
            items.add(item(capital(state.words(wish)), wish));
        }
        items.add(Hint.of(SquadState.BOOK.say("wish.hint")));
        return items;
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    private MenuItem item(String words, Wish wish) {
        MenuItem item = new MenuItem(words);
        item.setOnAction(e -> state.wish(wish));
        return item;
    }

    /** A wish that must be, where it may be broken, and the other way round. */
    private record Otherwise() implements WishCases<Wish> {

        @Override
        public Wish together(Wish.Together wish) {
            return new Wish.Together(wish.people(), !wish.must());
        }

        @Override
        public Wish apart(Wish.Apart wish) {
            return new Wish.Apart(wish.people(), !wish.must());
        }

        @Override
        public Wish pinned(Wish.Pinned wish) {
            return new Wish.Pinned(wish.person(), wish.group(), !wish.must());
        }

        @Override
        public Wish inEach(Wish.InEach wish) {
            return new Wish.InEach(wish.position(), !wish.must());
        }

        @Override
        public Wish bothSides(Wish.BothSides wish) {
            return new Wish.BothSides(!wish.must());
        }

        @Override
        public Wish lateLast(Wish.LateLast wish) {
            return new Wish.LateLast(!wish.must());
        }

        @Override
        public Wish easyTogether(Wish.EasyTogether wish) {
            return new Wish.EasyTogether(!wish.must());
        }
    }
}
