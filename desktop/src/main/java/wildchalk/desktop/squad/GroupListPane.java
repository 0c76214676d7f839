package wildchalk.desktop.squad;

import java.awt.image.BufferedImage;
import java.nio.file.Path;
import java.util.Optional;
import javafx.embed.swing.SwingFXUtils;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import wildchalk.core.squad.Squad;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.background.Background;
import wildchalk.desktop.control.PageHead;
import wildchalk.desktop.exchange.Exchange;
import wildchalk.desktop.trouble.Trouble;
import wildchalk.handout.groups.GroupList;
import wildchalk.handout.groups.GroupSheet;
import wildchalk.handout.order.Cancelled;
import wildchalk.handout.order.Delivery;
import wildchalk.handout.order.FileNames;
import wildchalk.handout.order.Undelivered;

/** Where the groups of tonight are handed out: which way, names or numbers, and how it will look. */
public final class GroupListPane extends BorderPane {

    private static final int PREVIEW = 1200;
    private static final double MARGIN = 40;

    private final Squad squad;
    private final Exchange.Chooser chooser;
    private final ImageView preview = new ImageView();
    private final Label aloud = new Label();
    private final Label said = new Label();
    private final Button copy = new Button(say("out.copy"));
    private GroupSheet sheet = GroupSheet.WALL;
    private GroupList.Shown shown = GroupList.Shown.NAMES;

    /** @param close takes the page away */
    public GroupListPane(Squad squad, Exchange.Chooser chooser, Runnable close) {
        this.squad = squad;
        this.chooser = chooser;
        setId("group-list-page");
        getStyleClass().add("hand-out-page");
        PageHead head = new PageHead(say("out.title", squad.title()), say("card.back"), "group-list-close", close);
        head.getStyleClass().add("hand-out-head");
        setTop(head);
        setLeft(kinds());
        aloud.setWrapText(true);
        aloud.setId("group-list-text");
        StackPane look = new StackPane(preview, aloud);
        look.getStyleClass().add("preview");
        look.setMinSize(0, 0);
        preview.setPreserveRatio(true);
        preview.fitWidthProperty().bind(look.widthProperty().subtract(MARGIN));
        preview.fitHeightProperty().bind(look.heightProperty().subtract(MARGIN));
        preview.setAccessibleText(say("out.preview"));
        setCenter(look);
        setBottom(foot());
        addEventHandler(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                close.run();
            }
            e.consume();
        });
        show();
    }

    private static String say(String key, Object... values) {
        return SquadState.BOOK.say(key, values);
    }

    private VBox kinds() {
        VBox kinds = new VBox(6);
        kinds.getStyleClass().add("hand-out-kinds");
        for (GroupSheet each : GroupSheet.values()) {
            ToggleButton button =
                    toggle("sheet-" + Wordbook.key(each), "out." + Wordbook.key(each), () -> sheet = each);
            button.getStyleClass().add("kind");
            button.setMaxWidth(Double.MAX_VALUE);
            button.setUserData(each);
            kinds.getChildren().add(button);
        }
        Label what = new Label(say("out.shown"));
        what.getStyleClass().add("choice-label");
        kinds.getChildren().add(what);
        for (GroupList.Shown each : GroupList.Shown.values()) {
            ToggleButton button =
                    toggle("shown-" + Wordbook.key(each), "out." + Wordbook.key(each), () -> shown = each);
            button.getStyleClass().add("pill");
            button.setUserData(each);
            kinds.getChildren().add(button);
        }
        Label note = new Label(say("out.note"));
        note.setWrapText(true);
        note.getStyleClass().add("quiet");
        kinds.getChildren().add(note);
        return kinds;
    }

    private ToggleButton toggle(String id, String words, Runnable choose) {
        ToggleButton button = new ToggleButton(say(words));
        button.setId(id);
        button.setOnAction(e -> {
            choose.run();
            show();
        });
        return button;
    }

    private HBox foot() {
        copy.setId("group-list-copy");
        copy.setOnAction(e -> {
            ClipboardContent content = new ClipboardContent();
            content.putString(GroupSheet.aloud(list()));
            Clipboard.getSystemClipboard().setContent(content);
            said.setText(say("out.copied"));
        });
        Button go = new Button(say("out.go"));
        go.setId("group-list-go");
        go.getStyleClass().add("dark-button");
        go.setMinWidth(Region.USE_PREF_SIZE);
        go.setOnAction(e -> handOut());
        said.setId("group-list-said");
        said.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(said, Priority.ALWAYS);
        HBox foot = new HBox(12, said, copy, go);
        foot.setAlignment(Pos.CENTER_LEFT);
        foot.getStyleClass().add("hand-out-foot");
        return foot;
    }

    private GroupList list() {
        return GroupList.of(squad, shown);
    }

    private void show() {
        ((VBox) getLeft())
                .getChildren().stream()
                        .filter(ToggleButton.class::isInstance)
                        .map(ToggleButton.class::cast)
                        .forEach(b -> b.setSelected(b.getUserData() == sheet || b.getUserData() == shown));
        boolean drawn = sheet == GroupSheet.WALL || sheet == GroupSheet.PICTURE;
        preview.setVisible(drawn);
        aloud.setVisible(!drawn);
        copy.setVisible(sheet == GroupSheet.ALOUD);
        GroupList list = list();
        aloud.setText(GroupSheet.aloud(list));
        Background.work(
                say("work.drawing"),
                () -> GroupSheet.picture(list, PREVIEW),
                (BufferedImage image) -> {
                    if (list.equals(list())) {
                        Image made = SwingFXUtils.toFXImage(image, null);
                        preview.setImage(made);
                    }
                },
                this::failed);
    }

    private void failed(Trouble trouble) {
        said.setText(
                trouble.cause() instanceof Undelivered || trouble.cause() instanceof Cancelled
                        ? trouble.cause().getMessage()
                        : trouble.words(say("out.trouble")));
    }

    private void handOut() {
        GroupSheet kind = sheet;
        GroupList list = list();
        Optional<Path> target = chooser.toSave(
                FileNames.of(kind.ending(), squad.title(), say("out.file")),
                say("out." + Wordbook.key(kind)),
                "*." + kind.ending());
        target.ifPresent(file -> Background.work(
                say("work.writing"),
                () -> {
                    Delivery.deliver(file, part -> kind.write(list, part));
                    return file;
                },
                done -> said.setText(say("saved.plain", done.getFileName())),
                this::failed));
    }
}
