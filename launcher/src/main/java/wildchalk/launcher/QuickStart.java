package wildchalk.launcher;

import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/**
 * What makes an installed program start quickly: an archive of its classes, which the runtime takes only where it was
 * made. So it is made where the program lies, from the list that is shipped with it: by the installer, or where that
 * could not, after the first window is closed.
 */
final class QuickStart {

    /** The folder of the program's parts; set by what was installed, and by nothing else. */
    private static final String FOLDER = "wildchalk.folder";

    private final Path folder;
    private final String classPath;

    /**
     * @param folder where the program's parts lie
     * @param classPath as the program was started with
     */
    QuickStart(Path folder, String classPath) {
        this.folder = folder;
        this.classPath = classPath;
    }

    /** Of an installed program; empty where it was started otherwise. */
    static Optional<QuickStart> installed() {
        return Optional.ofNullable(System.getProperty(FOLDER))
                .map(f -> new QuickStart(Path.of(f), System.getProperty("java.class.path")));
    }

    /** Whether an archive has to be made here, and can be: there is none, or it was made at another place. */
    boolean isWanted() {
        try {
            return Files.exists(list())
                    && Files.isWritable(folder)
                    && !(Files.exists(archive())
                            && Files.exists(place())
                            && Files.readString(place()).equals(classPath));
        } catch (IOException e) {
            return false;
        }
    }

    /** What makes it: takes seconds, and needs no window. */
    List<String> command(Path java) {
        return List.of(
                java.toString(),
                "-Xshare:dump",
                "-Xlog:disable",
                "-XX:SharedClassListFile=" + list(),
                "-XX:SharedArchiveFile=" + archive(),
                "-cp",
                classPath);
    }

    /** Has it made by a program of its own, which goes on after this one. */
    void make(Path java) {
        try {
            Files.writeString(place(), classPath);
            new ProcessBuilder(command(java))
                    .redirectErrorStream(true)
                    .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                    .directory(new File(folder.toString()))
                    .start();
        } catch (IOException e) {
            // The program starts without it, only slower.
        }
    }

    /** The command of the runtime that this program runs on. */
    static Path java() {
        Path bin = Path.of(System.getProperty("java.home"), "bin");
        return Files.exists(bin.resolve("java.exe")) ? bin.resolve("java.exe") : bin.resolve("java");
    }

    private Path list() {
        return folder.resolve("classes.list");
    }

    private Path archive() {
        return folder.resolve("classes.jsa");
    }

    private Path place() {
        return folder.resolve("classes.place");
    }
}
