package wildchalk.handout.card;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Vec;
import wildchalk.core.scene.Board;
import wildchalk.core.scene.Frame;
import wildchalk.core.scene.Ink;
import wildchalk.core.scene.Legend;
import wildchalk.core.scene.Picture;
import wildchalk.core.scene.Shape;
import wildchalk.core.setout.Sheet;
import wildchalk.core.wording.Wordbook;
import wildchalk.handout.order.Played;
import wildchalk.handout.paint.PaperBrush;
import wildchalk.handout.pdf.TaggedPdf;
import wildchalk.handout.type.Typeface;

/** The pictures of a card. */
public final class Diagram {

    /** Points that a token is wide at least: what is written on it must be read at arm's length. */
    static final double TOKEN = 14.4;

    private static final double TALLEST = 1.4;
    private static final double LOWEST = 0.34;
    private static final double AFTER = 7;
    /** Between two pictures in a row, points. */
    private static final double BETWEEN = 10;
    /** Tokens are no smaller than this share of what is usual on a board. */
    private static final double SMALLER = 0.8;
    /** Rather than stand alone a picture is so many times as small. */
    private static final double ABOUT = 1.2;
    /** Round the gear, metres. */
    private static final double ROUND_GEAR = 3;

    private final Setting setting;
    private final double highest;
    private final double token;

    /** @param highest no picture is higher, points */
    Diagram(Setting setting, double highest) {
        this(setting, highest, TOKEN);
    }

    /**
     * Pictures for a column.
     *
     * @param highest no picture is higher, points
     * @param token a token is no narrower, points
     */
    public Diagram(Setting setting, double highest, double token) {
        this.setting = setting;
        this.highest = highest;
        this.token = token;
    }

    /** As high for its width as pictures are, whatever is shown. */
    private static double sure(double shape) {
        return Math.max(LOWEST, Math.min(TALLEST, shape));
    }

    private static double shape(Frame frame) {
        boolean upright = Math.abs(Math.sin(frame.turn())) > 0.5;
        return upright
                ? frame.view().width() / frame.view().height()
                : frame.view().height() / frame.view().width();
    }

    /** How large a picture is, points: as wide as the column, unless it would be too high then. */
    private Rectangle2D area(Frame frame) {
        double sure = sure(shape(frame));
        double height = Math.min(highest, setting.width() * sure);
        return new Rectangle2D.Double(0, 0, Math.min(setting.width(), height / sure), height);
    }

    /** How wide the picture of a phase is, points. */
    double width(Shot shot) {
        return area(shot.frame()).getWidth();
    }

    /** A phase, with what it shows over it when that needs to be said. */
    Slice of(Shot shot, String caption) {
        return row(List.of(shot), List.of(caption));
    }

    /** Pictures beside each other, all of one height. */
    Slice row(List<Shot> shots, List<String> captions) {
        List<Rectangle2D> areas = areas(shots);
        double height = areas.get(0).getHeight();
        double line = captions.stream().allMatch(String::isEmpty) ? 0 : setting.size() * 1.45;
        return new Slice(line + height + AFTER, false, (pdf, x, y) -> {
            double left = x;
            for (int i = 0; i < shots.size(); i++) {
                Shot shot = shots.get(i);
                String caption = captions.get(i);
                double at = left;
                if (!caption.isEmpty()) {
                    pdf.tagged(
                            "P",
                            Optional.empty(),
                            () -> pdf.text(
                                    caption,
                                    Typeface.TEXT_BOLD,
                                    setting.size() * 0.9,
                                    setting.ink(Ink.CHALK),
                                    at,
                                    y + line * 0.66));
                }
                Rectangle2D area = areas.get(i);
                put(pdf, at, y + line, area, said(shot, caption), g -> paint(g, area, shot));
                left += area.getWidth() + BETWEEN;
            }
        });
    }

    /** Whether pictures stand beside each other about as large as they would alone. */
    boolean fit(List<Shot> shots) {
        double wide = shots.stream()
                .mapToDouble(s -> Math.min(setting.width(), highest * s.wants() / sure(s.shape())))
                .sum();
        return wide + BETWEEN * (shots.size() - 1) <= setting.width() * ABOUT;
    }

    /** How large pictures beside each other are, points. */
    List<Rectangle2D> areas(List<Shot> shots) {
        double wide = shots.stream().mapToDouble(s -> 1 / sure(s.shape())).sum();
        double room = setting.width() - BETWEEN * (shots.size() - 1);
        double most = highest * shots.stream().mapToDouble(Shot::wants).max().orElse(1);
        double height = Math.min(most, room / wide);
        return shots.stream()
                .map(s -> (Rectangle2D) new Rectangle2D.Double(0, 0, height / sure(s.shape()), height))
                .toList();
    }

    private static String said(Shot shot, String caption) {
        Wordbook words = CardContent.WORDS;
        String what = caption.isEmpty() ? words.say("caption.start") : caption;
        return words.say(
                "picture", shot.played().name(), shot.played().surface().name(), what);
    }

    private interface Painting {
        void on(Graphics2D g);
    }

    private static void put(TaggedPdf pdf, double x, double y, Rectangle2D area, String instead, Painting painting)
            throws java.io.IOException {
        pdf.tagged(
                "Figure",
                Optional.of(instead),
                () -> pdf.picture(new Rectangle2D.Double(x, y, area.getWidth(), area.getHeight()), painting::on));
    }

    /** The same so small that nobody could read the numbers of what is done. */
    public Slice small(Played played) {
        Rectangle2D area = area(played.frame());
        return slice(area, CardContent.WORDS.say("caption.start"), g -> {
            Canvas canvas = canvas(g, area, played.frame(), played);
            Board board = played.board(canvas.frame());
            List<Shape> shapes = new ArrayList<>(board.ground());
            shapes.addAll(board.plainChalk());
            shapes.addAll(board.live(0, Set.of(), Set.of()));
            canvas.brush().paint(shapes);
        });
    }

    private Slice slice(Rectangle2D area, String instead, Painting painting) {
        return new Slice(area.getHeight() + AFTER, false, (pdf, x, y) -> put(pdf, x, y, area, instead, painting));
    }

    /** The gear alone, with the numbers of the sheet. */
    Slice gear(Played played, Frame all, Sheet sheet) {
        List<Vec> places =
                new ArrayList<>(sheet.steps().stream().map(s -> s.piece().at()).toList());
        places.add(sheet.bag());
        Box near = Box.around(places).grown(ROUND_GEAR);
        boolean part =
                near.width() < all.view().width() && near.height() < all.view().height();
        Frame frame = new Frame(part ? near : all.view(), all.unit(), all.turn());
        Rectangle2D area = area(frame);
        return slice(area, CardContent.WORDS.say("picture.gear"), g -> {
            Canvas canvas = canvas(g, area, frame, played);
            Board board = played.board(canvas.frame());
            canvas.brush().paint(Picture.setOut(board, sheet, canvas.shown()));
        });
    }

    /** A paper on which a part of a surface is painted. */
    private record Canvas(Frame frame, Box shown, PaperBrush brush) {}

    private Canvas canvas(Graphics2D g, Rectangle2D area, Frame frame, Played played) {
        Seen seen = seen(area, frame, played, token);
        g.clip(area);
        g.setPaint(new Color(setting.look().colour(Ink.AROUND)));
        g.fill(area);
        return new Canvas(seen.frame(), seen.shown(), new PaperBrush(g, setting.look(), seen.toPage()));
    }

    /** What is seen in an area of a page, and how large. */
    record Seen(Frame frame, Box shown, AffineTransform toPage) {}

    static Seen seen(Rectangle2D area, Frame frame, Played played, double token) {
        // Whoever stands at the edge of the surface is shown whole.
        Box limits = played.surface().surroundings().with(frame.view());
        AffineTransform toPage = PaperBrush.fit(frame, limits, area);
        double scale = Math.sqrt(Math.abs(toPage.getDeterminant()));
        double usual = Frame.of(frame.view(), played.drill().showing().attack()).unit() * SMALLER;
        Frame sized = new Frame(frame.view(), Math.max(usual, token / 2 / scale), frame.turn());
        boolean upright = Math.abs(Math.sin(frame.turn())) > 0.5;
        double aspect = area.getWidth() / area.getHeight();
        return new Seen(sized, Frame.shown(frame.view(), limits, upright ? 1 / aspect : aspect), toPage);
    }

    private void paint(Graphics2D g, Rectangle2D area, Shot shot) {
        Canvas canvas = canvas(g, area, shot.frame(), shot.played());
        canvas.brush().paint(shapes(shot, canvas.frame(), canvas.shown()));
    }

    /**
     * What is painted of a phase.
     *
     * @param shown the part of the surface in the picture
     */
    static List<Shape> shapes(Shot shot, Frame frame, Box shown) {
        Board board = shot.played().board(frame, shot.phase().way());
        return Picture.of(board, shot.phase().t(), shot.wanted(board, shown), shown);
    }

    /** What the lines mean. */
    Slice key(Played played) {
        double unit = 1;
        double scale = Math.min(setting.size() * 0.95, setting.width() / Legend.width(unit));
        double height = scale * 2.4;
        Rectangle2D area = new Rectangle2D.Double(0, 0, setting.width(), height);
        return slice(area, CardContent.WORDS.say("picture.key"), g -> {
            AffineTransform toPage = AffineTransform.getTranslateInstance(0, height / 2);
            toPage.scale(scale, scale);
            new PaperBrush(g, setting.look(), toPage)
                    .paint(Legend.of(played.drill().lineKey(), unit));
        });
    }
}
