package wildchalk.desktop.practice;

import java.util.List;
import java.util.Optional;
import javafx.collections.FXCollections;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.layout.VBox;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.PracticeChanges;
import wildchalk.core.practice.PracticeEdits;
import wildchalk.desktop.background.Background;
import wildchalk.desktop.control.PageHead;
import wildchalk.storage.book.Version;

/** The old versions of an evening: what was done since each, and a way to have it back. */
final class VersionsCard extends VBox {

    private static final double LIST = 260;

    private final PracticeState state;
    private final ListView<Version<Practice>> list = new ListView<>();
    private final VBox since = new VBox(4);
    private final Button back = new Button(say("versions.bring"));
    private Optional<Practice> looked = Optional.empty();

    VersionsCard(PracticeState state) {
        super(10);
        this.state = state;
        setId("practice-versions");
        list.setId("practice-version-list");
        list.setPrefHeight(LIST);
        list.setCellFactory(l -> new Row());
        list.getSelectionModel().selectedItemProperty().addListener((o, was, is) -> Optional.ofNullable(is)
                .ifPresent(this::look));
        back.setId("practice-version-bring");
        back.getStyleClass().add("dark-button");
        back.setDisable(true);
        back.setOnAction(e -> bring());
        getChildren()
                .addAll(
                        new PageHead(
                                say("versions.title"),
                                say("evening.back"),
                                "versions-back",
                                () -> state.show(PracticeState.Side.FOUND)),
                        list,
                        since,
                        back);
        state.desk().versions(state.practice().id(), all -> list.setItems(FXCollections.observableList(all)));
    }

    private static String say(String key, Object... values) {
        return PracticeState.BOOK.say(key, values);
    }

    /** Reads it beside the window's thread. */
    private void look(Version<Practice> version) {
        Background.work(
                say("work.version"),
                () -> version.read().document(),
                then -> {
                    if (version.equals(list.getSelectionModel().getSelectedItem())) {
                        show(then);
                    }
                },
                trouble -> state.desk().warn(trouble.words(say("trouble.version"))));
    }

    private void show(Practice then) {
        List<String> changes = PracticeChanges.of(then, state.practice());
        looked = Optional.of(then);
        back.setDisable(changes.isEmpty());
        since.getChildren().setAll(line(say(changes.isEmpty() ? "versions.same" : "versions.since")));
        changes.forEach(c -> since.getChildren().add(line(c)));
    }

    private static Label line(String words) {
        Label line = new Label(words);
        line.setWrapText(true);
        line.getStyleClass().add("quiet");
        return line;
    }

    private void bring() {
        looked.ifPresent(then -> {
            state.show(PracticeState.Side.FOUND);
            state.apply(PracticeEdits.bring(then));
        });
    }

    private static final class Row extends ListCell<Version<Practice>> {

        @Override
        protected void updateItem(Version<Practice> version, boolean empty) {
            super.updateItem(version, empty);
            setText(empty ? null : say("version", Clock.when(version.made()), version.edit()));
        }
    }
}
