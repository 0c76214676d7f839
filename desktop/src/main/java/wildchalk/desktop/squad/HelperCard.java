package wildchalk.desktop.squad;

import java.util.Arrays;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import wildchalk.core.squad.Helper;
import wildchalk.core.squad.Presence;
import wildchalk.core.squad.SquadChanges;
import wildchalk.core.squad.SquadEdits;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.control.Fields;
import wildchalk.desktop.control.PageHead;

/** What is known of one of the staff. */
final class HelperCard extends VBox {

    private static final int NAME = 60;
    private static final int LEADS = 200;

    private final SquadState state;
    private final Helper helper;

    /** @param forget asks whether they are to be forgotten */
    HelperCard(SquadState state, Helper helper, Runnable forget) {
        super(10);
        this.state = state;
        this.helper = helper;
        setId("helper-card");
        getStyleClass().add("person-card");
        TextField name = Fields.text("helper-name", helper.name(), NAME, t -> {
            if (!t.isBlank()) {
                change(new Helper(helper.id(), t, helper.duty(), helper.leads()));
            }
        });
        TextField leads = Fields.text(
                "helper-leads",
                String.join(", ", helper.leads()),
                LEADS,
                t -> change(new Helper(
                        helper.id(),
                        helper.name(),
                        helper.duty(),
                        Arrays.stream(t.split(","))
                                .map(String::strip)
                                .filter(l -> !l.isEmpty())
                                .toList())));
        leads.setPromptText(say("helper.leads.prompt"));
        leads.setPrefColumnCount(20);
        FlowPane duties = row(say("helper.duty"));
        for (Helper.Duty duty : Helper.Duty.values()) {
            duties.getChildren()
                    .add(pill(
                            "duty-" + Wordbook.key(duty),
                            say("duty." + Wordbook.key(duty)),
                            duty == helper.duty(),
                            () -> change(new Helper(helper.id(), helper.name(), duty, helper.leads()))));
        }
        Button off = Fields.pill(
                "helper-remove", say("card.remove"), () -> state.apply(SquadEdits.remove(helper.name(), helper.id())));
        Button forgotten = Fields.pill("helper-forget", say("card.forget"), forget);
        getChildren()
                .addAll(
                        new PageHead(helper.name(), say("card.back"), "card-back", () -> state.look(Optional.empty())),
                        row(say("card.name"), name),
                        duties,
                        row(say("helper.leads"), leads),
                        tonight(),
                        row("", off, forgotten));
    }

    private static String say(String key, Object... values) {
        return SquadState.BOOK.say(key, values);
    }

    private void change(Helper now) {
        if (!now.equals(helper)) {
            state.apply(SquadEdits.change(now));
        }
    }

    private static FlowPane row(String label, Node... nodes) {
        Label name = new Label(label);
        name.getStyleClass().add("card-label");
        FlowPane row = new FlowPane(6, 6, name);
        row.setRowValignment(VPos.CENTER);
        row.getChildren().addAll(nodes);
        return row;
    }

    private static Button pill(String id, String words, boolean on, Runnable then) {
        Button pill = Fields.pill(id, words, then);
        if (on) {
            pill.getStyleClass().add("asked");
        }
        return pill;
    }

    private FlowPane tonight() {
        FlowPane row = row(say("card.tonight"));
        Presence now = state.squad().tonight().of(helper.id());
        for (Presence.State each : new Presence.State[] {
            Presence.State.THERE, Presence.State.LATE, Presence.State.UNHEARD, Presence.State.AWAY
        }) {
            row.getChildren()
                    .add(pill(
                            "helper-state-" + Wordbook.key(each),
                            SquadChanges.presence(Presence.of(each)),
                            now.state() == each,
                            () -> state.apply(SquadEdits.presence(helper.name(), helper.id(), Presence.of(each)))));
        }
        return row;
    }
}
