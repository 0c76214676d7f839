package wildchalk.desktop.book;

import java.util.List;
import java.util.function.Consumer;
import javafx.animation.AnimationTimer;
import javafx.collections.FXCollections;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.measure.Unit;
import wildchalk.core.script.Changes;
import wildchalk.desktop.background.Background;
import wildchalk.desktop.board.canvas.Thumbnail;
import wildchalk.desktop.control.PageHead;
import wildchalk.desktop.keeping.Keeper;
import wildchalk.desktop.message.Messages;
import wildchalk.storage.book.BookException;
import wildchalk.storage.book.Version;
import wildchalk.storage.kind.DrillKind;

/** The old versions of a drill: each can be looked at, compared in words with the drill as it is, and brought back. */
final class VersionsPane extends BorderPane {

    private static final double LIST = 300;
    private static final double PICTURE_WIDE = 760;
    private static final double PICTURE_TALL = 400;
    private static final double PAUSE = 0.8;

    private final Keeper keeper;
    private final Messages messages;
    private final List<Version<Drill>> history;
    private final Consumer<Drill> onOpen;
    private final Runnable close;
    private final ListView<Version<Drill>> list = new ListView<>();
    private final Thumbnail picture = new Thumbnail(PICTURE_WIDE, PICTURE_TALL);
    private final PageHead head = new PageHead("Versions", "Back to the Book", "versions-close", this::leave);
    private final Label when = new Label();
    private final VBox words = new VBox(4);
    private final Button bring = new Button("Bring this back");
    private final Button fresh = new Button("Make it a drill of its own");
    private final AnimationTimer timer;
    private Drill current;
    private Drill shown;
    private long begun;
    private int asked;

    VersionsPane(
            Keeper keeper,
            Messages messages,
            String id,
            List<Version<Drill>> history,
            Consumer<Drill> onOpen,
            Runnable close) {
        this.keeper = keeper;
        this.messages = messages;
        this.history = history;
        this.onOpen = onOpen;
        this.close = close;
        setId("versions-page");
        getStyleClass().addAll("book-view", "versions");
        list.setId("versions");
        list.setItems(FXCollections.observableList(history));
        list.setCellFactory(l -> cell());
        list.setPrefWidth(LIST);
        list.getSelectionModel().selectedItemProperty().addListener((o, was, is) -> look(is));
        timer = new AnimationTimer() {
            @Override
            public void handle(long now) {
                begun = begun == 0 ? now : begun;
                picture.paint((now - begun) / 1e9 % (picture.duration() + PAUSE));
            }
        };
        setTop(head);
        setLeft(list);
        setCenter(middle());
        addEventHandler(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                leave();
                e.consume();
            }
        });
        sceneProperty().addListener((o, was, is) -> {
            if (is == null) {
                timer.stop();
            }
        });
        keeper.ask(b -> b.drills().load(id), drill -> {
            current = drill;
            head.say("Versions of " + drill.title());
            list.getSelectionModel().select(Math.min(1, history.size() - 1));
            list.requestFocus();
        });
    }

    private ListCell<Version<Drill>> cell() {
        return new ListCell<>() {
            @Override
            protected void updateItem(Version<Drill> version, boolean empty) {
                super.updateItem(version, empty);
                if (empty || version == null) {
                    setGraphic(null);
                    setText(null);
                    return;
                }
                Label edit = new Label(version.edit());
                edit.setMaxWidth(Double.MAX_VALUE);
                HBox.setHgrow(edit, Priority.ALWAYS);
                Label at =
                        new Label(Ago.of(version.made(), System.currentTimeMillis()) + " " + Ago.clock(version.made()));
                at.getStyleClass().add("quiet");
                at.setMinWidth(Region.USE_PREF_SIZE);
                HBox row = new HBox(8, edit, at);
                row.setAlignment(Pos.CENTER_LEFT);
                row.setPrefWidth(0);
                setGraphic(row);
            }
        };
    }

    private VBox middle() {
        when.getStyleClass().add("versions-when");
        bring.setId("version-bring");
        bring.getStyleClass().add("dark-button");
        bring.setOnAction(e -> bringBack());
        fresh.setId("version-fresh");
        fresh.setOnAction(e -> keeper.ask(b -> b.drills().add(shown), onOpen));
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox row = new HBox(10, when, gap, fresh, bring);
        row.setAlignment(Pos.CENTER_LEFT);
        words.setId("version-words");
        ScrollPane scroll = new ScrollPane(words);
        scroll.setFitToWidth(true);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        VBox middle = new VBox(10, row, picture, scroll);
        middle.getStyleClass().add("versions-middle");
        return middle;
    }

    /** What is known of a version when it is looked at. */
    private record Looked(Drill drill, Thumbnail.Ready picture, List<String> toNow, String trouble) {}

    private void look(Version<Drill> version) {
        if (version == null) {
            return;
        }
        int mine = ++asked;
        Drill now = current;
        Background.work(
                "looking at an old version",
                () -> looked(version, now),
                looked -> {
                    if (mine == asked) {
                        show(version, looked);
                    }
                },
                trouble -> {
                    if (mine == asked) {
                        show(
                                version,
                                new Looked(
                                        null,
                                        null,
                                        List.of(),
                                        "This version could not be looked at. The drill itself is as it was."));
                    }
                });
    }

    private static Looked looked(Version<Drill> version, Drill now) {
        try {
            Drill drill = version.read().document();
            return new Looked(
                    drill,
                    Thumbnail.Ready.of(
                            drill, Ladder.build(drill, drill.ladder().get(0).id())),
                    Changes.of(drill, now, Unit.METRES),
                    "");
        } catch (BookException e) {
            return new Looked(null, null, List.of(), e.getMessage());
        }
    }

    private void show(Version<Drill> version, Looked looked) {
        boolean newest = history.indexOf(version) == 0;
        when.setText(version.edit() + " · " + Ago.of(version.made(), System.currentTimeMillis()) + " "
                + Ago.clock(version.made()));
        bring.setDisable(looked.drill() == null || looked.toNow().isEmpty());
        fresh.setDisable(looked.drill() == null);
        shown = looked.drill();
        picture.setVisible(looked.drill() != null);
        timer.stop();
        if (looked.drill() != null) {
            picture.show(looked.picture());
            begun = 0;
            timer.start();
        }
        words.getChildren().clear();
        String same = newest ? "This is the drill as it is now." : "This is the same as the drill is now.";
        String sound = looked.toNow().isEmpty() ? same : "What was done since then:";
        Label heading = new Label(looked.trouble().isEmpty() ? sound : looked.trouble());
        heading.getStyleClass().add("sheet-heading");
        heading.setWrapText(true);
        words.getChildren().add(heading);
        for (String change : looked.toNow()) {
            Label line = new Label(change);
            line.setWrapText(true);
            line.getStyleClass().add("version-change");
            words.getChildren().add(line);
        }
    }

    private void bringBack() {
        Drill back = shown;
        String made = Ago.of(list.getSelectionModel().getSelectedItem().made(), System.currentTimeMillis());
        keeper.keep(DrillKind.DRILLS, back, "Bring back a version");
        messages.say(back.title() + " is again as it was " + made + ". What it was until now is a version too.");
        leave();
    }

    private void leave() {
        timer.stop();
        close.run();
    }
}
