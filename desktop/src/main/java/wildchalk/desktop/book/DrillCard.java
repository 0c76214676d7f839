package wildchalk.desktop.book;

import java.util.function.Consumer;
import javafx.animation.AnimationTimer;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Stage;
import wildchalk.core.script.Counts;
import wildchalk.core.surface.Surface;
import wildchalk.desktop.board.Thumbnail;

/** One drill as a card; its picture plays while it is pointed at. */
final class DrillCard extends VBox {

    /** Room for two lines on every card, so that their feet are level. */
    private static final double TWO_LINES = 36;
    private static final double WIDTH = 272;
    private static final double HEIGHT = 150;

    private final Drill drill;
    private final Thumbnail picture = new Thumbnail(WIDTH, HEIGHT);
    private final Label title = new Label();
    private final MenuButton menu = new MenuButton("⋯");
    private final HBox titleRow = new HBox(6);
    private Runnable open = () -> { };
    private Consumer<String> rename = t -> { };

    DrillCard(Drill drill) {
        super(4);
        this.drill = drill;
        getStyleClass().add("card");
        setId("card-" + drill.id());
        setFocusTraversable(true);
        setAccessibleText(drill.title());
        Surface surface = drill.surface();
        Stage stage = Ladder.build(drill, drill.ladder().get(0).id());
        picture.show(drill, stage);
        title.setText(drill.title());
        title.getStyleClass().add("card-title");
        title.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(title, Priority.ALWAYS);
        menu.getStyleClass().add("card-menu");
        menu.setAccessibleText("What to do with " + drill.title());
        titleRow.setAlignment(Pos.CENTER_LEFT);
        titleRow.getChildren().addAll(title, menu);
        // The colours of the cones are told on the Board: here they would be cut off.
        Label what = new Label(surface.sport() + " · " + String.join(", ", Counts.of(stage, surface)).replaceAll(" \\([^)]*\\)", ""));
        what.setWrapText(true);
        what.setMinHeight(TWO_LINES);
        what.setAlignment(Pos.TOP_LEFT);
        what.setTooltip(new Tooltip(String.join(", ", Counts.of(stage, surface))));
        what.getStyleClass().add("quiet");
        VBox text = new VBox(2, titleRow, what);
        text.getStyleClass().add("card-text");
        getChildren().addAll(picture, text);
        setMaxWidth(WIDTH);
        setOnMouseClicked(e -> open.run());
        setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER && e.getTarget() == this) {
                open.run();
            }
        });
        playWhilePointedAt();
    }

    private void playWhilePointedAt() {
        AnimationTimer timer = new AnimationTimer() {
            private long begun;

            @Override
            public void start() {
                begun = 0;
                super.start();
            }

            @Override
            public void handle(long now) {
                begun = begun == 0 ? now : begun;
                double pause = 0.6;
                picture.paint((now - begun) / 1e9 % (picture.duration() + pause));
            }
        };
        setOnMouseEntered(e -> timer.start());
        setOnMouseExited(e -> {
            timer.stop();
            picture.paint(0);
        });
    }

    MenuButton menu() {
        return menu;
    }

    void onOpen(Runnable action) {
        open = action;
    }

    void onRename(Consumer<String> action) {
        rename = action;
    }

    /** Lets the title be written anew: Enter keeps it, Esc does not. */
    void editTitle() {
        TextField field = new TextField(drill.title());
        field.setId("card-title-field");
        HBox.setHgrow(field, Priority.ALWAYS);
        titleRow.getChildren().set(0, field);
        field.requestFocus();
        field.selectAll();
        field.setOnAction(e -> {
            // Away from the card: an Enter that is held a little long must not open the drill as well.
            getParent().requestFocus();
            titleRow.getChildren().set(0, title);
            String wanted = field.getText().strip();
            if (!wanted.isEmpty() && !wanted.equals(drill.title())) {
                rename.accept(wanted);
            }
        });
        field.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                titleRow.getChildren().set(0, title);
            }
        });
    }
}
