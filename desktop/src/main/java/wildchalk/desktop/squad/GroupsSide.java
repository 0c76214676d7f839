package wildchalk.desktop.squad;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Point2D;
import javafx.geometry.Pos;
import javafx.scene.Cursor;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import wildchalk.core.grouping.Asked;
import wildchalk.core.grouping.Style;
import wildchalk.core.grouping.Wish;
import wildchalk.core.squad.Gathering;
import wildchalk.core.squad.Groups;
import wildchalk.core.squad.Member;
import wildchalk.core.squad.SquadEdits;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.control.Fields;
import wildchalk.desktop.control.ListButton;

/** The groups of tonight: how many, of what kind, what is wished, how they came out, and who is in which. */
final class GroupsSide extends VBox {

    /** Columns side by side; more groups than these stand in two rows or more. */
    private static final int ABREAST = 4;

    private static final double BESIDE = 14;
    private static final int QUICK = 6;
    private static final int MOST_GROUPS = 12;
    private static final int LEAST_SIZE = 2;
    private static final int MOST_SIZE = 8;

    private final SquadState state;
    private final ListButton title = new ListButton("");
    private final FlowPane styles = new FlowPane(6, 6);
    private final WishRow wishes;
    private final VBox told = new VBox(2);
    private final FlowPane ask = new FlowPane(6, 6);
    private final GridPane columns = new GridPane();
    private final Label ghost = new Label();
    private String carried = "";

    GroupsSide(SquadState state) {
        super(8);
        this.state = state;
        this.wishes = new WishRow(state);
        getStyleClass().add("groups-side");
        title.setId("groups-title");
        title.getStyleClass().add("squad-heading");
        title.point();
        title.offer(this::counts);
        title.setMinWidth(USE_PREF_SIZE);
        HBox.setHgrow(styles, Priority.ALWAYS);
        HBox head = new HBox(12, title, styles);
        head.setAlignment(Pos.CENTER_LEFT);
        told.setId("groups-told");
        columns.setHgap(14);
        columns.setVgap(14);
        ScrollPane scroll = new ScrollPane(columns);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("groups-scroll");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        // Whoever is carried goes with the mouse, over everything and in nobody's way.
        ghost.setManaged(false);
        ghost.setMouseTransparent(true);
        ghost.setVisible(false);
        ghost.getStyleClass().add("carried");
        getChildren().addAll(head, wishes, told, ask, scroll, ghost);
        addEventFilter(MouseEvent.MOUSE_RELEASED, e -> putDown());
        addEventFilter(MouseEvent.MOUSE_DRAGGED, this::carry);
    }

    private void pickUp(String who) {
        carried = who;
        setCursor(Cursor.CLOSED_HAND);
        ghost.setText(state.name(who));
        ghost.autosize();
        ghost.setVisible(true);
    }

    private void carry(MouseEvent e) {
        if (ghost.isVisible()) {
            Point2D at = sceneToLocal(e.getSceneX(), e.getSceneY());
            ghost.relocate(at.getX() + BESIDE, at.getY() - ghost.getHeight() / 2);
        }
    }

    private void putDown() {
        setCursor(Cursor.DEFAULT);
        ghost.setVisible(false);
    }

    /** Shows the groups as they are now. */
    void fill() {
        Groups groups = state.groups();
        int n = groups.groups().size();
        title.setText(SquadState.BOOK.say("groups", n));
        styles.getChildren().clear();
        for (Style style : Style.values()) {
            if (n > 0) {
                styles.getChildren().add(chip(style, n));
            }
        }
        if (n > 0) {
            styles.getChildren().add(Fields.pill("again", SquadState.BOOK.say("again"), state::again));
        }
        Gathering.asLastTime(state.remembered()).ifPresent(last -> styles.getChildren()
                .add(Fields.pill(
                        "as-last-time", SquadState.BOOK.say("last"), () -> state.apply(SquadEdits.group(last)))));
        wishes.fill();
        tell();
        fillAsk();
        fillColumns(n);
    }

    private ToggleButton chip(Style style, int n) {
        ToggleButton chip = new ToggleButton(SquadState.BOOK.say("style." + Wordbook.key(style)));
        chip.setId("style-" + Wordbook.key(style));
        chip.getStyleClass().add("pill");
        chip.setSelected(state.groups().style() == style);
        chip.setOnAction(e -> {
            chip.setSelected(true);
            state.divide(n, style, state.groups().seed());
        });
        return chip;
    }

    private List<MenuItem> counts() {
        List<MenuItem> items = new ArrayList<>();
        int playing = state.squad().playing().size();
        if (playing > Asked.MOST_PEOPLE) {
            items.add(Hint.of(SquadState.BOOK.say("many", playing, Asked.MOST_PEOPLE)));
            return items;
        }
        for (int n = 2; n <= Math.min(MOST_GROUPS, playing); n++) {
            items.add(count(SquadState.BOOK.say("groups", n), n));
        }
        for (int size = LEAST_SIZE; size <= MOST_SIZE && size * 2 <= playing; size++) {
            int n = Asked.ofAbout(playing, size);
            items.add(count(SquadState.BOOK.say("groups.of", size, n), n));
        }
        if (playing == 0) {
            items.add(Hint.of(SquadState.BOOK.say("nobody")));
        }
        return items;
    }

    private MenuItem count(String words, int n) {
        MenuItem item = new MenuItem(words);
        item.setOnAction(e -> state.divide(n));
        return item;
    }

    private void tell() {
        told.getChildren().clear();
        if (state.dividingProperty().get()) {
            told.getChildren().add(line(SquadState.BOOK.say("dividing"), false));
            return;
        }
        SquadState.Told now = state.told();
        for (String words : now.lines()) {
            Label line = line(words, !told.getChildren().isEmpty());
            if (now.missing().contains(words)) {
                line.getStyleClass().setAll("label", "limit");
            }
            told.getChildren().add(line);
        }
        if (now.lines().isEmpty()) {
            told.getChildren().add(line(SquadState.BOOK.say("groups.none"), true));
        }
    }

    private static Label line(String words, boolean quiet) {
        Label line = new Label(words);
        line.setWrapText(true);
        line.setMinHeight(USE_PREF_SIZE);
        line.getStyleClass().add(quiet ? "quiet" : "told");
        return line;
    }

    /** What can be wished of those who are chosen, and who is in no group. */
    private void fillAsk() {
        ask.getChildren().clear();
        if (state.groups().groups().isEmpty()) {
            quickCounts();
        }
        Set<String> chosen = state.chosenProperty().get();
        List<String> people = List.copyOf(chosen);
        if (people.size() >= 2) {
            ask.getChildren().add(asking("together", new Wish.Together(people, true)));
            ask.getChildren().add(asking("apart", new Wish.Apart(people, true)));
        }
        if (people.size() == 1) {
            askOne(people.get(0));
        }
        if (!people.isEmpty()) {
            ask.getChildren()
                    .add(Fields.pill("choose-nobody", SquadState.BOOK.say("choose.nobody"), state::chooseNobody));
        }
        List<Member> left = SquadEdits.ungrouped(state.squad());
        if (!left.isEmpty()) {
            Button in = Fields.pill(
                    "put-in",
                    SquadState.BOOK.say(
                            "put-in",
                            left.size(),
                            String.join(", ", left.stream().map(Member::name).toList())),
                    state::putIn);
            in.getStyleClass().add("asked");
            ask.getChildren().add(in);
        }
        ask.setVisible(!ask.getChildren().isEmpty());
        ask.setManaged(ask.isVisible());
    }

    /** Before there are groups, how many is one click away. */
    private void quickCounts() {
        int playing = state.squad().playing().size();
        for (int n = 2; n <= Math.min(QUICK, playing) && playing <= Asked.MOST_PEOPLE; n++) {
            int groups = n;
            ask.getChildren()
                    .add(Fields.pill("groups-" + n, SquadState.BOOK.say("groups", n), () -> state.divide(groups)));
        }
    }

    private Button asking(String key, Wish wish) {
        return Fields.pill("ask-" + key, state.words(wish), () -> {
            state.chooseNobody();
            state.wish(wish);
        });
    }

    private void askOne(String who) {
        List<String> names = state.groupNames();
        for (int g = 0; g < names.size(); g++) {
            int to = g;
            boolean here = state.groups().groups().get(g).people().contains(who);
            if (here) {
                Wish pin = new Wish.Pinned(who, g, true);
                ask.getChildren()
                        .add(
                                0,
                                Fields.pill(
                                        "ask-pin", SquadState.BOOK.say("pin", state.name(who), names.get(g)), () -> {
                                            state.chooseNobody();
                                            state.wish(pin);
                                        }));
            } else {
                ask.getChildren()
                        .add(Fields.pill("to-" + g, SquadState.BOOK.say("to", names.get(g)), () -> move(who, to)));
            }
        }
        ask.getChildren()
                .add(Fields.pill(
                        "card-of", SquadState.BOOK.say("card", state.name(who)), () -> state.look(Optional.of(who))));
    }

    private void move(String who, int to) {
        boolean there = state.groups().groups().get(to).people().contains(who);
        if (!who.isEmpty() && !there) {
            state.apply(SquadEdits.move(state.name(who), who, to));
        }
    }

    /** Whoever has the keyboard has it again in the new columns. */
    private void fillColumns(int n) {
        String focused = getScene() != null && getScene().getFocusOwner() != null
                ? String.valueOf(getScene().getFocusOwner().getId())
                : "";
        putColumns(n);
        Node again = focused.startsWith(GroupColumn.ROW) ? columns.lookup("#" + focused) : null;
        if (again != null) {
            again.requestFocus();
        }
    }

    private void putColumns(int n) {
        columns.getChildren().clear();
        columns.getColumnConstraints().clear();
        int abreast = n <= ABREAST ? n : (n + rows(n) - 1) / rows(n);
        for (int i = 0; i < abreast; i++) {
            ColumnConstraints equal = new ColumnConstraints();
            equal.setPercentWidth(100.0 / abreast);
            equal.setHgrow(Priority.ALWAYS);
            columns.getColumnConstraints().add(equal);
        }
        for (int g = 0; g < n; g++) {
            Node column = new GroupColumn(state, g, this::pickUp, to -> {
                putDown();
                move(carried, to);
                carried = "";
            });
            columns.add(column, g % abreast, g / abreast);
        }
    }

    private static int rows(int n) {
        return (n + ABREAST - 1) / ABREAST;
    }
}
