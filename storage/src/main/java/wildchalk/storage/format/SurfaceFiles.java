package wildchalk.storage.format;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import wildchalk.core.surface.SurfaceFault;
import wildchalk.core.surface.SurfacePlan;
import wildchalk.core.surface.Surfaces;

/** Reads the surface files of a club (docs/format/surface.md) and refuses what is not sound with one plain line. */
public final class SurfaceFiles {

    static final int VERSION = 1;
    private static final String ENDING = ".surface.json";
    private static final long LARGEST = 2L << 20;

    private SurfaceFiles() {}

    /**
     * Reads one file.
     *
     * @throws FormatException when it cannot be read or is not sound; the message names the file and the line
     */
    public static SurfacePlan read(Path file) throws FormatException {
        try {
            if (Files.size(file) > LARGEST) {
                throw new FormatException("it is larger than any surface, over 2 MB");
            }
            return read(Files.readString(file, StandardCharsets.UTF_8));
        } catch (FormatException e) {
            throw new FormatException(file.getFileName() + ": " + e.getMessage());
        } catch (NoSuchFileException e) {
            throw new FormatException(file + ": there is no such file");
        } catch (IOException e) {
            throw new FormatException(file.getFileName() + ": it cannot be read as text; choose a surface file");
        }
    }

    /**
     * Reads the text of a surface file.
     *
     * @throws FormatException when it is not sound
     */
    public static SurfacePlan read(String json) throws FormatException {
        FileText text = FileText.checked(json, FileText.Form.SURFACE);
        try {
            return SurfacePlan.read(json);
        } catch (SurfaceFault fault) {
            throw new FormatException(text.whereOrAbove(fault.pointer()) + fault.getMessage());
        }
    }

    /** Whether a file says that it is a surface file; one that cannot be read does not. */
    public static boolean isSurface(Path file) {
        try {
            return Files.size(file) <= LARGEST
                    && Files.readString(file).contains("\"" + FileText.Form.SURFACE.format() + "\"");
        } catch (IOException e) {
            return false;
        }
    }

    /**
     * Keeps a surface that came with drills, so that they find it after the next start too. One that is there stays.
     *
     * @throws IOException when the folder cannot be written to
     */
    public static void keep(SurfacePlan plan, Path folder) throws IOException {
        Path file = folder.resolve(plan.id().replaceAll("[^A-Za-z0-9_-]", "_") + ENDING);
        if (!Files.exists(file)) {
            Files.createDirectories(folder);
            Files.writeString(file, plan.json());
        }
    }

    /**
     * The surfaces of a club.
     *
     * @param surfaces those of the program and those that were read
     * @param refused what was refused, a line for each; empty when all is well
     */
    public record Club(Surfaces surfaces, List<String> refused) {}

    /**
     * The surfaces of the program with every surface file of a folder; those of the program alone when there is no such
     * folder.
     */
    public static Club in(Path folder) {
        Surfaces surfaces = Surfaces.BUILT_IN;
        List<String> refused = new ArrayList<>();
        if (!Files.isDirectory(folder)) {
            return new Club(surfaces, refused);
        }
        try (Stream<Path> files = Files.list(folder)) {
            for (Path file : files.filter(f -> f.getFileName().toString().endsWith(ENDING))
                    .sorted()
                    .toList()) {
                try {
                    surfaces = surfaces.with(read(file));
                } catch (FormatException e) {
                    refused.add(e.getMessage());
                }
            }
        } catch (IOException e) {
            refused.add(folder.getFileName() + ": the folder of surfaces cannot be read");
        }
        return new Club(surfaces, refused);
    }
}
