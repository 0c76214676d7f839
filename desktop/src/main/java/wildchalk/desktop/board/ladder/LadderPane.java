package wildchalk.desktop.board.ladder;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.css.PseudoClass;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Rung;
import wildchalk.core.drill.Stage;
import wildchalk.core.edit.LadderEdits;
import wildchalk.core.edit.Reach;
import wildchalk.desktop.background.Newest;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.control.LiveScroll;

/** The ladder, bottom rung first. */
public final class LadderPane extends LiveScroll {

    private static final double WIDE = 152;
    /** With a single rung, of which the board shows all. */
    private static final double NARROW = 86;

    private static final PseudoClass NARROWED = PseudoClass.getPseudoClass("narrow");
    private static final double GAP = 14;
    /** Nanoseconds for cards in one frame: half of it. */
    private static final long A_PART_OF_A_FRAME = 8_000_000;
    /** Over by the next frame. */
    private static final Duration FRAME = Duration.millis(1);

    private final BoardState state;
    private final VBox rungs = new VBox(10);
    private final Newest<List<RungCard.Drawn>> pictures =
            new Newest<>("drawing small pictures of rungs", this::take, trouble -> {
                /* The cards say in words what they are. */
            });
    private final Map<String, RungCard> cards = new HashMap<>();
    /** The cards whose picture is not up to date, and how it comes to be. */
    private final Map<RungCard, Supplier<RungCard.Drawn>> pending = new LinkedHashMap<>();

    private Map<String, Stage> stages = Map.of();
    private Drill shown;
    private String current = "";
    private boolean painting;

    public LadderPane(BoardState state) {
        this.state = state;
        setId("ladder");
        rungs.getStyleClass().add("ladder");
        rungs.setAlignment(Pos.BOTTOM_CENTER);
        // It is as high as the board: many rungs do not take the strip's room.
        setPrefHeight(0);
        setContent(rungs);
        setFitToHeight(true);
        shown = state.drill();
        state.changesProperty().addListener(o -> {
            Map<String, Stage> before = stages;
            rebuild();
            tellReach(before);
            if (!state.rung().equals(current)) {
                current = state.rung();
                Platform.runLater(this::showCurrent);
            }
        });
        heightProperty().addListener(o -> Platform.runLater(this::showCurrent));
        vvalueProperty().addListener(o -> Platform.runLater(this::paintInSight));
        rungs.heightProperty().addListener(o -> Platform.runLater(this::paintInSight));
        rebuild();
    }

    private void rebuild() {
        List<Rung> ladder = state.drill().ladder();
        boolean narrow = ladder.size() == 1;
        setMinWidth(narrow ? NARROW : WIDE);
        setPrefWidth(narrow ? NARROW : WIDE);
        rungs.pseudoClassStateChanged(NARROWED, narrow);
        cards.keySet().retainAll(ladder.stream().map(r -> key(r, narrow)).toList());
        List<Node> shown = new ArrayList<>();
        shown.add(harder(ladder.get(ladder.size() - 1)));
        Map<String, String> signs = Ladder.signs(state.drill());
        stages = Ladder.all(state.drill());
        for (int n = ladder.size(); n > 0; n--) {
            Rung rung = ladder.get(n - 1);
            RungCard card = cards.computeIfAbsent(
                    key(rung, narrow), id -> new RungCard(state, rung.id(), rung.isVariation(), narrow));
            card.show(rung, signs.get(rung.id()), stages.get(rung.id())).ifPresent(p -> pending.put(card, p));
            // What stands beside a rung does not stand on it.
            VBox.setMargin(card, new Insets(0, 0, 0, rung.isVariation() ? RungCard.INDENT : 0));
            shown.add(card);
        }
        if (!rungs.getChildren()
                .subList(
                        Math.min(1, rungs.getChildren().size()),
                        rungs.getChildren().size())
                .equals(shown.subList(1, shown.size()))) {
            rungs.getChildren().setAll(shown);
        }
        pending.keySet().retainAll(cards.values());
        // After what the coach waits for, and one after another: each by itself would take all processors.
        Platform.runLater(this::draw);
    }

    /** A variation has a card of its own size, and so has a single rung. */
    private static String key(Rung rung, boolean narrow) {
        return rung.id() + (rung.isVariation() ? " beside" : "") + (narrow ? " alone" : "");
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
                setVvalue(Math.max(
                        0,
                        Math.min(
                                1,
                                (top < above
                                                ? top - GAP
                                                : bottom
                                                        + GAP
                                                        - getViewportBounds().getHeight())
                                        / over)));
            }
        }
    }

    private void draw() {
        List<Supplier<RungCard.Drawn>> wanted = List.copyOf(pending.values());
        if (!wanted.isEmpty()) {
            pictures.ask(() -> wanted.stream().map(Supplier::get).toList());
        }
    }

    private void take(List<RungCard.Drawn> rehearsed) {
        rehearsed.stream().filter(d -> d.card().take(d)).forEach(d -> pending.remove(d.card()));
        paintInSight();
    }

    /** Paints what is in sight, as much as a frame has time for beside the board, and the rest with the next. */
    private void paintInSight() {
        if (painting) {
            return;
        }
        long until = System.nanoTime() + A_PART_OF_A_FRAME;
        boolean more = true;
        while (more && System.nanoTime() < until) {
            more = cards.values().stream().anyMatch(RungCard::paint);
        }
        if (more) {
            painting = true;
            PauseTransition frame = new PauseTransition(FRAME);
            frame.setOnFinished(e -> {
                painting = false;
                paintInSight();
            });
            frame.play();
        }
    }

    /** Says which other rungs have changed with this one, and which have kept their own. */
    private void tellReach(Map<String, Stage> was) {
        Drill before = shown;
        shown = state.drill();
        boolean both = before != shown
                && before.ladder().size() > 1
                && before.ladder().stream().anyMatch(r -> r.id().equals(state.rung()));
        Reach reach = both ? Reach.of(was, stages, shown, state.rung()) : new Reach(List.of(), List.of());
        cards.forEach((key, card) -> card.follow(
                reach.followed().stream().anyMatch(r -> key(r, false).equals(key)),
                reach.kept().stream().anyMatch(r -> key(r, false).equals(key))));
        String words = Stream.of(
                        said("Also on ", reach.followed(), ""),
                        said(
                                "",
                                reach.kept(),
                                reach.kept().size() > 1
                                        ? " keep their own: go there to see both"
                                        : " keeps its own: go there to see both"))
                .filter(w -> !w.isEmpty())
                .collect(Collectors.joining(". "));
        if (!words.isEmpty()) {
            // After whoever else is told of the change, who would say something else in its place.
            Platform.runLater(() -> state.announce(words + "."));
        }
    }

    private String said(String before, List<Rung> rungs, String after) {
        List<String> places =
                rungs.stream().map(r -> Ladder.signs(state.drill()).get(r.id())).toList();
        String which = (before.isEmpty() ? "Rung" : "rung") + (places.size() > 1 ? "s " : " ");
        return places.isEmpty() ? "" : before + which + String.join(", ", places) + after;
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
            state.model().climb(made.id());
        }
    }
}
