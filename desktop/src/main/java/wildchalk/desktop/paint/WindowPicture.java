package wildchalk.desktop.paint;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.animation.PauseTransition;
import javafx.embed.swing.SwingFXUtils;
import javafx.stage.Stage;
import javafx.util.Duration;
import javax.imageio.ImageIO;

/** A picture of a window as it is. */
public final class WindowPicture {

    /** Until everything that was asked for is laid out and painted. */
    private static final Duration SETTLE = Duration.millis(700);

    private WindowPicture() {}

    /** Writes what the window shows as PNG. Call on the JavaFX thread. */
    public static void write(Stage stage, Path file) {
        try {
            if (file.toAbsolutePath().getParent() != null) {
                Files.createDirectories(file.toAbsolutePath().getParent());
            }
            ImageIO.write(SwingFXUtils.fromFXImage(stage.getScene().snapshot(null), null), "png", file.toFile());
        } catch (IOException e) {
            throw new UncheckedIOException("the picture of the window cannot be written to " + file, e);
        }
    }

    /** Waits for the window to settle, writes its picture and closes it. */
    public static void writeThenClose(Stage stage, Path file) {
        PauseTransition pause = new PauseTransition(SETTLE);
        pause.setOnFinished(e -> {
            write(stage, file);
            stage.close();
        });
        pause.play();
    }
}
