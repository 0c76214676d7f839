package wildchalk.storage.bundle;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import wildchalk.core.document.Document;
import wildchalk.core.drill.Drill;
import wildchalk.core.surface.SurfacePlan;
import wildchalk.core.surface.Surfaces;
import wildchalk.storage.kind.DrillKind;
import wildchalk.storage.kind.Kind;

/** Writes a bundle: each drill with its picture, then the club's own surfaces that they are on. */
public final class BundleWriter implements AutoCloseable {

    private final ZipOutputStream zip;
    private final Map<String, SurfacePlan> surfaces = new TreeMap<>();
    private int documents;

    /**
     * Begins a bundle; it is whole when this is closed.
     *
     * @param out closed with it
     */
    public BundleWriter(OutputStream out) {
        zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
    }

    /** @param png the drill's picture; an empty one is left out */
    public void add(Drill drill, byte[] png) throws IOException {
        String name = add(DrillKind.DRILLS, drill);
        if (png.length > 0) {
            put(Bundle.PICTURES + name + ".png", png);
        }
        drill.venue().plan().filter(s -> !Surfaces.isBuiltIn(s.id())).ifPresent(s -> surfaces.put(s.id(), s));
    }

    /** Adds a document of any kind; the name of its file without folder and ending. */
    public <T extends Document<T>> String add(Kind<T> kind, T document) throws IOException {
        // Numbered, because two may be called the same and an id may be no file name.
        String name = String.format("%04d", ++documents);
        put(
                Bundle.folder(kind) + name + Bundle.ending(kind),
                kind.write(document).getBytes(StandardCharsets.UTF_8));
        return name;
    }

    private void put(String name, byte[] content) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(content);
        zip.closeEntry();
    }

    @Override
    public void close() throws IOException {
        for (SurfacePlan surface : surfaces.values()) {
            String name = surface.id().replaceAll("[^A-Za-z0-9_-]", "_") + Bundle.SURFACE;
            put(Bundle.SURFACES + name, surface.json().getBytes(StandardCharsets.UTF_8));
        }
        zip.close();
    }
}
