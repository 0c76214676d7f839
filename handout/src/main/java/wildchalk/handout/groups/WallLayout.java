package wildchalk.handout.groups;

import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import wildchalk.core.colour.Bib;
import wildchalk.handout.type.Lines;
import wildchalk.handout.type.Typeface;

/**
 * Where everything of a list stands on a sheet, as large as fits.
 *
 * @param bands what is filled with a bib's colour
 * @param lines what is written, group by group after the title
 */
record WallLayout(List<Band> bands, List<Line> lines) {

    private static final double MARGIN = 0.045;
    private static final double TITLE = 0.05;
    private static final double GAP = 0.02;
    /** From foot to foot of two lines, in heights of the letters. */
    private static final double LEAD = 1.35;
    /** The name of a group takes this many lines. */
    private static final double HEAD = 1.9;

    private static final double LARGEST = 0.075;
    /** Letters smaller than this share of the sheet's width are cut instead. */
    private static final double SMALLEST = 0.008;

    /** A band over a group. */
    record Band(Rectangle2D area, Bib bib) {}

    /**
     * A line.
     *
     * @param y of its foot
     * @param group the number of the group it belongs to; -1 for the title
     */
    record Line(String words, Typeface face, double size, double x, double y, int group) {}

    static WallLayout of(GroupList list, double width, double height) {
        double margin = width * MARGIN;
        double title = width * TITLE;
        List<Line> lines = new ArrayList<>();
        lines.add(fitted(
                list.title(), Typeface.TITLE, title * 0.7, margin, margin + title * 0.7, width - 2 * margin, -1));
        Rectangle2D room =
                new Rectangle2D.Double(margin, margin + title, width - 2 * margin, height - 2 * margin - title);
        int n = Math.max(1, list.groups().size());
        int most = list.groups().stream().mapToInt(g -> g.people().size()).max().orElse(0);
        int best = 1;
        double largest = 0;
        for (int abreast = 1; abreast <= n; abreast++) {
            double size = size(list, room, abreast, most, width);
            if (size > largest) {
                largest = size;
                best = abreast;
            }
        }
        List<Band> bands = new ArrayList<>();
        double size = Math.max(largest, width * SMALLEST);
        for (int g = 0; g < list.groups().size(); g++) {
            place(list.groups().get(g), g, cell(room, best, n, g, width), size, bands, lines);
        }
        return new WallLayout(bands, lines);
    }

    private static Rectangle2D cell(Rectangle2D room, int abreast, int n, int g, double width) {
        int rows = (n + abreast - 1) / abreast;
        double gap = width * GAP;
        double w = (room.getWidth() - gap * (abreast - 1)) / abreast;
        double h = (room.getHeight() - gap * (rows - 1)) / rows;
        return new Rectangle2D.Double(
                room.getX() + g % abreast * (w + gap), room.getY() + g / abreast * (h + gap), w, h);
    }

    /** How large letters can be with so many groups side by side. */
    private static double size(GroupList list, Rectangle2D room, int abreast, int most, double width) {
        Rectangle2D cell = cell(room, abreast, Math.max(1, list.groups().size()), 0, width);
        double size = Math.min(width * LARGEST, cell.getHeight() / ((most + HEAD) * LEAD));
        for (GroupList.Group group : list.groups()) {
            for (String person : group.people()) {
                size = Math.min(size, cell.getWidth() / Lines.width(person, Typeface.TEXT_BOLD, 1));
            }
        }
        return size;
    }

    private static void place(
            GroupList.Group group, int number, Rectangle2D cell, double size, List<Band> bands, List<Line> lines) {
        double band = size * LEAD * HEAD * 0.82;
        bands.add(new Band(new Rectangle2D.Double(cell.getX(), cell.getY(), cell.getWidth(), band), group.bib()));
        double inset = size * 0.35;
        lines.add(fitted(
                group.name(),
                Typeface.TITLE,
                size * 1.1,
                cell.getX() + inset,
                cell.getY() + band - size * 0.55,
                cell.getWidth() - 2 * inset,
                number));
        double y = cell.getY() + size * LEAD * HEAD + size * 0.8;
        for (String person : group.people()) {
            lines.add(fitted(person, Typeface.TEXT_BOLD, size, cell.getX(), y, cell.getWidth(), number));
            y += size * LEAD;
        }
    }

    /** Smaller where it would be too wide. */
    private static Line fitted(String words, Typeface face, double size, double x, double y, double wide, int group) {
        double needs = Lines.width(words, face, size);
        return new Line(words, face, needs > wide ? size * wide / needs : size, x, y, group);
    }
}
