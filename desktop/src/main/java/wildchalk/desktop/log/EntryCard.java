package wildchalk.desktop.log;

import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CustomMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wildchalk.core.log.Entry;
import wildchalk.core.log.EntryEdits;
import wildchalk.core.log.Part;
import wildchalk.desktop.control.Fields;
import wildchalk.desktop.control.ListButton;

/** An evening as it was: what the coach thought of it, and each part of it, to be looked at and corrected. */
final class EntryCard extends VBox {

    private static final int LONGEST = 400;
    private static final int MINUTE = 60;
    private static final double MILLIS = 1000;

    private final LogState state;
    private final Entry entry;

    EntryCard(LogState state, Entry entry) {
        super(8);
        this.state = state;
        this.entry = entry;
        setId("log-entry");
        getStyleClass().add("log-card");
        getChildren().addAll(head(), when(), there(), thought());
        for (int i = 0; i < entry.parts().size(); i++) {
            getChildren().add(new PartRow(state, entry, i));
        }
        getChildren().add(new AddPart(state, entry));
    }

    private static String say(String key, Object... values) {
        return LogState.BOOK.say(key, values);
    }

    private HBox head() {
        TextField title = Fields.text("entry-title", entry.title(), LONGEST / 2, t -> {
            if (!t.isEmpty() && !t.equals(entry.title())) {
                state.apply(EntryEdits.rename(t));
            }
        });
        title.getStyleClass().add("entry-title");
        title.setAccessibleText(say("entry.title"));
        HBox.setHgrow(title, Priority.ALWAYS);
        ListButton more = new ListButton("\u22EF");
        more.setId("entry-menu");
        more.setAccessibleText(say("entry.menu"));
        more.offer(this::items);
        Button close = new Button("\u2715");
        close.setId("entry-close");
        close.setAccessibleText(say("entry.close"));
        close.getStyleClass().add("step");
        close.setOnAction(e -> state.open(Optional.empty()));
        HBox head = new HBox(6, title, more, close);
        head.setAlignment(Pos.CENTER_LEFT);
        return head;
    }

    private List<MenuItem> items() {
        List<MenuItem> items = new ArrayList<>();
        items.add(
                item("entry-versions", say("entry.versions"), () -> state.desk().lay(new EntryVersions(state, entry))));
        items.add(item("entry-file", say("entry.file"), () -> state.desk().saveFile(entry, false)));
        items.add(item(
                "entry-file-words", say("entry.file.words"), () -> state.desk().saveFile(entry, true)));
        items.add(item("entry-aside", say("entry.aside"), () -> state.desk().aside(entry)));
        return items;
    }

    private static MenuItem item(String id, String words, Runnable then) {
        MenuItem item = new MenuItem(words);
        item.setId(id);
        item.setOnAction(e -> then.run());
        return item;
    }

    private Node when() {
        int over = entry.parts().stream()
                .filter(p -> p.time().planned() > 0 && !p.time().meanwhile())
                .mapToInt(p ->
                        p.seconds() + p.before() - p.time().planned() - p.time().plannedBefore())
                .sum();
        long minutes = Math.round(over / (double) MINUTE);
        String plan = entry.parts().stream().noneMatch(p -> p.time().planned() > 0)
                ? ""
                : say("entry.plan", 0, Math.abs(minutes), Long.signum(minutes));
        Label words = new Label(say(
                "entry.when",
                entry.when().day().format(DateTimeFormatter.ofPattern(say("day"), Locale.ENGLISH)),
                entry.when().start().toString(),
                Math.round(entry.seconds() / (double) MINUTE),
                plan));
        words.setWrapText(true);
        words.setId("entry-when");
        ListButton change = new ListButton(say("entry.change"));
        change.setId("entry-day");
        change.getStyleClass().add("pill");
        change.offer(() ->
                List.of(new CustomMenuItem(new DayFields(entry.when(), w -> state.apply(EntryEdits.at(w))), false)));
        change.setMinWidth(Region.USE_PREF_SIZE);
        HBox.setHgrow(words, Priority.ALWAYS);
        words.setMaxWidth(Double.MAX_VALUE);
        HBox row = new HBox(6, words, change);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private Node there() {
        Entry.There there = entry.there();
        String who = there.known().isEmpty()
                ? ""
                : there.known().stream().map(id -> state.name(there.key(id))).collect(Collectors.joining(", "));
        Label words = new Label(say("entry.there", there.people(), who.isEmpty() ? "" : ": " + who));
        words.setWrapText(true);
        words.getStyleClass().add("quiet");
        words.setId("entry-there");
        ListButton change = new ListButton(say("entry.change"));
        change.setId("entry-people");
        change.getStyleClass().add("pill");
        change.setMinWidth(Region.USE_PREF_SIZE);
        change.offer(() -> new WhoWasThere(state, entry).items());
        HBox.setHgrow(words, Priority.ALWAYS);
        words.setMaxWidth(Double.MAX_VALUE);
        VBox all = new VBox(4, words);
        if (there.groups().size() > 1) {
            Label groups = new Label(say("entry.groups", there.groups().size()));
            groups.getStyleClass().add("quiet");
            all.getChildren().add(groups);
        }
        HBox.setHgrow(all, Priority.ALWAYS);
        HBox row = new HBox(6, all, change);
        row.setAlignment(Pos.TOP_LEFT);
        return row;
    }

    private TextField thought() {
        TextField field = Fields.text("entry-thought", entry.thought(), LONGEST, t -> {
            if (!t.equals(entry.thought())) {
                state.apply(EntryEdits.thought(t));
            }
        });
        field.setPromptText(say("entry.thought"));
        field.setAccessibleText(say("entry.thought"));
        return field;
    }

    /** What came of a part, in words. */
    static List<String> results(LogState state, Entry entry, Part part) {
        Part.Result result = part.result();
        Stream<String> counted = result.counted().stream()
                .map(c -> say(
                        "entry.counted",
                        c.what(),
                        named(who(state, entry, c.who())),
                        c.made(),
                        c.missed(),
                        c.made() + c.missed(),
                        c.worth() == 1 ? "" : say("entry.points", c.made() * c.worth())));
        Stream<String> timed = result.timed().stream()
                .map(t -> say(
                        "entry.timed",
                        t.what(),
                        named(who(state, entry, t.who())),
                        t.splits().get(t.splits().size() - 1) / MILLIS,
                        t.metres() == 0 ? "" : say("entry.metres", t.metres())));
        Stream<String> calls = result.calls() > 0 ? Stream.of(say("entry.calls", result.calls())) : Stream.empty();
        return Stream.of(counted, timed, calls, result.notes().stream())
                .flatMap(s -> s)
                .toList();
    }

    private static String named(String who) {
        return who.isEmpty() ? "" : ", " + who;
    }

    /** What somebody is called; itself for a side or a group, and nothing where nobody was told apart. */
    private static String who(LogState state, Entry entry, String who) {
        String key = entry.there().key(who);
        if (who.isEmpty()
                || !entry.there().known().contains(who) && !state.names().containsKey(key)) {
            return who;
        }
        return state.name(key);
    }
}
