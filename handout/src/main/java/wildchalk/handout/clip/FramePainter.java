package wildchalk.handout.clip;

import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import wildchalk.core.drill.Instruction.Freeze;
import wildchalk.core.drill.Piece;
import wildchalk.core.flow.Replay;
import wildchalk.core.motion.Pose;
import wildchalk.core.scene.AnswerShapes;
import wildchalk.core.scene.Board;
import wildchalk.core.scene.Frame;
import wildchalk.core.scene.Ink;
import wildchalk.core.scene.Look;
import wildchalk.core.show.Subtitles;
import wildchalk.core.wording.Wordbook;
import wildchalk.handout.order.Order;
import wildchalk.handout.order.Played;
import wildchalk.handout.paint.PaperBrush;
import wildchalk.handout.type.Lines;
import wildchalk.handout.type.Typeface;

/** Paints the frames of a reel. What stands still in a rung is painted once. */
final class FramePainter {

    private static final double MARGIN = 0.025;
    /** Heights of the two bands, as shares of the shorter side. */
    private static final double HEAD = 0.075;

    private static final double FOOT = 0.17;
    private static final int MOST_LINES = 4;

    private static final Wordbook WORDS = Wordbook.beside(FramePainter.class, "Clip");

    private final Order order;
    private final int width;
    private final int height;
    private final Rectangle board;
    private final BufferedImage image;
    private Played standing;
    private Prepared prepared;
    private Shot.Many ofMany;
    private Prepared preparedMany;

    /** A rung made ready: its board, and a frame with all of it that stands still. */
    private record Prepared(Board board, AffineTransform toPixels, BufferedImage still) {}

    FramePainter(Order order, int width, int height) {
        this.order = order;
        this.width = width;
        this.height = height;
        double side = Math.min(width, height);
        int head = (int) Math.round(side * HEAD);
        int foot = order.film().captions() ? (int) Math.round(side * FOOT) : 0;
        this.board = new Rectangle(0, head, width, height - head - foot);
        this.image = new BufferedImage(width, height, BufferedImage.TYPE_3BYTE_BGR);
    }

    /** The frame at a moment; the same image is painted over by the next call. */
    BufferedImage paint(Reel.Moment moment) {
        Graphics2D g = image.createGraphics();
        hints(g);
        try {
            if (moment.shot() instanceof Shot.Title title) {
                title(g, title);
            } else if (moment.shot() instanceof Shot.Play play) {
                playing(g, play.played(), play.t(moment.into()));
            } else if (moment.shot() instanceof Shot.Many many) {
                many(g, many, many.t(moment.into()));
            } else {
                frozen(g, (Shot.Frozen) moment.shot());
            }
        } finally {
            g.dispose();
        }
        return image;
    }

    private static void hints(Graphics2D g) {
        g.setRenderingHint(RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_FRACTIONALMETRICS, RenderingHints.VALUE_FRACTIONALMETRICS_ON);
    }

    private Look look() {
        return order.look();
    }

    private Color ink(Ink ink) {
        return new Color(look().colour(ink), true);
    }

    private void title(Graphics2D g, Shot.Title title) {
        g.setPaint(ink(Ink.AROUND));
        g.fillRect(0, 0, width, height);
        double size = Math.min(width, height) * 0.085;
        double y = height * 0.36;
        for (String line : cut(Lines.wrapped(title.words(), Typeface.TITLE, size, width * 0.86))) {
            text(
                    g,
                    line,
                    Typeface.TITLE,
                    size,
                    Ink.CHALK,
                    (width - Lines.width(line, Typeface.TITLE, size)) / 2,
                    y += size * 1.2);
        }
        double small = size * 0.45;
        y += small;
        for (String line : cut(Lines.wrapped(title.below(), Typeface.TEXT, small, width * 0.86))) {
            text(
                    g,
                    line,
                    Typeface.TEXT,
                    small,
                    Ink.CHALK,
                    (width - Lines.width(line, Typeface.TEXT, small)) / 2,
                    y += small * 1.4);
        }
    }

    private void playing(Graphics2D g, Played played, double t) {
        Prepared ready = ready(played);
        g.drawImage(ready.still(), 0, 0, null);
        Set<String> lit = t > 0 ? played.timeline().underWay(t) : Set.of();
        g.setClip(board);
        PaperBrush brush = new PaperBrush(g, look(), ready.toPixels());
        // The glow lies under the lines, which are part of the picture already: those that shine are drawn once more.
        brush.paint(ready.board().glow(lit));
        brush.paint(ready.board().chalk(Set.of(), lit::contains));
        brush.paint(ready.board().live(t, lit, Set.of()));
        g.setClip(null);
        caption(
                g,
                Subtitles.at(played.script(), t).stream()
                        .map(l -> Subtitles.words(l, played.stage()))
                        .collect(Collectors.joining(" ")),
                Ink.CHALK);
    }

    private void many(Graphics2D g, Shot.Many many, double t) {
        if (ofMany == null || ofMany.played() != many.played()) {
            ofMany = many;
            preparedMany = prepare(many.played(), id -> !isLineUp(many.played(), id));
        }
        Board shown = preparedMany.board();
        g.drawImage(preparedMany.still(), 0, 0, null);
        g.setClip(board);
        PaperBrush brush = new PaperBrush(g, look(), preparedMany.toPixels());
        Replay replay = many.reps().replay();
        for (String letter : replay.letters()) {
            Replay.Now now = replay.at(letter, t);
            brush.paint(shown.somebody(many.reps().wearing(now.role(), letter), new Pose(now.at(), now.facing())));
        }
        replay.ballsDrawn(t, shown.frame().unit()).forEach(b -> brush.paint(shown.ballAt(b.at())));
        g.setClip(null);
        caption(g, WORDS.say("rep", many.reps().rep(t), many.reps().starts().size()), Ink.CHALK);
    }

    private static boolean isLineUp(Played played, String id) {
        return played.stage().person(id).filter(Piece.LineUp.class::isInstance).isPresent();
    }

    private void frozen(Graphics2D g, Shot.Frozen frozen) {
        Played played = frozen.played();
        Prepared ready = ready(played);
        g.drawImage(ready.still(), 0, 0, null);
        g.setClip(board);
        PaperBrush brush = new PaperBrush(g, look(), ready.toPixels());
        brush.paint(ready.board().live(frozen.t(), Set.of(), Set.of()));
        Freeze freeze = frozen.freeze();
        brush.paint(AnswerShapes.frozen(
                ready.board(),
                freeze,
                played.stage(),
                played.timeline(),
                played.surface(),
                order.units().unit(),
                frozen.answered()));
        g.setClip(null);
        caption(g, frozen.answered() && !freeze.answer().isBlank() ? freeze.answer() : freeze.question(), Ink.ASK);
    }

    private Prepared ready(Played played) {
        if (played != standing) {
            standing = played;
            prepared = prepare(played, id -> true);
        }
        return prepared;
    }

    /** Metres of a token's radius on a clip of a rung. */
    static double unit(Order order, Played played) {
        Order.Film.Shape shape = order.film().shape();
        FramePainter as = new FramePainter(order, shape.width(), shape.height());
        return as.frame(played).unit();
    }

    /** What is shown, with tokens larger than on the board: it is seen on a phone. */
    private Frame frame(Played played) {
        Frame usual = played.frame();
        AffineTransform toPixels = PaperBrush.fit(usual, played.surface().surroundings(), board);
        double scale = Math.sqrt(Math.abs(toPixels.getDeterminant()));
        double least = Math.min(width, height) * 0.019 / scale;
        return usual.scaled(Math.max(1, least / usual.unit()));
    }

    /** @param wanted ids of what is drawn of what stands still */
    private Prepared prepare(Played played, Predicate<String> wanted) {
        AffineTransform toPixels =
                PaperBrush.fit(played.frame(), played.surface().surroundings(), board);
        Board shown = played.board(frame(played));
        BufferedImage still = new BufferedImage(width, height, BufferedImage.TYPE_3BYTE_BGR);
        Graphics2D g = still.createGraphics();
        hints(g);
        g.setPaint(ink(Ink.AROUND));
        g.fillRect(0, 0, width, height);
        g.setClip(board);
        PaperBrush brush = new PaperBrush(g, look(), toPixels);
        brush.paint(shown.ground());
        brush.paint(shown.chalk(Set.of(), wanted));
        g.setClip(null);
        double size = board.y * 0.55;
        String name = played.drill().title() + (played.drill().ladder().size() > 1 ? "  ·  " + played.name() : "");
        List<String> cut = Lines.wrapped(name, Typeface.TITLE, size, width * (1 - 2 * MARGIN));
        text(
                g,
                cut.get(0) + (cut.size() > 1 ? " …" : ""),
                Typeface.TITLE,
                size,
                Ink.CHALK,
                width * MARGIN,
                board.y * 0.7);
        g.dispose();
        return new Prepared(shown, toPixels, still);
    }

    private void caption(Graphics2D g, String words, Ink ink) {
        if (!order.film().captions() || words.isBlank()) {
            return;
        }
        double foot = height - board.getMaxY();
        double size = foot * 0.25;
        List<String> lines = Lines.wrapped(words, Typeface.TEXT_BOLD, size, width * (1 - 2 * MARGIN));
        while (lines.size() * size * 1.25 > foot * 0.92 && size > foot * 0.12) {
            size *= 0.92;
            lines = Lines.wrapped(words, Typeface.TEXT_BOLD, size, width * (1 - 2 * MARGIN));
        }
        double y = board.getMaxY() + (foot - Math.min(lines.size(), foot / size / 1.25) * size * 1.25) / 2;
        for (String line : lines) {
            y += size * 1.25;
            if (y < height) {
                text(g, line, Typeface.TEXT_BOLD, size, ink, width * MARGIN, y - size * 0.3);
            }
        }
    }

    private static List<String> cut(List<String> lines) {
        return lines.size() <= MOST_LINES ? lines : new ArrayList<>(lines.subList(0, MOST_LINES));
    }

    private void text(Graphics2D g, String words, Typeface face, double size, Ink ink, double x, double y) {
        Font font = face.fontFor(words, (float) size);
        g.setFont(font);
        g.setPaint(ink(ink));
        g.drawString(words, (float) x, (float) y);
    }
}
