package wildchalk.desktop.board;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.edit.ActionEdits;
import wildchalk.core.geometry.Route;
import wildchalk.core.geometry.Vec;
import wildchalk.core.script.ScriptWriter;
import wildchalk.core.stroke.CueChoices;
import wildchalk.core.stroke.Kind;
import wildchalk.desktop.paint.ScreenMap;

/**
 * Stands at the end of the line that is chosen: what it was taken for, and the keys that make something else of it. It
 * goes by itself when something else is done.
 */
final class StrokeTag extends FlowPane {

    private static final double WIDEST = 460;
    private static final double AWAY = 16;
    private static final double PADDING = 18;

    private final BoardPane pane;
    private final BoardState state;

    StrokeTag(BoardPane pane, BoardState state) {
        super(10, 2);
        this.pane = pane;
        this.state = state;
        setId("line-tag");
        getStyleClass().add("stroke-tag");
        setManaged(false);
        setMouseTransparent(true);
        setPrefWrapLength(WIDEST);
        state.chosenProperty().addListener(o -> show());
        state.changesProperty().addListener(o -> show());
        state.playingProperty().addListener(o -> show());
        state.draftProperty().addListener(o -> show());
        state.sheets().wantedProperty().addListener(o -> show());
        show();
    }

    /** Words and keys in one line of text each, for whoever cannot see them apart. */
    String text() {
        List<String> words = new ArrayList<>();
        getChildren().forEach(n -> words.add(((Label) n).getText()));
        return String.join(" · ", words);
    }

    private void show() {
        Optional<Action> action = state.chosenAction();
        boolean shown = action.isPresent() && !state.playingProperty().get() && state.draftProperty().get() == null
                && !state.sheets().wantedProperty().get();
        setVisible(shown);
        if (!shown) {
            return;
        }
        getChildren().setAll(label(ActionEdits.describe(action.get(), state.stage()) + " · "
                + ScriptWriter.cue(state.stage(), state.timeline(), state.surface(), action.get()), "tag-words"));
        offers(action.get()).forEach(o -> getChildren().add(label(o, "tag-key")));
        setAccessibleText(text());
        toFront();
        applyCss();
        double all = getChildren().stream().mapToDouble(n -> n.prefWidth(-1) + getHgap()).sum() + PADDING;
        double wide = Math.min(WIDEST, Math.ceil(all));
        double tall = prefHeight(wide);
        Route route = state.board().route(action.get().id());
        place(pane.map(), route.end(), route.direction(route.length()), wide, tall);
    }

    /** Beyond the end of the line, where the line is not. */
    private void place(ScreenMap map, Vec end, Vec way, double wide, double tall) {
        Vec ahead = new Vec(map.x(end.plus(way)) - map.x(end), map.y(end.plus(way)) - map.y(end)).unit();
        double x = within(map.x(end) + ahead.x() * (AWAY + wide / 2) - wide / 2, wide, pane.getWidth());
        double y = map.y(end) + ahead.y() * (AWAY + tall / 2) - tall / 2;
        if (x < map.x(end) + AWAY && x + wide > map.x(end) - AWAY) {
            // Above or below it: on that side from which the line does not come.
            y = ahead.y() < 0 ? map.y(end) - AWAY - tall : map.y(end) + AWAY;
        }
        resizeRelocate(Math.round(x), Math.round(within(y, tall, pane.getHeight())), wide, tall);
    }

    private static double within(double from, double length, double room) {
        return Math.max(4, Math.min(room - length - 4, from));
    }

    private static Label label(String text, String style) {
        Label label = new Label(text);
        label.getStyleClass().add(style);
        return label;
    }

    /** "C carry", "W on the whistle": what a key would make of it. */
    private List<String> offers(Action action) {
        List<String> offers = new ArrayList<>();
        for (Kind kind : Kind.of(action).others()) {
            offers.add(kind.key() + " " + kind.name().toLowerCase(Locale.ROOT));
        }
        Cue next = CueChoices.after(action, state.stage());
        if (!next.equals(action.cue())) {
            Action tied = action.withCue(next);
            offers.add("W " + ScriptWriter.cue(state.stage().withAction(tied), state.timeline(), state.surface(), tied));
        }
        ActionEdits.nextWay(state.rung(), action, state.surface()).ifPresent(e ->
                offers.add("K " + e.name().substring(0, 1).toLowerCase(Locale.ROOT) + e.name().substring(1)));
        if (action instanceof Action.Travel) {
            offers.add("E another end");
        }
        return offers;
    }
}
