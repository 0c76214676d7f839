package wildchalk.desktop.handout;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.Ladder;
import wildchalk.desktop.background.Background;
import wildchalk.desktop.control.PageHead;
import wildchalk.desktop.exchange.Exchange.Chooser;
import wildchalk.handout.HandOuts;
import wildchalk.handout.order.FileNames;
import wildchalk.handout.order.HandOut;
import wildchalk.handout.order.Order;
import wildchalk.handout.order.Progress;
import wildchalk.handout.page.Page;
import wildchalk.handout.words.Message;

/** Where a drill is handed out: kinds on the left, what is wished in the middle, how it will look on the right. */
public final class HandOutPane extends BorderPane {

    private final Chooser chooser;
    private final Consumer<Wanted> keep;
    private final Runnable close;
    private final Consumer<String> told;
    private final OrderForm form;
    private final PreviewPane preview = new PreviewPane();
    private final Button go = new Button("Hand out …");
    private final Button copy = new Button("Copy the text");
    private final Button tryIt = new Button("Try it in the browser");
    private final Button cancel = new Button("Cancel");
    private final ProgressBar bar = new ProgressBar(0);
    private final Label said = new Label();
    private Job job;

    /**
     * The page for what is on a board.
     *
     * @param keep told what was wanted, so that it is there again the next time
     * @param told how it came out, when the page is no longer looked at by then
     * @param close takes the page away
     */
    public HandOutPane(
            HandOutSubject subject,
            Wanted wanted,
            Chooser chooser,
            Consumer<Wanted> keep,
            Consumer<String> told,
            Runnable close) {
        this.chooser = chooser;
        this.keep = keep;
        this.told = told;
        this.close = close;
        this.form = new OrderForm(subject, wanted, this::look);
        setId("hand-out-page");
        getStyleClass().add("hand-out-page");
        PageHead head =
                new PageHead("Hand out " + subject.drill().title(), "Back to the Board", "hand-out-close", this::leave);
        head.getStyleClass().add("hand-out-head");
        setTop(head);
        ScrollPane wishes = new ScrollPane(form);
        wishes.setFitToWidth(true);
        wishes.getStyleClass().add("preview-scroll");
        HBox left = new HBox(kinds(), wishes);
        left.setMinWidth(Region.USE_PREF_SIZE);
        setLeft(left);
        setCenter(preview);
        setBottom(foot());
        addEventHandler(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ESCAPE && job == null) {
                leave();
            }
            // What is under the page is not to be played or drawn on.
            e.consume();
        });
        sceneProperty().addListener((o, was, is) -> {
            if (is == null) {
                preview.stop();
            }
        });
        show();
    }

    private VBox kinds() {
        VBox kinds = new VBox(6);
        kinds.getStyleClass().add("hand-out-kinds");
        ToggleGroup group = new ToggleGroup();
        for (HandOut kind : HandOuts.ALL) {
            ToggleButton button = new ToggleButton(kind.words());
            button.setId("kind-" + HandOuts.ALL.indexOf(kind));
            button.getStyleClass().add("kind");
            button.setMaxWidth(Double.MAX_VALUE);
            button.setWrapText(true);
            button.setToggleGroup(group);
            button.setSelected(kind.equals(form.kind()));
            button.setOnAction(e -> {
                button.setSelected(true);
                form.show(kind);
                show();
            });
            kinds.getChildren().add(button);
        }
        return kinds;
    }

    private HBox foot() {
        go.setId("hand-out-go");
        go.getStyleClass().add("dark-button");
        go.setDefaultButton(true);
        go.setMinWidth(Region.USE_PREF_SIZE);
        go.setOnAction(e -> handOut());
        copy.setId("hand-out-copy");
        copy.setMinWidth(Region.USE_PREF_SIZE);
        copy.setOnAction(e -> copy());
        tryIt.setId("hand-out-try");
        tryIt.setMinWidth(Region.USE_PREF_SIZE);
        tryIt.setOnAction(e -> tryIt());
        cancel.setId("hand-out-cancel");
        cancel.setMinWidth(Region.USE_PREF_SIZE);
        cancel.setOnAction(e -> job.cancel());
        bar.setId("hand-out-progress");
        bar.setPrefWidth(220);
        bar.setAccessibleText("How far it is");
        said.setId("hand-out-said");
        said.setWrapText(true);
        HBox.setHgrow(said, Priority.ALWAYS);
        said.setMaxWidth(Double.MAX_VALUE);
        HBox foot = new HBox(12, said, bar, cancel, copy, tryIt, go);
        foot.setAlignment(Pos.CENTER_LEFT);
        foot.getStyleClass().add("hand-out-foot");
        working(false);
        return foot;
    }

    /** Another kind of hand-out: what can be done with it, and how it looks. */
    private void show() {
        boolean text = form.kind() instanceof Message;
        copy.setVisible(text);
        copy.setManaged(text);
        tryIt.setVisible(form.kind() instanceof Page);
        tryIt.setManaged(tryIt.isVisible());
        look();
    }

    private void look() {
        keep.accept(form.wanted());
        preview.show(form.kind(), form.order());
    }

    private void copy() {
        ClipboardContent content = new ClipboardContent();
        content.putString(Message.of(form.order()));
        Clipboard.getSystemClipboard().setContent(content);
        said.setText("The text is on the clipboard: put it into a message.");
    }

    /** The page itself, where it will be looked at. */
    private void tryIt() {
        HandOut kind = form.kind();
        Order order = form.order();
        said.setText("Making the page …");
        Background.work(
                "making a page to look at",
                () -> {
                    Path file = Files.createTempFile("wildchalk", ".html");
                    file.toFile().deleteOnExit();
                    kind.write(order, file, Progress.UNSEEN);
                    return file;
                },
                file -> {
                    said.setText("");
                    chooser.look(file);
                },
                trouble -> said.setText("The page could not be made: there may be no room for it on the disk."));
    }

    private void handOut() {
        HandOut kind = form.kind();
        Order order = form.order();
        String rung = order.rung()
                .filter(r -> order.drill().ladder().size() > 1)
                .map(Ladder.signs(order.drill())::get)
                .map(s -> "rung " + s)
                .orElse("");
        Optional<Path> target = chooser.toSave(
                FileNames.of(kind.ending(), order.drill().title(), rung), kind.words(), "*." + kind.ending());
        target.map(t -> withEnding(t, kind.ending())).ifPresent(file -> {
            said.setText("Making " + file.getFileName() + " …");
            working(true);
            job = Job.start(kind, order, file, trouble -> finished(file, trouble));
            bar.progressProperty().bind(job.doneProperty());
            job.leftProperty().addListener((o, was, is) -> said.setText("Making " + file.getFileName() + " … " + is));
        });
    }

    /** Whoever typed a name without an ending gets one: without it nothing opens the file. */
    private static Path withEnding(Path file, String ending) {
        String name = file.getFileName().toString();
        return name.contains(".") ? file : file.resolveSibling(name + "." + ending);
    }

    private void finished(Path file, String trouble) {
        job = null;
        bar.progressProperty().unbind();
        working(false);
        said.setText(trouble.isEmpty() ? "Written: " + file.getFileName() : trouble);
        if (getScene() == null) {
            told.accept(said.getText());
        }
    }

    private void working(boolean on) {
        bar.setVisible(on);
        cancel.setVisible(on);
        bar.setManaged(on);
        cancel.setManaged(on);
        go.setDisable(on);
    }

    private void leave() {
        if (job != null) {
            job.cancel();
        }
        close.run();
    }
}
