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
import wildchalk.core.geometry.Vec;
import wildchalk.core.script.ScriptWriter;
import wildchalk.core.stroke.CueChoices;
import wildchalk.core.stroke.Kind;

/**
 * Stands at the end of the line that is chosen: what it was taken for, and the keys that make something else of it. It
 * goes by itself when something else is done.
 */
final class StrokeTag extends FlowPane {

    private static final double WIDEST = 460;
    private static final double AWAY = 14;

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
        double all = getChildren().stream().mapToDouble(n -> n.prefWidth(-1) + getHgap()).sum() - getHgap()
                + snappedLeftInset() + snappedRightInset();
        double wide = Math.min(WIDEST, Math.ceil(all) + 1);
        double tall = prefHeight(wide);
        Vec end = state.board().route(action.get().id()).end();
        double x = pane.map().x(end) + AWAY;
        double y = pane.map().y(end) + AWAY;
        resizeRelocate(Math.max(4, Math.min(pane.getWidth() - wide - 4, x)),
                Math.max(4, Math.min(pane.getHeight() - tall - 4, y)), wide, tall);
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
