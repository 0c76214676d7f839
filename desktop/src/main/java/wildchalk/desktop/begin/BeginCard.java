package wildchalk.desktop.begin;

import java.util.Locale;
import java.util.concurrent.Executor;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.image.ImageView;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import wildchalk.core.drill.Drill;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.background.Background;
import wildchalk.desktop.picture.SmallPicture;

/** Something to begin with: its picture, its name and a line about it. */
final class BeginCard extends Button {

    private static final Wordbook BOOK = Wordbook.beside(BeginCard.class, "Begin");
    /** How wide and high the picture of a card is at most, in the window's pixels. */
    static final double WIDE = 176;

    static final double HIGH = 118;

    private final String searched;
    private final Supplier<Drill> pictured;
    private final ImageView picture = new ImageView();
    private boolean drawn;

    /**
     * How large its picture is, in the window's pixels.
     *
     * @param scale of the screen's pixels
     */
    record Size(double width, double height, double scale) {

        /** As large as can be. */
        static Size whole(double scale) {
            return new Size(WIDE, HIGH, scale);
        }
    }

    private final Size size;

    /**
     * A card.
     *
     * @param found more words by which it is found
     * @param pictured what is in its picture; asked beside the window's thread
     */
    BeginCard(String id, String name, String words, String found, Size size, Supplier<Drill> pictured, Runnable take) {
        this.searched = (name + " " + words + " " + found).toLowerCase(Locale.ROOT);
        this.pictured = pictured;
        this.size = size;
        setId(id);
        setAccessibleText(name + ". " + words);
        picture.setFitWidth(size.width());
        picture.setFitHeight(size.height());
        StackPane box = new StackPane(picture);
        box.setMinSize(WIDE, HIGH);
        box.setAlignment(Pos.CENTER);
        VBox face = new VBox(4, box, text(name, "begin-name"), text(words, "begin-line"));
        face.setMouseTransparent(true);
        setGraphic(face);
        getStyleClass().add("begin-card");
        setOnAction(e -> take.run());
    }

    private static Text text(String words, String style) {
        Text text = new Text(words);
        text.setWrappingWidth(WIDE);
        text.getStyleClass().add(style);
        return text;
    }

    /** Whether every word is in what it says, or begins something there. */
    boolean isFor(String words) {
        for (String word : words.toLowerCase(Locale.ROOT).strip().split("\\s+")) {
            if (!searched.contains(word)) {
                return false;
            }
        }
        return true;
    }

    /** Has its picture drawn, once. */
    void draw(Executor by) {
        if (!drawn) {
            drawn = true;
            Background.work(
                    BOOK.say("draw"),
                    by,
                    () -> SmallPicture.of(pictured.get(), size.width() * size.scale(), size.height() * size.scale()),
                    picture::setImage,
                    trouble -> {});
        }
    }
}
