package wildchalk.handout.card;

import java.util.ArrayList;
import java.util.List;

/**
 * Where the slices of a card go: some across the first page, the rest in columns below and on further pages.
 *
 * @param pages at least 1
 */
public record Layout(List<Placed> placed, int pages) {

    /** As finely as columns are made even, points. */
    private static final double FINE = 4;

    /** A slice on a page, counted from 0; its upper left corner, points. */
    public record Placed(Slice slice, int page, double x, double y) {}

    /** A page: its printed part and how it is divided, points. */
    public record Sheet(double left, double top, double width, double height, int columns, double gutter) {

        double column() {
            return (width - gutter * (columns - 1)) / columns;
        }
    }

    /** Slices across the page, then slices in columns under them. */
    public record Band(List<Slice> across, List<Slice> columns) {
        public Band {
            across = List.copyOf(across);
            columns = List.copyOf(columns);
        }
    }

    /** Some slices across the first page, the others in columns. */
    public static Layout of(List<Slice> head, List<Slice> body, Sheet sheet) {
        return of(List.of(new Band(head, body)), sheet);
    }

    /**
     * Band after band, as full as can be, page by page; what a band has on its last page is shared out evenly among the
     * columns.
     */
    public static Layout of(List<Band> bands, Sheet sheet) {
        Layout all = new Layout(List.of(), 1);
        double y = sheet.top();
        for (Band band : bands) {
            Layout with = even(band, sheet, all, y);
            all = with;
            y = with.reach(with.pages() - 1);
            y = y == 0 ? sheet.top() : y;
        }
        return all;
    }

    private static Layout even(Band band, Sheet sheet, Layout before, double top) {
        Layout full = of(band, sheet, before, top, new Foot(Integer.MAX_VALUE, 0));
        int last = full.pages() - 1;
        double low = sheet.top();
        double high = sheet.top() + sheet.height();
        while (high - low > FINE) {
            double middle = (low + high) / 2;
            Layout tried = of(band, sheet, before, top, new Foot(last, middle));
            if (tried.pages() == full.pages() && tried.reach(last) <= Math.max(middle, top)) {
                full = tried;
                high = middle;
            } else {
                low = middle;
            }
        }
        return full;
    }

    /** How far down the slices of a page go, points. */
    private double reach(int page) {
        return placed.stream()
                .filter(p -> p.page() == page)
                .mapToDouble(p -> p.y() + p.slice().height())
                .max()
                .orElse(0);
    }

    /** How much of the last page is filled, a share of its height. */
    double lastFilled(Sheet sheet) {
        return (reach(pages - 1) - sheet.top()) / sheet.height();
    }

    /** A page that ends earlier than the others, and where, points. */
    private record Foot(int page, double y) {

        double of(int asked, Sheet sheet) {
            return asked == page ? y : sheet.top() + sheet.height();
        }
    }

    private static Layout of(Band band, Sheet sheet, Layout before, double top, Foot foot) {
        List<Placed> placed = new ArrayList<>(before.placed());
        double y = top;
        int page = before.pages() - 1;
        List<Slice> across = band.across();
        for (int i = 0; i < across.size(); i++) {
            double group = group(across, i);
            boolean first = i == 0 || !across.get(i - 1).staysWithNext();
            double wanted = first ? group : across.get(i).height();
            if (y + wanted > sheet.top() + sheet.height() && y > sheet.top()) {
                page++;
                y = sheet.top();
            }
            placed.add(new Placed(across.get(i), page, sheet.left(), y));
            y += across.get(i).height();
        }
        Cursor cursor = new Cursor(sheet, foot, page, y);
        List<Slice> body = band.columns();
        for (int i = 0; i < body.size(); i++) {
            boolean first = i == 0 || !body.get(i - 1).staysWithNext();
            cursor.room(first ? group(body, i) : body.get(i).height());
            placed.add(new Placed(body.get(i), cursor.page, cursor.x(), cursor.y));
            cursor.y += body.get(i).height();
        }
        return new Layout(placed, cursor.page + 1);
    }

    /** How high a slice is with what it stays with. */
    private static double group(List<Slice> slices, int i) {
        double group = slices.get(i).height();
        for (int k = i; slices.get(k).staysWithNext() && k + 1 < slices.size(); k++) {
            group += slices.get(k + 1).height();
        }
        return group;
    }

    /** Where the next slice goes. */
    private static final class Cursor {

        private final Sheet sheet;
        private final Foot feet;
        private int page;
        private int column;
        /** Where the columns of this page begin. */
        private double top;

        private double y;

        Cursor(Sheet sheet, Foot feet, int page, double y) {
            this.feet = feet;
            this.sheet = sheet;
            this.page = page;
            this.top = y;
            this.y = y;
        }

        private double x() {
            return sheet.left() + column * (sheet.column() + sheet.gutter());
        }

        private void room(double wanted) {
            boolean fitsNowhere = wanted > sheet.height();
            while (y + wanted > feet.of(page, sheet)
                    && (y > top || top > sheet.top())
                    && !(fitsNowhere && y <= sheet.top())) {
                column++;
                if (column == sheet.columns()) {
                    column = 0;
                    page++;
                    top = sheet.top();
                }
                y = top;
            }
        }
    }
}
