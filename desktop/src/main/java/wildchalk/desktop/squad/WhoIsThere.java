package wildchalk.desktop.squad;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import javafx.collections.FXCollections;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import wildchalk.core.document.Edit;
import wildchalk.core.squad.Attendance;
import wildchalk.core.squad.Helper;
import wildchalk.core.squad.Member;
import wildchalk.core.squad.Presence;
import wildchalk.core.squad.Squad;
import wildchalk.core.squad.SquadChanges;
import wildchalk.core.squad.SquadEdits;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.control.Fields;

/** Everybody of the squad, how they are there tonight, the guests and the staff. */
final class WhoIsThere extends VBox {

    private static final double ROW = 35;
    private static final int MOST_LETTERS = 60;

    private final SquadState state;
    private final Label count = new Label();
    private final TextField find = new TextField();
    private final ListView<Member> list = new ListView<>();
    private final FlowPane staff = new FlowPane(6, 6);

    /**
     * The list of a squad.
     *
     * @param title names the squad and leads to others
     * @param adding opens the page on which a list of people is taken in
     */
    WhoIsThere(SquadState state, HBox title, Runnable adding) {
        super(8);
        this.state = state;
        getStyleClass().add("who-is-there");
        count.setId("squad-count");
        count.getStyleClass().add("quiet");
        HBox counted = new HBox(10, heading(), count);
        counted.setAlignment(Pos.BASELINE_LEFT);
        find.setId("find-person");
        find.setPromptText(SquadState.BOOK.say("find"));
        find.setAccessibleText(SquadState.BOOK.say("find.what"));
        find.textProperty().bindBidirectional(state.findProperty());
        find.setOnAction(e -> {
            list.getSelectionModel().selectFirst();
            list.requestFocus();
        });
        Label keys = new Label(SquadState.BOOK.say("keys"));
        keys.getStyleClass().add("quiet");
        keys.setWrapText(true);
        list.setId("people");
        list.setFixedCellSize(ROW);
        list.setCellFactory(l -> new PersonRow(state));
        list.addEventFilter(KeyEvent.KEY_PRESSED, this::press);
        VBox.setVgrow(list, Priority.ALWAYS);
        VBox card = new VBox(6, find, keys, list, staff, foot(adding));
        card.getStyleClass().add("squad-card");
        VBox.setVgrow(card, Priority.ALWAYS);
        getChildren().addAll(title, counted, card);
        state.findProperty().addListener(o -> fill());
    }

    private static Label heading() {
        Label heading = new Label(SquadState.BOOK.say("who"));
        heading.getStyleClass().add("squad-heading");
        return heading;
    }

    private HBox foot(Runnable adding) {
        Button add = Fields.pill("add-people", SquadState.BOOK.say("add"), adding);
        add.setMinWidth(USE_PREF_SIZE);
        TextField guest = once("guest", name -> SquadEdits.welcome(name));
        TextField helper =
                once("helper", name -> SquadEdits.add(new Helper("", name, Helper.Duty.ASSISTANT, List.of())));
        HBox foot = new HBox(6, add, guest, helper);
        foot.setAlignment(Pos.CENTER_LEFT);
        return foot;
    }

    /** A field for the name of one more. */
    private TextField once(String id, Function<String, Edit<Squad>> of) {
        TextField field = new TextField();
        field.setId("add-" + id);
        field.setPromptText(SquadState.BOOK.say(id + ".name"));
        field.setAccessibleText(SquadState.BOOK.say(id + ".what"));
        field.getStyleClass().add("small-field");
        HBox.setHgrow(field, Priority.ALWAYS);
        field.setOnAction(e -> {
            String name = field.getText().strip();
            if (!name.isEmpty()) {
                field.clear();
                state.apply(of.apply(name.substring(0, Math.min(MOST_LETTERS, name.length()))));
            }
        });
        return field;
    }

    private void press(KeyEvent e) {
        // A list keeps this key to itself.
        if (e.getCode() == KeyCode.ESCAPE && !state.findProperty().get().isEmpty()) {
            state.findProperty().set("");
            e.consume();
            return;
        }
        Member who = list.getSelectionModel().getSelectedItem();
        if (who == null || e.isShortcutDown() || e.isAltDown()) {
            return;
        }
        Optional<Presence> how = PresenceMenu.of(e.getCode());
        int digit = e.getText().length() == 1 ? "12345".indexOf(e.getText()) : -1;
        if (how.isPresent()) {
            state.presence(who, how.get());
            e.consume();
        } else if (digit >= 0) {
            state.apply(SquadEdits.change(who.at(who.level().withStrength(digit + 1))));
            e.consume();
        } else if (e.getCode() == KeyCode.ENTER) {
            state.look(Optional.of(who.id()));
            e.consume();
        }
    }

    /** Where one types to find somebody. */
    TextField find() {
        return find;
    }

    /** Shows the squad as it is now. */
    void fill() {
        count.setText(Attendance.words(state.squad()));
        String typed = state.findProperty().get().strip().toLowerCase(Locale.ROOT);
        Member before = list.getSelectionModel().getSelectedItem();
        List<Member> shown = state.squad()
                .all()
                .filter(m -> typed.isEmpty() || isMeant(m, typed))
                .toList();
        list.setItems(FXCollections.observableList(shown));
        if (before != null) {
            shown.stream().filter(m -> m.id().equals(before.id())).findFirst().ifPresent(m -> list.getSelectionModel()
                    .select(m));
        }
        staff.getChildren()
                .setAll(state.squad().staff().stream().map(this::helper).toList());
        staff.setVisible(!staff.getChildren().isEmpty());
        staff.setManaged(staff.isVisible());
    }

    private boolean isMeant(Member person, String typed) {
        return person.name().toLowerCase(Locale.ROOT).contains(typed)
                || person.number().equals(typed)
                || person.positions().stream().anyMatch(p -> p.startsWith(typed))
                || SquadChanges.presence(state.squad().tonight().of(person.id()))
                        .startsWith(typed);
    }

    /** Name and duty lead to the card; how they are there changes with a click, as a bib does. */
    private HBox helper(Helper helper) {
        Presence how = state.squad().tonight().of(helper.id());
        Button name = Fields.pill(
                "helper-" + helper.id(),
                SquadState.BOOK.say(
                        "helper.chip", helper.name(), SquadState.BOOK.say("duty." + Wordbook.key(helper.duty()))),
                () -> state.look(Optional.of(helper.id())));
        Button there = Fields.pill(
                "helper-there-" + helper.id(),
                SquadState.BOOK.say("row." + Wordbook.key(how.state())),
                () -> state.apply(SquadEdits.presence(helper.name(), helper.id(), PresenceMenu.nextOfStaff(how))));
        there.getStyleClass().add("there");
        HBox chip = new HBox(name, there);
        chip.setAlignment(Pos.CENTER_LEFT);
        chip.getStyleClass().add("helper-chip");
        return chip;
    }
}
