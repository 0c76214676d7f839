package wildchalk.desktop.board.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Slider;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;
import wildchalk.core.check.Finding;
import wildchalk.core.check.Typical.Warmth;
import wildchalk.core.check.over.LookOver;
import wildchalk.core.check.rep.Conditions;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.board.state.LookDesk;

/** Look it over: what was found in the drill, the worst first, each with what would mend it; and what was left. */
final class LookPane extends ScrollPane {

    /** The words of this sheet. */
    static final Wordbook BOOK = Wordbook.beside(LookPane.class, "Look");

    private final BoardState state;
    private final LookDesk desk;
    private final VBox rows = new VBox(10);
    private final VBox left = new VBox(8);
    private final Label more = quiet("");
    private LookDesk.Found shown;

    LookPane(BoardState state) {
        this.state = state;
        this.desk = state.look();
        setId("look");
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
        setFocusTraversable(false);
        rows.setId("look-rows");
        left.setId("look-left");
        VBox all = new VBox(10, evening(), rows, more, left, quiet(BOOK.say("keys")), quiet(BOOK.say("defer")));
        all.getStyleClass().addAll("call-sheet-words", "look-words");
        setContent(all);
        desk.foundProperty().addListener(o -> rebuild());
        desk.wantedProperty().addListener(o -> rebuild());
        desk.pointedProperty().addListener(o -> light());
        rebuild();
    }

    /** How warm it is, and whether the ground is wet. */
    private Node evening() {
        Slider warmth = new Slider(0, Warmth.values().length - 1.0, Warmth.MILD.ordinal());
        warmth.setId("look-warmth");
        warmth.setAccessibleText(BOOK.say("warmth"));
        warmth.setMajorTickUnit(1);
        warmth.setMinorTickCount(0);
        warmth.setBlockIncrement(1);
        warmth.setSnapToTicks(true);
        warmth.setShowTickLabels(true);
        warmth.setMinWidth(0);
        warmth.setLabelFormatter(new StringConverter<>() {
            @Override
            public String toString(Double value) {
                return BOOK.say("warmth." + Wordbook.key(Warmth.values()[value.intValue()]));
            }

            @Override
            public Double fromString(String words) {
                return warmth.getValue();
            }
        });
        warmth.valueProperty()
                .addListener((o, was, is) ->
                        set(desk.conditionsProperty().get().in(Warmth.values()[(int) Math.round(is.doubleValue())])));
        CheckBox wet = new CheckBox(BOOK.say("wet"));
        wet.setId("look-wet");
        wet.selectedProperty()
                .addListener((o, was, is) -> set(desk.conditionsProperty().get().wet(is)));
        VBox box = new VBox(6, warmth, wet);
        box.getStyleClass().add("look-evening");
        return box;
    }

    private void set(Conditions next) {
        if (!next.equals(desk.conditionsProperty().get())) {
            desk.conditionsProperty().set(next);
        }
    }

    private void rebuild() {
        LookDesk.Found found = desk.foundProperty().get();
        if (!desk.wantedProperty().get() || found == shown) {
            return;
        }
        shown = found;
        int had = focused();
        List<Node> nodes = new ArrayList<>();
        Optional<Finding.Weight> weight = Optional.empty();
        int number = 0;
        for (Spotted spotted : found.listed()) {
            if (weight.filter(spotted.weight()::equals).isEmpty()) {
                weight = Optional.of(spotted.weight());
                nodes.add(heading(spotted.weight(), found.over()));
            }
            nodes.add(new FindingRow(state, spotted, number, found.tried()));
            number++;
        }
        if (nodes.isEmpty()) {
            nodes.add(quiet(BOOK.say(found.drill().isPresent() ? "nothing" : "looking")));
        }
        rows.getChildren().setAll(nodes);
        light();
        keepKeyboard(had);
        int hidden = found.over().found().size() - found.listed().size();
        more.setText(BOOK.say("more", hidden));
        more.setVisible(hidden > 0);
        more.setManaged(hidden > 0);
        showLeft(found.over());
    }

    private List<FindingRow> findings() {
        return rows.getChildren().stream()
                .filter(FindingRow.class::isInstance)
                .map(FindingRow.class::cast)
                .toList();
    }

    private void light() {
        findings().forEach(r -> r.light(desk.pointedProperty().get()));
    }

    /** Which row has the keyboard; -1 for none. */
    private int focused() {
        Node owner = getScene() == null ? null : getScene().getFocusOwner();
        for (Node at = owner; at != null; at = at.getParent()) {
            if (at instanceof FindingRow row) {
                return findings().indexOf(row);
            }
        }
        return -1;
    }

    /** Whoever goes through the list by keyboard goes on where they were: the next one has come up there. */
    private void keepKeyboard(int had) {
        List<FindingRow> now = findings();
        if (had >= 0 && now.isEmpty()) {
            getScene().lookup("#board").requestFocus();
        } else if (had >= 0) {
            now.get(Math.min(had, now.size() - 1)).take();
        }
    }

    private static Node heading(Finding.Weight weight, LookOver over) {
        Label words = new Label(BOOK.say(Wordbook.key(weight)) + "  " + over.count(weight));
        words.getStyleClass().add("sheet-heading");
        HBox heading = new HBox(8, new WeightMark(weight), words);
        heading.setAlignment(Pos.CENTER_LEFT);
        return heading;
    }

    private void showLeft(LookOver over) {
        left.getChildren().clear();
        if (!over.left().isEmpty()) {
            Label heading = new Label(BOOK.say("left"));
            heading.getStyleClass().add("sheet-heading");
            left.getChildren().add(heading);
        }
        int number = 0;
        for (LookOver.Left one : over.left()) {
            left.getChildren().add(FindingRow.left(state, one, number));
            number++;
        }
        left.setManaged(!left.getChildren().isEmpty());
    }

    static Label quiet(String text) {
        Label label = new Label(text);
        label.setWrapText(true);
        label.setMinHeight(USE_PREF_SIZE);
        label.getStyleClass().addAll("quiet", "sheet-note");
        return label;
    }
}
