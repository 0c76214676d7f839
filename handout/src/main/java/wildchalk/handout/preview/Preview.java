package wildchalk.handout.preview;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import wildchalk.handout.clip.Screening;
import wildchalk.handout.order.HandOut;
import wildchalk.handout.order.HandOut.Wish;
import wildchalk.handout.order.Order;
import wildchalk.handout.order.Order.Still;
import wildchalk.handout.order.Played;
import wildchalk.handout.order.Progress;
import wildchalk.handout.picture.Picture;
import wildchalk.handout.words.Message;
import wildchalk.storage.format.DrillWriter;

/** What a hand-out will look like. */
public sealed interface Preview {

    /** Pictures, one after another. */
    record Pages(List<BufferedImage> pages) implements Preview {}

    /** Text. */
    record Words(String text) implements Preview {}

    /** Moving pictures. */
    record Moving(Screening screening) implements Preview {}

    /** Dots of a printed page for each point: sharp enough to be read. */
    float PAGE_SCALE = 1.5f;

    /**
     * Makes what is ordered and looks at it.
     *
     * @param width of pictures, pixels
     * @throws IOException when it cannot be made
     */
    static Preview of(HandOut kind, Order order, int width) throws IOException {
        if (kind.wishes().contains(Wish.SHAPE)) {
            return new Moving(new Screening(order, width));
        }
        return switch (kind.ending()) {
            case "pdf" -> new Pages(pdf(kind, order));
            case "txt" -> new Words(Message.of(order));
            case "json" -> new Words(DrillWriter.write(order.drill()));
            default -> new Pages(List.of(picture(kind, order, width)));
        };
    }

    private static BufferedImage picture(HandOut kind, Order order, int width) {
        boolean moment = kind.wishes().contains(Wish.MOMENT);
        Still still = moment ? new Still(order.still().t(), width, order.still().words()) : new Still(0, width, true);
        return Picture.draw(Played.of(order).get(0), order.look(), still);
    }

    private static List<BufferedImage> pdf(HandOut kind, Order order) throws IOException {
        Path file = Files.createTempFile("wildchalk", ".pdf");
        try {
            kind.write(order, file, Progress.UNSEEN);
            try (PDDocument document = Loader.loadPDF(file.toFile())) {
                PDFRenderer renderer = new PDFRenderer(document);
                List<BufferedImage> pages = new ArrayList<>();
                for (int i = 0; i < document.getNumberOfPages(); i++) {
                    pages.add(renderer.renderImage(i, PAGE_SCALE));
                }
                return pages;
            }
        } finally {
            Files.deleteIfExists(file);
        }
    }
}
