package wildchalk.handout.picture;

import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import wildchalk.core.scene.Frame;
import wildchalk.core.scene.Legend;
import wildchalk.core.script.Script;
import wildchalk.handout.order.Order.Still;
import wildchalk.handout.order.Played;
import wildchalk.handout.paint.PaperBrush;
import wildchalk.handout.type.Lines;
import wildchalk.handout.type.Typeface;

/**
 * Where everything is on a picture, whatever it is drawn with: the title above, the board, the line key and the script
 * below. Pixels.
 *
 * @param toPixels from metres on the surface
 * @param toKey from metres of the line key; null without one
 */
record Arrangement(
        double width,
        double height,
        Rectangle2D board,
        Frame frame,
        AffineTransform toPixels,
        AffineTransform toKey,
        List<Line> lines) {

    private static final double MARGIN = 0.02;
    private static final double HEAD = 0.07;
    private static final double KEY = 0.06;
    /** Most height of the board for its width; a taller view shows more of the surface beside it. */
    private static final double TALLEST = 0.7;

    private static final double TALLEST_UPRIGHT = 1.3;
    private static final double LOWEST = 0.4;
    private static final double TYPE = 0.017;
    private static final double LEAST_TYPE = 11;
    /** Of a title or a script there is never more than this on a picture: the rest is in the drill. */
    private static final int MOST_LINES = 60;

    /** A line of text; its foot is at {@code y}. */
    record Line(String words, Typeface face, double size, double x, double y, boolean right) {}

    static Arrangement of(Played played, Still still) {
        Frame frame = played.frame();
        boolean upright = played.drill().showing().attack().isUpright();
        double shape = upright
                ? frame.view().width() / frame.view().height()
                : frame.view().height() / frame.view().width();
        double width = still.width();
        double board = Math.round(width * Math.max(LOWEST, Math.min(upright ? TALLEST_UPRIGHT : TALLEST, shape)));
        double head = still.words() ? Math.round(width * HEAD) : 0;
        Rectangle2D area = new Rectangle2D.Double(0, head, width, board);
        AffineTransform toPixels = PaperBrush.fit(frame, played.surface().surroundings(), area);
        List<Line> lines = new ArrayList<>();
        if (!still.words()) {
            return new Arrangement(width, board, area, frame, toPixels, null, lines);
        }
        title(played, width, head, lines);
        double key = width * KEY;
        AffineTransform toKey = AffineTransform.getTranslateInstance(width * MARGIN, head + board + key / 2);
        double scale = width * (1 - 2 * MARGIN) / Legend.width(frame.unit());
        toKey.scale(scale, scale);
        double foot = script(played, width, head + board + key, lines);
        return new Arrangement(width, Math.ceil(foot), area, frame, toPixels, toKey, lines);
    }

    private static void title(Played played, double width, double head, List<Line> lines) {
        double left = width * MARGIN;
        String where = played.surface().sport() + " · "
                + played.drill().showing().name(played.surface()).toLowerCase(Locale.ROOT);
        lines.add(new Line(where, Typeface.TEXT, head * 0.28, width - left, head * 0.64, true));
        String name = played.drill().ladder().size() > 1
                ? played.drill().title() + "  ·  " + played.name()
                : played.drill().title();
        double room = width - 3 * left - Lines.width(where, Typeface.TEXT, head * 0.28);
        double size = Math.max(
                head * 0.3,
                Math.min(
                        head * 0.5,
                        head
                                * 0.5
                                * room
                                / Math.max(
                                        1,
                                        Lines.width(
                                                name.substring(0, Math.min(300, name.length())),
                                                Typeface.TITLE,
                                                head * 0.5))));
        List<String> cut = Lines.wrapped(name, Typeface.TITLE, size, room);
        lines.add(new Line(cut.get(0) + (cut.size() > 1 ? " …" : ""), Typeface.TITLE, size, left, head * 0.68, false));
    }

    private static double script(Played played, double width, double top, List<Line> lines) {
        double size = Math.max(LEAST_TYPE, width * TYPE);
        double left = width * MARGIN;
        double y = top;
        int most = lines.size() + MOST_LINES;
        List<String> said = new ArrayList<>();
        played.script().limits().forEach(l -> said.add(l.text()));
        for (Script.Line line : played.script().lines()) {
            said.add((line.heading().isEmpty() ? "" : line.heading() + ": ") + line.marked());
        }
        for (String words : said) {
            for (String line : Lines.wrapped(words, Typeface.TEXT, size, width - 2 * left)) {
                if (lines.size() < most) {
                    y += size * 1.35;
                    lines.add(new Line(line, Typeface.TEXT, size, left, y, false));
                }
            }
            y += size * 0.3;
        }
        return y + size * 0.9;
    }
}
