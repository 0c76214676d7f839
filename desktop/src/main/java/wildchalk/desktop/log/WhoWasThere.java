package wildchalk.desktop.log;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.CheckBox;
import javafx.scene.control.CustomMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import wildchalk.core.log.Entry;
import wildchalk.core.log.EntryEdits;
import wildchalk.core.squad.Member;
import wildchalk.core.squad.Squad;
import wildchalk.desktop.control.Fields;

/** A list in which it is said who was there: those of the squad by a tick, others by their number. */
final class WhoWasThere {

    private static final int MOST = 500;

    private final LogState state;
    private final Entry entry;

    WhoWasThere(LogState state, Entry entry) {
        this.state = state;
        this.entry = entry;
    }

    private static String say(String key, Object... values) {
        return LogState.BOOK.say(key, values);
    }

    List<MenuItem> items() {
        List<MenuItem> items = new ArrayList<>();
        Entry.There there = entry.there();
        List<Squad> squads = state.shownProperty().get().stream()
                .flatMap(s -> s.filled().squads().values().stream())
                .toList();
        if (there.squad().isEmpty()) {
            squads.forEach(s -> {
                RadioMenuItem item = new RadioMenuItem(say("there.squad", s.title()));
                item.setOnAction(e -> state.apply(
                        EntryEdits.with(new Entry.There(s.id(), there.people(), List.of(), List.of(), List.of()))));
                items.add(item);
            });
        }
        squads.stream()
                .filter(s -> s.id().equals(there.squad()))
                .flatMap(Squad::all)
                .forEach(m -> items.add(tick(m)));
        int others = there.people() - there.known().size();
        items.add(new CustomMenuItem(
                Fields.count("there-others", say("there.others"), others, 0, MOST, n -> {
                    Entry.There now = now();
                    with(new Entry.There(now.squad(), now.known().size() + n, now.known(), now.groups(), now.staff()));
                }),
                false));
        items.add(new CustomMenuItem(new Label(say("there.hint")), false));
        return items;
    }

    private Entry.There now() {
        return state.open().map(d -> d.document().there()).orElse(entry.there());
    }

    private void with(Entry.There there) {
        state.apply(EntryEdits.with(there));
    }

    private MenuItem tick(Member member) {
        CheckBox box = new CheckBox(member.name());
        box.setId("there-" + member.id());
        box.setSelected(entry.there().known().contains(member.id()));
        box.setOnAction(e -> with(now().being(member.id(), box.isSelected())));
        return new CustomMenuItem(box, false);
    }
}
