package wildchalk.desktop.board;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Rung;
import wildchalk.core.edit.LadderEdits;
import wildchalk.core.edit.Reach;

/** The ladder, bottom rung first. */
final class LadderPane extends LiveScroll {

    private static final double WIDE = 152;
    private static final double GAP = 14;

    private final BoardState state;
    private final VBox rungs = new VBox(10);
    private final Map<String, RungCard> cards = new HashMap<>();
    private Drill shown;
    private String current = "";

    LadderPane(BoardState state) {
        this.state = state;
        setId("ladder");
        rungs.getStyleClass().add("ladder");
        rungs.setAlignment(Pos.BOTTOM_CENTER);
        setMinWidth(WIDE);
        setPrefWidth(WIDE);
        setContent(rungs);
        setFitToHeight(true);
        shown = state.drill();
        state.changesProperty().addListener(o -> {
            rebuild();
            tellReach();
            if (!state.rung().equals(current)) {
                current = state.rung();
                Platform.runLater(this::showCurrent);
            }
        });
        heightProperty().addListener(o -> Platform.runLater(this::showCurrent));
        rebuild();
    }

    private void rebuild() {
        List<Rung> ladder = state.drill().ladder();
        cards.keySet().retainAll(ladder.stream().map(LadderPane::key).toList());
        List<Node> shown = new ArrayList<>();
        shown.add(harder(ladder.get(ladder.size() - 1)));
        Map<String, String> signs = Ladder.signs(state.drill());
        for (int n = ladder.size(); n > 0; n--) {
            Rung rung = ladder.get(n - 1);
            RungCard card = cards.computeIfAbsent(key(rung), id -> new RungCard(state, rung.id(), rung.isVariation()));
            card.show(rung, signs.get(rung.id()), Ladder.build(state.drill(), rung.id()));
            // What stands beside a rung does not stand on it.
            VBox.setMargin(card, new Insets(0, 0, 0, rung.isVariation() ? RungCard.INDENT : 0));
            shown.add(card);
        }
        if (!rungs.getChildren().subList(Math.min(1, rungs.getChildren().size()), rungs.getChildren().size()).equals(shown.subList(1, shown.size()))) {
            rungs.getChildren().setAll(shown);
        }
    }

    /** A variation has a card of its own size. */
    private static String key(Rung rung) {
        return rung.id() + (rung.isVariation() ? " beside" : "");
    }

    /** Brings the rung that is looked at into sight. */
    private void showCurrent() {
        Node current = lookup(".rung-current");
        double over = rungs.getHeight() - getViewportBounds().getHeight();
        if (current != null && over > 0) {
            double top = current.getBoundsInParent().getMinY();
            double bottom = current.getBoundsInParent().getMaxY();
            double above = getVvalue() * over;
            if (top < above || bottom > above + getViewportBounds().getHeight()) {
                setVvalue(Math.max(0, Math.min(1, (top < above ? top - GAP : bottom + GAP - getViewportBounds().getHeight()) / over)));
            }
        }
    }

    /** Says which other rungs have changed with this one, and which have kept their own. */
    private void tellReach() {
        Drill before = shown;
        shown = state.drill();
        boolean both = before != shown && before.ladder().size() > 1 && before.ladder().stream().anyMatch(r -> r.id().equals(state.rung()));
        Reach reach = both ? Reach.of(before, shown, state.rung()) : new Reach(List.of(), List.of());
        cards.forEach((key, card) -> card.follow(reach.followed().stream().anyMatch(r -> key(r).equals(key)),
                reach.kept().stream().anyMatch(r -> key(r).equals(key))));
        String words = Stream.of(said("Also on ", reach.followed(), ""), said("", reach.kept(), reach.kept().size() > 1 ? " keep their own: go there to see both" : " keeps its own: go there to see both"))
                .filter(w -> !w.isEmpty()).collect(Collectors.joining(". "));
        if (!words.isEmpty()) {
            // After whoever else is told of the change, who would say something else in its place.
            Platform.runLater(() -> state.say(words + "."));
        }
    }

    private String said(String before, List<Rung> rungs, String after) {
        List<String> places = rungs.stream().map(r -> Ladder.signs(state.drill()).get(r.id())).toList();
        return places.isEmpty() ? "" : before + (before.isEmpty() ? places.size() > 1 ? "Rungs " : "Rung " : places.size() > 1 ? "rungs " : "rung ") + String.join(", ", places) + after;
    }

    /** Above the top: the same once more, to be made harder. */
    private Button harder(Rung top) {
        Button button = new Button("+ harder");
        button.setId("rung-harder");
        button.getStyleClass().add("pill");
        button.setAccessibleText("One more rung at the top, the same as the one below it until something is changed");
        button.setOnAction(e -> make(state, LadderEdits.harder(state.drill(), top.id())));
        return button;
    }

    /** Makes a rung and goes there. */
    static void make(BoardState state, LadderEdits.Made made) {
        if (state.apply(made.edit())) {
            state.climb(made.id());
        }
    }
}
