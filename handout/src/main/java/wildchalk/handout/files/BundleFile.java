package wildchalk.handout.files;

import java.io.BufferedOutputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import javax.imageio.ImageIO;
import wildchalk.core.drill.Drill;
import wildchalk.core.scene.Look;
import wildchalk.handout.order.HandOut;
import wildchalk.handout.order.Order;
import wildchalk.handout.order.Order.Still;
import wildchalk.handout.order.Played;
import wildchalk.handout.order.Progress;
import wildchalk.handout.picture.Picture;
import wildchalk.storage.bundle.BundleWriter;

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
        write(List.of(order.drill()), file, progress);
    }

    /** Writes several drills into one bundle. */
    public static void write(List<Drill> drills, Path file, Progress progress) throws IOException {
        try (BundleWriter bundle = new BundleWriter(new BufferedOutputStream(Files.newOutputStream(file)))) {
            for (int i = 0; i < drills.size(); i++) {
                progress.step((double) i / drills.size());
                bundle.add(drills.get(i), png(drills.get(i)));
            }
        }
        progress.step(1);
    }

    private static byte[] png(Drill drill) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(
                Picture.draw(Played.of(Order.of(drill)).get(0), Look.PAPER, new Still(0, PICTURE, true)), "png", out);
        return out.toByteArray();
    }
}
