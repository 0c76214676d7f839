package wildchalk.desktop.squad;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.input.KeyCode;
import wildchalk.core.squad.Member;
import wildchalk.core.squad.Presence;
import wildchalk.core.squad.Presence.State;
import wildchalk.core.squad.SquadChanges;

/** How somebody can be there tonight: in the order of clicks, by keys, and as a list. */
final class PresenceMenu {

    /** Evenings begin at about this time; whoever comes late says a quarter of an hour. Assumed. */
    private static final LocalTime FIRST = LocalTime.of(16, 15);

    private static final int QUARTER = 15;
    private static final int QUARTERS = 20;

    private PresenceMenu() {}

    /** What a click on a bib makes of it: there, late, easy, away. */
    static Presence next(Presence now) {
        return switch (now.state()) {
            case THERE, UNHEARD -> Presence.of(State.LATE);
            case LATE -> Presence.of(State.NO_CONTACT);
            case NO_CONTACT, NO_RUNNING, KEEPS_TIME -> Presence.of(State.AWAY);
            case AWAY -> Presence.THERE;
        };
    }

    /** What a click makes of one of the staff: there, late, away. */
    static Presence nextOfStaff(Presence now) {
        return switch (now.state()) {
            case THERE, UNHEARD -> Presence.of(State.LATE);
            case AWAY -> Presence.THERE;
            case LATE, NO_CONTACT, NO_RUNNING, KEEPS_TIME -> Presence.of(State.AWAY);
        };
    }

    /** What a key makes of whoever is chosen in the list. */
    static Optional<Presence> of(KeyCode key) {
        return switch (key) {
            case T -> Optional.of(Presence.THERE);
            case L -> Optional.of(Presence.of(State.LATE));
            case E -> Optional.of(Presence.of(State.NO_CONTACT));
            case R -> Optional.of(Presence.of(State.NO_RUNNING));
            case K -> Optional.of(Presence.of(State.KEEPS_TIME));
            case Q -> Optional.of(Presence.of(State.UNHEARD));
            case A -> Optional.of(Presence.of(State.AWAY));
            default -> Optional.empty();
        };
    }

    /** Everything there is. */
    static List<MenuItem> items(SquadState state, Member who) {
        List<MenuItem> items = new ArrayList<>();
        for (State each : State.values()) {
            items.add(item(state, who, Presence.of(each)));
            if (each == State.LATE) {
                Menu from = new Menu(SquadState.BOOK.say("late.from"));
                for (int i = 0; i < QUARTERS; i++) {
                    LocalTime time = FIRST.plusMinutes((long) QUARTER * i);
                    MenuItem at = item(state, who, new Presence(State.LATE, Optional.of(time)));
                    at.setText(time.toString());
                    from.getItems().add(at);
                }
                items.add(from);
            }
        }
        return items;
    }

    private static MenuItem item(SquadState state, Member who, Presence how) {
        MenuItem item = new MenuItem(SquadChanges.presence(how));
        item.setOnAction(e -> state.presence(who, how));
        return item;
    }
}
