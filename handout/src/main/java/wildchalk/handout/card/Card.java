package wildchalk.handout.card;

import java.io.IOException;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import wildchalk.core.scene.Ink;
import wildchalk.handout.order.HandOut;
import wildchalk.handout.order.Order;
import wildchalk.handout.order.Played;
import wildchalk.handout.order.Progress;
import wildchalk.handout.pdf.TaggedPdf;
import wildchalk.handout.type.Lines;
import wildchalk.handout.type.Typeface;

/** A drill on one or two pages; on more where it is too much to be read on two. */
public final class Card implements HandOut {

    private static final double MARGIN = 36;
    private static final double FOOT = 16;
    private static final double GUTTER = 18;
    private static final int WANTED_PAGES = 2;
    /** Sizes of type that are tried, points; smaller is not read on grass. */
    private static final double[] SIZES = {10.5, 10, 9.5, 9, 8.5};
    /** Rather than a third page. */
    private static final double LAST_SIZE = 8;
    /** So many of the sizes are tried to get by with a single page. */
    private static final int FOR_ONE_PAGE = 3;
    /** So many of the sizes of pictures are tried for that. */
    private static final int PICTURES_FOR_ONE_PAGE = 4;
    /** A page of which less is filled is one too many. */
    private static final double HARDLY_ANYTHING = 0.33;
    /** Shares of the page that a picture may be high; the first only where the page is broad. */
    private static final double[] PICTURES = {0.6, 0.5, 0.42, 0.36, 0.3, 0.26, 0.23, 0.21, 0.19, 0.17, 0.15};

    @Override
    public String ending() {
        return "pdf";
    }

    @Override
    public String words() {
        return "Card to print (PDF)";
    }

    @Override
    public String about() {
        return "One or two pages with pictures, script, starts and set-out. Whoever has it can run the drill.";
    }

    @Override
    public Set<Wish> wishes() {
        return EnumSet.of(Wish.RUNGS, Wish.WAY, Wish.PAPER, Wish.UNITS);
    }

    @Override
    public void write(Order order, Path file, Progress progress) throws IOException {
        Order.Paper paper = order.paper();
        // Typefaces take as long to read as pages to be laid out: both are done at once.
        CompletableFuture<TaggedPdf> begun = CompletableFuture.supplyAsync(
                () -> TaggedPdf.begin(order.drill().title(), paper.width(), paper.height()));
        try {
            List<Facts> rungs = Facts.of(order, Played.of(order));
            Made set = fitting(order, rungs);
            progress.step(0.5);
            TaggedPdf pdf = begun.join();
            pages(pdf, set, order, progress);
            pdf.save(file);
        } catch (CompletionException e) {
            throw new IOException(e.getCause());
        } finally {
            begun.thenAccept(TaggedPdf::close);
        }
        progress.step(1);
    }

    /**
     * Puts the pages of a card behind others, on paper of the same size.
     *
     * @throws IOException when they cannot be made
     */
    public static void behind(TaggedPdf pdf, Order order) throws IOException {
        List<Facts> rungs = Facts.of(order, Played.of(order));
        pages(pdf, fitting(order, rungs), order, Progress.UNSEEN);
    }

    private static void pages(TaggedPdf pdf, Made set, Order order, Progress progress) throws IOException {
        for (int page = 0; page < set.layout().pages(); page++) {
            progress.step(0.5 + 0.4 * page / set.layout().pages());
            page(pdf, set, page, order);
        }
    }

    /** @param highest no picture is higher, points */
    record Made(Layout layout, Setting setting, CardContent content, double highest) {}

    /**
     * On one page where that can be read as well; else as large as two pages hold, unless hardly anything would stand
     * on the second and smaller letters put all on one.
     */
    static Made fitting(Order order, List<Facts> rungs) {
        int first = order.paper().across() ? 0 : 1;
        Optional<Made> one = onOnePage(order, rungs, first, FOR_ONE_PAGE);
        if (one.isPresent()) {
            return one.get();
        }
        Made least = null;
        for (int k = first; k < PICTURES.length; k++) {
            // Where the smallest letters do not fit, none do.
            least = set(order, rungs, SIZES[SIZES.length - 1], PICTURES[k]);
            if (least.layout().pages() <= WANTED_PAGES) {
                Made made = largest(order, rungs, PICTURES[k]).orElse(least);
                boolean emptyish = made.layout().lastFilled(sheet(order)) < HARDLY_ANYTHING;
                return emptyish ? onOnePage(order, rungs, first, SIZES.length).orElse(made) : made;
            }
        }
        Made small = set(order, rungs, LAST_SIZE, PICTURES[PICTURES.length - 1]);
        return small.layout().pages() <= WANTED_PAGES ? small : least;
    }

    /** The largest letters, with pictures of this size, of which two pages hold all. */
    private static Optional<Made> largest(Order order, List<Facts> rungs, double pictures) {
        for (double size : SIZES) {
            Made made = set(order, rungs, size, pictures);
            if (made.layout().pages() <= WANTED_PAGES) {
                return Optional.of(made);
            }
        }
        return Optional.empty();
    }

    /** On one page, in one of so many sizes and with pictures that can still be read. */
    private static Optional<Made> onOnePage(Order order, List<Facts> rungs, int first, int sizes) {
        Made least = set(order, rungs, SIZES[sizes - 1], PICTURES[first + PICTURES_FOR_ONE_PAGE - 1]);
        if (least.layout().pages() > 1) {
            return Optional.empty();
        }
        for (int i = 0; i < sizes; i++) {
            for (int k = first; k < first + PICTURES_FOR_ONE_PAGE; k++) {
                Made made = set(order, rungs, SIZES[i], PICTURES[k]);
                if (made.layout().pages() == 1) {
                    return Optional.of(made);
                }
            }
        }
        return Optional.empty();
    }

    static Layout.Sheet sheet(Order order) {
        Order.Paper paper = order.paper();
        return new Layout.Sheet(
                MARGIN,
                MARGIN,
                paper.width() - 2 * MARGIN,
                paper.height() - 2 * MARGIN - FOOT,
                paper.across() ? 3 : 2,
                GUTTER);
    }

    private static Made set(Order order, List<Facts> rungs, double size, double share) {
        Layout.Sheet sheet = sheet(order);
        Setting head = new Setting(sheet.width(), size, order.paper().look());
        CardContent content = new CardContent(order, rungs, head, head.wide(sheet.column()), sheet.height() * share);
        return new Made(Layout.of(content.bands(), sheet), head, content, sheet.height() * share);
    }

    private static void page(TaggedPdf pdf, Made set, int page, Order order) throws IOException {
        pdf.page();
        for (Layout.Placed placed : set.layout().placed()) {
            if (placed.page() == page) {
                placed.slice().drawn().at(pdf, placed.x(), placed.y());
            }
        }
        Setting setting = set.setting();
        String number = number(page + 1, set);
        double y = order.paper().height() - MARGIN * 0.7;
        pdf.unsaid(() -> {
            pdf.text(number, Typeface.TEXT, 8.5, setting.ink(Ink.FAINT), MARGIN, y);
            String made = "Wild Chalk";
            pdf.text(
                    made,
                    Typeface.TEXT,
                    8.5,
                    setting.ink(Ink.FAINT),
                    order.paper().width() - MARGIN - Lines.width(made, Typeface.TEXT, 8.5),
                    y);
        });
    }

    private static String number(int page, Made set) {
        int pages = set.layout().pages();
        if (pages > WANTED_PAGES) {
            return set.content().tooMuch(page, pages);
        }
        return pages > 1 ? CardContent.WORDS.say("page", Integer.toString(page), Integer.toString(pages)) : "";
    }
}
