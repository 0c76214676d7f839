package wildchalk.desktop.board.sheet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Side;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.SeparatorMenuItem;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Game;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Spot;
import wildchalk.core.edit.ActionEdits;
import wildchalk.core.geometry.Vec;
import wildchalk.core.naming.PieceWords;
import wildchalk.core.otherwise.LineWays;
import wildchalk.core.otherwise.Retelling;
import wildchalk.core.script.Script;
import wildchalk.core.stroke.Kind;
import wildchalk.desktop.board.card.ReadCard;
import wildchalk.desktop.board.state.BoardState;

/** What else a word of the call sheet could say: another person, another kind of action, another place. */
final class PhraseMenu {

    /** More places than these are no help. */
    private static final int PLACES = 8;

    private final BoardState state;
    private final Action action;
    private final List<MenuItem> items = new ArrayList<>();

    private PhraseMenu(BoardState state, Action action) {
        this.state = state;
        this.action = action;
    }

    /** Shows what could stand there instead, under the words. */
    static void show(BoardState state, Action action, Script.Part part, Node at) {
        if (part == Script.Part.CUE) {
            CueMenu.show(state, action, at);
            return;
        }
        PhraseMenu menu = new PhraseMenu(state, action);
        switch (part) {
            case WHO -> menu.people();
            case WHAT -> menu.kinds();
            case WHERE -> menu.places();
            default -> {
                return;
            }
        }
        if (!menu.items.isEmpty()) {
            ContextMenu shown = new ContextMenu();
            shown.setId("phrase-menu");
            shown.getItems().setAll(menu.items);
            shown.show(at, Side.BOTTOM, 0, 2);
        }
    }

    private void add(String words, Edit<Drill> edit) {
        MenuItem item = new MenuItem(words);
        item.setOnAction(e -> apply(edit));
        items.add(item);
    }

    private void apply(Edit<Drill> edit) {
        state.apply(edit);
        state.selection().choose(action.id());
    }

    private void people() {
        state.stage().people().stream()
                .filter(p -> !p.id().equals(action.who()))
                .forEach(p -> add(PieceWords.name(p), Retelling.by(state.rung(), action, p)));
    }

    private void kinds() {
        for (Kind kind : Kind.values()) {
            if (kind != Kind.SHADOW && kind != Kind.of(action)) {
                String name = kind.name().toLowerCase(Locale.ROOT);
                add(
                        name,
                        ActionEdits.change(
                                state.rung(), "Make it a " + name, state.guess().instead(kind, action)));
            }
        }
        items.add(new SeparatorMenuItem());
        if (action instanceof Shadow) {
            ActionEdits.nextWay(state.rung(), action, state.surface()).ifPresent(way -> add(way.name(), way));
        }
        for (LineWays.Group group : LineWays.of(state.rung(), action, state.surface())) {
            Menu menu = new Menu(group.words());
            for (LineWays.Way way : group.ways()) {
                RadioMenuItem item = new RadioMenuItem(way.words());
                item.setSelected(way.taken());
                item.setOnAction(e -> apply(way.edit()));
                menu.getItems().add(item);
            }
            items.add(menu);
        }
        items.add(new SeparatorMenuItem());
        MenuItem other = new MenuItem("Or something else");
        other.setOnAction(e -> ReadCard.instead(state, action));
        items.add(other);
    }

    private void places() {
        Vec end = state.board().route(action.id()).end();
        boolean sends = action instanceof Action.Delivery;
        for (Piece piece : near(end)) {
            if (!piece.id().equals(action.who())) {
                to(PieceWords.among(state.stage(), piece), Spot.at(piece.id()));
            }
        }
        state.stage().set(state.surface()).targets().forEach(t -> to(t.name(), new Spot.AtTarget(t.id())));
        for (Game.Code code : state.stage().instructions(Game.Code.class)) {
            for (int i = 0; i < code.parts().size(); i++) {
                to(RulesPane.BOOK.say("called.end", code.parts().get(i).words()), new Spot.Coded(code.id(), i));
            }
        }
        if (!sends) {
            items.add(new SeparatorMenuItem());
            state.surface().landmarks().stream()
                    .sorted(Comparator.comparingDouble(l -> l.at().distance(end)))
                    .limit(PLACES)
                    .forEach(l -> to(l.name(), Spot.at(l.at())));
        }
    }

    private void to(String words, Spot spot) {
        Optional<Edit<Drill>> edit = Retelling.to(state.rung(), action, spot);
        edit.ifPresent(e -> add(words, e));
    }

    /** People for what goes from one to another, gear besides; the nearest first. */
    private List<Piece> near(Vec end) {
        return state.stage().pieces().stream()
                .filter(p -> p instanceof Piece.Person || p instanceof Piece.Item && !(action instanceof Shadow))
                .sorted(Comparator.comparingDouble(p -> p.at().distance(end)))
                .limit(PLACES)
                .toList();
    }
}
