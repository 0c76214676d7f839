package wildchalk.handout.clip;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.awt.image.IndexColorModel;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import javax.imageio.ImageWriter;
import javax.imageio.metadata.IIOInvalidTreeException;
import javax.imageio.metadata.IIOMetadata;
import javax.imageio.metadata.IIOMetadataNode;
import wildchalk.core.scene.Ink;
import wildchalk.core.scene.Look;

/** The 256 colours of a GIF: every ink of a look, and what softened edges make of it on the board. */
final class Palette {

    private static final String FORM = "javax_imageio_gif_stream_1.0";
    private static final int COLOURS = 256;
    private static final double[] EDGES = {0.5, 0.25, 0.75, 0.12};
    /** Colours are looked up with so many bits each. */
    private static final int BITS = 5;

    private final IndexColorModel model;
    private final int[] colours;
    private final short[] nearest = new short[1 << 3 * BITS];

    Palette(Look look) {
        Set<Integer> all = new LinkedHashSet<>();
        int board = look.colour(Ink.BOARD) & 0xFFFFFF;
        int around = look.colour(Ink.AROUND) & 0xFFFFFF;
        all.add(board);
        all.add(around);
        List<Integer> inks = new ArrayList<>();
        for (Ink ink : Ink.values()) {
            inks.add(mixed(board, look.colour(ink), (look.colour(ink) >>> 24) / 255.0));
        }
        all.addAll(inks);
        for (double share : EDGES) {
            inks.forEach(i -> all.add(mixed(board, i, share)));
        }
        colours = all.stream().limit(COLOURS).mapToInt(Integer::intValue).toArray();
        byte[][] parts = new byte[3][colours.length];
        for (int i = 0; i < colours.length; i++) {
            parts[0][i] = (byte) (colours[i] >> 16);
            parts[1][i] = (byte) (colours[i] >> 8);
            parts[2][i] = (byte) colours[i];
        }
        model = new IndexColorModel(8, colours.length, parts[0], parts[1], parts[2]);
        Arrays.fill(nearest, (short) -1);
    }

    private static int mixed(int under, int over, double share) {
        int mixed = 0;
        for (int shift = 16; shift >= 0; shift -= 8) {
            long part = Math.round((under >> shift & 0xFF) * (1 - share) + (over >> shift & 0xFF) * share);
            mixed |= (int) part << shift;
        }
        return mixed;
    }

    /** The colours as a GIF says them once for all its frames. */
    IIOMetadata asGlobal(ImageWriter writer) throws IIOInvalidTreeException {
        IIOMetadata about = writer.getDefaultStreamMetadata(null);
        IIOMetadataNode root = (IIOMetadataNode) about.getAsTree(FORM);
        IIOMetadataNode table = new IIOMetadataNode("GlobalColorTable");
        int size = Integer.highestOneBit(Math.max(2, 2 * colours.length - 1));
        table.setAttribute("sizeOfGlobalColorTable", Integer.toString(size));
        table.setAttribute("backgroundColorIndex", "0");
        table.setAttribute("sortFlag", "FALSE");
        for (int i = 0; i < size; i++) {
            int colour = i < colours.length ? colours[i] : 0;
            IIOMetadataNode entry = new IIOMetadataNode("ColorTableEntry");
            entry.setAttribute("index", Integer.toString(i));
            entry.setAttribute("red", Integer.toString(colour >> 16 & 0xFF));
            entry.setAttribute("green", Integer.toString(colour >> 8 & 0xFF));
            entry.setAttribute("blue", Integer.toString(colour & 0xFF));
            table.appendChild(entry);
        }
        for (int i = root.getLength() - 1; i >= 0; i--) {
            if (root.item(i).getNodeName().equals("GlobalColorTable")) {
                root.removeChild(root.item(i));
            }
        }
        root.appendChild(table);
        about.setFromTree(FORM, root);
        return about;
    }

    /** A picture in these colours. */
    BufferedImage of(BufferedImage image) {
        BufferedImage out =
                new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_BYTE_INDEXED, model);
        byte[] from = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        byte[] to = ((DataBufferByte) out.getRaster().getDataBuffer()).getData();
        for (int i = 0; i < to.length; i++) {
            to[i] = (byte) nearest(from[3 * i + 2] & 0xFF, from[3 * i + 1] & 0xFF, from[3 * i] & 0xFF);
        }
        return out;
    }

    private int nearest(int red, int green, int blue) {
        int cut = 8 - BITS;
        int key = red >> cut << 2 * BITS | green >> cut << BITS | blue >> cut;
        if (nearest[key] < 0) {
            nearest[key] = (short) search(red, green, blue);
        }
        return nearest[key];
    }

    private int search(int red, int green, int blue) {
        int best = 0;
        int least = Integer.MAX_VALUE;
        for (int i = 0; i < colours.length; i++) {
            int r = (colours[i] >> 16 & 0xFF) - red;
            int g = (colours[i] >> 8 & 0xFF) - green;
            int b = (colours[i] & 0xFF) - blue;
            int off = 2 * r * r + 4 * g * g + 3 * b * b;
            if (off < least) {
                least = off;
                best = i;
            }
        }
        return best;
    }
}
