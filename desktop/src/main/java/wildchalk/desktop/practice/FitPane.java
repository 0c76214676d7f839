package wildchalk.desktop.practice;

import java.time.Duration;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.BlockWords;
import wildchalk.core.practice.Fit;
import wildchalk.core.practice.FitWords;
import wildchalk.core.practice.Plan;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.PracticeEdits;
import wildchalk.core.practice.Slot;
import wildchalk.desktop.control.Fields;
import wildchalk.desktop.control.PageHead;

/** The evening before and after it is made to fit, side by side; nothing is done until it is taken. */
final class FitPane extends VBox {

    private static final PseudoClass ANOTHER = PseudoClass.getPseudoClass("another");
    private static final PseudoClass GONE = PseudoClass.getPseudoClass("gone");
    private static final double WIDE = 148;
    private static final double HIGH = 400;
    private static final double LINE = 15;

    private final PracticeState state;
    private final TextField time = new TextField();
    private final VBox answer = new VBox(8);
    private Optional<Fit> found = Optional.empty();

    FitPane(PracticeState state) {
        super(10);
        this.state = state;
        setId("fit-pane");
        getChildren()
                .add(new PageHead(
                        say("fit.title"), say("fit.leave"), "fit-leave", () -> state.show(PracticeState.Side.FOUND)));
        if (state.asking() != PracticeState.Asking.WHOLE) {
            getChildren().add(asked());
        }
        getChildren().add(answer);
    }

    private static String say(String key, Object... values) {
        return PracticeState.BOOK.say(key, values);
    }

    private Slot slot() {
        return state.practice().slot();
    }

    private HBox asked() {
        boolean start = state.asking() == PracticeState.Asking.START;
        time.setId("fit-time");
        time.setPrefColumnCount(5);
        time.setText(Clock.at(slot(), start ? 0 : slot().seconds()));
        time.setAccessibleText(say(start ? "fit.start" : "fit.stop"));
        time.setOnAction(e -> begin());
        return Fields.row(
                say(start ? "fit.start" : "fit.stop"), time, Fields.pill("fit-look", say("fit.look"), this::begin));
    }

    /** Looks for what loses least. */
    void begin() {
        if (state.asking() != PracticeState.Asking.WHOLE && !time.isFocused()) {
            time.requestFocus();
            time.selectAll();
        }
        wanted().ifPresentOrElse(s -> state.fit(s, f -> show(s, f)), () -> state.desk()
                .warn(say("fit.no.time", time.getText(), Clock.at(slot(), 0), Clock.at(slot(), slot().seconds()))));
    }

    /** The slot that is wanted; empty where the time that was typed is not within it. */
    private Optional<Slot> wanted() {
        if (state.asking() == PracticeState.Asking.WHOLE) {
            return Optional.of(slot());
        }
        return Clock.time(time.getText()).flatMap(at -> {
            int gone = Math.floorMod(Duration.between(slot().start(), at).toMinutes(), Slot.MOST);
            boolean start = state.asking() == PracticeState.Asking.START;
            int left = start ? slot().minutes() - gone : gone;
            if (left < 1 || left > slot().minutes()) {
                return Optional.empty();
            }
            return Optional.of(start ? new Slot(slot().day(), at, left) : new Slot(slot().day(), slot().start(), left));
        });
    }

    private void show(Slot slot, Fit fit) {
        found = Optional.of(fit);
        Practice before = state.evening();
        Plan was = state.plan(before);
        Plan is = state.plan(fit.practice());
        double seconds =
                Math.max(Math.max(was.seconds(), is.seconds()), before.slot().seconds());
        Label lost = new Label(FitWords.of(before, fit));
        lost.setId("fit-lost");
        lost.setWrapText(true);
        HBox columns = new HBox(
                10,
                column("fit-before", say("fit.before"), before, was, seconds, fit.practice()),
                column("fit-after", say("fit.after"), fit.practice(), is, seconds, before));
        Button take = new Button(say("fit.take"));
        take.setId("fit-take");
        take.getStyleClass().add("dark-button");
        take.setOnAction(e -> take());
        boolean same = before.blocks().equals(fit.practice().blocks()) && slot.equals(before.slot());
        take.setDisable(same);
        answer.getChildren().setAll(lost, columns, take);
        if (state.asking() == PracticeState.Asking.WHOLE) {
            take.requestFocus();
        }
    }

    private void take() {
        found.ifPresent(f -> {
            state.show(PracticeState.Side.FOUND);
            state.apply(PracticeEdits.fit(f.practice()));
        });
    }

    /** Before and after, what is in both at the same height for the same time. */
    private static VBox column(String id, String head, Practice practice, Plan plan, double seconds, Practice other) {
        Pane pane = new Pane();
        pane.setId(id);
        pane.setMinSize(WIDE, HIGH);
        pane.setPrefSize(WIDE, HIGH);
        double late = other.slot().until(practice.slot().start());
        for (Plan.Entry entry : plan.entries()) {
            pane.getChildren().add(block(entry, (HIGH - 4) / seconds, late, other));
        }
        Region end = new Region();
        end.getStyleClass().add("slot-over");
        end.resizeRelocate(0, (practice.slot().seconds() + late) * (HIGH - 4) / seconds, WIDE, 2);
        end.setManaged(false);
        pane.getChildren().add(end);
        Label label = new Label(head);
        label.getStyleClass().add("quiet");
        return new VBox(3, label, pane);
    }

    private static Node block(Plan.Entry entry, double scale, double late, Practice other) {
        Block block = entry.block();
        Optional<Block> there = other.block(block.id());
        double high = (entry.end() - entry.start()) * scale;
        Label label = new Label(high < LINE ? "" : say("fit.line", block.time().now(), BlockWords.of(block)));
        label.getStyleClass().add("fit-block");
        label.pseudoClassStateChanged(GONE, there.isEmpty());
        label.pseudoClassStateChanged(
                ANOTHER, there.filter(b -> b.time().now() != block.time().now()).isPresent());
        label.setMinSize(WIDE, high);
        label.setPrefSize(WIDE, high);
        label.setMaxSize(WIDE, high);
        label.relocate(0, (entry.start() + late) * scale);
        return label;
    }
}
