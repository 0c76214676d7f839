package wildchalk.storage.bundle;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import wildchalk.core.document.Document;
import wildchalk.core.surface.SurfacePlan;
import wildchalk.core.surface.Surfaces;
import wildchalk.storage.format.FormatException;
import wildchalk.storage.format.SurfaceFiles;
import wildchalk.storage.format.Told;
import wildchalk.storage.kind.Kind;
import wildchalk.storage.kind.Kinds;
import wildchalk.storage.kind.Typed;

/** Reads a bundle that somebody sent: all of it or nothing, and never more than a drill could be. */
public final class BundleReader {

    private static final int MOST_FILES = 4000;
    private static final int LARGEST_FILE = 8 << 20;
    /** What all drills and surfaces together may come to, unpacked, bytes. */
    private static final long LARGEST = 96L << 20;

    private final Path file;
    private final Kinds kinds;
    private final Surfaces known;
    private long read;

    private BundleReader(Path file, Kinds kinds, Surfaces known) {
        this.file = file;
        this.kinds = kinds;
        this.known = known;
    }

    /**
     * Reads a bundle of drills on surfaces that come with the program or with the bundle.
     *
     * @throws FormatException when it is none, or anything in it is not sound; the message names the file and the part
     */
    public static Bundle read(Path file) throws FormatException {
        return read(file, Kinds.USUAL, Surfaces.BUILT_IN);
    }

    /**
     * The same with documents of other kinds.
     *
     * @param kinds those that are known; files of others are left out and counted
     * @param known the surfaces there are; one of the bundle with the name of one of these is not looked at
     */
    public static Bundle read(Path file, Kinds kinds, Surfaces known) throws FormatException {
        return new BundleReader(file, kinds, known).bundle();
    }

    private Bundle bundle() throws FormatException {
        try (ZipFile zip = new ZipFile(file.toFile(), StandardCharsets.UTF_8)) {
            if (zip.size() > MOST_FILES) {
                throw refused("there are " + zip.size() + " files in it; a bundle holds up to " + MOST_FILES);
            }
            List<ZipEntry> entries =
                    new ArrayList<>(zip.stream().map(ZipEntry.class::cast).toList());
            entries.sort(Comparator.comparing(ZipEntry::getName));
            for (ZipEntry entry : entries) {
                refuseClimbing(entry.getName());
            }
            List<SurfacePlan> surfaces = new ArrayList<>();
            for (ZipEntry entry : within(entries, Bundle.SURFACES, Bundle.SURFACE)) {
                surfaces.add(part(entry, SurfaceFiles::read, text(zip, entry)));
            }
            List<Typed<?>> documents = new ArrayList<>();
            for (Kind<?> kind : kinds.knowing(known.knowing(surfaces)).all()) {
                for (ZipEntry entry : within(entries, Bundle.folder(kind), Bundle.ending(kind))) {
                    documents.add(document(kind, entry, text(zip, entry)));
                }
            }
            int unknown = (int) entries.stream()
                            .filter(e -> !e.isDirectory()
                                    && e.getName().endsWith(Bundle.JSON)
                                    && !e.getName().startsWith(Bundle.SURFACES))
                            .count()
                    - documents.size();
            if (documents.isEmpty() && unknown > 0) {
                throw refused(
                        "what is in it is of a kind that this program does not know; update Wild Chalk to open it");
            }
            if (documents.isEmpty()) {
                throw refused("there is no drill in it; choose a bundle that was handed out by this program");
            }
            return new Bundle(documents, surfaces, unknown);
        } catch (ZipException | IllegalArgumentException e) {
            throw refused("it is no bundle, or it is damaged; have it sent once more");
        } catch (FormatException e) {
            throw e;
        } catch (IOException e) {
            throw refused("it cannot be read; choose a bundle");
        }
    }

    private FormatException refused(String why) {
        return new FormatException(file.getFileName() + ": " + why);
    }

    /** Nothing is ever unpacked to a disk; but whoever writes such a name means no good. */
    private void refuseClimbing(String name) throws FormatException {
        boolean climbs = name.startsWith("/")
                || name.contains("\\")
                || name.contains(":")
                || List.of(name.split("/")).contains("..");
        if (climbs) {
            throw refused("the file \"" + name
                    + "\" in it points outside the bundle; it was not made by this program, and nothing was opened");
        }
    }

    private static List<ZipEntry> within(List<ZipEntry> entries, String folder, String ending) {
        return entries.stream()
                .filter(e -> !e.isDirectory()
                        && e.getName().startsWith(folder)
                        && e.getName().endsWith(ending))
                .toList();
    }

    /** Counts what really comes out: what a file says about its size may be wrong. */
    private String text(ZipFile zip, ZipEntry entry) throws IOException, FormatException {
        try (InputStream in = zip.getInputStream(entry)) {
            byte[] bytes = in.readNBytes(LARGEST_FILE + 1);
            read += bytes.length;
            if (bytes.length > LARGEST_FILE || read > LARGEST) {
                throw refused("unpacked, \"" + entry.getName() + "\" is larger than any drill; nothing was opened");
            }
            return new String(bytes, StandardCharsets.UTF_8);
        }
    }

    private <T extends Document<T>> Typed<T> document(Kind<T> kind, ZipEntry entry, String json)
            throws FormatException {
        Told<T> told = part(entry, kind::read, json);
        return new Typed<>(kind, told.document(), told.words());
    }

    /** Reads one file of the bundle. */
    private interface Reading<T> {
        T of(String json) throws FormatException;
    }

    private <T> T part(ZipEntry entry, Reading<T> reading, String json) throws FormatException {
        try {
            return reading.of(json);
        } catch (FormatException e) {
            throw refused(entry.getName() + ": " + e.getMessage());
        }
    }
}
