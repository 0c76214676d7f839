package wildchalk.handout.evening;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import wildchalk.core.drill.Drill;
import wildchalk.core.evening.Handed;
import wildchalk.core.evening.RunSheet;
import wildchalk.core.practice.Block;
import wildchalk.core.scene.Ink;
import wildchalk.handout.card.Card;
import wildchalk.handout.card.Layout;
import wildchalk.handout.card.Setting;
import wildchalk.handout.card.Slice;
import wildchalk.handout.order.Order;
import wildchalk.handout.order.Progress;
import wildchalk.handout.pdf.TaggedPdf;
import wildchalk.handout.type.Lines;
import wildchalk.handout.type.Typeface;

/** A run sheet on one page, as large as it fits there, and behind it the cards of its drills. */
final class RunSheetPdf {

    private static final double MARGIN = 34;
    private static final double FOOT = 14;

    /**
     * How it is tried to get all on one page.
     *
     * @param size of type, points
     * @param picture how high a picture of a drill is, points
     * @param said lines of what is said of each thing
     */
    record Fit(double size, double picture, int said) {}

    /** The largest first. */
    private static final List<Fit> FITS = List.of(
            new Fit(10.5, 74, 3),
            new Fit(10, 64, 3),
            new Fit(9.5, 58, 2),
            new Fit(9, 52, 2),
            new Fit(9, 48, 1),
            new Fit(8.5, 42, 1),
            new Fit(8, 36, 1),
            new Fit(7.5, 30, 0));

    private final Handed evening;
    private final RunSheet sheet;
    private final Order.Paper paper;
    private final Pictures pictures;

    RunSheetPdf(Handed evening, RunSheet sheet, Order.Paper paper) {
        this.evening = evening;
        this.sheet = sheet;
        this.paper = paper;
        this.pictures = Pictures.of(evening);
    }

    void write(Path file, Progress progress) throws IOException {
        Layout layout = null;
        Setting setting = null;
        for (Fit fit : FITS) {
            setting = new Setting(paper.width() - 2 * MARGIN, fit.size(), paper.look());
            RunSheetRows rows = new RunSheetRows(sheet, setting, fit, pictures);
            layout = Layout.of(rows.head(), rows.body(), page());
            if (layout.pages() == 1) {
                break;
            }
        }
        TaggedPdf pdf = TaggedPdf.begin(sheet.title(), paper.width(), paper.height());
        try {
            for (int n = 0; n < layout.pages(); n++) {
                pages(pdf, layout, setting, n);
            }
            progress.step(0.3);
            cards(pdf, progress);
            pdf.save(file);
        } finally {
            pdf.close();
        }
        progress.step(1);
    }

    private Layout.Sheet page() {
        return new Layout.Sheet(MARGIN, MARGIN, paper.width() - 2 * MARGIN, paper.height() - 2 * MARGIN - FOOT, 1, 0);
    }

    private void pages(TaggedPdf pdf, Layout layout, Setting setting, int n) throws IOException {
        pdf.page();
        for (Layout.Placed placed : layout.placed()) {
            if (placed.page() == n) {
                placed.slice().drawn().at(pdf, placed.x(), placed.y());
            }
        }
        String number =
                layout.pages() > 1 ? Words.say("page", n + 1, layout.pages()) : Words.say("behind", drills().size());
        double y = paper.height() - MARGIN * 0.7;
        String made = Words.say("made");
        double right = paper.width() - MARGIN - Lines.width(made, Typeface.TEXT, 8);
        pdf.unsaid(() -> {
            pdf.text(number, Typeface.TEXT, 8, setting.ink(Ink.FAINT), MARGIN, y);
            pdf.text(made, Typeface.TEXT, 8, setting.ink(Ink.FAINT), right, y);
        });
    }

    /** The drills of the evening, each once, in the order in which they come. */
    private List<Drill> drills() {
        Map<String, Drill> drills = new LinkedHashMap<>();
        evening.practice().blocks().stream().flatMap(Block::all).forEach(b -> evening.drill(b)
                .ifPresent(d -> drills.putIfAbsent(d.id(), d)));
        return new ArrayList<>(drills.values());
    }

    private void cards(TaggedPdf pdf, Progress progress) throws IOException {
        List<Drill> drills = drills();
        for (int i = 0; i < drills.size(); i++) {
            Card.behind(pdf, Order.of(drills.get(i)).on(paper));
            progress.step(0.3 + 0.6 * (i + 1) / drills.size());
        }
    }

    /** Everything so high that fits on a page. */
    static double height(List<Slice> slices) {
        return slices.stream().mapToDouble(Slice::height).sum();
    }
}
