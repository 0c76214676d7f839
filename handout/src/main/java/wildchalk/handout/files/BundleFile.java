package wildchalk.handout.files;

import java.io.BufferedOutputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javax.imageio.ImageIO;
import wildchalk.core.document.Document;
import wildchalk.core.drill.Drill;
import wildchalk.core.scene.Look;
import wildchalk.handout.order.HandOut;
import wildchalk.handout.order.Order;
import wildchalk.handout.order.Order.Still;
import wildchalk.handout.order.Played;
import wildchalk.handout.order.Progress;
import wildchalk.handout.picture.Picture;
import wildchalk.storage.bundle.BundleWriter;
import wildchalk.storage.kind.DrillKind;
import wildchalk.storage.kind.Typed;

/** Drills with their pictures and the surfaces they need, in one file. */
public final class BundleFile implements HandOut {

    private static final int PICTURE = 1000;

    @Override
    public String ending() {
        return "zip";
    }

    @Override
    public String words() {
        return "Bundle for another copy of Wild Chalk (ZIP)";
    }

    @Override
    public String about() {
        return "The drill with its picture, and the surface it needs if your club has made it.";
    }

    @Override
    public Set<Wish> wishes() {
        return Set.of();
    }

    @Override
    public void write(Order order, Path file, Progress progress) throws IOException {
        write(List.of(new Typed<>(DrillKind.DRILLS, order.drill())), file, progress);
    }

    /** Writes several documents into one bundle, drills with their pictures. */
    public static void write(List<Typed<?>> documents, Path file, Progress progress) throws IOException {
        try (BundleWriter bundle = new BundleWriter(new BufferedOutputStream(Files.newOutputStream(file)))) {
            for (int i = 0; i < documents.size(); i++) {
                progress.step((double) i / documents.size());
                add(documents.get(i), bundle);
            }
        }
        progress.step(1);
    }

    private static <T extends Document<T>> void add(Typed<T> typed, BundleWriter bundle) throws IOException {
        Optional<Drill> drill = typed.as(DrillKind.DRILLS);
        if (drill.isPresent()) {
            bundle.add(drill.get(), png(drill.get()));
        } else {
            bundle.add(typed.kind(), typed.document());
        }
    }

    private static byte[] png(Drill drill) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(
                Picture.draw(Played.of(Order.of(drill)).get(0), Look.PAPER, new Still(0, PICTURE, true)), "png", out);
        return out.toByteArray();
    }
}
