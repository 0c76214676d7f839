package wildchalk.desktop.handout;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.List;
import javafx.animation.AnimationTimer;
import javafx.embed.swing.SwingFXUtils;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextArea;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.image.WritableImage;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import wildchalk.core.measure.TimeFormat;
import wildchalk.desktop.background.Background;
import wildchalk.desktop.background.Newest;
import wildchalk.handout.clip.Screening;
import wildchalk.handout.order.HandOut;
import wildchalk.handout.order.Order;
import wildchalk.handout.preview.Preview;

/** How what is ordered will look: made by what makes it, beside the window's thread. */
final class PreviewPane extends StackPane {

    private static final int DOTS = 900;
    /** Between frames of a clip that is only looked at, nanoseconds. */
    private static final long FRAME = 50_000_000;

    private final Newest<Shown> newest = new Newest<>("making a preview", this::take, trouble -> unseen());
    private final Label waiting = new Label("Making it ready to look at …");
    private Projector projector;

    /** Ready to be shown: pictures are turned into the window's own kind beside its thread too. */
    private record Shown(Preview preview, List<Image> pages) {}

    PreviewPane() {
        setId("preview");
        getStyleClass().add("preview");
        setMinSize(0, 0);
        getChildren().add(waiting);
    }

    void show(HandOut kind, Order order) {
        newest.ask(() -> {
            try {
                Preview preview = Preview.of(kind, order, DOTS);
                return new Shown(
                        preview,
                        preview instanceof Preview.Pages p
                                ? p.pages().stream().map(PreviewPane::picture).toList()
                                : List.of());
            } catch (IOException e) {
                return new Shown(
                        new Preview.Words(
                                "This cannot be shown now: there may be no room for it on the disk. It can be "
                                        + "handed out onto another one."),
                        List.of());
            }
        });
    }

    private static Image picture(BufferedImage image) {
        return SwingFXUtils.toFXImage(image, null);
    }

    private void take(Shown shown) {
        stop();
        if (shown.preview() instanceof Preview.Words words) {
            TextArea text = new TextArea(words.text());
            text.setId("preview-text");
            text.setEditable(false);
            text.setWrapText(true);
            getChildren().setAll(text);
        } else if (shown.preview() instanceof Preview.Moving moving) {
            projector = new Projector(moving.screening());
            Label length =
                    new Label("Plays " + TimeFormat.seconds(moving.screening().seconds()));
            length.setId("preview-length");
            StackPane.setAlignment(length, Pos.BOTTOM_RIGHT);
            getChildren().setAll(projector.screen, length);
            projector.start();
        } else {
            getChildren().setAll(pages(shown.pages()));
        }
    }

    private void unseen() {
        stop();
        Label none = new Label("There is no preview of this. It can be made all the same.");
        none.setId("preview-none");
        getChildren().setAll(none);
    }

    private Node pages(List<Image> pages) {
        VBox column = new VBox(12);
        column.setAlignment(Pos.TOP_CENTER);
        ScrollPane scroll = new ScrollPane(column);
        scroll.getStyleClass().add("preview-scroll");
        scroll.setFitToWidth(true);
        for (Image page : pages) {
            ImageView view = new ImageView(page);
            view.setPreserveRatio(true);
            view.fitWidthProperty().bind(scroll.widthProperty().subtract(40));
            view.setAccessibleText("Page " + (column.getChildren().size() + 1) + " of " + pages.size());
            column.getChildren().add(view);
        }
        return scroll;
    }

    /** Nothing moves any more once nobody looks. */
    void stop() {
        if (projector != null) {
            projector.stop();
            projector = null;
        }
    }

    /**
     * Plays a clip again and again; a frame is painted beside the window's thread while the one before it is looked at.
     */
    private final class Projector extends AnimationTimer {

        private final Screening screening;
        private final ImageView screen = new ImageView();
        private WritableImage shown;
        private boolean painting;
        private long begun;
        private long last;

        Projector(Screening screening) {
            this.screening = screening;
            screen.setPreserveRatio(true);
            screen.fitWidthProperty().bind(PreviewPane.this.widthProperty().subtract(24));
            screen.fitHeightProperty().bind(PreviewPane.this.heightProperty().subtract(60));
        }

        @Override
        public void handle(long now) {
            begun = begun == 0 ? now : begun;
            if (painting || now - last < FRAME) {
                return;
            }
            last = now;
            painting = true;
            double t = (now - begun) / 1e9 % screening.seconds();
            Background.work(
                    "painting a frame of the preview",
                    () -> SwingFXUtils.toFXImage(screening.frame(t), null),
                    image -> {
                        shown = image;
                        screen.setImage(shown);
                        painting = false;
                    },
                    trouble -> {
                        // The clip stands still where it is; making it says what is wrong.
                        stop();
                    });
        }
    }
}
