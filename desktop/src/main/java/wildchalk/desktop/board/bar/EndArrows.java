package wildchalk.desktop.board.bar;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.shape.Polygon;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Showing.Attack;
import wildchalk.core.drill.implied.Ends;
import wildchalk.core.edit.EndEdits;
import wildchalk.core.scene.Ink;
import wildchalk.core.scene.Look;
import wildchalk.core.surface.End;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.paint.ScreenBrush;

/** A small arrow for each team, in its colour: which end it attacks at the moment that is looked at. */
public final class EndArrows extends HBox {

    /** Whose end nobody said and nothing tells is drawn faint. */
    private static final double FAINT = 0.45;

    private final BoardState state;
    private List<Arrow> shown = List.of();

    EndArrows(BoardState state) {
        super(2);
        this.state = state;
        setId("ends");
        setAlignment(Pos.CENTER);
        state.changesProperty().addListener(o -> show());
        state.head().atProperty().addListener(o -> show());
        show();
    }

    /** What one arrow says. */
    private record Arrow(Bib team, Optional<Ends.Known> known, Attack page) {

        End end() {
            return known.map(Ends.Known::end).orElse(End.GOAL);
        }

        /** By how much an arrow that points right is turned on the page, degrees clockwise. */
        double turn() {
            int right =
                    switch (page) {
                        case RIGHT -> 0;
                        case DOWN -> 90;
                        case LEFT -> 180;
                        case UP -> 270;
                    };
            return end() == End.GOAL ? right : right + 180;
        }

        String name() {
            return team.name().charAt(0) + team.name().substring(1).toLowerCase(Locale.ROOT);
        }

        String why() {
            return known.map(k -> switch (k.why()) {
                        case SAID -> "you said so";
                        case THEY_SHOOT -> "they shoot there";
                        case OTHERS_SHOOT -> "the others shoot at the other goal";
                        case KEEPER -> "their keeper is in the other goal";
                        case BEGIN -> "they begin in the other half";
                    })
                    .orElse("nothing tells, so this is assumed");
        }
    }

    private void show() {
        Ends ends = new Ends(state.stage(), state.surface());
        Attack page = state.drill().showing().attack();
        double t = state.head().atProperty().get();
        Stream<Bib> teams = ends.areTwo() ? ends.teams().stream() : Stream.empty();
        List<Arrow> wanted = teams.map(b -> new Arrow(b, ends.at(b, state.timeline()::moment, t), page))
                .toList();
        if (wanted.equals(shown)) {
            return;
        }
        shown = wanted;
        getChildren().setAll(wanted.stream().map(this::button).toList());
        setVisible(!wanted.isEmpty());
        setManaged(isVisible());
    }

    private Button button(Arrow arrow) {
        Polygon shape = new Polygon(0, 3.5, 8, 3.5, 8, 0, 15, 6, 8, 12, 8, 8.5, 0, 8.5);
        shape.setFill(ScreenBrush.colour(Look.SLATE, Ink.lineOf(arrow.team())));
        shape.setRotate(arrow.turn());
        shape.setOpacity(arrow.known().isPresent() ? 1 : FAINT);
        Button button = new Button("", shape);
        button.setId("end-" + arrow.team().name().toLowerCase(Locale.ROOT));
        button.getStyleClass().add("end-arrow");
        String words = arrow.name() + " attack this way: " + arrow.why();
        button.setAccessibleText(words + ". Press to turn it round");
        button.setTooltip(new Tooltip(words + ".\nClick: the other way. Right click: change ends on the way"));
        button.setOnAction(e -> turn(arrow));
        button.setContextMenu(menu(arrow));
        return button;
    }

    private void turn(Arrow arrow) {
        state.apply(EndEdits.attack(state.rung(), arrow.team(), startOf(arrow).other()));
    }

    /** A click turns the way from the start; after a change of ends that is not the way which the arrow points. */
    private End startOf(Arrow arrow) {
        return new Ends(state.stage(), state.surface())
                .atStart(arrow.team())
                .map(Ends.Known::end)
                .orElse(End.GOAL);
    }

    private ContextMenu menu(Arrow arrow) {
        MenuItem other = new MenuItem(arrow.name() + " attack the other end");
        other.setOnAction(e -> turn(arrow));
        MenuItem here = new MenuItem("All change ends here");
        here.setOnAction(e -> changeHere(state));
        MenuItem none = new MenuItem("No change of ends");
        none.setOnAction(e -> state.apply(EndEdits.noChange(state.rung())));
        ContextMenu menu = new ContextMenu(other, here, none);
        menu.setOnShowing(e -> none.setDisable(new Ends(state.stage(), state.surface())
                .teams().stream().allMatch(b -> new Ends(state.stage(), state.surface())
                        .changes(b)
                        .isEmpty())));
        return menu;
    }

    /** All teams change ends at the moment that is looked at. */
    public static void changeHere(BoardState state) {
        state.apply(EndEdits.changeAt(
                state.rung(),
                state.stage(),
                state.surface(),
                state.timeline(),
                state.head().atProperty().get()));
    }
}
