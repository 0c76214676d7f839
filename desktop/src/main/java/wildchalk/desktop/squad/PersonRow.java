package wildchalk.desktop.squad;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.MenuItem;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.shape.Circle;
import wildchalk.core.colour.Bib;
import wildchalk.core.squad.Groups;
import wildchalk.core.squad.Member;
import wildchalk.core.squad.Presence;
import wildchalk.core.squad.SquadChanges;
import wildchalk.core.squad.SquadEdits;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.control.BibMark;

/** Somebody in the list of who is there: bib, name, position, strength, and how they are there. */
final class PersonRow extends ListCell<Member> {

    private static final double BIB = 34;
    private static final double NAME = 60;
    private static final double POSITION = 78;
    private static final double DOT = 5;
    private static final double PRESENCE = 86;
    private static final PseudoClass AWAY = PseudoClass.getPseudoClass("away");

    private final SquadState state;
    private Optional<Seen> shown = Optional.empty();

    /** What is seen of somebody. */
    private record Seen(Member person, Presence how, Optional<Bib> bib) {}

    PersonRow(SquadState state) {
        this.state = state;
        getStyleClass().add("person-cell");
    }

    @Override
    protected void updateItem(Member person, boolean empty) {
        super.updateItem(person, empty);
        if (empty || person == null) {
            shown = Optional.empty();
            pseudoClassStateChanged(AWAY, false);
            setGraphic(null);
            return;
        }
        Seen now = new Seen(person, state.squad().tonight().of(person.id()), bib(person));
        // Made anew between a press and a release, what was pressed would not be what is clicked.
        if (!shown.equals(Optional.of(now))) {
            shown = Optional.of(now);
            setGraphic(row(person, now.how(), now.bib()));
        }
    }

    private HBox row(Member person, Presence how, Optional<Bib> worn) {
        pseudoClassStateChanged(AWAY, how.state() == Presence.State.AWAY);
        Label bib = BibMark.of(person.number(), worn);
        bib.setId("bib-" + person.id());
        bib.setMinWidth(BIB);
        bib.setAccessibleRole(AccessibleRole.BUTTON);
        bib.setAccessibleText(person.name() + ": " + SquadChanges.presence(how));
        bib.setOnMouseClicked(e -> {
            state.presence(person, PresenceMenu.next(how));
            e.consume();
        });
        Label name = new Label(person.name());
        name.getStyleClass().add("person-name");
        name.setMaxWidth(Double.MAX_VALUE);
        name.setMinWidth(NAME);
        HBox.setHgrow(name, Priority.ALWAYS);
        Label position = new Label(String.join(", ", person.positions()));
        position.getStyleClass().add("quiet");
        position.setPrefWidth(POSITION);
        position.setMinWidth(POSITION);
        HBox row = new HBox(10, bib, name, position, dots(person), there(person, how));
        row.setAlignment(Pos.CENTER_LEFT);
        row.setOnMouseClicked(e -> state.look(Optional.of(person.id())));
        row.setPrefWidth(0);
        row.setId("person-" + person.id());
        return row;
    }

    private Optional<Bib> bib(Member person) {
        return state.groups().groups().stream()
                .filter(g -> g.people().contains(person.id()))
                .map(Groups.Group::bib)
                .findFirst();
    }

    private HBox dots(Member person) {
        HBox dots = new HBox(4);
        dots.setAlignment(Pos.CENTER_LEFT);
        dots.getStyleClass().add("strength");
        dots.setMinWidth(Region.USE_PREF_SIZE);
        int strength = person.level().strength();
        dots.setAccessibleText(
                strength == 0 ? SquadState.BOOK.say("strength.unsaid") : SquadState.BOOK.say("strength", strength));
        for (int i = 1; i <= Member.STRONGEST; i++) {
            int step = i;
            Circle dot = new Circle(DOT);
            dot.getStyleClass().add(i <= strength ? "dot-on" : "dot-off");
            dot.setOnMouseClicked((MouseEvent e) -> {
                state.apply(SquadEdits.change(person.at(person.level().withStrength(step == strength ? 0 : step))));
                e.consume();
            });
            dots.getChildren().add(dot);
        }
        return dots;
    }

    private Label there(Member person, Presence how) {
        boolean careful = how.state().plays()
                && !how.state().isEasy()
                && person.cautions().stream().anyMatch(c -> c.holds(LocalDate.now(ZoneId.systemDefault())));
        Label there = new Label(
                careful ? SquadState.BOOK.say("row.careful") : SquadState.BOOK.say("row." + key(how), from(how)));
        if (careful) {
            there.getStyleClass().add("careful");
        }
        there.setId("there-" + person.id());
        there.getStyleClass().addAll("there", "quiet");
        there.setMinWidth(PRESENCE);
        there.setPrefWidth(PRESENCE);
        there.setAlignment(Pos.CENTER_RIGHT);
        there.setOnMouseClicked(e -> {
            new ContextMenu(PresenceMenu.items(state, person).toArray(MenuItem[]::new))
                    .show(there, e.getScreenX(), e.getScreenY());
            e.consume();
        });
        return there;
    }

    private static String key(Presence how) {
        return how.state() == Presence.State.LATE && how.from().isPresent() ? "late.from" : Wordbook.key(how.state());
    }

    private static String from(Presence how) {
        return how.from().map(Object::toString).orElse("");
    }
}
