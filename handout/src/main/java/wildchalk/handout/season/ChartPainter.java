package wildchalk.handout.season;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.geom.Arc2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import wildchalk.core.log.chart.Chart;
import wildchalk.handout.type.Lines;
import wildchalk.handout.type.Typeface;

/** Paints a drawing of the log on paper, in black and greys. */
final class ChartPainter {

    private static final Color INK = new Color(0x1D2B2A);
    private static final Color SOFT = new Color(0x5C6662);
    private static final Color HAIR = new Color(0xC9C9C9);
    private static final float SIZE = 13;
    private static final String MORE = "\u2026";

    private ChartPainter() {}

    static void paint(Chart chart, Graphics2D g) {
        g.setStroke(new BasicStroke(0.8f));
        g.setColor(HAIR);
        chart.lines().forEach(l -> g.draw(new Line2D.Double(l.x1(), l.y1(), l.x2(), l.y2())));
        chart.words().forEach(w -> write(w, g));
        g.setColor(INK);
        chart.marks().forEach(m -> mark(m, g));
    }

    private static void write(Chart.Words words, Graphics2D g) {
        Typeface face = words.weight() == Chart.Weight.STRONG ? Typeface.TEXT_BOLD : Typeface.TEXT;
        g.setColor(words.weight() == Chart.Weight.QUIET ? SOFT : INK);
        String text = cut(words, face);
        Font font = face.fontFor(text, SIZE);
        double wide = Lines.width(text, face, SIZE);
        double x = words.x()
                - switch (words.side()) {
                    case LEFT -> 0;
                    case MIDDLE -> wide / 2;
                    case RIGHT -> wide;
                };
        g.setFont(font);
        g.drawString(text, (float) x, (float) words.y());
    }

    private static String cut(Chart.Words words, Typeface face) {
        String text = words.text();
        if (Lines.width(text, face, SIZE) <= words.most()) {
            return text;
        }
        int end = text.length();
        while (end > 1 && Lines.width(text.substring(0, end) + MORE, face, SIZE) > words.most()) {
            end--;
        }
        return text.substring(0, end).stripTrailing() + MORE;
    }

    private static void mark(Chart.Mark mark, Graphics2D g) {
        double r = mark.wide() / 2;
        Ellipse2D round = new Ellipse2D.Double(mark.x() - r, mark.y() - r, 2 * r, 2 * r);
        switch (mark.kind()) {
            case STROKE -> {
                double half = Math.max(0, (mark.tall() - mark.wide()) / 2);
                g.setStroke(new BasicStroke((float) mark.wide(), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
                g.draw(new Line2D.Double(mark.x(), mark.y() - half, mark.x(), mark.y() + half));
            }
            case DOT -> g.fill(round);
            case HALF -> {
                g.setStroke(new BasicStroke(1.5f));
                g.draw(round);
                g.fill(new Arc2D.Double(round.getBounds2D(), 90, 180, Arc2D.CHORD));
            }
            case RING -> {
                g.setStroke(new BasicStroke(1.5f));
                g.draw(round);
            }
            case CROSS -> {
                g.setStroke(new BasicStroke(2.5f));
                g.draw(new Line2D.Double(mark.x() - r, mark.y() - r, mark.x() + r, mark.y() + r));
                g.draw(new Line2D.Double(mark.x() - r, mark.y() + r, mark.x() + r, mark.y() - r));
            }
        }
    }
}
