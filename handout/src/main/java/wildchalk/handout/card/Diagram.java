package wildchalk.handout.card;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.scene.Board;
import wildchalk.core.scene.Frame;
import wildchalk.core.scene.Ink;
import wildchalk.core.scene.Legend;
import wildchalk.core.scene.SetOutShapes;
import wildchalk.core.scene.Shape;
import wildchalk.core.setout.Sheet;
import wildchalk.core.timeline.Beat;
import wildchalk.handout.order.Played;
import wildchalk.handout.paint.PaperBrush;

/** The pictures of a card. */
public final class Diagram {

    /** Points that a token is wide at least: its label must be read at arm's length. */
    private static final double TOKEN = 13;

    private static final double TALLEST = 1.4;
    private static final double LOWEST = 0.34;
    private static final double AFTER = 7;

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

    /** How large the picture is, points: as wide as the column, unless it would be too high then. */
    private Rectangle2D area(Frame frame) {
        boolean upright = Math.abs(Math.sin(frame.turn())) > 0.5;
        double shape = upright
                ? frame.view().width() / frame.view().height()
                : frame.view().height() / frame.view().width();
        double sure = Math.max(LOWEST, Math.min(TALLEST, shape));
        double height = Math.min(highest, setting.width() * sure);
        return new Rectangle2D.Double(0, 0, Math.min(setting.width(), height / sure), height);
    }

    /** How wide the picture of a rung is, points. */
    public double width(Played played) {
        return area(played.frame()).getWidth();
    }

    /** A rung as it begins, with all that happens on it. */
    Slice of(Played played) {
        return slice(played, said(played), board -> all(board, 0));
    }

    /** The same so small that nobody could read the numbers of what is done. */
    public Slice small(Played played) {
        return slice(played, said(played), board -> {
            List<Shape> shapes = new ArrayList<>(board.ground());
            shapes.addAll(board.plainChalk());
            shapes.addAll(board.live(0, Set.of(), Set.of()));
            return shapes;
        });
    }

    private static List<Shape> all(Board board, double t) {
        List<Shape> shapes = new ArrayList<>(board.ground());
        shapes.addAll(board.chalk(Set.of()));
        shapes.addAll(board.live(t, Set.of(), Set.of()));
        return shapes;
    }

    /** Some beats of a rung, everybody where they are when the first of them begins. */
    Slice of(Played played, List<Beat> beats) {
        Set<String> actions =
                Set.copyOf(beats.stream().flatMap(b -> b.actions().stream()).toList());
        double t = beats.get(0).t();
        return slice(
                played,
                "Beats " + beats.get(0).n() + " to "
                        + beats.get(beats.size() - 1).n() + " of " + played.name() + ".",
                board -> {
                    List<Shape> shapes = new ArrayList<>(board.ground());
                    shapes.addAll(board.chalk(
                            Set.of(),
                            id -> actions.contains(id)
                                    || played.stage().action(id).isEmpty()));
                    shapes.addAll(board.live(t, Set.of(), Set.of()));
                    return shapes;
                });
    }

    /** The gear alone, with the numbers of the sheet. */
    Slice gear(Played played, Sheet sheet) {
        Set<String> gear =
                Set.copyOf(sheet.steps().stream().map(s -> s.piece().id()).toList());
        return slice(played, "Where the gear goes, with the numbers of the list.", board -> {
            List<Shape> shapes = new ArrayList<>(board.ground());
            shapes.addAll(board.chalk(Set.of(), gear::contains));
            shapes.addAll(SetOutShapes.of(sheet, board.frame(), Set.of()));
            return shapes;
        });
    }

    private static String said(Played played) {
        return "Picture of " + played.name() + " on " + played.surface().name()
                + ": everybody as they begin, and a line for each thing that is done, "
                + "with the numbers of the text.";
    }

    private interface Contents {
        List<Shape> of(Board board);
    }

    private Slice slice(Played played, String instead, Contents contents) {
        Rectangle2D area = area(played.frame());
        return new Slice(
                area.getHeight() + AFTER,
                false,
                (pdf, x, y) -> pdf.tagged(
                        "Figure",
                        Optional.of(instead),
                        () -> pdf.picture(
                                new Rectangle2D.Double(x, y, area.getWidth(), area.getHeight()),
                                g -> paint(g, area, played, contents))));
    }

    private void paint(Graphics2D g, Rectangle2D area, Played played, Contents contents) {
        AffineTransform toPage = PaperBrush.fit(played.frame(), played.surface().surroundings(), area);
        double scale = Math.sqrt(Math.abs(toPage.getDeterminant()));
        double wanted = token / 2 / scale;
        Frame frame =
                played.frame().scaled(Math.max(0.8, wanted / played.frame().unit()));
        g.clip(area);
        g.setPaint(new Color(setting.look().colour(Ink.AROUND)));
        g.fill(area);
        new PaperBrush(g, setting.look(), toPage).paint(contents.of(played.board(frame)));
    }

    /** What the lines mean. */
    Slice key(Played played) {
        double unit = 1;
        double scale = Math.min(setting.size() * 0.95, setting.width() / Legend.width(unit));
        double height = scale * 2.4;
        return new Slice(
                height + AFTER,
                false,
                (pdf, x, y) -> pdf.tagged(
                        "Figure",
                        Optional.of("What the lines mean."),
                        () -> pdf.picture(new Rectangle2D.Double(x, y, setting.width(), height), g -> {
                            AffineTransform toPage = AffineTransform.getTranslateInstance(0, height / 2);
                            toPage.scale(scale, scale);
                            new PaperBrush(g, setting.look(), toPage)
                                    .paint(Legend.of(played.drill().lineKey(), unit));
                        })));
    }
}
