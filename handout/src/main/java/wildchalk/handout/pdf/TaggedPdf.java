package wildchalk.handout.pdf;

import de.rototor.pdfbox.graphics2d.PdfBoxGraphics2D;
import de.rototor.pdfbox.graphics2d.PdfBoxGraphics2DFontTextDrawer;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.font.TextLayout;
import java.awt.geom.AffineTransform;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.text.Bidi;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdfwriter.compress.CompressParameters;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.graphics.state.RenderingMode;
import org.apache.pdfbox.pdmodel.interactive.viewerpreferences.PDViewerPreferences;
import org.apache.pdfbox.util.Matrix;
import wildchalk.handout.type.Lines;
import wildchalk.handout.type.Typeface;

/**
 * A PDF while it is filled, page by page, with everything on it tagged for those who have it read to them. Points; y
 * goes down.
 */
public final class TaggedPdf {

    private final PDDocument document = new PDDocument();
    private final PdfBoxGraphics2DFontTextDrawer pictureFonts = new PdfBoxGraphics2DFontTextDrawer();
    private final Map<Typeface, PDFont> fonts = new EnumMap<>(Typeface.class);
    private final Tags tags;
    private final PDRectangle paper;
    private PDPage page;
    private PDPageContentStream out;

    /** One without pages yet. */
    public static TaggedPdf begin(String title, double width, double height) {
        try {
            return new TaggedPdf(title, width, height);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private TaggedPdf(String title, double width, double height) throws IOException {
        paper = new PDRectangle((float) width, (float) height);
        document.getDocumentInformation().setTitle(title);
        document.getDocumentInformation().setCreator("Wild Chalk");
        document.getDocumentCatalog().setLanguage("en");
        PDViewerPreferences viewer = new PDViewerPreferences(new COSDictionary());
        viewer.setDisplayDocTitle(true);
        document.getDocumentCatalog().setViewerPreferences(viewer);
        tags = new Tags(document);
        for (Typeface typeface : List.of(Typeface.TEXT, Typeface.TEXT_BOLD, Typeface.TITLE)) {
            try (InputStream in = typeface.open()) {
                fonts.put(typeface, PDType0Font.load(document, in));
            }
            pictureFonts.registerFont(typeface.font(10).getFontName(Locale.ROOT), fonts.get(typeface));
        }
    }

    /** Something that draws what belongs to one tag. */
    @FunctionalInterface
    public interface Drawing {
        void draw() throws IOException;
    }

    /** Something that draws a picture. */
    @FunctionalInterface
    public interface Painting {
        void paint(Graphics2D g);
    }

    public void page() throws IOException {
        endPage();
        page = new PDPage(paper);
        document.addPage(page);
        tags.begin(page);
        out = new PDPageContentStream(document, page);
    }

    private void endPage() throws IOException {
        if (out != null) {
            out.close();
            out = null;
        }
    }

    /** A line in the list of what is in the document, which leads here. */
    public void bookmark(String words, double y) {
        tags.bookmark(words, page, paper.getHeight() - (float) y);
    }

    /**
     * Everything that is drawn belongs to one element of the text.
     *
     * @param kind "H1", "P", "Figure" and so on
     * @param instead what is said in place of a picture
     */
    public void tagged(String kind, Optional<String> instead, Drawing drawing) throws IOException {
        out.beginMarkedContent(COSName.getPDFName(kind), tags.open(kind, instead));
        drawing.draw();
        out.endMarkedContent();
    }

    /** Draws what is only there to please, and is not read out. */
    public void unsaid(Drawing drawing) throws IOException {
        out.beginMarkedContent(COSName.ARTIFACT);
        drawing.draw();
        out.endMarkedContent();
    }

    /** One line of text; its foot is at {@code y}. */
    public void text(String words, Typeface face, double size, Color colour, double x, double y) throws IOException {
        if (words.isEmpty()) {
            return;
        }
        out.setNonStrokingColor(colour);
        if (Bidi.requiresBidi(words.toCharArray(), 0, words.length())) {
            foreign(words, face.fontFor(words, (float) size), size, x, y);
            return;
        }
        double at = x;
        for (String run : runs(words, face.font(1))) {
            if (face.font(1).canDisplayUpTo(run) < 0) {
                show(run, fonts.get(face), size, at, y);
            } else {
                foreign(run, face.fontFor(run, (float) size), size, at, y);
            }
            at += Lines.width(run, face, size);
        }
    }

    /** Stretches of letters that a font has, and of those that it lacks. */
    private static List<String> runs(String words, Font font) {
        List<String> runs = new ArrayList<>();
        int from = 0;
        for (int i = 0; i < words.length(); i = words.offsetByCodePoints(i, 1)) {
            if (i > from && font.canDisplay(words.codePointAt(i)) != font.canDisplay(words.codePointBefore(i))) {
                runs.add(words.substring(from, i));
                from = i;
            }
        }
        runs.add(words.substring(from));
        return runs;
    }

    private void show(String words, PDFont font, double size, double x, double y) throws IOException {
        out.beginText();
        out.setFont(font, (float) size);
        out.newLineAtOffset((float) x, paper.getHeight() - (float) y);
        out.showText(words);
        out.endText();
    }

    /**
     * Letters that no font of ours has are drawn as shapes, in their own order; what they say lies under them as text.
     */
    @SuppressWarnings("deprecation")
    private void foreign(String words, Font font, double size, double x, double y) throws IOException {
        // Written out here and not in a list beside the page: not every reader looks there.
        StringBuilder said = new StringBuilder("/Span <</ActualText <FEFF");
        words.chars().forEach(c -> said.append(String.format("%04X", c)));
        out.appendRawCommands(said.append(">>> BDC\n").toString());
        out.saveGraphicsState();
        out.setRenderingMode(RenderingMode.NEITHER);
        show(".", fonts.get(Typeface.TEXT), size, x, y);
        out.restoreGraphicsState();
        AffineTransform place = new AffineTransform(1, 0, 0, -1, x, paper.getHeight() - y);
        fill(new TextLayout(words, font, Lines.EXACT).getOutline(place).getPathIterator(null));
        out.endMarkedContent();
    }

    private void fill(PathIterator path) throws IOException {
        float[] p = new float[6];
        float[] at = new float[2];
        boolean any = !path.isDone();
        for (; !path.isDone(); path.next()) {
            int kind = path.currentSegment(p);
            switch (kind) {
                case PathIterator.SEG_MOVETO -> out.moveTo(p[0], p[1]);
                case PathIterator.SEG_LINETO -> out.lineTo(p[0], p[1]);
                case PathIterator.SEG_CUBICTO -> out.curveTo(p[0], p[1], p[2], p[3], p[4], p[5]);
                case PathIterator.SEG_QUADTO -> out.curveTo(
                        at[0] + (p[0] - at[0]) * 2 / 3,
                        at[1] + (p[1] - at[1]) * 2 / 3,
                        p[2] + (p[0] - p[2]) * 2 / 3,
                        p[3] + (p[1] - p[3]) * 2 / 3,
                        p[2],
                        p[3]);
                default -> out.closePath();
            }
            int last;
            if (kind == PathIterator.SEG_CUBICTO) {
                last = 4;
            } else if (kind == PathIterator.SEG_QUADTO) {
                last = 2;
            } else {
                last = 0;
            }
            if (kind != PathIterator.SEG_CLOSE) {
                at[0] = p[last];
                at[1] = p[last + 1];
            }
        }
        if (any) {
            out.fill();
        }
    }

    public void fill(Rectangle2D area, Color colour) throws IOException {
        out.setNonStrokingColor(colour);
        out.addRect((float) area.getX(), paper.getHeight() - (float) area.getMaxY(), (float) area.getWidth(), (float)
                area.getHeight());
        out.fill();
    }

    /** A picture, in points from its own upper left corner; nothing is shown outside its area. */
    public void picture(Rectangle2D area, Painting painting) throws IOException {
        PdfBoxGraphics2D g = new PdfBoxGraphics2D(document, (float) area.getWidth(), (float) area.getHeight());
        g.setFontTextDrawer(pictureFonts);
        painting.paint(g);
        g.dispose();
        out.saveGraphicsState();
        out.transform(Matrix.getTranslateInstance((float) area.getX(), paper.getHeight() - (float) area.getMaxY()));
        out.drawForm(g.getXFormObject());
        out.restoreGraphicsState();
    }

    public void save(Path file) throws IOException {
        endPage();
        tags.end();
        // Packed objects save little here, and strict readers count them wrong.
        try (OutputStream to = new BufferedOutputStream(Files.newOutputStream(file))) {
            document.save(to, CompressParameters.NO_COMPRESSION);
        }
    }

    /** Lets go of everything; what was not saved is gone. */
    public void close() {
        try {
            endPage();
            document.close();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
