package wildchalk.desktop.exchange;

import java.io.File;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.stage.FileChooser;
import javafx.stage.FileChooser.ExtensionFilter;
import javafx.stage.Window;

/** Asks with the system's own file dialogs; the folder chosen last is where the next one begins. */
public final class SystemChooser implements Exchange.Chooser {

    private final Window owner;
    private final Consumer<String> shower;
    private File folder = new File(System.getProperty("user.home"));

    /** @param shower shows what is at an address, as the system does */
    public SystemChooser(Window owner, Consumer<String> shower) {
        this.owner = owner;
        this.shower = shower;
    }

    @Override
    public Optional<Path> toSave(String suggestedName, String kind, String pattern) {
        FileChooser chooser = chooser(kind, pattern);
        chooser.setInitialFileName(suggestedName);
        return remembered(chooser.showSaveDialog(owner));
    }

    @Override
    public Optional<Path> toOpen(String kind, String... patterns) {
        return remembered(chooser(kind, patterns).showOpenDialog(owner));
    }

    @Override
    public List<Path> toOpenSeveral(String kind, String... patterns) {
        List<File> chosen = chooser(kind, patterns).showOpenMultipleDialog(owner);
        if (chosen == null || chosen.isEmpty()) {
            return List.of();
        }
        remembered(chosen.get(0));
        return chosen.stream().map(File::toPath).toList();
    }

    @Override
    public void look(Path file) {
        shower.accept(file.toUri().toString());
    }

    private FileChooser chooser(String kind, String... patterns) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(kind);
        chooser.getExtensionFilters().add(new ExtensionFilter(kind, patterns));
        if (folder.isDirectory()) {
            chooser.setInitialDirectory(folder);
        }
        return chooser;
    }

    private Optional<Path> remembered(File chosen) {
        if (chosen != null) {
            folder = chosen.getParentFile();
        }
        return Optional.ofNullable(chosen).map(File::toPath);
    }
}
