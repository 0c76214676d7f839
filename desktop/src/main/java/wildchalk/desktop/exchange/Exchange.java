package wildchalk.desktop.exchange;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import javafx.application.Platform;
import wildchalk.core.drill.Drill;
import wildchalk.desktop.message.Messages;
import wildchalk.storage.format.DrillWriter;

/** Takes drills out of the program as files, and asks which to take in. */
public final class Exchange {

    /** Asks the coach where; replaced in tests. */
    public interface Chooser {

        Optional<Path> toSave(String suggestedName, String kind, String pattern);

        Optional<Path> toOpen(String kind, String... patterns);

        /** Shows a file in the program that the system has for it. */
        void look(Path file);
    }

    /** Writes one file. */
    private interface Writing {
        void to(Path file) throws IOException;
    }

    private final Chooser chooser;
    private final Messages messages;

    public Exchange(Chooser chooser, Messages messages) {
        this.chooser = chooser;
        this.messages = messages;
    }

    public Chooser chooser() {
        return chooser;
    }

    public Optional<Path> toOpen(String kind, String... patterns) {
        return chooser.toOpen(kind, patterns);
    }

    /** Hands a drill out as an open drill file. */
    public void saveDrill(Drill drill) {
        save(drill, ".drill.json", "Drill file", file ->
                Files.writeString(file, DrillWriter.write(drill)));
    }

    private void save(Drill drill, String ending, String kind, Writing writing) {
        Optional<Path> chosen = chooser.toSave(fileName(drill.title()) + ending, kind,
                "*" + ending.substring(ending.lastIndexOf('.')));
        chosen.ifPresent(file -> CompletableFuture.runAsync(() -> {
            try {
                writing.to(file);
                Platform.runLater(() -> messages.say(kind + " written: " + file.getFileName()));
            } catch (IOException e) {
                messages.later(file.getFileName() + " could not be written. The drill itself is safe in the book. "
                        + "Choose another folder, or free some space, and try again.");
            }
        }));
    }

    /** A title as a file name that every system takes. */
    static String fileName(String title) {
        String plain = title.replaceAll("[\\\\/:*?\"<>|\\p{Cntrl}]+", " ").strip();
        return plain.isEmpty() ? "Drill" : plain.substring(0, Math.min(60, plain.length()));
    }
}
