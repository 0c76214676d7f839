package wildchalk.handout.setout;

import de.rototor.pdfbox.graphics2d.PdfBoxGraphics2D;
import de.rototor.pdfbox.graphics2d.PdfBoxGraphics2DFontTextDrawer;
import java.awt.Color;
import java.awt.Font;
import java.awt.FontMetrics;
import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.apache.pdfbox.pdfwriter.compress.CompressParameters;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import wildchalk.core.drill.Drill;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Units;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.scene.Board;
import wildchalk.core.scene.Frame;
import wildchalk.core.scene.Ink;
import wildchalk.core.scene.Look;
import wildchalk.core.scene.Picture;
import wildchalk.core.script.Counts;
import wildchalk.core.setout.Sheet;
import wildchalk.core.setout.SheetWords;
import wildchalk.core.surface.Surface;
import wildchalk.handout.order.Cancelled;
import wildchalk.handout.order.Delivery;
import wildchalk.handout.order.Undelivered;
import wildchalk.handout.paint.PaperBrush;
import wildchalk.handout.type.Typeface;

/** A set-out sheet on A4 pages: a picture with numbers, then a line for each piece. */
public final class SheetPages {

    private static final PDRectangle PAPER = PDRectangle.A4;
    private static final float MARGIN = 42;
    private static final float PICTURE = 250;
    private static final float LINE = 14;
    /** Points that a token would be wide; round the gear so many metres are shown. */
    private static final double TOKEN = 15;

    private static final double ROUND = 4;
    private static final float NAME_LEFT = 28;
    private static final float WORDS_LEFT = 150;

    private final Drill drill;
    private final RunThrough through;
    private final Surface surface;
    private final Sheet sheet;
    private final Units units;

    public SheetPages(Drill drill, RunThrough through, Sheet sheet, Units units) {
        this.drill = drill;
        this.through = through;
        this.surface = through.surface();
        this.sheet = sheet;
        this.units = units;
    }

    /**
     * Writes the pages; a file that is there stays as it was until the new one is whole.
     *
     * @throws Undelivered when the place cannot be written to
     */
    public void writePdf(Path file) throws Undelivered, Cancelled {
        Delivery.deliver(file, this::write);
    }

    /** Writes the pages as they come. */
    void write(Path file) throws IOException {
        try (PDDocument document = new PDDocument();
                OutputStream out = Files.newOutputStream(file)) {
            document.getDocumentInformation().setTitle(drill.title() + ", set-out sheet");
            document.getDocumentCatalog().setLanguage("en");
            new Pages(document).fill();
            // Packed objects save little here, and strict readers count them wrong.
            document.save(out, CompressParameters.NO_COMPRESSION);
        }
    }

    /** The document while it is filled from top to bottom. */
    private final class Pages {

        private final PDDocument document;
        private final PdfBoxGraphics2DFontTextDrawer fonts = new PdfBoxGraphics2DFontTextDrawer();
        private final Font plain = Typeface.TEXT.font(10.5f);
        private final Font bold = Typeface.TEXT_BOLD.font(10.5f);
        private PDPage page;
        private PdfBoxGraphics2D g;
        private float y;

        Pages(PDDocument document) throws IOException {
            this.document = document;
            for (Typeface typeface : List.of(Typeface.TEXT, Typeface.TEXT_BOLD, Typeface.TITLE)) {
                try (InputStream in = typeface.open()) {
                    fonts.registerFont(typeface.font(10).getFontName(Locale.ROOT), in);
                }
            }
        }

        void fill() throws IOException {
            begin();
            text(drill.title(), Typeface.TITLE.font(20), MARGIN, y + 18);
            y += 38;
            paragraph(
                    surface.name() + ". " + String.join(", ", Counts.of(through.stage(), surface)) + ".",
                    plain,
                    MARGIN,
                    width());
            paragraph(SheetWords.summary(sheet, units) + " " + SheetWords.paceLength(units), plain, MARGIN, width());
            paragraph(SheetWords.facing(surface, drill.showing().attack()), bold, MARGIN, width());
            y += 6;
            picture(new Rectangle2D.Double(MARGIN, y, width(), PICTURE));
            y += PICTURE + 14;
            int trip = 0;
            for (Sheet.Step step : sheet.steps()) {
                if (sheet.trips() > 1 && step.trip() != trip) {
                    trip = step.trip();
                    room(LINE * 7);
                    text("Trip " + trip + ", from " + sheet.bagName(), bold, MARGIN, y + 10);
                    y += LINE + 4;
                }
                row(step);
            }
            end();
        }

        private float width() {
            return PAPER.getWidth() - 2 * MARGIN;
        }

        private void begin() throws IOException {
            page = new PDPage(PAPER);
            document.addPage(page);
            g = new PdfBoxGraphics2D(document, PAPER.getWidth(), PAPER.getHeight());
            g.setFontTextDrawer(fonts);
            y = MARGIN;
        }

        private void end() throws IOException {
            g.dispose();
            try (PDPageContentStream content = new PDPageContentStream(document, page)) {
                content.drawForm(g.getXFormObject());
            }
        }

        private void room(float wanted) throws IOException {
            if (y + wanted > PAPER.getHeight() - MARGIN) {
                end();
                begin();
            }
        }

        private void picture(Rectangle2D area) {
            Box near = near();
            Box limits = surface.surroundings().with(near);
            Frame plain = Frame.of(near, drill.showing().attack());
            AffineTransform toPage = PaperBrush.fit(plain, limits, area);
            double scale = Math.sqrt(Math.abs(toPage.getDeterminant()));
            Frame frame = new Frame(near, TOKEN / 2 / scale, plain.turn());
            Graphics2D part = (Graphics2D) g.create();
            part.clip(area);
            part.setPaint(new Color(Look.PAPER.colour(Ink.AROUND)));
            part.fill(area);
            PaperBrush brush = new PaperBrush(part, Look.PAPER, toPage);
            Board board = through.board(drill.lineKey(), frame, units);
            boolean upright = drill.showing().attack().isUpright();
            double aspect = area.getWidth() / area.getHeight();
            Box shown = Frame.shown(near, limits, upright ? 1 / aspect : aspect);
            brush.paint(Picture.setOut(board, sheet, shown));
            part.dispose();
        }

        /** Where gear goes and where it comes from, with room round it. */
        private Box near() {
            List<Vec> places = new ArrayList<>(
                    sheet.steps().stream().map(s -> s.piece().at()).toList());
            places.add(sheet.bag());
            return Box.around(places).grown(ROUND);
        }

        private void row(Sheet.Step step) throws IOException {
            List<String> lines =
                    new ArrayList<>(wrapped(capital(SheetWords.taped(step, units)) + ".", plain, width() - WORDS_LEFT));
            String stepped = SheetWords.stepped(step);
            if (!stepped.isEmpty()) {
                lines.addAll(wrapped(stepped + ".", plain, width() - WORDS_LEFT));
            }
            room(lines.size() * LINE + 8);
            g.setPaint(Color.BLACK);
            g.fill(new Ellipse2D.Float(MARGIN, y - 2, 18, 18));
            g.setPaint(Color.WHITE);
            g.setFont(bold);
            String n = Integer.toString(step.n());
            g.drawString(n, MARGIN + 9 - g.getFontMetrics().stringWidth(n) / 2f, y + 11);
            text(step.name(), bold, MARGIN + NAME_LEFT, y + 11);
            for (String line : lines) {
                text(line, plain, MARGIN + WORDS_LEFT, y + 11);
                y += LINE;
            }
            y += 8;
        }

        private void paragraph(String words, Font font, float left, float wide) throws IOException {
            for (String line : wrapped(words, font, wide)) {
                text(line, font, left, y + 11);
                y += LINE;
            }
        }

        private void text(String words, Font font, float x, float baseline) {
            g.setPaint(Color.BLACK);
            g.setFont(font);
            g.drawString(words, x, baseline);
        }

        private List<String> wrapped(String words, Font font, float wide) {
            FontMetrics metrics = g.getFontMetrics(font);
            List<String> lines = new ArrayList<>();
            StringBuilder line = new StringBuilder();
            for (String word : words.split(" ")) {
                if (line.length() > 0 && metrics.stringWidth(line + " " + word) > wide) {
                    lines.add(line.toString());
                    line.setLength(0);
                }
                line.append(line.length() > 0 ? " " : "").append(word);
            }
            lines.add(line.toString());
            return lines;
        }

        private static String capital(String words) {
            return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
        }
    }
}
