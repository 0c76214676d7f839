package wildchalk.handout.card;

import java.util.ArrayList;
import java.util.List;

/**
 * Where the slices of a card go: some across the first page, the rest in columns below and on further pages.
 *
 * @param pages at least 1
 */
record Layout(List<Placed> placed, int pages) {

    /** A slice on a page, counted from 0; its upper left corner, points. */
    record Placed(Slice slice, int page, double x, double y) {}

    /** A page: its printed part and how it is divided, points. */
    record Sheet(double left, double top, double width, double height, int columns, double gutter) {

        double column() {
            return (width - gutter * (columns - 1)) / columns;
        }
    }

    static Layout of(List<Slice> head, List<Slice> body, Sheet sheet) {
        List<Placed> placed = new ArrayList<>();
        double y = sheet.top();
        int page = 0;
        for (Slice slice : head) {
            if (y + slice.height() > sheet.top() + sheet.height() && y > sheet.top()) {
                page++;
                y = sheet.top();
            }
            placed.add(new Placed(slice, page, sheet.left(), y));
            y += slice.height();
        }
        Cursor cursor = new Cursor(sheet, page, y);
        for (int i = 0; i < body.size(); i++) {
            double group = body.get(i).height();
            for (int k = i; body.get(k).staysWithNext() && k + 1 < body.size(); k++) {
                group += body.get(k + 1).height();
            }
            boolean first = i == 0 || !body.get(i - 1).staysWithNext();
            cursor.room(first ? group : body.get(i).height());
            placed.add(new Placed(body.get(i), cursor.page, cursor.x(), cursor.y));
            cursor.y += body.get(i).height();
        }
        return new Layout(placed, cursor.page + 1);
    }

    /** Where the next slice goes. */
    private static final class Cursor {

        private final Sheet sheet;
        private int page;
        private int column;
        /** Where the columns of this page begin. */
        private double top;

        private double y;

        Cursor(Sheet sheet, int page, double y) {
            this.sheet = sheet;
            this.page = page;
            this.top = y;
            this.y = y;
        }

        private double x() {
            return sheet.left() + column * (sheet.column() + sheet.gutter());
        }

        private void room(double wanted) {
            double foot = sheet.top() + sheet.height();
            boolean fitsNowhere = wanted > sheet.height();
            while (y + wanted > foot && (y > top || top > sheet.top()) && !(fitsNowhere && y <= sheet.top())) {
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
