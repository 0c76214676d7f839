package wildchalk.desktop.squad;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.IntConsumer;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wildchalk.core.colour.Bib;
import wildchalk.core.grouping.Wish;
import wildchalk.core.squad.Groups;
import wildchalk.core.squad.Member;
import wildchalk.core.squad.Presence;
import wildchalk.core.squad.SquadEdits;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.control.BibMark;
import wildchalk.desktop.control.ListButton;

/** One group: who is in it, how strong it is, and a place to drop somebody at. */
final class GroupColumn extends VBox {

    /** What the ids of rows begin with. */
    static final String ROW = "in-group-";

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final PseudoClass OVER = PseudoClass.getPseudoClass("over");
    private static final String TOP = "8 8 0 0";
    private static final String ROUND = "4";
    private static final double EDGE = 8;
    /** A bar this long is a group of which everybody is as strong as can be, as a share of the column. */
    private static final double BAR = 0.92;

    private final SquadState state;
    private final int number;
    private final Groups.Group group;

    /**
     * The column of a group.
     *
     * @param number of the group, from 0
     * @param carrying told by whoever is picked up
     * @param dropped told the number of the group when somebody is dropped on it
     */
    GroupColumn(SquadState state, int number, Consumer<String> carrying, IntConsumer dropped) {
        super(6);
        this.state = state;
        this.number = number;
        this.group = state.groups().groups().get(number);
        setId("group-" + number);
        getStyleClass().add("group");
        Region edge = new Region();
        edge.setMinHeight(EDGE);
        BibMark.fill(edge, group.bib(), TOP);
        VBox people = new VBox(3);
        people.getStyleClass().add("group-people");
        List<Member> members = group.people().stream()
                .flatMap(id -> state.squad().person(id).stream())
                .toList();
        people.getChildren().addAll(head(members), bar(members));
        members.forEach(m -> people.getChildren().add(row(m, carrying)));
        getChildren().addAll(edge, people);
        setOnMouseDragEntered(e -> pseudoClassStateChanged(OVER, true));
        setOnMouseDragExited(e -> pseudoClassStateChanged(OVER, false));
        setOnMouseDragReleased(e -> {
            pseudoClassStateChanged(OVER, false);
            dropped.accept(number);
        });
    }

    private HBox head(List<Member> members) {
        ListButton name = new ListButton(state.groupNames().get(number));
        name.setId("group-name-" + number);
        name.getStyleClass().add("group-name");
        name.offer(this::colours);
        int sum = members.stream().mapToInt(Member::strength).sum();
        Label count = new Label(SquadState.BOOK.say("group.count", members.size(), sum));
        count.getStyleClass().add("group-count");
        HBox head = new HBox(4, name, count);
        head.setAlignment(Pos.BASELINE_LEFT);
        return head;
    }

    private List<MenuItem> colours() {
        List<MenuItem> items = new ArrayList<>();
        for (Bib bib : Arrays.asList(Bib.values())) {
            MenuItem item = new MenuItem(Wordbook.key(bib));
            item.setGraphic(BibMark.of("", Optional.of(bib)));
            item.setOnAction(e -> state.apply(SquadEdits.colour(number, bib)));
            items.add(item);
        }
        return items;
    }

    /** How strong on average, of five. */
    private Region bar(List<Member> members) {
        Region bar = new Region();
        bar.getStyleClass().add("group-bar");
        double mean = members.stream().mapToInt(Member::strength).average().orElse(0);
        BibMark.fill(bar, group.bib(), ROUND);
        bar.maxWidthProperty().bind(widthProperty().multiply(BAR * mean / Member.STRONGEST));
        return bar;
    }

    private HBox row(Member person, Consumer<String> carrying) {
        Label bib = BibMark.of(person.number(), Optional.of(group.bib()));
        Label name = new Label(person.name());
        name.getStyleClass().add("person-name");
        name.setMinWidth(0);
        Label position =
                new Label(person.positions().isEmpty() ? "" : person.positions().get(0));
        position.getStyleClass().add("quiet");
        position.setMinWidth(0);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        Label signs = new Label(signs(person));
        signs.getStyleClass().addAll("quiet", "person-signs");
        signs.setMinWidth(Region.USE_PREF_SIZE);
        HBox row = new HBox(8, bib, name, position, gap, signs);
        row.setId(ROW + person.id());
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("group-row");
        row.pseudoClassStateChanged(CHOSEN, state.chosenProperty().get().contains(person.id()));
        row.setOnMouseClicked(e -> {
            if (e.isStillSincePress()) {
                state.choose(person.id());
            }
        });
        row.setFocusTraversable(true);
        row.setAccessibleText(person.name());
        row.setOnKeyPressed(e -> {
            int to = e.getText().length() == 1 ? "123456789".indexOf(e.getText()) : -1;
            if (e.getCode() == KeyCode.SPACE) {
                state.choose(person.id());
                e.consume();
            } else if (to >= 0 && to < state.groups().groups().size() && to != number) {
                state.apply(SquadEdits.move(person.name(), person.id(), to));
                e.consume();
            }
        });
        row.setOnDragDetected(e -> {
            carrying.accept(person.id());
            row.startFullDrag();
            e.consume();
        });
        return row;
    }

    /** Late from when, easy; tied to somebody by a wish. */
    private String signs(Member person) {
        Presence how = state.squad().tonight().of(person.id());
        String there =
                switch (how.state()) {
                    case THERE, KEEPS_TIME, AWAY -> "";
                    case LATE -> SquadState.BOOK
                            .say("sign.late", how.from().map(Object::toString).orElse(""))
                            .strip();
                    case UNHEARD -> SquadState.BOOK.say("sign.unheard");
                    case NO_CONTACT, NO_RUNNING -> SquadState.BOOK.say("sign.easy");
                };
        boolean tied = state.groups().wishes().stream()
                .anyMatch(w -> w instanceof Wish.Together t && t.people().contains(person.id()));
        return (there + (tied ? " \u26AD" : "")).strip();
    }
}
