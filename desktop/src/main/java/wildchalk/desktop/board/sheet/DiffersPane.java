package wildchalk.desktop.board.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Rung;
import wildchalk.core.drill.RungPlan;
import wildchalk.core.drill.Stage;
import wildchalk.core.edit.ActionEdits;
import wildchalk.core.edit.LadderEdits;
import wildchalk.core.naming.PieceWords;
import wildchalk.core.script.Differences;
import wildchalk.desktop.board.state.BoardState;

/** How the rung stands to the one it was made from, in words; how long it is practised, and when to climb. */
final class DiffersPane extends VBox {

    /** More than this nobody reads in a menu. */
    private static final int MOST = 15;

    private final BoardState state;
    private final Label differs = new Label();
    private final Label plan = new Label();
    private final ToggleButton show = new ToggleButton("Show on the board");
    private final MenuButton below = new MenuButton();
    private final Button planned = new Button("How long, when to climb");
    private final FlowPane buttons = new FlowPane(6, 4);

    /** @param write shows where the plan is written down */
    DiffersPane(BoardState state, Runnable write) {
        super(6);
        this.state = state;
        for (Label label : List.of(differs, plan)) {
            label.setWrapText(true);
            label.getStyleClass().addAll("quiet", "sheet-note");
        }
        differs.setId("rung-differs");
        plan.setId("rung-plan");
        show.setId("differs-show");
        show.setAccessibleText(
                "Shows on the board what is new, moved or gone, with the rung it was made from under it");
        show.setOnAction(e -> state.focus()
                .overProperty()
                .set(show.isSelected() ? state.madeFrom().map(Stage::id) : Optional.empty()));
        state.focus()
                .overProperty()
                .addListener(
                        o -> show.setSelected(state.focus().overProperty().get().isPresent()));
        below.setId("differs-below");
        below.getItems().add(new MenuItem());
        below.setOnShowing(e -> offer());
        planned.setId("rung-plan-edit");
        planned.setOnAction(e -> write.run());
        Stream.of(show, below, planned).forEach(b -> b.getStyleClass().add("pill"));
        buttons.getStyleClass().add("chips");
        getChildren().addAll(differs, plan, buttons);
    }

    void rebuild() {
        Optional<Stage> from = state.madeFrom();
        differs.setText(from.map(b -> Differences.of(
                        b,
                        state.stage(),
                        state.timeline(),
                        state.surface(),
                        state.viewing().unitsProperty().get().unit()))
                .map(words -> words.isEmpty()
                        ? "Like the rung it was made from, until something is changed here."
                        : String.join("; ", words))
                .orElse(""));
        hide(differs, from.isEmpty());
        RungPlan now = rung().plan();
        String climb = now.climb().isBlank() ? "" : "Climb when " + now.climbWords();
        plan.setText(Stream.of(now.dose().map(l -> l.words()).orElse(""), climb)
                .filter(w -> !w.isEmpty())
                .collect(Collectors.joining(". ")));
        hide(plan, plan.getText().isEmpty());
        String sign = from.map(f -> Ladder.signs(state.drill()).get(f.id())).orElse("");
        below.setText("As on rung " + sign);
        below.setAccessibleText("Takes over single things as they are on rung " + sign);
        boolean different = from.map(
                        f -> !Differences.ids(f, state.stage()).all().isEmpty())
                .orElse(false);
        buttons.getChildren().setAll(different ? List.of(show, below, planned) : List.of(planned));
    }

    private static void hide(Label label, boolean hidden) {
        label.setVisible(!hidden);
        label.setManaged(!hidden);
    }

    private Rung rung() {
        return state.drill().ladder().stream()
                .filter(r -> r.id().equals(state.rung()))
                .findFirst()
                .orElseThrow();
    }

    /** Each thing that is otherwise here, to be taken as it is below. */
    private void offer() {
        List<MenuItem> items = new ArrayList<>();
        state.madeFrom().ifPresent(from -> {
            Differences.Ids ids = Differences.ids(from, state.stage());
            items.add(item("Everything", ids.all()));
            ids.changed().forEach(id -> items.add(item(name(state.stage(), id) + ": as there", Set.of(id))));
            ids.gone().forEach(id -> items.add(item(name(from, id) + ": back again", Set.of(id))));
            ids.fresh().forEach(id -> items.add(item(name(state.stage(), id) + ": away again", Set.of(id))));
        });
        below.getItems().setAll(items.subList(0, Math.min(MOST, items.size())));
    }

    private MenuItem item(String words, Set<String> ids) {
        MenuItem item = new MenuItem(words);
        item.setOnAction(e -> {
            Stage before = state.stage();
            state.apply(LadderEdits.asBelow(state.rung(), ids));
            if (state.stage().equals(before)) {
                state.announce("Something else here needs this as it is. Nothing was changed.");
            }
        });
        return item;
    }

    private static String name(Stage stage, String id) {
        return stage.piece(id)
                .map(p -> PieceWords.among(stage, p))
                .or(() -> stage.action(id)
                        .map(a -> stage.person(a.who())
                                        .map(p -> p.label() + "'s ")
                                        .orElse("")
                                + ActionEdits.describe(a, stage)))
                .orElse("rule");
    }
}
