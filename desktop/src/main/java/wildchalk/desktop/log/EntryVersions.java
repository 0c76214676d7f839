package wildchalk.desktop.log;

import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.VBox;
import wildchalk.core.log.Entry;
import wildchalk.core.log.LogChanges;
import wildchalk.desktop.background.Background;
import wildchalk.desktop.control.PageHead;
import wildchalk.storage.book.Version;

/** What was changed in an entry since it was written, newest first. */
final class EntryVersions extends VBox {

    private final VBox lines = new VBox(6);

    EntryVersions(LogState state, Entry entry) {
        super(12);
        setId("entry-versions-page");
        getStyleClass().add("log-page");
        ScrollPane scroll = new ScrollPane(lines);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("log-scroll");
        getChildren()
                .addAll(
                        new PageHead(
                                say(
                                        "versions.title",
                                        entry.title(),
                                        entry.when().day()),
                                say("back"),
                                "versions-back",
                                state.desk()::back),
                        scroll);
        state.desk()
                .versions(
                        entry.id(),
                        all -> Background.work(
                                say("work.versions"), () -> told(all), this::show, trouble -> state.desk()
                                        .warn(trouble.words(say("trouble.versions")))));
    }

    private static String say(String key, Object... values) {
        return LogState.BOOK.say(key, values);
    }

    private static List<String> told(List<Version<Entry>> versions) {
        List<String> told = new ArrayList<>();
        for (int i = 0; i + 1 < versions.size(); i++) {
            List<String> changes = LogChanges.of(
                    versions.get(i + 1).read().document(),
                    versions.get(i).read().document());
            told.add(say(
                    "versions.line",
                    at(versions.get(i).made()),
                    versions.get(i).edit(),
                    changes.isEmpty() ? "" : ": " + String.join("; ", changes)));
        }
        if (!versions.isEmpty()) {
            told.add(say("versions.first", at(versions.get(versions.size() - 1).made())));
        }
        return told;
    }

    private static String at(long millis) {
        return Instant.ofEpochMilli(millis)
                .atZone(ZoneId.systemDefault())
                .format(DateTimeFormatter.ofPattern(say("day.time"), Locale.ENGLISH));
    }

    private void show(List<String> told) {
        told.forEach(t -> {
            Label line = new Label(t);
            line.setWrapText(true);
            lines.getChildren().add(line);
        });
    }
}
