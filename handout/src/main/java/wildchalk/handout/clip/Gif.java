package wildchalk.handout.clip;

import java.awt.Rectangle;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.awt.image.IndexColorModel;
import java.io.IOException;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.Set;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.ImageWriter;
import javax.imageio.metadata.IIOMetadata;
import javax.imageio.metadata.IIOMetadataNode;
import javax.imageio.stream.ImageOutputStream;
import wildchalk.handout.order.HandOut;
import wildchalk.handout.order.Order;
import wildchalk.handout.order.Order.Film;
import wildchalk.handout.order.Progress;

/** An animated GIF: smaller and coarser than a clip, but it plays where clips do not. */
public final class Gif implements HandOut {

    private static final String FORM = "javax_imageio_gif_image_1.0";
    /** Between frames, hundredths of a second. */
    private static final int STEP = 8;

    private static final int SMALLER = 2;
    private static final byte[] FOR_EVER = {1, 0, 0};

    @Override
    public String ending() {
        return "gif";
    }

    @Override
    public String words() {
        return "Moving picture (GIF)";
    }

    @Override
    public String about() {
        return "Plays in messages and slides where clips do not. Coarser than a clip.";
    }

    @Override
    public Set<Wish> wishes() {
        return EnumSet.of(
                Wish.GROUND,
                Wish.RUNGS,
                Wish.WAY,
                Wish.LOOK,
                Wish.SHAPE,
                Wish.SPEED,
                Wish.EVERY_WAY,
                Wish.REPS,
                Wish.CAPTIONS,
                Wish.UNITS);
    }

    @Override
    public void write(Order order, Path file, Progress progress) throws IOException {
        Film.Shape shape = order.film().shape();
        Reel reel = Reel.of(order);
        FramePainter painter = new FramePainter(order, shape.width() / SMALLER, shape.height() / SMALLER);
        Palette palette = new Palette(order.look());
        long hundredths = Math.max(STEP, Math.round(reel.seconds() * 100));
        ImageWriter writer = ImageIO.getImageWritersByFormatName("gif").next();
        try (ImageOutputStream out = ImageIO.createImageOutputStream(file.toFile())) {
            writer.setOutput(out);
            writer.prepareWriteSequence(palette.asGlobal(writer));
            BufferedImage shown = null;
            Part waiting = null;
            for (long at = 0; at < hundredths; at += STEP) {
                progress.step((double) at / hundredths);
                BufferedImage next = palette.of(painter.paint(reel.at(at / 100.0)));
                Rectangle changed =
                        shown == null ? new Rectangle(next.getWidth(), next.getHeight()) : changed(shown, next);
                int lasts = (int) Math.min(STEP, hundredths - at);
                if (changed.isEmpty()) {
                    waiting = waiting.longer(lasts);
                } else {
                    put(writer, waiting);
                    waiting = new Part(next, changed, shown == null, lasts);
                }
                shown = next;
            }
            put(writer, waiting);
            writer.endWriteSequence();
        } finally {
            writer.dispose();
        }
        progress.step(1);
    }

    /**
     * What is new with a frame.
     *
     * @param lasts hundredths of a second until the next one
     */
    private record Part(BufferedImage image, Rectangle place, boolean first, int lasts) {

        Part longer(int by) {
            return new Part(image, place, first, lasts + by);
        }
    }

    /** The least rectangle that holds all dots that differ. */
    private static Rectangle changed(BufferedImage was, BufferedImage is) {
        byte[] a = ((DataBufferByte) was.getRaster().getDataBuffer()).getData();
        byte[] b = ((DataBufferByte) is.getRaster().getDataBuffer()).getData();
        int width = is.getWidth();
        Rectangle changed = new Rectangle(0, 0, -1, -1);
        for (int i = 0; i < a.length; i++) {
            if (a[i] != b[i]) {
                changed.add(new Rectangle(i % width, i / width, 1, 1));
            }
        }
        return changed;
    }

    private static void put(ImageWriter writer, Part part) throws IOException {
        if (part == null) {
            return;
        }
        Rectangle place = part.place();
        // The writer takes a part of an image for the whole of it, so it gets an image of its own.
        BufferedImage cut =
                new BufferedImage(place.width, place.height, BufferedImage.TYPE_BYTE_INDEXED, (IndexColorModel)
                        part.image().getColorModel());
        cut.getRaster().setRect(-place.x, -place.y, part.image().getRaster());
        IIOMetadata about = writer.getDefaultImageMetadata(ImageTypeSpecifier.createFromRenderedImage(cut), null);
        IIOMetadataNode root = (IIOMetadataNode) about.getAsTree(FORM);
        IIOMetadataNode descriptor = child(root, "ImageDescriptor");
        descriptor.setAttribute("interlaceFlag", "FALSE");
        descriptor.setAttribute("imageLeftPosition", Integer.toString(place.x));
        descriptor.setAttribute("imageTopPosition", Integer.toString(place.y));
        // The colours are said once for all frames; what is said here would be those of no picture of ours.
        root.removeChild(child(root, "LocalColorTable"));
        IIOMetadataNode control = child(root, "GraphicControlExtension");
        control.setAttribute("disposalMethod", "doNotDispose");
        control.setAttribute("userInputFlag", "FALSE");
        control.setAttribute("transparentColorFlag", "FALSE");
        control.setAttribute("transparentColorIndex", "0");
        control.setAttribute("delayTime", Integer.toString(part.lasts()));
        if (part.first()) {
            IIOMetadataNode again = new IIOMetadataNode("ApplicationExtension");
            again.setAttribute("applicationID", "NETSCAPE");
            again.setAttribute("authenticationCode", "2.0");
            again.setUserObject(FOR_EVER);
            child(root, "ApplicationExtensions").appendChild(again);
        }
        about.setFromTree(FORM, root);
        writer.writeToSequence(new IIOImage(cut, null, about), null);
    }

    private static IIOMetadataNode child(IIOMetadataNode root, String name) {
        for (int i = 0; i < root.getLength(); i++) {
            if (root.item(i).getNodeName().equals(name)) {
                return (IIOMetadataNode) root.item(i);
            }
        }
        IIOMetadataNode made = new IIOMetadataNode(name);
        root.appendChild(made);
        return made;
    }
}
